// Stretch maps conserve glass; figures drawn on the final form come back pre-shrunk and forth again.
import * as fc from 'fast-check';
import { carry, flattened } from './figure';
import { measureShape } from '../measure';
import type { Profile } from '../profile';
import { bezierSpans, outerLine, tangentAt } from '../curve';
import { across, glassBelow, stretchMap } from './stretchMap';
import { startingProfile, FORMS } from '../forms';
import { restOn, snapTo } from '../snap';

const shape = (p: Profile) => {
  const reading = measureShape(p, 0.22);
  if (!reading.ok) throw new Error(reading.problems[0]?.message);
  return reading.shape;
};
/** A straight cup. m. */
const cup = (radius: number, height: number, wall: number, base = wall): Profile => [
  { height: 0, radius: 0, wall: base },
  { height: 0, radius, wall: base, corner: true },
  { height: height / 2, radius, wall },
  { height, radius, wall },
];

describe('the stretch map', () => {
  it.each(FORMS)('glass below rises along a %s from nothing to all of it', (form) => {
    const s = shape(startingProfile(form));
    const below = glassBelow(s);
    expect(below[0]).toBe(0);
    expect(Math.abs((below[below.length - 1] as number) / s.glassVolume - 1)).toBeLessThan(0.02);
    for (let i = 1; i < below.length; i += 1)
      expect(below[i]).toBeGreaterThanOrEqual(below[i - 1] as number);
  });

  it('below half the height of a straight cup lies its base and half its wall (closed form; the crisp corner’s overlap under 2 %)', () => {
    const s = shape(cup(0.03, 0.1, 0.003));
    const below = glassBelow(s);
    const half = s.outer.z.findIndex((z) => z >= 0.05);
    const exact = Math.PI * 0.03 ** 2 * 0.003 + Math.PI * (0.03 ** 2 - 0.027 ** 2) * 0.047;
    expect(Math.abs((below[half] as number) / exact - 1)).toBeLessThan(0.02);
  });

  it('a form mapped on itself does not stretch', () => {
    const s = shape(startingProfile('bowl'));
    for (const row of stretchMap(s, s).rows) {
      expect(row.hoop).toBeCloseTo(1, 6);
      expect(row.meridian).toBeCloseTo(1, 4);
    }
  });

  it('conserves volume: as much glass lies between two places on the blank as on the final form (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1.1, max: 3, noNaN: true }),
        fc.double({ min: 1, max: 2, noNaN: true }),
        (wider, taller) => {
          const blank = shape(cup(0.05, 0.08, 0.002, 0.002));
          const final = shape(
            cup(
              0.05 * wider,
              0.08 * taller,
              0.002 / (wider * taller),
              Math.max(0.0004, 0.002 / wider ** 2),
            ),
          );
          const map = stretchMap(blank, final);
          const middle = map.rows.filter(
            (r) =>
              r.blank.height > 0.02 &&
              r.final.height > 0.004 &&
              r.blank.height < 0.06 &&
              r.final.height < 0.075 * taller,
          );
          expect(middle.length).toBeGreaterThan(5);
          // Glass between the first and last of these rows, by ∫2π(r − t/2)t ds on either form.
          const glass = (on: 'blank' | 'final'): number =>
            middle.slice(1).reduce((sum, b, i) => {
              const a = (middle[i] as (typeof middle)[number])[on];
              const ring = (p: typeof a): number => (p.radius - p.wall / 2) * p.wall;
              return sum + Math.PI * (ring(a) + ring(b[on])) * (b[on].s - a.s);
            }, 0);
          expect(Math.abs(glass('final') / glass('blank') - 1)).toBeLessThan(0.001);
          for (const r of middle) expect(r.hoop).toBeCloseTo(wider, 6);
        },
      ),
      { numRuns: 30 },
    );
  });
});

