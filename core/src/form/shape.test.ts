// Shape: closed forms, conservation, and refusal of what cannot be made.
import * as fc from 'fast-check';
import { checkPoints } from './checkProfile';
import {
  bulbLength,
  pulledBore,
  pulledLength,
  settledThickness,
  stretch,
  tubeLength,
  tubeSection,
} from './conserve';
import { firstCrossing, trimLoops } from './crossing';
import { outerLine } from './curve';
import { FORMS, startingProfile } from './forms';
import { measureShape, type Shape } from './measure';
import type { Line, Profile } from './profile';
import { sweptArea, turned } from './revolve';
import { biggestStep, edgeReach } from './thickness';

const NU = 0.22;

/** The form's reading, or a thrown sentence: for profiles that must be good. */
function shapeOf(profile: Profile): Shape {
  const reading = measureShape(profile, NU);
  if (!reading.ok) throw new Error(reading.problems[0]?.message);
  return reading.shape;
}

/** An arc of a circle about (centreR, centreZ) from angle a to b (0 points down), as a fine polyline. */
const arc = (centreR: number, centreZ: number, radius: number, a: number, b: number): Line => {
  const n = 200;
  const angle = Array.from({ length: n + 1 }, (_, i) => a + ((b - a) * i) / n);
  return {
    r: angle.map((t) => centreR + radius * Math.sin(t)),
    z: angle.map((t) => centreZ - radius * Math.cos(t)),
  };
};

const within = (value: number, expected: number, share = 0.001): void => {
  expect(Math.abs(value / expected - 1)).toBeLessThan(share);
};

describe('solids of revolution against closed forms (CRC Standard Mathematical Tables)', () => {
  const R = 0.05;

  it('a sphere: 4/3 πR³, 4πR², its moment at its centre', () => {
    const sphere = arc(0, R, R, 0, Math.PI);
    within(turned(sphere).volume, (4 / 3) * Math.PI * R ** 3);
    within(sweptArea(sphere), 4 * Math.PI * R ** 2);
    within(turned(sphere).moment / turned(sphere).volume, R);
  });

  it('Archimedes: the sphere is two thirds of its cylinder', () => {
    const cylinder = { r: [0, R, R, 0], z: [0, 0, 2 * R, 2 * R] };
    within(turned(arc(0, R, R, 0, Math.PI)).volume, (2 / 3) * turned(cylinder).volume);
    within(turned(cylinder).moment / turned(cylinder).volume, R, 1e-9);
  });

  it('a cap of height h: πh²(3R − h)/3, also when cut from the sphere by a level', () => {
    const h = 0.02;
    const exact = (Math.PI * h * h * (3 * R - h)) / 3;
    within(turned(arc(0, R, R, 0, Math.acos(1 - h / R))).volume, exact);
    within(turned(arc(0, R, R, 0, Math.PI), h).volume, exact);
  });

  it('a frustum and a cone, exactly, with the cone’s centre at a quarter of its height', () => {
    const frustum = { r: [0.03, 0.05], z: [0, 0.1] };
    within(turned(frustum).volume, (Math.PI * 0.1 * (0.0009 + 0.0015 + 0.0025)) / 3, 1e-12);
    const cone = { r: [0.04, 0], z: [0, 0.12] };
    within(turned(cone).moment / turned(cone).volume, 0.03, 1e-12);
  });

  it('a torus, by Pappus: 2π²Rr²', () => {
    const ring = arc(0.06, 0.02, 0.01, 0, 2 * Math.PI);
    within(turned(ring).volume, 2 * Math.PI ** 2 * 0.06 * 0.01 ** 2);
  });

  it('a hollow sphere drawn with nine points: mass within 0.1 %', () => {
    const glass = shapeOf(startingProfile('ball')).glassVolume;
    within(glass, (4 / 3) * Math.PI * (0.06 ** 3 - 0.056 ** 3), 0.001);
  });
});

describe('the drawn curve', () => {
  it('passes through its points and never bulges past them', () => {
    const profile = startingProfile('bottle');
    const line = outerLine(profile);
    profile.forEach((p, i) => {
      const k = line.knot[i] as number;
      expect(line.r[k]).toBeCloseTo(p.radius, 12);
      expect(line.z[k]).toBeCloseTo(p.height, 12);
      const next = profile[i + 1];
      if (!next) return;
      for (let j = k; j <= (line.knot[i + 1] as number); j += 1) {
        expect(line.r[j]).toBeGreaterThanOrEqual(Math.min(p.radius, next.radius) - 1e-12);
        expect(line.r[j]).toBeLessThanOrEqual(Math.max(p.radius, next.radius) + 1e-12);
        expect(line.wall[j]).toBeGreaterThanOrEqual(Math.min(p.wall, next.wall) - 1e-12);
      }
    });
  });

  it('keeps a straight tube straight and its sums exact', () => {
    const tube = [0, 0.05, 0.1].map((height) => ({ height, radius: 0.02, wall: 0.002 }));
    const shape = shapeOf(tube);
    within(shape.glassVolume, Math.PI * (0.02 ** 2 - 0.018 ** 2) * 0.1, 1e-9);
    expect(shape.opening).toBe('through');
    expect(shape.capacity).toBe(0);
  });

  it('makes a corner crisp: a square-footed cylinder has its closed-form glass and capacity', () => {
    const cup: Profile = [
      { height: 0, radius: 0, wall: 0.006 },
      { height: 0, radius: 0.04, wall: 0.006, corner: true },
      { height: 0.1, radius: 0.04, wall: 0.006 },
    ];
    const shape = shapeOf(cup);
    const inside = Math.PI * 0.034 ** 2 * 0.094;
    within(shape.capacity, inside, 0.003);
    within(shape.glassVolume, Math.PI * 0.04 ** 2 * 0.1 - inside, 0.005);
    expect(shape.footRadius).toBeCloseTo(0.04, 9);
  });
});

