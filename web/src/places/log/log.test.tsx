// The log: a morning from the box to why it broke; found by any word; what is lost, with how sure that is.
import { screen, waitFor, within } from '@testing-library/react';
import type { SavedPiece, SavedShop } from '@zanfirico/contract';
import type { LogLine, MakingBegin } from '@zanfirico/contract/making';
import { dayOf } from '../../clock/days';
import { demoPiece, houseForAll, openAt } from '../../../testing/house';
import { seen } from '../../../testing/seen';

const house = houseForAll(true);

let n = 0;
const uuid = (): string => `00000000-0000-4000-8000-${String((n += 1)).padStart(12, '0')}`;
const post = (path: string, body: object): Promise<Response> =>
  fetch(`${house.url}/api${path}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });

/** A piece that came into the box, each step done as planned; then what is told. */
async function boxed(
  name: string,
  ...more: readonly (object | { readonly piece: string })[]
): Promise<string> {
  const piece = more.flatMap((m) => ('piece' in m ? [m.piece] : []))[0] ?? uuid();
  const told = more.filter((m) => !('piece' in m));
  const document = { ...demoPiece('Salt cellar'), name };
  const at = Date.now() - 9 * 3_600_000;
  const part = document.parts[0]?.id ?? 'p1';
  const steps: MakingBegin['steps'] = [
    { id: 's1', kind: 'gather', part, seconds: 14 },
    { id: 's2', kind: 'shapeSolid', part, seconds: 30 },
  ];
  const id = uuid();
  await post('/makings', {
    id,
    piece,
    revision: 1,
    at,
    number: 1,
    document,
    steps,
    starts: [0, 14],
  });
  const done = [
    { kind: 'step', what: 'done', step: 's1', at: at + 14_000 },
    { kind: 'step', what: 'done', step: 's2', at: at + 44_000 },
    { kind: 'boxed', annealer: 'the front box', at: at + 60_000 },
  ];
  const events = [...done, ...told.map((e, i) => ({ at: at + 8 * 3_600_000 + i, ...e }))];
  await post(`/makings/${id}/events`, { events: events.map((e) => ({ id: uuid(), ...e })) });
  return id;
}
const came = async (): Promise<LogLine[]> =>
  (await (await fetch(`${house.url}/api/log/all?outcome=came`)).json()) as LogLine[];

it('empty it says what will stand here', async () => {
  openAt('/log');
  await seen(() => screen.getByText(/what is made at the bench stands here/));
});

it('in the morning each is kept, second or lost with one tap, and no longer waits', async () => {
  const id = await boxed('morning cellar');
  const { user } = openAt('/log');
  const waits = await screen.findByRole('region', { name: 'Out of the box' });
  const buttons = within(waits).getByRole('group', { name: 'How morning cellar came out' });
  await user.click(within(buttons).getByRole('button', { name: 'kept' }));
  await waitFor(() => {
    expect(screen.queryByRole('region', { name: 'Out of the box' })).toBeNull();
  });
  expect((await came()).find((l) => l.id === id)?.outcome).toBe('kept');
});

it('lost: what is seen is picked, causes stand in order with what speaks for them, and the one settled on is kept', async () => {
  const id = await boxed('broken cellar');
  const { user } = openAt(`/bench/${id}`);
  const morning = await screen.findByRole('region', { name: 'Out of the box' });
  await user.click(within(morning).getByRole('button', { name: 'lost' }));
  const why = await screen.findByRole('region', { name: 'Why did it break?' });
  await user.selectOptions(within(why).getByRole('combobox', { name: /^When/ }), 'in the hand');
  await user.selectOptions(
    within(why).getByRole('combobox', { name: /^What its faces/ }),
    'many clean shards',
  );
  await waitFor(() => {
    const [first] = within(why).getAllByRole('listitem');
    expect(first).toHaveTextContent(/^(almost certainly|probably|perhaps).*It was chilled at once/);
    expect(first).toHaveTextContent(/Seen: many clean shards/);
  });
  await user.click(within(why).getAllByRole('button', { name: 'It was this' })[0] as HTMLElement);
  await waitFor(async () => {
    expect((await came()).find((l) => l.id === id)).toMatchObject({
      outcome: 'lost',
      cause: 'thermal shock',
    });
  });
  // Taken back step by step: the cause, then what was seen.
  await user.click(within(morning).getByRole('button', { name: 'Take that back' }));
  await waitFor(async () => {
    expect((await came()).find((l) => l.id === id)?.cause).toBeUndefined();
  });
});

it('found by any word, and kept in the address; what is lost is told with its interval', async () => {
  await boxed('lost cellar', { kind: 'opened', what: 'lost' }, { kind: 'cause', what: 'misfit' });
  const { user } = openAt('/log?find=lost+cellar');
  const made = await screen.findByRole('region', { name: 'Everything made' });
  await seen(() => within(made).getByText('lost: A colour does not fit the glass under it'));
  await user.clear(screen.getByLabelText('Find in the log'));
  await user.type(screen.getByLabelText('Find in the log'), 'nowhere');
  await seen(() => screen.getByText('Nothing in the log is so.'));
  expect(screen.getByLabelText('Find in the log')).toHaveValue('nowhere');
  const lost = screen.getByRole('region', { name: 'What is lost' });
  expect(lost).toHaveTextContent(
    /2 of 3: 67 %, and by so few it may be anything from 21 % to 94 %/,
  );
  expect(
    within(lost).getByRole('img', { name: /^lost cellar: 100 % lost, between 21 % and 100 %/ }),
  ).toBeVisible();
});

it('measured against the drawing: what is off is said, a figure in another unit questioned, and the last holds', async () => {
  const id = await boxed('measured cellar', { kind: 'opened', what: 'second' });
  const { user } = openAt(`/bench/${id}`);
  const table = await screen.findByRole('region', { name: 'Measured against the drawing' });
  const height = within(table).getByRole('textbox', { name: 'Made: height' });
  // 4.1 cm typed as it was read off.
  await user.type(height, '4.1{Enter}');
  await user.click(await within(table).findByRole('button', { name: 'It was 41.0 mm' }));
  const row = within(table).getByRole('row', { name: /^height/ });
  await waitFor(() => {
    expect(row).toHaveTextContent(/\+1.0 mm.*good/);
  });
  await user.type(within(table).getByRole('textbox', { name: 'Made: weight' }), '300{Enter}');
  await waitFor(() => {
    expect(within(table).getByRole('row', { name: /^weight/ })).toHaveTextContent(/\+84 %.*watch/);
  });
  await user.type(
    within(table).getByRole('textbox', { name: 'Made: across the lip' }),
    'wide{Enter}',
  );
  expect(await within(table).findByRole('alert')).toHaveTextContent(/Made: across the lip/);
});

it('between polarisers a colour is megapascals; marks stand on the section and can be taken off', async () => {
  const id = await boxed('looked-through cellar', { kind: 'opened', what: 'kept' });
  const { user } = openAt(`/bench/${id}`);
  const cross = await screen.findByRole('region', { name: 'Between polarisers' });
  await user.clear(within(cross).getByRole('textbox', { name: /^Glass in the way/ }));
  await user.type(within(cross).getByRole('textbox', { name: /^Glass in the way/ }), '10{Enter}');
  await user.clear(within(cross).getByRole('textbox', { name: 'Seen, nm' }));
  await user.type(within(cross).getByRole('textbox', { name: 'Seen, nm' }), '54{Enter}');
  // 27 nm/cm a megapascal.
  await seen(() => within(cross).getByText(/^2.00 MPa$/));
  const marks = screen.getByRole('region', { name: 'Marked on the section' });
  await user.selectOptions(within(marks).getByRole('combobox', { name: 'What' }), 'stone');
  await user.click(within(marks).getByRole('button', { name: 'Mark it' }));
  const list = await within(marks).findByRole('list', { name: 'Marks' });
  expect(within(list).getByRole('listitem')).toHaveTextContent(/^stone 20.0 mm up/);
  await user.click(within(list).getByRole('button', { name: 'not so' }));
  await waitFor(() => {
    expect(within(marks).queryByRole('list', { name: 'Marks' })).toBeNull();
  });
});

it('what a break asks for is put into the plan by one key, as a new revision; and a making becomes the plan of the next', async () => {
  const saved = (await (
    await post('/pieces', { document: { ...demoPiece('Salt cellar'), name: 'lesson cellar' } })
  ).json()) as SavedPiece;
  const id = await boxed('lesson cellar', { piece: saved.id }, { kind: 'opened', what: 'lost' });
  const { user } = openAt(`/bench/${id}`);
  const why = await screen.findByRole('region', { name: 'Why did it break?' });
  await user.selectOptions(
    within(why).getByRole('combobox', { name: 'Or it was something else' }),
    'It cooled too fast for its thickest place or its biggest step',
  );
  const asks = await within(why).findByRole('group', { name: 'What it asks of the plan' });
  expect(asks).toHaveTextContent('Its night holds 30 % in hand, not 15 %.');
  await user.click(within(asks).getByRole('button', { name: 'Put it into the plan' }));
  const read = async () =>
    (await (await fetch(`${house.url}/api/pieces/${saved.id}`)).json()) as SavedPiece;
  await waitFor(async () => {
    expect((await read()).revision).toBe(2);
  });
  expect((await read()).document.firing.inHand).toBe(0.3);
  await seen(() => screen.getByText(/^Its night holds .* Kept as revision 2.$/));
  await user.click(screen.getByRole('button', { name: 'Plan the next one as this was made' }));
  await waitFor(async () => {
    expect((await read()).revision).toBe(3);
  });
  const { sequence, notes } = (await read()).document;
  expect(sequence?.variants.at(-1)).toMatchObject({
    name: 'As made no. 1',
    steps: [
      { kind: 'gather', seconds: 14 },
      { kind: 'shapeSolid', seconds: 30 },
    ],
  });
  expect(notes).toContain('As made no. 1 on ');
});

it('what was measured is learnt from, taken into the plans by a tick and left out of them again', async () => {
  for (const share of [1.05, 1.06, 1.07, 1.06, 30])
    await boxed(
      'learnt cellar',
      { kind: 'opened', what: 'kept' },
      { kind: 'measured', of: 'weight', value: 0.163 * share },
    );
  const { user } = openAt('/log');
  const learnt = await screen.findByRole('region', { name: 'What the shop has learnt' });
  const row = await within(learnt).findByRole('row', { name: /^Weight/ });
  // One wild figure of six moves nothing.
  expect(row).toHaveTextContent(/×1\.0[67]/);
  const tick = within(row).getByRole('checkbox', { name: 'Plan with ours: Weight' });
  await waitFor(() => {
    expect(tick).toBeEnabled();
  });
  const shop = async (): Promise<SavedShop> =>
    (await (await fetch(`${house.url}/api/shop`)).json()) as SavedShop;
  await user.click(tick);
  await waitFor(async () => {
    expect((await shop()).document.learnt?.weight?.factor).toBeCloseTo(1.06, 1);
  });
  await user.click(within(row).getByRole('checkbox'));
  await waitFor(async () => {
    expect((await shop()).document.learnt).toEqual({});
  });
  await user.click(within(learnt).getByRole('button', { name: 'Begin afresh' }));
  await seen(() => within(learnt).getByText(/Nothing was measured since/));
  await user.click(within(learnt).getByRole('button', { name: 'Learn from all of it again' }));
  await seen(() => within(learnt).getByRole('row', { name: /^Weight/ }));
});

it('a day tells what was made, by whom, how much glass and in which box; a word that is no day says so', async () => {
  const id = await boxed('cellar of the day', { kind: 'opened', what: 'lost' });
  const line = (await came()).find((l) => l.id === id);
  openAt(`/log/day/${dayOf(line?.begunAt ?? 0)}`);
  expect(await screen.findByText(/begun,/)).toHaveTextContent(/of glass as drawn.*of it lost/);
  const boxes = screen.getByRole('region', { name: 'In which box' });
  expect(within(boxes).getByRole('row', { name: /^the front box/ })).toBeVisible();
});

it('no day', async () => {
  openAt('/log/day/yesterday');
  await seen(() => screen.getByRole('heading', { name: 'No such day' }));
});

it('makings of one piece stand side by side, chosen by ticks that stay in the address', async () => {
  const piece = uuid();
  await boxed('twin cellar', { piece }, { kind: 'opened', what: 'kept' });
  await boxed(
    'twin cellar',
    { piece },
    { kind: 'opened', what: 'lost' },
    { kind: 'measured', of: 'height', value: 0.0405 },
  );
  const { user } = openAt(`/log/beside/${piece}`);
  const table = await screen.findByRole('table');
  expect(within(table).getAllByRole('columnheader')).toHaveLength(4);
  expect(within(table).getByRole('row', { name: /^came out/ })).toHaveTextContent(/kept/);
  expect(within(table).getByRole('row', { name: /^height/ })).toHaveTextContent(/40.0 mm.*40.5 mm/);
  expect(within(table).getByRole('row', { name: /^Gather/ })).toHaveTextContent(
    /^Gather0:140:140:14$/,
  );
  const [first] = screen.getAllByRole('checkbox');
  await user.click(first as HTMLElement);
  await waitFor(() => {
    expect(within(screen.getByRole('table')).getAllByRole('columnheader')).toHaveLength(3);
  });
});

it('a piece nobody made says so', async () => {
  openAt(`/log/beside/${uuid()}`);
  await seen(() => screen.getByText('It was never made.'));
});
