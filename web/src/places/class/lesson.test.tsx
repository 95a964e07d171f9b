// A class in the page: kept as it is changed, a sheet and a handout with the drawing's own figures, a wall that shows who is where.
import { screen, waitFor, within } from '@testing-library/react';
import type { ClassDocument } from '@zanfirico/contract/class';
import type { MakingBegin, MakingEvent } from '@zanfirico/contract/making';
import { drawnOf } from '@zanfirico/core/log';
import { derive } from '@zanfirico/core/piece';
import { SHIPPED_RACK } from '@zanfirico/core/rack';
import { METRIC, printText } from '@zanfirico/core/units';
import { newClass } from '../../class/newClass';
import { demoPiece, houseForAll, openAt, typeInto } from '../../../testing/house';

const house = houseForAll(true);
const document = demoPiece('Salt cellar');
const glass = SHIPPED_RACK.glass(document.glass);
const derived = glass && derive(document, glass);
if (derived?.ok !== true) throw new Error('the salt cellar can be made');
const height = drawnOf(derived, 'height', undefined) ?? 0;
let n = 0;
const uuid = (): string => `00000000-0000-4000-8000-${String((n += 1)).padStart(12, '0')}`;

const send = async (path: string, method: string, body: object): Promise<void> => {
  const res = await fetch(`${house.url}/api${path}`, {
    method,
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
  expect([200, 201]).toContain(res.status);
};

/** A class of the salt cellar as it stands on the shelf, with two in it at one bench. */
async function aClass(): Promise<ClassDocument> {
  const { lines } = await house.store.page({ find: 'Salt cellar', putAway: false });
  const lesson: ClassDocument = {
    ...newClass({ id: lines[0]?.id ?? '', name: document.name }, derived as never, []),
    id: uuid(),
    name: `Class ${String(n)}`,
    words: [{ kind: 'gather', says: 'Turn all the way in.' }],
    tools: [{ name: 'Jacks', lives: 'on the hook' }],
    students: [
      { id: 'a', name: 'Red apron' },
      { id: 'b', name: 'Blue apron' },
    ],
    benches: [{ name: 'Bench one', pair: ['a', 'b'] }],
  };
  await send(`/classes/${lesson.id}`, 'PUT', lesson);
  return lesson;
}

/** A making in it, begun so long ago, s. */
async function made(lesson: ClassDocument, ago: number, events: readonly object[]): Promise<void> {
  const at = Date.now() - 1000 * ago;
  const begin: MakingBegin = {
    id: uuid(),
    piece: lesson.piece,
    revision: 1,
    at,
    number: 1,
    document,
    steps: [
      { id: 's1', kind: 'gather', part: document.parts[0]?.id ?? 'p1', seconds: 12 },
      { id: 's2', kind: 'marver', part: document.parts[0]?.id ?? 'p1', seconds: 12 },
      { id: 's3', kind: 'box', part: document.parts[0]?.id ?? 'p1', seconds: 10 },
    ],
    starts: [0, 12, 24],
    lesson: { class: lesson.id, student: 'a', bench: 'Bench one' },
  };
  await send('/makings', 'POST', begin);
  await send(`/makings/${begin.id}/events`, 'POST', {
    events: events.map((e, i) => ({ id: uuid(), at: at + 1000 * (i + 1), ...e }) as MakingEvent),
  });
}
const kept = async (id: string): Promise<ClassDocument> =>
  (await (await fetch(`${house.url}/api/classes/${id}`)).json()) as ClassDocument;

it('an exercise is kept as it is changed: calipers, tools, words, pairs', async () => {
  const lesson = await aClass();
  const { user } = openAt(`/class/${lesson.id}`);
  const target = await screen.findByRole('region', { name: 'The target' });
  await typeInto(user, await within(target).findByLabelText('height, over'), '1.5');
  expect(
    within(target).getByText(
      `${printText(height - 0.006, 'length', METRIC)} to ${printText(height + 0.0015, 'length', METRIC)}`,
    ),
  ).toBeInTheDocument();
  await typeInto(user, screen.getByLabelText('Where it lives: Jacks'), 'bench, right-hand side');
  const words = screen.getByRole('region', { name: 'In the teacher’s words' });
  await typeInto(user, await within(words).findByLabelText('Marver'), 'Light and quick.');
  await user.click(screen.getByRole('button', { name: 'A student' }));
  await user.click(screen.getByRole('button', { name: 'Put in pairs' }));
  await waitFor(async () => {
    const now = await kept(lesson.id);
    expect(now.tolerances.find((t) => t.of === 'height')?.over).toBeCloseTo(0.0015, 9);
    expect(now.tools).toEqual([{ name: 'Jacks', lives: 'bench, right-hand side' }]);
    expect(now.words).toContainEqual({ kind: 'marver', says: 'Light and quick.' });
    expect(now.benches.map((b) => b.pair.length)).toEqual([2, 1]);
  });
});

it('a student’s sheet holds what was measured against the drawing, and says what to change', async () => {
  const lesson = await aClass();
  await made(lesson, 90_000, [
    { kind: 'mishap', what: 'half a gather' },
    { kind: 'boxed', annealer: 'front' },
    { kind: 'opened', what: 'kept' },
    { kind: 'measured', of: 'height', value: height },
  ]);
  openAt(`/class/${lesson.id}/sheets`);
  const next = await screen.findByRole('region', { name: 'Next time' });
  expect(next).toHaveTextContent('Take more at the second dip.');
  const row = (await screen.findAllByRole('row'))[1] as HTMLElement;
  expect(row).toHaveTextContent(printText(height, 'length', METRIC));
  expect(row).toHaveTextContent('1 of 1');
  expect(row).toHaveTextContent('half');
});

it('the handout has the same target, the tools and where they live, the words once', async () => {
  const lesson = await aClass();
  openAt(`/class/${lesson.id}/handout`);
  const page = await screen.findByRole('article');
  expect(page).toHaveTextContent(printText(height, 'length', METRIC));
  expect(page).toHaveTextContent('Jacks: on the hook');
  expect(within(page).getAllByText('Turn all the way in.')).toHaveLength(1);
  expect(page).toHaveTextContent(/Slow down, not faster/);
});

it('the teacher’s wall has each bench with its step, and who has not begun; the bench says the teacher’s words', async () => {
  const lesson = await aClass();
  await made(lesson, 20, [
    { kind: 'step', step: 's1', what: 'done' },
    { kind: 'mishap', what: 'half a gather' },
  ]);
  openAt(`/wall/class/${lesson.id}`);
  const benches = await screen.findByRole('list', { name: 'Benches' });
  expect(await within(benches).findByText('Marver')).toBeInTheDocument();
  expect(benches).toHaveTextContent('Red apron');
  expect(benches).toHaveTextContent('half a gather');
  expect(screen.getByRole('region', { name: 'At the hole' })).toHaveTextContent('The hole is free');
});

it('an empty class says what comes first; one that is not there says so', async () => {
  const lesson = await aClass();
  await send(`/classes/${lesson.id}`, 'PUT', { ...lesson, students: [], benches: [] });
  openAt(`/class/${lesson.id}/sheets`);
  expect(await screen.findByText(/Nobody is in the class yet/)).toBeInTheDocument();
  openAt('/class/00000000-0000-4000-8000-00000000ffff');
  expect(await screen.findByText(/There is no such class here/)).toBeInTheDocument();
});
