// The bench: a piece begun, worked by keys, gone wrong, taken back, boxed and looked back at; nothing tapped is lost while the server is away.
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { MakingBegin, MakingEvent, MakingLine } from '@zanfirico/contract/making';
import type { ShopDocument } from '@zanfirico/contract/shop';
import { send, unsent } from '../../making/bench';
import { demoPiece, houseForAll, openAt } from '../../../testing/house';
import { lastTaken } from '../../../testing/taken';
import { seen } from '../../../testing/seen';

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

/** With another crew or pot the order is placed anew before it can be begun. */
async function beginIt(user: ReturnType<typeof openAt>['user']): Promise<void> {
  const button = await screen.findByRole('button', { name: 'Begin' });
  await waitFor(() => {
    expect(button).toBeEnabled();
  });
  await user.click(button);
}

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
  await seen(() => screen.getByText(/Out for a moment/));
  press('o');
  await waitFor(() => {
    expect(screen.queryByText(/Out for a moment/)).toBeNull();
  });
  press('r');
  await user.type(await screen.findByLabelText('A reading'), 'hot{Enter}');
  await seen(() => screen.getByText(/“hot” is no reading/));
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
  await seen(() => screen.getByText(/Rehearsed: in the front box after/));
  expect(screen.getByText(/The glass would have (come through|been lost)/)).toBeVisible();
  // The braid as planned, and as it went.
  expect(screen.getAllByRole('img', { name: /^The braid:/ })).toHaveLength(2);
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
  await seen(() => within(made).getByText(/^rehearsed/));
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
    name: 'Crewed goblet',
    sequence: {
      chosen: 0,
      helpers: true,
      variants: [],
      crew: crew.map((p) => ({ ...p, skills: [...p.skills] })),
    },
  });
  const { user } = openAt(`/bench/begin/${piece.id}`);
  await beginIt(user);
  await screen.findByRole('region', { name: 'Now' });
  await new Promise((yes) => setTimeout(yes, 50));
  await user.selectOptions(screen.getByLabelText('This screen is for'), 'the bit hand');
  const lane = await screen.findByRole('region', { name: 'For the bit hand' });
  expect(lane).toHaveTextContent(/Bring a bit merese in \d:\d\d/);
  // A step later, done in no time, the bench is ahead, and they are wanted sooner.
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
  await seen(() => screen.getByText('bit hand: coming'));
});

it('who is here, what hole and pot stand at, and what was ready since when go with the making', async () => {
  const { user, at } = openAt('/bench');
  await user.click(await screen.findByRole('link', { name: 'Salt cellar' }));
  const list = await screen.findByRole('region', { name: 'Before the fire' });
  await user.click(within(list).getAllByRole('checkbox')[0] as HTMLElement);
  expect(list).toHaveTextContent(/since \d\d:\d\d, ready \d\d:\d\d/);
  await user.selectOptions(screen.getByLabelText('Who is here'), 'One');
  expect(screen.getByRole('region', { name: 'The crew' })).toHaveTextContent('gaffer everything');
  await user.clear(await screen.findByLabelText(/^Pot/));
  await user.type(screen.getByLabelText(/^Pot/), '1120{Enter}');
  await user.clear(screen.getByLabelText('of how many'));
  await user.type(screen.getByLabelText('of how many'), '6{Enter}');
  await waitFor(() => {
    expect(screen.getByLabelText(/^Pot/)).toHaveValue('1120');
  });
  await beginIt(user);
  await screen.findByRole('region', { name: 'Now' });
  const id = at().split('/').at(-1) ?? '';
  await waitFor(async () => {
    const { begin } = (await (await fetch(`${house.url}/api/makings/${id}`)).json()) as {
      begin: MakingBegin;
    };
    expect(begin).toMatchObject({ potTemperature: 1120, of: 6, number: 1 });
    expect(begin.crew?.map((p) => p.name)).toEqual(['gaffer']);
    expect(begin.ready?.[0]?.what).toBe('warmIron');
    expect(new Set(begin.lanes)).toEqual(new Set([0]));
  });
  expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('no. 1 of 6');
});