describe('reading a form', () => {
  it.each(FORMS)('every starting form can be made: %s', (form) => {
    const shape = shapeOf(startingProfile(form));
    expect(shape.glassVolume).toBeGreaterThan(0);
    expect(shape.thickest.wall).toBeGreaterThanOrEqual(shape.thinnest.wall);
    expect(shape.centreOfMass).toBeGreaterThan(0);
    expect(shape.centreOfMass).toBeLessThan(shape.height);
  });

  it.each([
    ['tumbler', 'open'],
    ['bottle', 'narrow'],
    ['ball', 'closed'],
  ] as const)('a %s is %s', (form, opening) => {
    expect(shapeOf(startingProfile(form)).opening).toBe(opening);
  });

  // A beaker 80 by 100 mm, 4 mm everywhere: base disc 1600·4 and wall (40² − 36²)·96, in units of π mm³, at 2 and 52 mm.
  const beaker = shapeOf([
    { height: 0, radius: 0, wall: 0.004 },
    { height: 0, radius: 0.04, wall: 0.004, corner: true },
    { height: 0.1, radius: 0.04, wall: 0.004 },
  ]);
  const [disc, wall] = [1600 * 4, (1600 - 1296) * 96];

  it('a beaker’s weight sits where its disc and its wall put it, and it tips at atan(r/h_cm); a ball rolls', () => {
    const centre = (2 * disc + 52 * wall) / (disc + wall) / 1e3;
    expect(beaker.centreOfMass / centre).toBeCloseTo(1, 3);
    expect(beaker.tippingAngle).toBeCloseTo(Math.atan(0.04 / centre), 3);
    expect(shapeOf(startingProfile('ball')).tippingAngle).toBe(0);
  });

  it('a beaker’s glass and what it holds are the cylinder it stands in', () => {
    expect((beaker.glassVolume * 1e9) / (Math.PI * (disc + wall))).toBeCloseTo(1, 3);
    expect((beaker.capacity * 1e9) / (Math.PI * 1296 * 96)).toBeCloseTo(1, 3);
    expect(turned(beaker.outer).volume / (beaker.glassVolume + beaker.capacity)).toBeCloseTo(1, 3);
  });

  it('scales: lengths by s, glass by s³, the tilt not at all', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...FORMS),
        fc.double({ min: 0.3, max: 4, noNaN: true }),
        (form, s) => {
          const small = shapeOf(startingProfile(form));
          const big = shapeOf(
            startingProfile(form).map((p) => ({
              ...p,
              height: p.height * s,
              radius: p.radius * s,
              wall: p.wall * s,
            })),
          );
          within(big.glassVolume, small.glassVolume * s ** 3, 1e-6);
          if (small.capacity > 0) within(big.capacity, small.capacity * s ** 3, 1e-6);
          return Math.abs(big.centreOfMass - small.centreOfMass * s) < 1e-9;
        },
      ),
    );
  });

  it('finds the biggest step only where it is near enough to be felt', () => {
    const gentle = outerLine([
      { height: 0, radius: 0.04, wall: 0.002 },
      { height: 0.5, radius: 0.04, wall: 0.005 },
      { height: 1, radius: 0.04, wall: 0.008 },
    ]);
    const reach = edgeReach(0.04, 0.008, NU);
    expect(reach).toBeCloseTo(0.0433, 3); // π√(Rt)/[3(1−ν²)]^¼ by hand
    const felt = biggestStep(gentle, gentle.wall, NU).step;
    expect(felt).toBeLessThan(0.001);
    expect(felt).toBeGreaterThan(0.0001);
  });
});

