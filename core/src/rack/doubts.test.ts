// One curve a glass, whoever gave its points; and what of an entry is worth a second look.
import type { Given, Quantity, RackEntry } from '@zanfirico/contract/rack';
import { DEMO_ENTRIES } from '../../../server/src/demo/rackEntries';
import { fitVft, logViscosity, strainOf } from '../glass/viscosity';
import { simulate } from '../night/simulate';
import { stiffnessOf } from '../iron/trouble';
import { zonesOf } from '../iron/zones';
import { shown, pieceOf } from '../piece/shop.fixture';
import { startingParts } from '../form/forms';
import { doubtsOf } from './doubts';
import { rackLine, SHIPPED_RACK } from './rack';

const soda = { SiO2: 73, Al2O3: 0.5, CaO: 4, MgO: 2, Na2O: 18.5, BaO: 2 };
const entry = (
  values: Partial<Record<Quantity, number>>,
  composition?: Readonly<Record<string, number>>,
): RackEntry => ({
  id: 'mine',
  kind: 'glass',
  name: 'mine',
  family: 'soft',
  values: Object.fromEntries(
    Object.entries(values).map(([q, sheet]): [string, Given] => [q, { sheet }]),
  ),
  ...(composition && { composition }),
  holds: [],
  look: 'transparent',
  strikes: false,
  keepOffFood: false,
  forms: ['pot'],
  stock: [],
  retired: false,
});
const points = (e: RackEntry): readonly number[] => {
  const { spoken } = rackLine(e, true);
  return (['strainPoint', 'annealing', 'softening', 'working'] as const).map(
    (q) => spoken[q].value,
  );
};
const sentences = (e: RackEntry): string[] =>
  doubtsOf(e, rackLine(e, true).spoken).map((d) => d.because);

describe('one curve a glass', () => {
  // A glass of the NIST standards (710: 724/546/504, from memory), with each of its points left out in turn; the fourth is the curve's.
  const curve = { annealing: 546, softening: 724, working: 1040 };
  const strain = strainOf(curve);
  it.each([
    ['strain point', { ...curve }, 0, strain],
    ['working point', { strainPoint: strain, annealing: 546, softening: 724 }, 3, 1040],
    ['softening point', { strainPoint: strain, annealing: 546, working: 1040 }, 2, 724],
    ['annealing point', { strainPoint: strain, softening: 724, working: 1040 }, 1, 546],
  ] as const)('three points given, the %s follows', (_, values, at, value) => {
    expect(points(entry(values))[at]).toBeCloseTo(value, 6);
  });
  it.each([
    ['the annealing point alone', { annealing: 504 }, undefined],
    ['two points', { annealing: 504, softening: 688 }, undefined],
    ['two points and oxides', { annealing: 504, working: 1002 }, soda],
    ['the annealing point and oxides whose strain point lies over it', { annealing: 470 }, soda],
    ['the oxides alone', {}, soda],
    ['nothing', {}, undefined],
  ] as const)('with %s all four lie on one curve, in order', (_, values, composition) => {
    const [s, a, f, w] = points(entry(values, composition)) as [number, number, number, number];
    const vft = fitVft({ annealing: a, softening: f, working: w });
    expect(logViscosity(vft, s)).toBeCloseTo(13.5, 6);
    expect(a - s).toBeGreaterThanOrEqual(20);
    if ('annealing' in values) expect(a).toBe(values.annealing);
  });
  it('three that no glass has make no curve: the fourth stays an ordinary glass’s', () => {
    const [, , , working] = points(entry({ strainPoint: 500, annealing: 504, softening: 900 }));
    expect(working).toBeLessThan(1400);
  });
});

describe('every reckoning has the same strain point', () => {
  const quay = DEMO_ENTRIES.find((e) => e.id === 'quay-clear');
  if (!quay) throw new Error('the studio has lost its clear');
  const { glass, colour } = rackLine(quay, true);
  if (!glass) throw new Error('it is a glass');
  it('of the studio’s clear in the braid, the fit and the night: 29 K under its annealing point', () => {
    const strain = strainOf(glass);
    expect(glass.annealing - strain).toBeGreaterThan(25);
    expect(glass.annealing - strain).toBeLessThan(45);
    const { derived } = shown(pieceOf('tumbler', 'soft-batch-96', startingParts('tumbler')), true);
    const shape = derived.main.shape;
    const parts = [{ name: 'cup', glass, zones: zonesOf(shape, glass), gathered: [1e-4] }];
    expect(stiffnessOf(parts).strainPoint[0]).toBe(strain);
    expect(colour.strainPoint).toBe(strain);
  });
  it('one that was given moves the night’s passing tension too, not only the braid’s warnings', () => {
    const night = (strainPoint: number | undefined) =>
      simulate({
        glass: { ...glass, strainPoint },
        walls: [{ thickness: 0.02, body: 'slab' as const }],
        curve: { time: [0, 3600, 7200], temperature: [504, 504, 120] },
      });
    expect(night(strainOf({ ...glass, strainPoint: undefined }))).toEqual(night(undefined));
    expect(JSON.stringify(night(430))).not.toEqual(JSON.stringify(night(undefined)));
  });
});

describe('worth a second look', () => {
  it('nothing that ships is, nor anything of the demo studio’s', () => {
    for (const { entry: e, spoken } of SHIPPED_RACK.lines)
      expect([e.id, doubtsOf(e, spoken)]).toEqual([e.id, []]);
    for (const e of DEMO_ENTRIES) expect([e.id, sentences(e)]).toEqual([e.id, []]);
  });
  it('a strain point too near the annealing point, in words with both', () => {
    expect(
      sentences(entry({ strainPoint: 495, annealing: 504, softening: 688, working: 1002 }))[0],
    ).toBe('The strain point, 495 °C, is only 9 K under the annealing point, 504 °C.');
  });
  it('a strain point far off the curve of the other three', () => {
    expect(
      sentences(entry({ strainPoint: 430, annealing: 504, softening: 688, working: 1002 })),
    ).toEqual([
      'The strain point is given as 430 °C, and the curve through the other points has it at 475 °C.',
    ]);
  });
  it('the NIST standards’ own, extrapolated ones lie within what is usual (from memory)', () => {
    for (const [strain, annealing, softening, working] of [
      [504, 546, 724, 1040],
      [471, 516, 719, 1050],
    ])
      expect(
        sentences(
          entry({ strainPoint: strain, annealing, softening, working } as Record<Quantity, number>),
        ),
      ).toEqual([]);
  });
  it('oxides that tell of another glass than the sheet: both are named, the sheet is used', () => {
    const e = entry({ annealing: 560, expansion: 33e-7 }, soda);
    const said = sentences(e);
    expect(said).toEqual([
      'Its annealing point is given as 560 °C; its oxides would have it at 507 °C ± 12 K.',
      'Its expansion is given as 33.0; its oxides would have it at 96.1 ± 4.8 (×10⁻⁷/K).',
    ]);
    expect(rackLine(e, true).glass?.annealing).toBe(560);
  });
  it('a metal is not asked', () => {
    expect(
      doubtsOf({ ...entry({ annealing: 504 }), family: 'other' }, rackLine(entry({}), true).spoken),
    ).toEqual([]);
  });
});
