// A piece of the kiln on screen: laid, fired, slumped, cut, judged; every screen of it says the same figure.
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';
import { houseForAll, nightChecked, openAt } from '../../../../testing/house';
import { useDraft } from '../../../stores/draft';
import { seen } from '../../../../testing/seen';

houseForAll(true);

const PLATE = 'Tide-line plate';

async function atPiece(name: string, sheet?: string): Promise<UserEvent> {
  const { user } = openAt('/pieces');
  await user.click(await screen.findByRole('link', { name }));
  await screen.findByRole('region', { name: 'Answers' });
  if (sheet !== undefined) await user.click(await screen.findByRole('link', { name: sheet }));
  return user;
}

const type = async (user: UserEvent, label: RegExp, text: string, which = 0): Promise<void> => {
  const field = screen.getAllByRole('textbox', { name: label })[which];
  if (!field) throw new Error(`there is no field ${String(label)}`);
  await user.clear(field);
  await user.type(field, `${text}{Enter}`);
};

/** A thing that is laid, in the drawing; the list beside it has it too. */
const laidOne = async (name: RegExp): Promise<Element> => {
  const all = await screen.findAllByRole('button', { name });
  const drawn = all.find((b) => b.closest('svg'));
  if (!drawn) throw new Error('it is not drawn');
  return drawn;
};

it('from above it opens, keeps its outline, holds together, and says its weight as the band does', async () => {
  await atPiece(PLATE);
  await seen(() => screen.getByRole('heading', { name: 'It keeps its outline' }));
  const settles = screen.getByText(/in the middle,/);
  const mass = /([\d.]+) g of glass/.exec(settles.textContent)?.[1];
  expect(mass).toBeDefined();
  expect(screen.getByRole('region', { name: 'Answers' })).toHaveTextContent(
    `Glass${String(mass)}g`,
  );
  const holds = screen.getByRole('heading', { name: 'What holds together' }).parentElement;
  expect(holds).toHaveTextContent(/good/i);
  expect(holds).not.toHaveTextContent(/\bno\b,? by/);
});

it('what is laid beside a stranger is told; thicker it spreads, a dam holds it, one key takes it back', async () => {
  const user = await atPiece(PLATE);
  await user.click(await laidOne(/^sheet 260 mm, Ebb/));
  await user.selectOptions(screen.getByRole('combobox', { name: 'Of' }), 'Deep water');
  const [worst] = await screen.findAllByText(/by stress/);
  expect(worst).toHaveTextContent(/by stress [\d.]+ MPa no/);
  useDraft.temporal.getState().undo();
  await type(user, /^Thick/, '9');
  await seen(() => screen.getByRole('heading', { name: /It spreads/ }));
  await type(user, /^Dams round it stand/, '20');
  await seen(() => screen.getByText(/Behind its dams/));
});

it('what is in hand can be moved, turned, mirrored, laid lower and taken away', async () => {
  const user = await atPiece(PLATE);
  const laid = () => useDraft.getState().document?.kiln?.laid ?? [];
  await user.click(await laidOne(/^frit 160 mm/));
  const before = laid().length;
  await type(user, /^To the right/, '12');
  await type(user, /^Turned/, '30');
  expect(laid().at(-1)).toMatchObject({ x: 0.012 });
  expect(laid().at(-1)?.turn).toBeCloseTo(Math.PI / 6, 6);
  await user.click(screen.getByRole('button', { name: 'Copy, mirrored' }));
  expect(laid()).toHaveLength(before + 1);
  expect(laid().at(-1)).toMatchObject({ x: -0.012, mirrored: true });
  await user.click(screen.getByRole('button', { name: 'Lay lower' }));
  expect(laid().at(-2)).toMatchObject({ x: -0.012 });
  await user.click(screen.getByRole('button', { name: 'Take away' }));
  expect(laid()).toHaveLength(before);
  await user.click(await laidOne(/^strip 8.0 mm × 60/));
  await user.click(screen.getByRole('button', { name: 'Six round the middle' }));
  expect(laid()).toHaveLength(before + 5);
});

it('a firing says what it does in millimetres, by its name; ten degrees beside it; what does its aim is a key', async () => {
  const user = await atPiece(PLATE, 'Firing');
  await seen(() => screen.getByRole('heading', { name: /full ?: its edges round by 4\.5.mm/i }));
  const [beside] = screen.getAllByRole('table', { name: 'A little otherwise' });
  expect(within(beside as HTMLElement).getAllByRole('row')).toHaveLength(5);
  await type(user, /^Process at/, '740');
  await seen(() => screen.getByRole('heading', { name: /tack|contour/i }));
  await user.click(screen.getByRole('button', { name: /784.°C does that in this hold/ }));
  await seen(() => screen.getByRole('heading', { name: /full ?: its edges/i }));
  await type(user, /^Process at/, '2000');
  await seen(() => screen.getByText(/at most 950|950 °C/));
});

it('the second firing hangs it as a span; a mould deeper than the sheet can reach, or drawn wrong, is told', async () => {
  const user = await atPiece(PLATE, 'Firing');
  expect(await screen.findByText(/Its deepest place is down after/)).toHaveTextContent(
    /where the rim slides in, .* where it is held/,
  );
  await type(user, /^Deep/, '140');
  await seen(() => screen.getByText(/deeper than half its mouth/));
  useDraft.temporal.getState().undo();
  await user.selectOptions(screen.getByRole('combobox', { name: 'Form' }), 'by its profile');
  await type(user, /^Place 2, deep/, '40');
  await seen(() => screen.getByText(/deeper at place 2/));
});

