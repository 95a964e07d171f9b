// What must hold of heats wherever they are put: more heat never leaves glass colder, no placed heat is idle, and few hands never win.
import type { Person } from '@zanfirico/contract/order';
import * as fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { startingParts } from '../form/forms';
import { ordinaryCrews } from '../crew/ordinaryCrews';
import { planPlaced } from '../crew/planPlaced';
import { glassOf, pieceOf, shown } from '../piece/shop.fixture';
import { factsOf, type WorkStep } from '../work/facts';
import { meanOf } from '../conduction/cells';
import { coldShop, integrate, zonesNow, type HeatPart } from './hotShop';
import { placeHeats } from './placeHeats';
import { beginPart, finish } from './stepEffects';
import { firesFor, STUDIO_FIRES } from './surroundings';

const FIRES = firesFor(glassOf('soft-batch-96'));
const tumbler = shown(pieceOf('tumbler', 'soft-batch-96', startingParts('tumbler')), false);
const bottle = shown(pieceOf('bottle', 'soft-batch-96', startingParts('bottle')), false);
const goblet = shown(pieceOf('stemmed', 'soft-batch-96', startingParts('stemmed')), true);

/** Means of every zone after all steps. */
function ends(parts: readonly HeatPart[], steps: readonly WorkStep[]): number[] {
  const state = coldShop(parts, steps);
  for (const s of steps) {
    if (factsOf(s).off !== undefined) continue;
    beginPart(state, parts, s, STUDIO_FIRES);
    integrate(state, parts, [s], s.seconds, 1);
    finish(state, parts, s);
  }
  return parts.flatMap((p, i) =>
    zonesNow(state, p, i).map((z, k) => meanOf(z.grid, state.cells[i]?.[k] as Float64Array)),
  );
}

describe('a flash put in anywhere', () => {
  const worked = tumbler.steps.slice(
    0,
    tumbler.steps.findIndex((s) => s.kind === 'crackOff'),
  );
  const first = worked.findIndex((s) => s.kind === 'gather') + 1;
  it('never leaves any part colder later', () => {
    const plain = ends(tumbler.parts, worked);
    fc.assert(
      fc.property(
        fc.integer({ min: first, max: worked.length }),
        fc.integer({ min: 3, max: 12 }),
        (i, seconds) => {
          const flash: WorkStep = { id: 'more', kind: 'flash', part: 0, seconds };
          const warmer = ends(tumbler.parts, [...worked.slice(0, i), flash, ...worked.slice(i)]);
          warmer.forEach((t, k) => {
            expect(t).toBeGreaterThanOrEqual((plain[k] as number) - 0.05);
          });
        },
      ),
      { numRuns: rounds(30) },
    );
  });
});

describe('placed heats', () => {
  it.each([
    ['a tumbler, alone', tumbler, false],
    ['a goblet, helped', goblet, true],
    ['a bottle, alone', bottle, false],
  ] as const)('of %s: none is idle, taken out one has to be put back', (_, piece, helpers) => {
    const working = { main: piece.derived.main.index, helpers };
    const placed = (s: WorkStep): boolean => s.id.startsWith('h') && factsOf(s).does === 'heat';
    const heats = piece.steps.filter(placed);
    expect(heats.length).toBeGreaterThan(3);
    const idle = heats.filter((h) => {
      // All others are held fast: whatever is added stands in for the one taken out.
      const without = piece.steps
        .filter((s) => s !== h)
        .map((s) => (placed(s) ? { ...s, pinned: true } : s));
      const anew = placeHeats(piece.parts, without, working, FIRES);
      return anew.ok && anew.steps.length === without.length;
    });
    expect(idle.map((h) => h.id)).toEqual([]);
  });
  it('no heat makes a formed wall run', () => {
    for (const piece of [tumbler, goblet])
      expect(piece.heat.steps.filter((s) => s.trouble?.kind === 'runs')).toEqual([]);
  });
  it('are placed again alike when nothing changed', () => {
    const again = placeHeats(tumbler.parts, tumbler.steps, { main: 0, helpers: false });
    const kinds = (steps: readonly WorkStep[]): string[] => steps.map((s) => s.kind);
    expect(kinds(again.steps)).toEqual(kinds(tumbler.steps));
  });
  it('a glory hole cooler than the glass mends nothing, and it is said at which step', () => {
    const fires = { ...STUDIO_FIRES, gloryHole: 600 };
    const placed = placeHeats(tumbler.parts, tumbler.steps, { main: 0, helpers: false }, fires);
    expect(placed.ok).toBe(false);
    if (!placed.ok) expect(placed.because.length).toBeGreaterThan(10);
  });
});

