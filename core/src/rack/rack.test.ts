// The rack: which value speaks, what is refused, what a composition says, and tested pairs.
import type { RackEntry, ThreadReading } from '@zanfirico/contract/rack';
import * as fc from 'fast-check';
import { bowFor } from '../fit/thread';
import { inclusionStress } from '../fit/inclusion';
import { retardation } from '../fit/polarised';
import { REPRESENTATIVE_COLOURS } from './colours';
import { strainPoint } from '../glass/viscosity';
import { checkEntry } from './checkEntry';
import { QUANTITIES } from './entry';
import { estimate } from './estimate';
import { rackLine, rackOf, SHIPPED_RACK } from './rack';
import { amountKindsFor, stockFor } from './stockFor';
import { expectedHalo, testedDifference, weighedTogether, type FitTest } from './fitTest';

const own = (change: Partial<RackEntry> = {}): RackEntry => ({
  id: 'harbour-light',
  kind: 'colour',
  name: 'Harbour light',
  family: 'soft',
  values: {},
  holds: [],
  look: 'transparent',
  strikes: false,
  keepOffFood: false,
  forms: ['bar'],
  stock: [],
  retired: false,
  ...change,
});

describe('which value speaks', () => {
  it.each([
    [{}, undefined, 'representative'],
    [{ sheet: 94e-7 }, 94e-7, 'sheet'],
    [{ sheet: 94e-7, measured: 95.5e-7 }, 95.5e-7, 'measured'],
    [{ measured: 95.5e-7 }, 95.5e-7, 'measured'],
  ])('%p', (given, value, by) => {
    const { spoken, colour } = rackLine(own({ values: { expansion: given } }), true);
    expect(spoken.expansion.by).toBe(by);
    if (value !== undefined) expect(spoken.expansion.value).toBe(value);
    expect(colour.expansion).toBe(spoken.expansion.value);
  });

  it('has the composition above the representative and below the sheet', () => {
    const composition = { SiO2: 71, Na2O: 16, CaO: 10, Al2O3: 1, K2O: 2 };
    const guessed = rackLine(own({ kind: 'glass', composition }), true);
    expect(guessed.spoken.expansion).toMatchObject({ by: 'composition' });
    expect(guessed.spoken.working.by).toBe('composition');
    expect(guessed.glass?.working).toBe(guessed.spoken.working.value);
    const told = rackLine(
      own({ kind: 'glass', composition, values: { working: { sheet: 1012 } } }),
      true,
    );
    expect(told.spoken.working).toEqual({ value: 1012, by: 'sheet' });
    expect(told.spoken.softening.by).toBe('composition');
    expect(told.glass?.source).toContain('estimated from the composition');
  });

  it('takes a strain point nobody gave from the points somebody did', () => {
    const points = {
      annealing: { sheet: 520 },
      softening: { sheet: 705 },
      working: { sheet: 1020 },
    };
    const { spoken } = rackLine(own({ kind: 'glass', values: points }), true);
    expect(spoken.strainPoint.by).toBe('sheet');
    expect(spoken.strainPoint.value).toBeCloseTo(
      strainPoint({ annealing: 520, softening: 705, working: 1020 }),
      9,
    );
  });

  it('and rather than from a composition, whose estimate can lie above the annealing point that was given', () => {
    const composition = { SiO2: 71, Na2O: 14, CaO: 11, MgO: 2, Al2O3: 2 };
    const given = {
      annealing: { sheet: 504 },
      softening: { sheet: 688 },
      working: { sheet: 1002 },
    };
    const alone = rackLine(own({ kind: 'glass', composition, values: {} }), true).spoken;
    expect(alone.strainPoint.by).toBe('composition');
    const entry = own({ kind: 'glass', composition, values: given });
    const { spoken } = rackLine(entry, true);
    expect(spoken.strainPoint.by).toBe('sheet');
    expect(spoken.strainPoint.value).toBeLessThan(504);
    expect(checkEntry(entry, spoken)).toEqual([]);
    // One that was typed speaks first, as ever.
    const typed = own({
      kind: 'glass',
      composition,
      values: { ...given, strainPoint: { sheet: 470 } },
    });
    expect(rackLine(typed, true).spoken.strainPoint).toEqual({ value: 470, by: 'sheet' });
  });

  it('moves the points nobody gave with one somebody did', () => {
    const { spoken, glass } = rackLine(
      own({ id: 'soft-batch-96', kind: 'glass', values: { annealing: { sheet: 525 } } }),
      true,
    );
    expect(spoken.softening).toEqual({ value: 710, by: 'representative' });
    expect(glass?.working).toBe(1025);
    expect(checkEntry(own({ kind: 'glass' }), spoken)).toEqual([]);
  });

  it('gives every quantity of every shipped entry', () => {
    for (const { spoken, entry } of SHIPPED_RACK.lines) {
      for (const q of QUANTITIES)
        expect([entry.id, q, spoken[q].value > 0]).toEqual([entry.id, q, true]);
      expect(checkEntry(entry, spoken)).toEqual([]);
    }
  });

  it('ships every colour’s own numbers unchanged', () => {
    for (const c of REPRESENTATIVE_COLOURS)
      expect(SHIPPED_RACK.colour(c.id)).toMatchObject({
        expansion: c.expansion,
        strainPoint: c.strainPoint,
        density: c.density,
        ...(c.family !== 'other' && { softening: c.softening }),
        seen: c.seen,
      });
  });
});