describe('glass is conserved (PHYSICS: conservation of volume)', () => {
  it('a 70 mm bulb of 1.8 mm wall takes 74.8 mm of 32×4 tubing', () => {
    expect(bulbLength(0.035, 0.0018, { outerDiameter: 0.032, wall: 0.004 }) * 1e3).toBeCloseTo(
      74.8,
      1,
    );
  });

  it('a pull keeps volume and a tube its proportions, worked by hand', () => {
    expect(pulledLength(0.1, 0.02, 0.005)).toBeCloseTo(1.6, 12);
    expect(pulledBore(0.032, 0.024, 0.008)).toBeCloseTo(0.006, 12);
    const tube = { outerDiameter: 0.032, wall: 0.004 };
    expect(tubeLength(tubeSection(tube) * 0.3, tube)).toBeCloseTo(0.3, 12);
    expect(() => tubeSection({ outerDiameter: 0.01, wall: 0.005 })).toThrow(/cannot have a wall/);
  });

  it('stretch: hoop × meridian × thinning is one', () => {
    const metres = fc.double({ min: 0.001, max: 0.2, noNaN: true });
    fc.assert(
      fc.property(fc.tuple(metres, metres, metres, metres), ([r1, t1, r2, t2]) => {
        const { hoop, meridian } = stretch({ radius: r1, wall: t1 }, { radius: r2, wall: t2 });
        return Math.abs(hoop * meridian * (t2 / t1) - 1) < 1e-9;
      }),
    );
  });

  it('molten glass settles at about 6.4 mm (de Gennes et al.); the shop says 6', () => {
    expect(settledThickness(0.32, 2480, (125 * Math.PI) / 180) * 1e3).toBeCloseTo(6.4, 1);
  });
});

describe('what cannot be made is refused, with its place', () => {
  const tumbler = startingProfile('tumbler');
  const spoil = (index: number, change: Partial<Profile[number]>): Profile =>
    tumbler.map((p, i) => (i === index ? { ...p, ...change } : p));

  it.each<[string, Profile, number, string, RegExp]>([
    ['a zero wall', spoil(3, { wall: 0 }), 3, 'wall', /Point 4: wall 0 mm; it may be 0\.3 mm/],
    ['a negative wall', spoil(3, { wall: -0.002 }), 3, 'wall', /Point 4: wall -2 mm/],
    ['NaN', spoil(2, { height: NaN }), 2, 'height', /not a number/],
    ['a negative radius', spoil(1, { radius: -0.01 }), 1, 'radius', /radius -10 mm/],
    ['a point inside on the axis', spoil(3, { radius: 0 }), 3, 'radius', /lies on the axis/],
    ['a room-sized height', spoil(5, { height: 3 }), 5, 'height', /up to 2000 mm/],
    ['two points in one place', spoil(2, { height: 0, radius: 0.027 }), 2, 'height', /same place/],
    ['two points only', tumbler.slice(0, 2), 0, 'height', /needs 3 to 200/],
    [
      'a wall thicker than the radius',
      spoil(3, { wall: 0.04 }),
      3,
      'wall',
      /thicker than the room/,
    ],
  ])('%s', (_name, profile, point, field, message) => {
    const reading = measureShape(profile, NU);
    expect(reading.ok).toBe(false);
    const problem = reading.ok ? undefined : reading.problems[0];
    expect(problem).toMatchObject({ point, field });
    expect(problem?.message).toMatch(message);
  });

  it('an outside that crosses itself', () => {
    const crossed: Profile = [
      { height: 0, radius: 0, wall: 0.003 },
      { height: 0, radius: 0.05, wall: 0.003, corner: true },
      { height: 0.06, radius: 0.02, wall: 0.003, corner: true },
      { height: 0.06, radius: 0.05, wall: 0.003, corner: true },
      { height: 0.01, radius: 0.02, wall: 0.003 },
    ];
    const reading = measureShape(crossed, NU);
    expect(reading.ok ? '' : reading.problems[0]?.message).toMatch(/crosses itself/);
  });

  it('ten thousand points', () => {
    const many = Array.from({ length: 10_000 }, (_, i) => ({
      height: i * 1e-4,
      radius: 0.03,
      wall: 0.003,
    }));
    expect(checkPoints(many)[0]?.message).toContain('10000 points');
  });

  it('never throws and never reads a nonsense mass, whatever is drawn', () => {
    const number = fc.double({ min: -0.1, max: 0.3 });
    const point = fc.record({ height: number, radius: number, wall: number, corner: fc.boolean() });
    fc.assert(
      fc.property(fc.array(point, { maxLength: 12 }), (points) => {
        const reading = measureShape(points, NU);
        return reading.ok
          ? Number.isFinite(reading.shape.glassVolume)
          : reading.problems.length > 0;
      }),
      { numRuns: rounds(400) },
    );
  });

  it('loops at tight corners are cut where the lines cross', () => {
    const loop = { r: [0, 2, 2, 1, 1], z: [0, 0, 1, 1, -1] };
    expect(firstCrossing(loop)).toMatchObject({ i: 0, j: 3, r: 1, z: 0 });
    expect(trimLoops(loop)).toMatchObject({ r: [0, 1, 1], z: [0, 0, -1] });
  });
});
