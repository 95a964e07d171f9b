// The bench: a piece begun, worked by keys, gone wrong, taken back, boxed and looked back at; nothing tapped is lost while the server is away.
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { MakingEvent, MakingLine } from '@zanfirico/contract';
import { send, unsent } from '../../bench/bench';
import { demoPiece, houseForAll, openAt } from '../../../testing/house';
import { lastTaken } from '../../../testing/taken';

const house = houseForAll(true);

const begin = async (name: string, how: 'Begin' | 'Rehearse without glass') => {
  const opened = openAt('/bench');
  await opened.user.click(await screen.findByRole('link', { name }));
  await opened.user.click(await screen.findByRole('button', { name: how }));
  await screen.findByRole('region', { name: 'Now' });
  // It listens for keys once it has been drawn.
  await new Promise((yes) => setTimeout(yes, 50));
  const id = opened.at().split('/').at(-1) ?? '';
  return { ...opened, id };
};
const now = (): HTMLElement => screen.getByRole('region', { name: 'Now' });
const title = (): string => within(now()).getByRole('heading', { level: 2 }).textContent;
const press = (key: string): void => {
  fireEvent.keyDown(window, { key });
};
const onServer = async (id: string): Promise<MakingEvent[]> => {
  const res = await fetch(`${house.url}/api/makings/${id}`);
  return ((await res.json()) as { events: MakingEvent[] }).events;
};

it('before the fire it says what is to be ready, from the piece’s own plan', async () => {
  const { user } = openAt('/bench');
  await user.type(await screen.findByLabelText('Find a piece to make'), 'gob');
  await user.click(await screen.findByRole('link', { name: 'Quay goblet' }));
  const ready = await screen.findByRole('region', { name: 'Before the fire' });
  expect(ready).toHaveTextContent(/Warm the iron/);
  expect(ready).toHaveTextContent(/Calipers for the gathers: foot 28\.\d mm/);
  expect(ready).toHaveTextContent(/annealer at 505 °C/);
  expect(screen.getByLabelText('Into the annealer')).toBeVisible();
});

it('steps go on by Space and pedal, are skipped, done again and taken back; mishaps and notes are kept', async () => {
  const { user, id } = await begin('Salt cellar', 'Begin');
  expect(title()).toBe('Gather');
  expect(now()).toHaveTextContent(/\d+ g more, calipers \d/);
  press(' ');
  await waitFor(() => {
    expect(title()).not.toBe('Gather');
  });
  const second = title();
  press('PageDown');
  await waitFor(() => {
    expect(title()).not.toBe(second);
  });
  press('u');
  await waitFor(() => {
    expect(title()).toBe(second);
  });
  press('s');
  press('m');
  await user.click(await screen.findByRole('button', { name: 'off centre' }));
  // What is usually done is put in before what was next, with one tap.
  const waits = title();
  await user.click(await screen.findByRole('button', { name: /^Flash, then / }));
  await waitFor(() => {
    expect(title()).toBe('Flash');
  });
  press('s');
  await waitFor(() => {
    expect(title()).not.toBe('Flash');
  });
  press('s');
  await waitFor(() => {
    expect(title()).toBe(waits);
  });
  press('p');
  await user.selectOptions(await screen.findByLabelText('Put in before what is now'), 'shield');
  await waitFor(() => {
    expect(title()).toBe('Shield');
  });
  press('u');
  await waitFor(() => {
    expect(title()).toBe(waits);
  });
  press('o');
  expect(await screen.findByText(/Out for a moment/)).toBeVisible();
  press('o');
  await waitFor(() => {
    expect(screen.queryByText(/Out for a moment/)).toBeNull();
  });
  press('r');
  await user.type(await screen.findByLabelText('A reading'), 'hot{Enter}');
  expect(await screen.findByText(/“hot” is no reading/)).toBeVisible();
  await user.clear(screen.getByLabelText('A reading'));
  await user.type(screen.getByLabelText('A reading'), '2 in{Enter}');
  press('n');
  await user.type(await screen.findByLabelText('A note'), 'a little more glass next time{Enter}');
  press('f');
  await screen.findByText('in the fire');
  await waitFor(async () => {
    expect((await onServer(id)).map((e) => e.kind)).toEqual([
      'step',
      'step',
      'taken back',
      'step',
      'mishap',
      'put in',
      'put in',
      'step',
      'step',
      'put in',
      'taken back',
      'away',
      'away',
      'reading',
      'note',
      'fire',
    ]);
  });
  // Another window of the same making has all of it.
  cleanup();
  openAt(`/bench/${id}`);
  await screen.findByText('in the fire');
});