describe('what is refused', () => {
  const problems = (change: Partial<RackEntry>): string[] => {
    const entry = own(change);
    return checkEntry(entry, rackLine(entry, true).spoken).map((p) => `${p.field}: ${p.message}`);
  };
  it.each([
    [
      'strain above annealing',
      { strainPoint: { sheet: 530 }, annealing: { sheet: 505 } },
      /values\.strainPoint: Strain point 530 °C \(from the sheet\) must lie below the annealing point 505 °C/,
    ],
    [
      'softening under annealing',
      { annealing: { sheet: 505 }, softening: { measured: 450 } },
      /must lie below the softening point 450 °C \(measured\)/,
    ],
    [
      'a curve no glass has',
      { annealing: { sheet: 500 }, softening: { sheet: 510 }, working: { sheet: 1400 } },
      /No glass stiffens like this/,
    ],
    [
      'a curve bent the wrong way',
      { annealing: { sheet: 500 }, softening: { sheet: 900 }, working: { sheet: 1000 } },
      /No glass stiffens like this/,
    ],
  ])('%s', (_, values, says) => {
    expect(problems({ kind: 'glass', values }).join('\n')).toMatch(says);
  });

  it('an oxide nobody knows, and oxides that do not come to 100 %', () => {
    expect(problems({ composition: { SiO2: 70, Unobtainium: 30 } })[0]).toContain(
      'Unobtainium has no published factor',
    );
    expect(problems({ composition: { SiO2: 60, Na2O: 15 } })[0]).toContain('come to 75.0 %');
  });
});

describe('what a composition says', () => {
  it('gives DGG standard glass I its certified points and an expansion of 90 within the stated errors (from memory)', () => {
    const dgg1 = { SiO2: 71.72, Al2O3: 1.23, CaO: 6.73, MgO: 4.18, Na2O: 14.95, K2O: 0.38 };
    const found = estimate(dgg1);
    for (const [point, certified] of [
      ['working', 1024],
      ['softening', 719],
      ['annealing', 545],
    ] as const) {
      const { value, error } = found[point] ?? { value: NaN, error: 0 };
      expect(Math.abs(value - certified)).toBeLessThanOrEqual(error);
    }
    const { value, error } = found.expansion ?? { value: NaN, error: 0 };
    expect(Math.abs(value - 90e-7)).toBeLessThan(error);
  });

  it('says nothing of the viscosity of a lead or borosilicate glass, which the model does not know', () => {
    expect(Object.keys(estimate({ SiO2: 56, PbO: 30, K2O: 13, Na2O: 1 }))).toEqual(['expansion']);
    expect(Object.keys(estimate({ SiO2: 81, B2O3: 13, Na2O: 4, Al2O3: 2 }))).toEqual(['expansion']);
  });
});