describe('hands', () => {
  const person = (id: string, ...skills: Person['skills'][number][]): Person => ({
    id,
    name: id,
    skills,
  });
  const ALL = ['gaff', 'gather', 'bit', 'blow', 'shield', 'door', 'torch'] as const;
  const crews = [
    [person('one', ...ALL)],
    [person('one', ...ALL), person('two', ...ALL)],
    [person('one', ...ALL), person('two', ...ALL), person('three', ...ALL)],
  ];
  it('more of them never take longer', () => {
    const request = {
      steps: goblet.steps,
      parts: goblet.parts,
      working: { main: goblet.derived.main.index, helpers: true },
      fires: FIRES,
    };
    const totals = crews.map(
      (people) => planPlaced(request, people, {}, { enough: (n) => n > 3000 }).plan.total,
    );
    expect(totals[1]).toBeLessThanOrEqual((totals[0] ?? 0) + 1e-6);
    expect(totals[2]).toBeLessThanOrEqual((totals[1] ?? 0) + 1e-6);
  });
  it('a second fire takes away what the first made too long, or nothing was', () => {
    const stick = shown(
      JSON.parse(
        readFileSync(
          join(__dirname, '../../../server/src/demo/pieces/05-harbour-candlestick.1.json'),
          'utf8',
        ),
      ) as Parameters<typeof shown>[0],
      true,
    );
    const request = {
      steps: stick.steps,
      parts: stick.parts,
      working: { main: stick.main, helpers: true },
      fires: FIRES,
    };
    const wrong = (holes: number): number =>
      planPlaced(request, crews[2] ?? [], { 'glory hole': holes }, { enough: (n) => n > 600 }).wrong
        .length;
    expect(wrong(2)).toBe(0);
    expect(wrong(1)).toBeGreaterThanOrEqual(wrong(2));
  });
  it.each(
    (['tumbler', 'bowl', 'bottle', 'stemmed', 'solid'] as const).flatMap((form) =>
      ordinaryCrews()
        .filter(([name]) => name !== 'Torch')
        .map(([name, people]) => ({
          form,
          name,
          people,
        })),
    ),
  )('a $form by a crew of $name: nothing will not do', ({ form, people }) => {
    const piece = shown(pieceOf(form, 'soft-batch-96', startingParts(form)), people.length > 1);
    const { wrong } = planPlaced(
      {
        steps: piece.steps,
        parts: piece.parts,
        working: { main: piece.main, helpers: people.length > 1 },
        fires: FIRES,
      },
      people,
      {},
      { enough: (n) => n > 600 },
    );
    expect(wrong).toEqual([]);
  });
  it('one pair: its heats are placed for one pair, and nothing will not do', () => {
    const alone = planPlaced(
      {
        steps: goblet.steps,
        parts: goblet.parts,
        working: { main: goblet.derived.main.index, helpers: true },
        fires: FIRES,
      },
      crews[0] ?? [],
      {},
      { enough: (n) => n > 3000 },
    );
    expect(alone.wrong).toEqual([]);
    expect(alone.plan.total).toBeGreaterThan(0);
  });
});