it('is boxed when every step is done, and looked back at with what was taken', async () => {
  const { user, id } = await begin('Salt cellar', 'Rehearse without glass');
  await user.click(screen.getByRole('button', { name: '×8' }));
  for (let k = 0; k < 60 && screen.queryByText('Every step is done') === null; k += 1) press(' ');
  await screen.findByText('Every step is done');
  press(' ');
  expect(await screen.findByText(/Rehearsed: in the front box after/)).toBeVisible();
  expect(screen.getByText(/The glass would have (come through|been lost)/)).toBeVisible();
  await user.click(screen.getByRole('button', { name: 'Its events (CSV)' }));
  const csv = await lastTaken();
  expect(csv?.name).toMatch(/making\.csv$/);
  expect(csv?.text.split('\r\n')[0]).toBe('number,at,second,kind,step,says,id');
  await user.click(screen.getByRole('button', { name: 'All of it (JSON)' }));
  expect(JSON.parse((await lastTaken())?.text ?? '{}')).toMatchObject({
    format: 'zanfirico.making',
    begin: { id },
  });
  const rows = screen.getAllByRole('row');
  expect(rows.length).toBeGreaterThan(8);
  expect(rows[1]).toHaveTextContent(/^Gather/);
  cleanup();
  openAt('/bench');
  const made = await screen.findByRole('region', { name: 'Made' });
  expect(await within(made).findByText(/^rehearsed/)).toBeVisible();
  await waitFor(async () => {
    const list = (await (await fetch(`${house.url}/api/makings`)).json()) as MakingLine[];
    expect(list.find((m) => m.id === id)).toMatchObject({ ended: 'boxed', rehearsal: true });
  });
});

it('a helper’s screen has their own next job with a count-down, and their call is seen', async () => {
  const crew = [
    { id: 'g', name: 'gaffer', skills: ['gaff', 'gather', 'blow'] as const },
    { id: 'b', name: 'bit hand', skills: ['bit', 'shield', 'door'] as const },
  ];
  const goblet = demoPiece('Quay goblet');
  const piece = await house.store.create({
    ...goblet,
    sequence: {
      chosen: 0,
      helpers: true,
      variants: [],
      crew: crew.map((p) => ({ ...p, skills: [...p.skills] })),
    },
  });
  const { user } = openAt(`/bench/begin/${piece.id}`);
  await user.click(await screen.findByRole('button', { name: 'Begin' }));
  await screen.findByRole('region', { name: 'Now' });
  await new Promise((yes) => setTimeout(yes, 50));
  await user.selectOptions(screen.getByLabelText('This screen is for'), 'the bit hand');
  const lane = await screen.findByRole('region', { name: 'For the bit hand' });
  expect(lane).toHaveTextContent(/Bring a bit in \d:\d\d/);
  // A step later it is nearer by as much as that step was planned.
  const seconds = (): number => {
    const [, m, s] = /in (\d+):(\d\d)/.exec(lane.textContent) ?? [];
    return 60 * Number(m) + Number(s);
  };
  const before = seconds();
  press(' ');
  await waitFor(() => {
    expect(seconds()).toBeLessThan(before - 5);
  });
  await user.click(within(lane).getByRole('button', { name: 'coming' }));
  expect(await screen.findByText('bit hand: coming')).toBeVisible();
});

it('what is tapped while the server is away stays here, and goes to it later, in order and once', async () => {
  const { id } = await begin('Salt cellar', 'Begin');
  await waitFor(async () => {
    expect((await unsent(id)).begin).toBeUndefined();
  });
  const there = globalThis.fetch;
  globalThis.fetch = () => Promise.reject(new Error('away'));
  press(' ');
  press(' ');
  press('f');
  await waitFor(async () => {
    expect((await unsent(id)).events.map((e) => e.kind)).toEqual(['step', 'step', 'fire']);
  });
  // Opened again meanwhile, all of it is there to go on with.
  const third = title();
  cleanup();
  openAt(`/bench/${id}`);
  await screen.findByText('in the fire');
  expect(title()).toBe(third);
  globalThis.fetch = there;
  await send(id);
  await waitFor(async () => {
    expect((await onServer(id)).map((e) => e.kind)).toEqual(['step', 'step', 'fire']);
  });
  expect((await unsent(id)).events).toEqual([]);
});

it('a making nobody knows is said not to be there', async () => {
  openAt('/bench/00000000-0000-4000-8000-000000000000');
  expect(await screen.findByRole('alert')).toHaveTextContent('There is no such making here.');
});
