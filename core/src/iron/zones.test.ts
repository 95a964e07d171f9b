// A part cut into zones: no skin and no glass is lost by it, thin and thick places are told apart.
import { FORMS, startingParts, startingProfile } from '../form/forms';
import { measureShape, type Shape } from '../form/measure';
import { SHIPPED_RACK } from '../rack/rack';
import { emissivity } from './surroundings';
import { CELLS, lumpOf, SIDES, wallZone, zonesOf, zonesOnPipe, type HeatZone } from './zones';

const glass = SHIPPED_RACK.glass('soft-batch-96');
if (!glass) throw new Error('no soft glass');

const shapeOf = (form: (typeof FORMS)[number]): Shape => {
  const read = measureShape(startingProfile(form), glass.poisson, form === 'solid');
  if (!read.ok) throw new Error(`${form} can be made`);
  return read.shape;
};
/** Glass in a zone, m³: skin times thickness, of a rod half its radius, of a ball a third. */
const volumeOf = (z: HeatZone): number =>
  z.area * z.thickness * (z.kind === 'slab' ? 1 : z.kind === 'rod' ? 1 / 2 : 1 / 3);
/** The outer skin of a form by Pappus, m². */
const skinOf = ({ outer }: Shape): number => {
  let sum = 0;
  for (let i = 1; i < outer.r.length; i += 1)
    sum +=
      Math.PI *
      ((outer.r[i - 1] as number) + (outer.r[i] as number)) *
      ((outer.s[i] as number) - (outer.s[i - 1] as number));
  return sum;
};

describe('zones of a hollow form', () => {
  const hollow = FORMS.filter((f) => startingParts(f).length === 1 && !startingParts(f)[0]?.work);

  it.each(hollow)('%s: all of its skin is in one zone or another', (form) => {
    const shape = shapeOf(form);
    const sides = (z: HeatZone): number =>
      z.name === 'lip' ? SIDES.lip : shape.opening === 'closed' ? SIDES.closed : SIDES.open;
    const skin = zonesOf(shape, glass).reduce((sum, z) => sum + z.area / sides(z), 0);
    expect(skin / skinOf(shape)).toBeCloseTo(1, 2);
  });
  it.each(hollow)('%s: its glass is in them, within what curving a wall takes', (form) => {
    const shape = shapeOf(form);
    const glassHere = zonesOf(shape, glass).reduce((sum, z) => sum + volumeOf(z), 0);
    // A wall measured from outside is longer than its middle: up to a tenth more glass.
    expect(glassHere / shape.glassVolume).toBeGreaterThan(0.97);
    expect(glassHere / shape.glassVolume).toBeLessThan(1.13);
  });
  it.each(hollow)('%s: ends are named from the base up, and hang together all the way', (form) => {
    const zones = zonesOf(shapeOf(form), glass);
    expect(zones[0]?.end).toBe('base');
    expect(zones.at(-1)?.end).toBe('top');
    for (const z of zones.slice(0, -1)) expect(z.up).toBeGreaterThan(0);
    expect(zones.at(-1)?.up).toBe(0);
    for (const z of zones) expect(z.grid.cells).toBe(CELLS);
  });
  it('a closed form has no lip', () => {
    expect(zonesOf(shapeOf('ball'), glass).map((z) => z.name)).toEqual([
      'lower half',
      'middle',
      'upper end',
    ]);
  });
});

describe('zones of a solid', () => {
  it('as wide as high is one ball, of its own volume', () => {
    const shape = shapeOf('solid');
    const zones = zonesOf(shape, glass);
    expect(zones).toHaveLength(1);
    const radius = zones[0]?.thickness ?? 0;
    expect((4 / 3) * Math.PI * radius ** 3).toBeCloseTo(shape.glassVolume, 12);
    expect(zones[0]?.kind).toBe('ball');
  });
  it('long and flat has the skin and the glass of its cut', () => {
    const flat = { kind: 'oval', depth: 0.3, square: 2 } as const;
    const at = (height: number, radius: number) => ({ height, radius, wall: 0.003, corner: true });
    const share = (across?: typeof flat): { glass: number; skin: number } => {
      const rod = [at(0, 0), at(0, 0.02), at(0.2, 0.02), at(0.2, 0)];
      const read = measureShape(rod, 0.22, true, across);
      if (!read.ok) throw new Error('it can be made');
      const zones = zonesOf(read.shape, glass);
      return {
        glass: zones.reduce((sum, z) => sum + volumeOf(z), 0) / read.shape.glassVolume,
        skin: zones.reduce((sum, z) => sum + z.area, 0) / read.shape.outsideArea,
      };
    };
    const [round, flattened] = [share(), share(flat)];
    expect(Math.abs(flattened.glass / round.glass - 1)).toBeLessThan(0.05);
    expect(Math.abs(flattened.skin / round.skin - 1)).toBeLessThan(0.06);
  });
  it('longer than wide is rods with ends', () => {
    const stem = startingParts('stemmed').find(
      (p) => p.work === 'solid' && p.name.includes('stem'),
    );
    if (!stem) throw new Error('a stemmed glass has a stem');
    const read = measureShape(stem.profile, glass.poisson, true);
    if (!read.ok) throw new Error('the stem can be made');
    const zones = zonesOf(read.shape, glass);
    expect(zones.map((z) => z.kind)).toEqual(['rod', 'rod', 'rod']);
    for (const z of zones) expect(z.thickness).toBeLessThanOrEqual(read.shape.widest * 1.001);
  });
});

describe('on the pipe', () => {
  it('the lip to be is thick and closed; everything else is as it will be', () => {
    const zones = zonesOf(shapeOf('tumbler'), glass);
    const hung = zonesOnPipe(zones, glass);
    expect(hung).toHaveLength(zones.length);
    hung.forEach((z, i) => {
      const own = zones[i] as HeatZone;
      if (own.name === 'lip') {
        expect(z.thickness).toBeGreaterThan(1.5 * own.thickness);
        expect(z.area).toBeLessThan(own.area);
      } else expect(z).toBe(own);
    });
  });
});

describe('a lump', () => {
  it.each([1e-6, 1e-4, 1e-3])('of %p m³ is a ball of that volume, hot all through', (volume) => {
    const lump = lumpOf(volume, glass);
    expect((4 / 3) * Math.PI * lump.thickness ** 3).toBeCloseTo(volume, 12);
    expect(lump.area).toBeCloseTo(4 * Math.PI * lump.thickness ** 2, 12);
    expect(lump.emissivity).toBe(emissivity(2 * lump.thickness));
  });
  it('of nothing is a drop, not a hole in the sums', () => {
    expect(lumpOf(0, glass).thickness).toBeGreaterThan(0);
  });
});

describe('a wall of which so many skins count', () => {
  it('has its glass over more skin, and shines by its own thickness', () => {
    const one = wallZone({ name: 'wall', end: 'middle' }, 0.004, 1, 0.01, glass, 0);
    const two = wallZone({ name: 'wall', end: 'middle' }, 0.004, 2, 0.01, glass, 0);
    expect(volumeOf(two)).toBeCloseTo(volumeOf(one), 15);
    expect(two.area).toBeCloseTo(2 * one.area, 15);
    expect(two.emissivity).toBe(one.emissivity);
  });
});
