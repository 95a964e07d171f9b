// The inner surface: everywhere a wall away from the outside, and exact where the geometry is known.
import * as fc from 'fast-check';
import { outerLine } from './curve';
import { FORMS, startingProfile } from './forms';
import { innerLine } from './inner';
import { measureShape } from './measure';
import type { Line, Profile } from './profile';

/** Shortest distance from a point to a polyline, by brute force: the check's own geometry, not the core's. */
function distanceTo(line: Line, r: number, z: number): number {
  let best = Infinity;
  for (let i = 0; i < line.r.length - 1; i += 1) {
    const ar = line.r[i] as number;
    const az = line.z[i] as number;
    const dr = (line.r[i + 1] as number) - ar;
    const dz = (line.z[i + 1] as number) - az;
    const t = Math.max(0, Math.min(1, ((r - ar) * dr + (z - az) * dz) / (dr * dr + dz * dz || 1)));
    best = Math.min(best, Math.hypot(r - ar - t * dr, z - az - t * dz));
  }
  return best;
}

describe('the inner line', () => {
  it.each(FORMS)('of a %s of even wall lies one wall from the outside everywhere', (form) => {
    const wall = 0.003;
    const outer = outerLine(startingProfile(form).map((p) => ({ ...p, wall })));
    const inner = innerLine(outer);
    expect(inner.pinchedAt).toBeUndefined();
    inner.r.forEach((r, i) => {
      const z = inner.z[i] as number;
      // The outside mirrored in the axis counts too: near the pole of a ball the nearest point is across it.
      const d = Math.min(distanceTo(outer, r, z), distanceTo(outer, -r, z));
      expect(d).toBeGreaterThan(wall * 0.97);
      expect(d).toBeLessThan(wall * 1.03);
    });
  });

  it('of a sphere is the concentric sphere', () => {
    const inner = innerLine(outerLine(startingProfile('ball')));
    inner.r.forEach((r, i) => {
      expect(Math.hypot(r, (inner.z[i] as number) - 0.06)).toBeCloseTo(0.056, 4);
    });
  });

  it('of a cone fills its tip solid: the hollow starts at wall / sin(half angle)', () => {
    const half = Math.PI / 6;
    const cone: Profile = [0, 0.04, 0.1].map((height, i) => ({
      height,
      radius: height * Math.tan(half),
      wall: 0.004,
      corner: i === 0,
    }));
    const inner = innerLine(outerLine(cone));
    expect(inner.r[0]).toBeCloseTo(0, 6);
    expect(inner.z[0]).toBeCloseTo(0.004 / Math.sin(half), 4);
  });

  it('stays inside the silhouette and off the far side of the axis, for any gentle vase', () => {
    const radius = fc.double({ min: 0.03, max: 0.06, noNaN: true });
    fc.assert(
      fc.property(fc.array(radius, { minLength: 3, maxLength: 6 }), (radii) => {
        const vase: Profile = [
          { height: 0, radius: 0, wall: 0.003 },
          ...radii.map((r, i) => ({ height: 0.03 * i, radius: r, wall: 0.003, corner: i === 0 })),
        ];
        const reading = measureShape(vase, 0.22);
        if (!reading.ok) return true; // refused in words: shape.test.ts
        const { inner, widest } = reading.shape;
        return inner.r.every((r) => r >= 0 && r < widest);
      }),
    );
  });
});

describe('what is read off the lines', () => {
  it('a drinking glass of plain cylinder: centre of mass and tilt by hand', () => {
    const R = 0.04;
    const H = 0.1;
    const w = 0.005;
    const cup: Profile = [
      { height: 0, radius: 0, wall: w },
      { height: 0, radius: R, wall: w, corner: true },
      { height: H, radius: R, wall: w },
    ];
    const reading = measureShape(cup, 0.22);
    if (!reading.ok) throw new Error(reading.problems[0]?.message);
    const base = R * R * w;
    const side = (R * R - (R - w) ** 2) * (H - w);
    const centre = (base * (w / 2) + side * (w + (H - w) / 2)) / (base + side);
    expect(reading.shape.centreOfMass / centre).toBeCloseTo(1, 2);
    expect(reading.shape.tippingAngle).toBeCloseTo(Math.atan(R / centre), 2);
    expect(reading.shape.height).toBeCloseTo(H, 9);
    expect(reading.shape.opening).toBe('open');
  });

  it('a flared lip counts to its highest edge, where the liquid must climb over', () => {
    const plate = measureShape(startingProfile('plate'), 0.22);
    if (!plate.ok) throw new Error('the plate should be good');
    const { inner, outer, height } = plate.shape;
    const innerEdge = inner.z[inner.z.length - 1] as number;
    expect(innerEdge).toBeGreaterThan(outer.z[outer.z.length - 1] as number);
    expect(height).toBeCloseTo(innerEdge, 9);
  });

  it('splitting a span by a point on its own curve leaves the glass as it was', () => {
    for (const form of FORMS) {
      const profile = startingProfile(form);
      const outer = outerLine(profile);
      const at = Math.round(((outer.knot[2] as number) + (outer.knot[3] as number)) / 2);
      const middle = {
        height: outer.z[at] as number,
        radius: outer.r[at] as number,
        wall: outer.wall[at] as number,
      };
      const more = [...profile.slice(0, 3), middle, ...profile.slice(3)];
      const before = measureShape(profile, 0.22);
      const after = measureShape(more, 0.22);
      if (!before.ok || !after.ok) throw new Error('the starting form should be good');
      expect(Math.abs(after.shape.glassVolume / before.shape.glassVolume - 1)).toBeLessThan(0.005);
    }
  });
});
