// Bits with a heat of their own: what they bring, what they pass to their wall, and how soon a notch cracks.
import * as fc from 'fast-check';
import { meanOf } from '../conduction/cells';
import { SHIPPED_RACK } from '../rack/rack';
import type { WorkStep } from '../work/facts';
import { bitMean, brought, contactTemperature, hangsOn } from './heatBits';
import {
  coldShop,
  copyState,
  heatOfAll,
  integrate,
  type HeatPart,
  type HeatState,
} from './hotShop';
import { beginPart, finish } from './stepEffects';
import { STUDIO_FIRES } from './surroundings';
import { stiffnessOf } from './trouble';
import { coldTrouble } from './troubleCold';
import { bitTrouble } from './troubleJoins';
import { bitZone, halfFormed, lumpOf, SIDES, wallZone, zoneVolume } from './zones';

const glass = SHIPPED_RACK.glass('soft-batch-96');
if (!glass) throw new Error('no soft glass');

const jug: HeatPart = {
  name: 'jug',
  glass,
  zones: [
    wallZone({ name: 'base', end: 'base' }, 0.006, SIDES.open, 0.01, glass, 0.01),
    wallZone({ name: 'shoulder', end: 'middle' }, 0.003, SIDES.open, 0.02, glass, 0.01),
    wallZone({ name: 'lip', end: 'top' }, 0.003, SIDES.lip, 0.005, glass, 0),
  ],
  gathered: [2e-4],
  bits: [{ name: 'handle', mass: 0.03, thickness: 0.011, copies: 1, contact: 1.9e-4, at: 1 }],
};
const PARTS = [jug];
const stiff = stiffnessOf(PARTS);
const at = (...t: readonly number[]): HeatState => ({
  ...coldShop(PARTS),
  phase: ['formed'],
  opened: [true],
  cells: [jug.zones.map((z, k) => new Float64Array(z.grid.cells).fill(t[k] ?? t[0] ?? 20))],
});
const handle: WorkStep = {
  id: 'h',
  kind: 'handle',
  part: 0,
  seconds: 20,
  name: 'handle',
  zone: 'middle',
};
const melt: WorkStep = { id: 'm', kind: 'meltNotch', part: 0, seconds: 15, zone: 'middle' };

describe('where two bodies meet', () => {
  // Carslaw & Jaeger, Conduction of Heat in Solids (2nd ed. 1959), 2.9: half-spaces at T₁ and T₂ meet at the mean weighed by √(kρc).
  it('alike bodies meet at their mean', () => {
    expect(contactTemperature(1100, 600)).toBe(850);
  });
  it('steel (14 000 J/m²K√s, from memory) chills glass (1 600) nearly to its own heat', () => {
    const glassOnSteel = contactTemperature(1000, 100, [1600, 14000]);
    expect(glassOnSteel).toBeGreaterThan(100);
    expect(glassOnSteel).toBeLessThan(200);
  });
  it('always between the two', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 1200, noNaN: true }),
        fc.double({ min: 20, max: 1200, noNaN: true }),
        fc.double({ min: 1, max: 1e5, noNaN: true }),
        fc.double({ min: 1, max: 1e5, noNaN: true }),
        (a, b, x, y) => {
          const met = contactTemperature(a, b, [x, y]);
          expect(met).toBeGreaterThanOrEqual(Math.min(a, b) - 1e-9);
          expect(met).toBeLessThanOrEqual(Math.max(a, b) + 1e-9);
        },
      ),
    );
  });
});

describe('a bit as it comes', () => {
  it('is all its glass, as a rod where it is long and a ball where it is not', () => {
    for (const [mass, thick, kind] of [
      [0.03, 0.011, 'rod'],
      [0.03, 0.05, 'ball'],
    ] as const) {
      const zone = bitZone(mass, thick, glass);
      expect(zone.kind).toBe(kind);
      expect((zoneVolume(zone) * glass.density) / mass).toBeCloseTo(1, 6);
    }
  });
  it('has lost little on the way when it is thick, more when it is thin', () => {
    const mean = (thickness: number): number => {
      const { zone, cells } = brought({ mass: 0.03, thickness }, glass, STUDIO_FIRES);
      return meanOf(zone.grid, cells);
    };
    expect(mean(0.02)).toBeLessThan(STUDIO_FIRES.pot);
    expect(mean(0.02)).toBeGreaterThan(980);
    expect(mean(0.005)).toBeLessThan(mean(0.011));
    expect(mean(0.011)).toBeLessThan(mean(0.02));
  });
});