it('somebody’s firing is judged, line by line', async () => {
  const user = await atPiece(PLATE, 'Firing');
  const which = await screen.findByRole('combobox', { name: 'Which' });
  await user.selectOptions(which, '+');
  const name = await screen.findByRole('textbox', { name: 'Called' });
  await user.type(name, 'hasty fuse');
  await type(user, /^Then held/, '0:05', 2);
  await user.click(screen.getByRole('button', { name: 'Keep it' }));
  expect(await screen.findByText(/for its air/)).toHaveTextContent(/full: rounds by/i);
  expect(screen.getByText(/about its annealing point/)).toBeVisible();
});

it('cutting: every piece from stock in scores that break; what is cut leaves stock, and its rests come back', async () => {
  const user = await atPiece(PLATE, 'Cutting');
  await seen(() => screen.getByRole('heading', { name: /^6 pieces from 4 sheets/ }));
  expect(screen.queryByText(/no sheet of this glass/)).toBeNull();
  const stock = screen.getByRole('group', { name: 'Sheets there are' });
  const before = within(stock).getAllByRole('listitem').length;
  await user.click(screen.getByRole('button', { name: /It is cut/ }));
  await seen(() => screen.getByText(/what is left of it back in/));
  await waitFor(() => {
    expect(within(stock).getAllByRole('listitem').length).toBeGreaterThan(before);
  });
  await type(user, /^Of these/, '40');
  expect(await screen.findAllByText(/used up|large enough/)).not.toHaveLength(0);
});

it('a cast says what to weigh in, and that its mould is to be dry', async () => {
  const user = await atPiece('Mooring weight', 'Firing');
  await seen(() => screen.getByRole('heading', { name: /^Weigh in 56\d g of frit/ }));
  expect(screen.getByText(/bone dry before glass goes in/)).toBeVisible();
  await user.selectOptions(screen.getByRole('combobox', { name: 'Glass as' }), 'blocks and cullet');
  await seen(() => screen.getByRole('heading', { name: /of blocks and cullet/ }));
});

it('its door is one clock: in the band, on its night, and last of its calendar', async () => {
  const user = await atPiece(PLATE, 'Its night');
  await nightChecked();
  const band = screen.getByRole('region', { name: 'Answers' });
  const door = /Door, \D*(\d\d:\d\d)/.exec(band.textContent)?.[1];
  expect(door).toBeDefined();
  expect(await screen.findByRole('heading', { name: /Door may open/ })).toHaveTextContent(
    String(door),
  );
  expect(screen.queryByLabelText('First piece in')).toBeNull();
  const [sheet] = screen.getAllByRole('link', { name: 'Firing' });
  await user.click(sheet as HTMLElement);
  await screen.findAllByText('On the day');
  const doors = screen.getAllByText(/^Door may open/);
  // The last firing's day and clock; a minute either way for what is rounded.
  const told = doors.at(-1)?.textContent ?? '';
  const [, h = '', m = '', half = ''] = /(\d+):(\d\d)(?::\d\d)?\s*([AP]M)?/.exec(told) ?? [];
  const minutes =
    60 * ((Number(h) % 12) + (half === 'PM' ? 12 : half === 'AM' ? 0 : Number(h) >= 12 ? 12 : 0)) +
    Number(m);
  const [dh = 0, dm = 0] = String(door).split(':').map(Number);
  expect(Math.abs(minutes - (60 * dh + dm))).toBeLessThanOrEqual(1);
});

it('a second firing before the first is out is told, with when it is', async () => {
  await atPiece(PLATE, 'Firing');
  const days = await screen.findAllByLabelText('On the day');
  expect(screen.queryByText(/The firing before it is in the kiln/)).toBeNull();
  fireEvent.change(days[1] as HTMLElement, { target: { value: '2027-03-02' } });
  await seen(() => screen.getByText(/The firing before it is in the kiln until/));
});

it('its card has every firing, its order is cut, laid, fired', async () => {
  await atPiece(PLATE, 'Card');
  const card = await screen.findByRole('article', { name: 'Bench card' });
  await seen(() => within(card).getByText(/Cut the sheet/));
  await seen(() => within(card).getByRole('heading', { name: /^Firing 2, slump/ }));
  expect(card).not.toHaveTextContent(/gather/i);
});

it.each([
  ['sheet, fused flat', /It keeps its outline/],
  ['sheet, slumped', /It keeps its outline/],
])('a new piece of %s begins sound, of sheet glass', async (start, says) => {
  const { user } = openAt('/pieces');
  await user.click(await screen.findByRole('button', { name: 'New piece' }));
  await user.click(await screen.findByRole('radio', { name: start }));
  await user.click(screen.getByRole('button', { name: 'Draw it' }));
  await seen(() => screen.getByRole('heading', { name: says }));
  expect(useDraft.getState().document).toMatchObject({ way: 'kiln', glass: 'kiln-sheet-90' });
  await user.click(screen.getByRole('link', { name: 'Firing' }));
  await seen(() => screen.getByRole('heading', { name: /full ?: its edges/i }));
  expect(screen.queryAllByText(/^(No|Watch)\./)).toEqual([]);
});