describe('figures', () => {
  const blank = shape(cup(0.03, 0.08, 0.006, 0.006));
  const final = shape(cup(0.06, 0.12, 0.002, 0.0025));
  const map = stretchMap(blank, final);

  it('a band of dots on the final form is narrower on the blank, by the hoop stretch', () => {
    const figure = { kind: 'dots', count: 12, diameter: 0.01, height: 0.06 } as const;
    const carried = carry(map, figure, 'final');
    expect(carried).toMatchObject({ lost: 0 });
    expect(carried.blank).toHaveLength(12);
    const width = (on: 'blank' | 'final'): number => {
      const xs = flattened(map, on, carried[on][0] ?? [], 0).map(([x]) => x);
      return Math.max(...xs) - Math.min(...xs);
    };
    expect(width('final')).toBeCloseTo(0.01, 4);
    expect(width('blank')).toBeCloseTo(0.005, 4);
  });

  it('carried to the blank and read there, a place comes back where it was (property)', () => {
    const reach = Math.min(map.rows[map.rows.length - 1]?.final.s ?? 0, 0.15);
    fc.assert(
      fc.property(fc.double({ min: 0.005, max: reach - 0.002, noNaN: true }), (s) => {
        const there = across(map, 'final', s);
        const back = there && across(map, 'blank', there.blank.s);
        expect(Math.abs((back?.final.s ?? NaN) - s)).toBeLessThan(1e-6);
      }),
    );
  });

  it('denticles and drawn outlines are carried whole, and what reaches past the glass is counted lost', () => {
    expect(
      carry(map, { kind: 'denticles', count: 24, width: 0.01, tall: 0.02, height: 0.04 }, 'final'),
    ).toMatchObject({ lost: 0 });
    expect(
      carry(
        map,
        {
          kind: 'outline',
          count: 3,
          height: 0.05,
          paths: [
            [
              [0, 0],
              [0.01, 0],
              [0, 0.01],
            ],
          ],
        },
        'blank',
      ).final,
    ).toHaveLength(3);
    expect(carry(map, { kind: 'dots', count: 5, diameter: 0.5, height: 0.06 }, 'final').lost).toBe(
      5,
    );
    expect(carry(map, { kind: 'dots', count: 5, diameter: 0.01, height: 9 }, 'final').lost).toBe(5);
  });
});

describe('tangents, béziers and snapping', () => {
  const points = startingProfile('bottle');

  it('the Bézier spans are the drawn curve: the middle of each lies on the sampled line (de Casteljau)', () => {
    const line = outerLine(points);
    for (const [i, [a, b, c, d]] of bezierSpans(points).entries()) {
      const mid = (k: 0 | 1): number =>
        ((a?.[k] ?? NaN) + 3 * (b?.[k] ?? NaN) + 3 * (c?.[k] ?? NaN) + (d?.[k] ?? NaN)) / 8;
      const at = ((line.knot[i] as number) + (line.knot[i + 1] as number)) / 2;
      expect(line.r[at]).toBeCloseTo(mid(0), 9);
      expect(line.z[at]).toBeCloseTo(mid(1), 9);
    }
  });

  it('pulling a tangent to where it already is changes nothing; pulling it further does', () => {
    const same = points.map((p, i) => (i === 4 ? { ...p, pull: tangentAt(points, 4) } : p));
    expect(outerLine(same).r).toEqual(outerLine(points).r);
    const t = tangentAt(points, 4);
    const more = points.map((p, i) =>
      i === 4 ? { ...p, pull: { radius: t.radius + 0.5, height: t.height } } : p,
    );
    expect(outerLine(more).r).not.toEqual(outerLine(points).r);
  });

  it('a tangent pulled so far that the line crosses itself is refused with its points', () => {
    const wild = points.map((p, i) => (i === 5 ? { ...p, pull: { radius: -9, height: -9 } } : p));
    const reading = measureShape(wild, 0.22);
    expect(reading.ok).toBe(false);
    if (!reading.ok)
      expect(reading.problems[0]?.message).toMatch(
        /crosses itself|run into each other|thicker than the room/,
      );
  });

  it('snaps to the nearest skin within reach, and lowers a ball onto a table', () => {
    const table = { r: [0, 0.05], z: [0.01, 0.01] };
    const snapped = snapTo({ radius: 0.02, height: 0.0108 }, [table], 0.001);
    expect(snapped?.radius).toBeCloseTo(0.02, 12);
    expect(snapped?.height).toBe(0.01);
    expect(snapTo({ radius: 0.02, height: 0.02 }, [table], 0.001)).toBeUndefined();
    const ball = Array.from({ length: 33 }, (_, i) => (Math.PI * i) / 32);
    const line = {
      r: ball.map((a) => 0.02 * Math.sin(a)),
      z: ball.map((a) => 0.1 - 0.02 * Math.cos(a)),
    };
    expect(restOn(line, table, true)).toBeCloseTo(-0.07, 6);
    expect(restOn(line, { r: [0, 0.05], z: [0.2, 0.2] }, false)).toBeCloseTo(0.08, 6);
  });
});