describe('a bit that hangs', () => {
  it('passes the wall what it loses to it, no more and no less (0.1 %)', () => {
    const state = at(800);
    beginPart(state, PARTS, handle, STUDIO_FIRES);
    const before = heatOfAll(state, PARTS);
    const balance = { lost: 0 };
    integrate(state, PARTS, [], 30, 0.5, STUDIO_FIRES, undefined, balance);
    const after = heatOfAll(state, PARTS);
    expect(Math.abs(before - balance.lost - after) / before).toBeLessThan(1e-3);
    expect(hangsOn({ zone: bitZone(0.03, 0.011, glass), contact: 1e-4 })).toBeGreaterThan(0);
  });
  it('cools with its part, and is heated with it', () => {
    const state = at(900);
    beginPart(state, PARTS, handle, STUDIO_FIRES);
    finish(state, PARTS, handle);
    const mean = (): number => bitMean(state.bits[0]?.[0] as never);
    const start = mean();
    integrate(state, PARTS, [], 40, 1);
    const cooled = mean();
    expect(cooled).toBeLessThan(start - 50);
    integrate(state, PARTS, [{ id: 'r', kind: 'reheat', part: 0, seconds: 40 }], 40, 1);
    expect(mean()).toBeGreaterThan(cooled + 50);
  });
  it('a copy of the shop leaves the bits of the first alone', () => {
    const state = at(900);
    beginPart(state, PARTS, handle, STUDIO_FIRES);
    const copy = copyState(state);
    integrate(copy, PARTS, [], 40, 1);
    expect(copy.bits[0]?.[0]?.cells[0]).not.toBe(state.bits[0]?.[0]?.cells[0]);
  });
  it('on a part that is not there yet there is none', () => {
    const state = coldShop(PARTS);
    beginPart(state, PARTS, handle, STUDIO_FIRES);
    expect(state.bits[0]).toEqual([]);
  });
});

describe('the wall it comes onto', () => {
  const told = (shoulder: number) => {
    const state = at(800, shoulder, 800);
    beginPart(state, PARTS, handle, STUDIO_FIRES);
    return bitTrouble(state, PARTS, stiff, handle);
  };
  // From about 600 °C, hotter for a hot seal (TRADE §7 and the shop's practice; common practice, no source).
  it.each([
    [500, 'no'],
    [570, 'no'],
    [612, 'watch'],
    [700, undefined],
    [900, undefined],
  ] as const)('at %p °C: %p', (shoulder, verdict) => {
    expect(told(shoulder)?.verdict.verdict).toBe(verdict);
  });
  it('the cause says both heats and where they meet', () => {
    expect(told(500)?.verdict).toMatchObject({
      because: expect.stringMatching(
        /shoulder of the jug is at 500 °C, too cold for a bit at \d+ °C \(they meet at \d+ °C\)/,
      ) as string,
    });
  });
});

describe('a notch', () => {
  const after = (melted: boolean, shoulder: number) => {
    const state = at(900, 700, 900);
    beginPart(state, PARTS, handle, STUDIO_FIRES);
    finish(state, PARTS, handle);
    if (melted) finish(state, PARTS, melt);
    (state.cells[0]?.[1] as Float64Array).fill(shoulder);
    return coldTrouble(state, PARTS, stiff);
  };
  it('cracks where plain glass would not yet', () => {
    const strain = stiff.strainPoint[0] as number;
    expect(after(false, strain + 30)?.verdict).toMatchObject({
      verdict: 'no',
      because: expect.stringContaining('from the bit’s edge') as string,
    });
    expect(after(true, strain + 30)?.verdict.verdict).toBe('watch');
    expect(after(true, strain + 60)).toBeUndefined();
  });
});

describe('half way to its form', () => {
  it('keeps its glass at every go, and its glass over skin goes from the lump’s to the form’s', () => {
    const volume = 1.6e-4;
    const lump = lumpOf(volume, glass);
    let last = lump.thickness / 3;
    for (const done of [0.25, 0.5, 0.75, 1]) {
      const half = halfFormed(volume, jug.zones, done, glass);
      expect(zoneVolume(half) / volume).toBeCloseTo(1, 6);
      expect(half.thickness).toBeLessThan(last);
      last = half.thickness;
    }
    const held = jug.zones.reduce((sum, z) => sum + zoneVolume(z), 0);
    const skin = jug.zones.reduce((sum, z) => sum + z.area, 0);
    expect(last / (held / skin)).toBeCloseTo(1, 6);
  });
});
