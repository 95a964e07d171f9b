// What is worked out is the same in every language: facts go by ids, and words come last.
import { reaction } from '@zanfirico/core/fit';
import { STUDIO_FIRES, type HeatPart } from '@zanfirico/core/iron';
import { CAUSES, diagnose, lossesBy } from '@zanfirico/core/log';
import { heatNow, holding, makingState } from '@zanfirico/core/making';
import { checkEntry, SHIPPED_RACK } from '@zanfirico/core/rack';
import { speak } from '@zanfirico/core/words';
import { STEPS, type WorkStep, stepCode, stepSays } from '@zanfirico/core/work';
import { SIDES, wallZone } from '../../../core/src/iron/zones';
import { LANGUAGES } from '@zanfirico/words';
import { tongueOf, type Catalogue } from '@zanfirico/words/tongue';
import { readFileSync } from 'node:fs';
import { strandsOf } from '../marks/braid/strands';

const italian = JSON.parse(
  readFileSync(`${__dirname}/../../../words/it.json`, 'utf8'),
) as Catalogue;

/** The same asked while each language is spoken, English first. */
function inEach<T>(ask: () => T): T[] {
  return LANGUAGES.map(({ code }) => {
    speak(code === 'en' ? undefined : tongueOf(code, italian));
    try {
      return ask();
    } finally {
      speak(undefined);
    }
  });
}
const alike = <T>(ask: () => T): T => {
  const [english, ...others] = inEach(ask);
  for (const other of others) expect(other).toEqual(english);
  return english as T;
};

const step = (id: string, kind: WorkStep['kind'], seconds: number): WorkStep => ({
  id,
  kind,
  part: 0,
  seconds,
});
const PLAN = [step('g', 'gather', 12), step('s', 'shapeSolid', 20), step('h', 'reheat', 25)];
const T0 = 1_800_000_000_000;

it('a strand dips at the fires', () => {
  const starts = [0, 12, 32];
  const course = alike(() =>
    strandsOf(1, PLAN, starts, 57).map((s) =>
      Array.from({ length: 57 }, (_, t) => Number(s.y(t).toFixed(3))),
    ),
  )[0] as number[];
  const [inHand, inFire] = [course[25] as number, course[45] as number];
  expect(inFire - inHand).toBeGreaterThan(10);
});

it('the glass is in the fire where it is in the fire', () => {
  const glass = SHIPPED_RACK.glass('soft-batch-96');
  if (!glass) throw new Error('no soft glass');
  const wall = wallZone({ name: 'wall', end: 'middle' }, 0.003, SIDES.open, 0.01, glass, 0);
  const cup: HeatPart = { name: 'cup', glass, zones: [wall], gathered: [1e-4] };
  const events = PLAN.slice(0, 2).map((s, i) => ({
    kind: 'step' as const,
    what: 'done' as const,
    step: s.id,
    id: `e${String(i)}`,
    at: T0 + 1000 * (12 + 20 * i),
  }));
  const found = alike(() =>
    heatNow([cup], makingState(PLAN, T0, events), T0 + 50_000, STUDIO_FIRES).map((g) => g.where),
  );
  expect(found).toEqual(['in the fire']);
});

it('what was taken back never happened', () => {
  const told = [
    { kind: 'fire', what: 'in', id: 'a', at: T0 },
    { kind: 'taken back', event: 'a', id: 'b', at: T0 + 1 },
    { kind: 'note', says: 'x', id: 'c', at: T0 + 2 },
  ];
  expect(alike(() => holding(told).map((e) => e.id))).toEqual(['c']);
});

it('losses fall into the same groups, each said in its language', () => {
  const where = ['transfer', 'transfer', 'open', 'Lick the seam'];
  const groups = alike(() =>
    lossesBy(
      where.map((w) => ({ where: w, lost: true, second: false })),
      (m) => m.where,
    ).map((g) => [g.of, g.all]),
  );
  expect(groups).toContainEqual(['transfer', 2]);
  expect(inEach(() => stepSays('transfer'))).toEqual([
    STEPS.transfer.name(),
    italian[STEPS.transfer.name()],
  ]);
  expect(stepSays('Lick the seam')).toBe('Lick the seam');
  expect(alike(() => stepCode({ kind: 'open', name: 'left' }))).toBe('open');
});

it('a cause is found by the same signs', () => {
  const causes = alike(() =>
    diagnose({ when: 'weeks later', where: 'along the colour' }, {}).suspects.map(
      (s) => s.cause.id,
    ),
  );
  expect(causes).toHaveLength(CAUSES.length);
});

it('glasses that darken each other do so', () => {
  const found = alike(() => {
    const r = reaction({ holds: ['Se'] }, { holds: ['Cu'] });
    return r && [r.giver, r.taker];
  });
  expect(found).toEqual(['Se', 'Cu']);
});

it('the rack refuses in one language, not in halves of two', () => {
  const line = SHIPPED_RACK.lines.find((l) => l.entry.id === 'soft-batch-96');
  if (!line) throw new Error('no soft glass');
  const spoken = { ...line.spoken, strainPoint: { value: 530, by: 'sheet' as const } };
  const [, said] = inEach(() => checkEntry(line.entry, spoken).map((p) => p.message)[0]);
  expect(said).toContain(italian['Strain point']);
  expect(said).not.toMatch(/Strain|Annealing|annealing/);
});

it('every table of the core is said when it is asked for', () => {
  const [english, other] = inEach(() => [
    ...Object.values(STEPS).map((s) => s.says()),
    ...CAUSES.map((c) => c.change()),
  ]);
  expect(english?.filter((says, i) => says === other?.[i])).toEqual([]);
});