it('a helper begins and ends their own job on their own screen, and the lead’s step stays', async () => {
  const { user, id } = await begin('Quay goblet', 'Begin');
  await user.selectOptions(screen.getByLabelText('This screen is for'), 'the second hand');
  const lane = await screen.findByRole('region', { name: 'For the second hand' });
  // Their next may be a hand in the lead's own step: the lead goes on until it is one of theirs.
  for (
    let k = 0;
    k < 40 && within(lane).queryByRole('button', { name: 'I begin' }) === null;
    k += 1
  ) {
    press(' ');
    await new Promise((yes) => setTimeout(yes, 20));
  }
  const step = title();
  await user.click(await within(lane).findByRole('button', { name: 'I begin' }));
  await seen(() => within(lane).getByRole('button', { name: 'Done' }));
  expect(lane).toHaveTextContent(/at it 0:0\d/);
  expect(title()).toBe(step);
  await user.click(within(lane).getByRole('button', { name: 'Done' }));
  await waitFor(async () => {
    const mine = (await onServer(id)).slice(-2);
    expect(mine.map((e) => e.kind === 'step' && e.what)).toEqual(['begun', 'done']);
  });
  expect(title()).toBe(step);
});

it('a making that went on elsewhere is read in from its file; a file that is none is refused', async () => {
  const { id } = await begin('Salt cellar', 'Begin');
  press(' ');
  await waitFor(async () => {
    expect(await onServer(id)).toHaveLength(1);
  });
  const making = (await (await fetch(`${house.url}/api/makings/${id}`)).json()) as {
    begin: MakingBegin;
    events: MakingEvent[];
  };
  cleanup();
  const elsewhere = crypto.randomUUID();
  const text = JSON.stringify({
    format: 'zanfirico.making',
    version: 1,
    begin: { ...making.begin, id: elsewhere, number: 4 },
    events: making.events.map((e) => ({ ...e, id: crypto.randomUUID() })),
  });
  const { user, at } = openAt('/bench');
  const field = await screen.findByLabelText('A making’s file');
  await user.upload(
    field,
    new File(['{"format":"soup"}'], 'soup.json', { type: 'application/json' }),
  );
  await seen(() => screen.getByText(/“soup.json” is no making/));
  await user.upload(field, new File([text], 'a.making.json', { type: 'application/json' }));
  await waitFor(() => {
    expect(at()).toBe(`/bench/${elsewhere}`);
  });
  await seen(() => screen.getByRole('heading', { level: 1, name: 'Salt cellar no. 4' }));
});

long(
  'what steps take here is told once they were done three times, and a draft is planned with it',
  async () => {
    for (let k = 0; k < 3; k += 1) {
      const { id } = await begin('Rain gauge', 'Begin');
      const { begin: of } = (await (await fetch(`${house.url}/api/makings/${id}`)).json()) as {
        begin: MakingBegin;
      };
      cleanup();
      // Done at twice the pace of what is ordinary.
      let at = of.at;
      const events = of.steps.flatMap((s, i) => {
        at += Math.round(2000 * (of.ordinary?.[i] ?? s.seconds)) + 1;
        return of.lanes?.[i] === 0
          ? [{ kind: 'step', what: 'done', step: s.id, id: crypto.randomUUID(), at }]
          : [];
      });
      events.push({
        kind: 'boxed',
        annealer: 'the front box',
        id: crypto.randomUUID(),
        at: at + 1,
      } as never);
      await fetch(`${house.url}/api/makings/${id}/events`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ events }),
      });
    }
    const { user } = openAt('/bench');
    const ours = await screen.findByRole('region', { name: 'What steps take here' });
    const row = (await within(ours).findAllByRole('row'))[1] as HTMLElement;
    expect(row).toHaveTextContent(/×2\.0\d/);
    expect(within(row).getByRole('checkbox')).not.toBeChecked();
    await user.click(within(ours).getByRole('button', { name: 'Plan with ours' }));
    await waitFor(async () => {
      const shop = (await (await fetch(`${house.url}/api/shop`)).json()) as {
        document: ShopDocument;
      };
      expect(shop.document.pace?.length).toBeGreaterThan(3);
      expect(shop.document.pace?.[0]?.factor).toBeCloseTo(2, 1);
    });
    await user.click(within(ours).getByRole('button', { name: 'Plan with the ordinary again' }));
    await waitFor(async () => {
      const shop = (await (await fetch(`${house.url}/api/shop`)).json()) as {
        document: ShopDocument;
      };
      expect(shop.document.pace).toEqual([]);
    });
  },
);

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
