// Whose turn a step is: by the clock what runs beside the main part is the helper's, by a crew's plan everybody's own.
import type { WorkStep } from '../work/facts';
import { ordinaryCrews } from '../crew/ordinaryCrews';
import { lanesOf, whoDoes } from './lanes';

const step = (id: string, kind: WorkStep['kind'], part: number, seconds: number, to?: number) => ({
  id,
  kind,
  part,
  seconds,
  ...(to !== undefined && { to }),
});
/** A bowl on the main iron; a foot made beside it and put on. */
const STEPS: readonly WorkStep[] = [
  step('a', 'gather', 0, 12),
  step('b', 'blow', 0, 60),
  step('c', 'gather', 1, 12),
  step('d', 'shapeSolid', 1, 30),
  step('e', 'attach', 1, 12, 0),
  step('f', 'makePunty', 0, 40),
  step('g', 'punty', 0, 10),
];

it('by the clock: the foot and the punty are the helper’s, what joins them is the lead’s', () => {
  expect(lanesOf(STEPS, [0, 12, 30, 42, 72, 44, 84], 0)).toEqual([0, 0, 1, 1, 0, 1, 0]);
});

it('one after another all is the lead’s', () => {
  expect(lanesOf(STEPS, [0, 12, 72, 84, 114, 126, 166], 0)).toEqual([0, 0, 0, 0, 0, 0, 0]);
});

it('by a plan each who helps has a lane; what is done between the lead’s steps is in the lead’s, whoever’s hands it takes', () => {
  const leads = ['second', 'gaffer', 'second', 'third', 'gaffer', undefined, 'gaffer'];
  expect(lanesOf(STEPS, [0, 12, 30, 42, 72, 44, 84], 0, leads)).toEqual([0, 0, 1, 2, 0, 1, 0]);
  // The same foot made before the bowl is blown is made in its turn.
  expect(lanesOf(STEPS, [0, 60, 12, 30, 120, 200, 240], 0, leads)).toEqual([0, 0, 0, 0, 0, 0, 0]);
});

const crewOf = (name: string) => ordinaryCrews().find(([n]) => n === name)?.[1] ?? [];

it('alone everything is in one lane and one pair of hands', () => {
  const { lanes, hands } = whoDoes(STEPS, [0, 12, 30, 42, 72, 44, 84], 0, crewOf('One'));
  expect(new Set(lanes)).toEqual(new Set([0]));
  expect(hands.every((h) => h.join() === 'p1')).toBe(true);
});

it('of two the second makes what runs beside, and lends a hand where a step wants two', () => {
  const { lanes, hands } = whoDoes(STEPS, [0, 12, 30, 42, 72, 44, 84], 0, crewOf('Two'));
  expect(lanes).toEqual([0, 0, 1, 1, 0, 1, 0]);
  expect(hands.map((h) => h[0])).toEqual(['p1', 'p1', 'p2', 'p2', 'p1', 'p2', 'p1']);
  expect(hands[4]).toEqual(['p1', 'p2']);
});

it('a plan’s hands stay as they are', () => {
  const planned = STEPS.map((_, i) => [i === 2 || i === 3 ? 'p2' : 'p1']);
  expect(whoDoes(STEPS, [], 0, crewOf('Two'), planned).hands).toBe(planned);
});
