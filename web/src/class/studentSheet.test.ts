// A student's sheet, and who is at which bench, from what was kept: the same figures as the log and the drawing have.
import type { ClassDocument } from '@zanfirico/contract/class';
import type { ClassMaking, MakingBegin, MakingEvent } from '@zanfirico/contract/making';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { drawnOf } from '@zanfirico/core/log';
import { derive } from '@zanfirico/core/piece';
import { SHIPPED_RACK } from '@zanfirico/core/rack';
import { toolsOf } from '@zanfirico/core/work';
import { demoPieces } from '../../../server/src/demo/demoPieces';
import { ironWeight } from './ironWeight';
import { inPairs, newClass } from './newClass';
import { sheetLine } from './studentSheet';
import { atBenches } from './useClass';
import { wordsAt } from './wordsAt';

const document = demoPieces()
  .flat()
  .find((d) => d.name === 'Salt cellar') as PieceDocument;
const glass = SHIPPED_RACK.glass(document.glass);
const derived = glass && derive(document, glass);
if (derived?.ok !== true) throw new Error('the salt cellar can be made');
const T0 = 1_800_000_000_000;
const steps: MakingBegin['steps'] = [
  { id: 's1', kind: 'gather', part: 'p1', seconds: 12 },
  { id: 's2', kind: 'flash', part: 'p1', seconds: 6 },
  { id: 's3', kind: 'box', part: 'p1', seconds: 10 },
];
const begin: MakingBegin = {
  id: '00000000-0000-4000-8000-000000000001',
  piece: '00000000-0000-4000-8000-000000000002',
  revision: 1,
  at: T0,
  number: 1,
  document,
  steps,
  starts: [0, 12, 18],
};
const lesson: ClassDocument = {
  ...newClass({ id: begin.piece, name: 'Salt cellar' }, derived, []),
  students: ['a', 'b', 'c'].map((id) => ({ id, name: id })),
};
const making: ClassMaking = {
  id: begin.id,
  student: 'a',
  bench: undefined,
  begunAt: T0,
  rehearsal: false,
};
let n = 0;
const event = (at: number, e: object): MakingEvent =>
  ({
    ...e,
    id: `00000000-0000-4000-9000-${String((n += 1)).padStart(12, '0')}`,
    at: T0 + 1000 * at,
  }) as MakingEvent;
const iron = ironWeight(derived) ?? 0;
const height = drawnOf(derived, 'height', undefined) ?? 0;

describe('a line of the sheet', () => {
  const events = [
    event(6, { kind: 'reading', of: 'mass', value: 0.6 * iron, where: 'gather' }),
    event(12, { kind: 'step', step: 's1', what: 'done' }),
    event(20, { kind: 'step', step: 's2', what: 'done' }),
    event(21, { kind: 'step', step: 's2', what: 'again' }),
    event(30, { kind: 'step', step: 's2', what: 'done' }),
    event(40, { kind: 'boxed', annealer: 'front' }),
    event(80_000, { kind: 'opened', what: 'kept' }),
    event(80_001, { kind: 'measured', of: 'height', value: height + 0.01 }),
  ];
  it('has the gather, sizes against the calipers, time, heats, and what to change', () => {
    const line = sheetLine(lesson, derived, making, { begin, events });
    expect(line.gather).toMatchObject({ verdict: 'half' });
    expect(line.gather?.share).toBeCloseTo(0.6, 9);
    expect(line.held.find((h) => h.of === 'height')).toMatchObject({
      verdict: 'over',
      drawn: height,
    });
    expect([line.within, line.measured]).toEqual([0, 1]);
    expect([line.took, line.planned]).toEqual([40, 28]);
    expect(line.heats).toEqual({ taken: 2, planned: 1 });
    expect(line.next[0]?.says).toBe('Take more at the second dip.');
  });

  it('of a rehearsal tells nothing to change: there was no glass', () => {
    expect(
      sheetLine(lesson, derived, { ...making, rehearsal: true }, { begin, events }).next,
    ).toEqual([]);
  });
});

describe('a class of a piece', () => {
  it('begins with the drawing’s own figures, the tools its order needs and no place among them', () => {
    expect(lesson.tolerances.map((t) => t.of)).toEqual(['height', 'lip', 'weight']);
    const tools = toolsOf(
      [
        { id: 's1', kind: 'gather', part: 0, seconds: 1 },
        { id: 's2', kind: 'flash', part: 0, seconds: 1 },
        { id: 's3', kind: 'jack', part: 0, seconds: 1 } as never,
      ].slice(0, 2) as never,
    );
    expect(tools).not.toContain('glory hole');
    expect(new Set(tools).size).toBe(tools.length);
  });

  it('puts two and two at benches, and whoever is left alone', () => {
    expect(inPairs(lesson.students).map((b) => b.pair)).toEqual([['a', 'b'], ['c']]);
    expect(inPairs([])).toEqual([]);
  });

  it('says the teacher’s words first, then the two words by what they do', () => {
    const said = { ...lesson, words: [{ kind: 'flash', says: 'Door wide.' }] };
    expect(wordsAt(said, 'flash')).toEqual([
      'Door wide.',
      expect.stringMatching(/^Flash: a few seconds/),
    ]);
    expect(wordsAt(said, 'marver')).toEqual([]);
  });
});

describe('who is at which bench', () => {
  const benches = [
    { name: 'one', pair: ['a', 'b'] },
    { name: 'two', pair: ['c'] },
  ];
  const of = (student: string, ago: number, bench?: string): ClassMaking => ({
    id: `${student}${String(ago)}`,
    student,
    bench,
    begunAt: T0 - ago * 60_000,
    rehearsal: false,
  });
  it.each<[string, ClassMaking[], (string | undefined)[]]>([
    ['the newest of each', [of('a', 1, 'one'), of('b', 9, 'one'), of('c', 3, 'two')], ['a1', 'c3']],
    ['where no bench was named, by the pair', [of('b', 2), of('c', 4)], ['b2', 'c4']],
    ['nobody from last week', [of('a', 7 * 24 * 60, 'one')], [undefined, undefined]],
    ['whoever went to another bench is there', [of('a', 1, 'two')], [undefined, 'a1']],
  ])('%s', (_says, makings, expected) => {
    expect(atBenches({ benches }, makings, T0).map((b) => b.making?.id)).toEqual(expected);
  });
});