describe('tested pairs', () => {
  const clear = { youngsModulus: 70e9, poisson: 0.22, strainPoint: 465, stressOptical: 2.7e-12 };
  const thread = (bow: number, inside: 'first' | 'second' = 'first'): ThreadReading => ({
    kind: 'thread',
    length: 0.3,
    bow,
    inside,
    first: 0.0005,
    second: 0.0005,
    bowError: 0.0002,
    lengthError: 0.001,
    thicknessError: 0.00005,
  });

  it('reads two points from a bow of 1.52 mm over 300 mm of 1 mm thread (PHYSICS: Timoshenko 1925, ΔT 450)', () => {
    const d = testedDifference(thread(0.00152), clear, clear);
    expect(d.value * 1e7).toBeCloseTo(2, 1);
    expect(d.error * 1e7).toBeGreaterThan(0.2);
    expect(testedDifference(thread(0.00152, 'second'), clear, clear).value).toBeCloseTo(
      -d.value,
      12,
    );
  });

  it('reads a chip’s halo back into the difference that makes it (Selsing 1961)', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 4, noNaN: true }), fc.boolean(), (points, pulled) => {
        const difference = (pulled ? -1 : 1) * points * 1e-7;
        const set = inclusionStress(
          { expansion: 96e-7 + difference, youngsModulus: 70e9, poisson: 0.22, radius: 0.002 },
          { expansion: 96e-7, youngsModulus: 70e9, poisson: 0.22 },
          450,
        );
        const nmPerCm = retardation(Math.abs(set.pressure) * 1.5);
        const found = testedDifference(
          {
            kind: 'chip',
            halo: { by: 'retardation', nmPerCm, error: 1 },
            around: pulled ? 'pulled' : 'pressed',
          },
          clear,
          clear,
        );
        const told = expectedHalo(
          { ...clear, expansion: 96e-7 + difference },
          { ...clear, expansion: 96e-7 },
        );
        return (
          Math.abs(found.value - difference) < 1e-12 &&
          Math.abs(told.nmPerCm - nmPerCm) < 1e-9 &&
          told.around === (pulled ? 'pulled' : 'pressed')
        );
      }),
    );
  });

  it('takes discs of 22.8 nm through a thickness for the same halo (ASTM C148, from memory)', () => {
    const by = (halo: Extract<FitTest['reading'], { kind: 'chip' }>['halo']): number =>
      testedDifference({ kind: 'chip', halo, around: 'pulled' }, clear, clear).value;
    expect(by({ by: 'discs', discs: 2, thickness: 0.01, error: 0.5 })).toBeCloseTo(
      by({ by: 'retardation', nmPerCm: 45.6, error: 1 }),
      14,
    );
  });

  it('weighs several tests by how well they were read, and the better one more (GUM)', () => {
    const mean = weighedTogether([
      { value: 1e-7, error: 1e-8 },
      { value: 4e-7, error: 3e-8 },
    ]);
    expect((mean?.value ?? 0) * 1e7).toBeCloseTo(1.3, 6);
    expect((mean?.error ?? 0) * 1e8).toBeCloseTo(0.9487, 4);
    expect(weighedTogether([])).toBeUndefined();
  });

  it('answers a pair both ways round, and forgets what was set aside', () => {
    const test: FitTest = {
      first: 'chalk',
      second: 'soft-batch-96',
      reading: thread(0.0008),
      counts: true,
    };
    const rack = rackOf([], [test, { ...test, reading: thread(0.02), counts: false }]);
    const there = rack.tested('chalk', 'soft-batch-96');
    const back = rack.tested('soft-batch-96', 'chalk');
    expect(there?.tests).toBe(1);
    expect(back?.value).toBeCloseTo(-(there?.value ?? NaN), 14);
    expect(rack.tested('chalk', 'kelp')).toBeUndefined();
    // The bow the found difference would give is the bow that was read.
    const chalk = rack.colour('chalk');
    const base = rack.colour('soft-batch-96');
    if (!chalk || !base || !there) throw new Error('not in the rack');
    const bow = bowFor(
      {
        length: 0.3,
        thickness: [0.0005, 0.0005],
        youngsModuli: [chalk.youngsModulus, base.youngsModulus],
        fall: Math.min(chalk.strainPoint, base.strainPoint) + 5 - 20,
      },
      there.value,
    );
    expect(bow).toBeCloseTo(0.0008, 9);
  });

  it('lets an own entry take a shipped one’s place and keeps the rest', () => {
    const rack = rackOf(
      [own({ id: 'chalk', name: 'Our chalk', values: { expansion: { sheet: 96e-7 } } })],
      [],
    );
    expect(rack.lines).toHaveLength(SHIPPED_RACK.lines.length);
    expect(rack.colour('chalk')).toMatchObject({
      name: 'Our chalk',
      expansion: 96e-7,
      density: 2850,
    });
    expect(rack.glass('chalk')).toBeUndefined();
    expect(rack.glass('float-90')?.expansion).toBe(90e-7);
  });
});

describe('stock', () => {
  it('of bar weighs its length by its diameter: 250 mm of 30 mm at 2600 kg/m³ is 459 g, by hand', () => {
    const lines = [
      { form: 'bar', length: 0.25, diameter: 0.03 },
      { form: 'powder', mass: 0.2 },
      { form: 'bar' },
    ] as const;
    expect(stockFor(lines, 'bar', 2600)).toBeCloseTo(0.4595, 4);
    expect(stockFor(lines, 'passes', 2600)).toBe(0.2);
    expect(stockFor(lines, 'canes', 2600)).toBeUndefined();
  });

  it('is offered in the ways it can be measured out', () => {
    expect(amountKindsFor({ forms: ['bar'] })[0]).toBe('bar');
    expect(amountKindsFor({ forms: ['powder'] })[0]).toBe('passes');
    expect(amountKindsFor({ forms: ['leaf', 'inclusion'] })).toEqual(['coats', 'pieces']);
  });
});
