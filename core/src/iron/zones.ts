// A part cut into zones along its profile: thin rims and thick bases heat and cool each in their own time.
import type { Glass } from '../glass/glass';
import type { Shape } from '../form/measure';
import { cellGrid, type CellGrid, type WallKind } from '../conduction/cells';
import { mark, tr, trWord } from '../words/tr';
import { emissivity } from './surroundings';

/** Cells through a wall: within 2 % of the closed forms (tested). */
export const CELLS = 8;
/** Glass above its annealing range holds so much, J/(kg·K) (PHYSICS 1). */
const HOT_HEAT = 1300;

/** One zone. SI. */
export interface HeatZone {
  /** In English; `placeOf` says it. */
  readonly name: string;
  readonly end: 'base' | 'middle' | 'top';
  readonly kind: WallKind;
  /** Of a rod or ball its radius; of a wall its glass over the skin that counts, m. */
  readonly thickness: number;
  /** Outer skin, m². */
  readonly area: number;
  readonly grid: CellGrid;
  readonly emissivity: number;
  /** To the zone above it, W/K; 0 at the top. */
  readonly up: number;
  /** How it stands, for what its own weight does to it. */
  readonly stand: Stand;
}

/** Where a zone is when the piece stands: its lowest height, how tall it is, how far it leans out over what carries it, m; the wall. */
export interface Stand {
  readonly bottom: number;
  readonly tall: number;
  readonly out: number;
  readonly wall: number;
}

/** Glass in a zone, m³. */
export const zoneVolume = (z: Pick<HeatZone, 'area' | 'grid'>): number => {
  let sum = 0;
  for (const v of z.grid.volume) sum += v;
  return z.area * sum;
};

/** How a zone lies along the profile. */
interface Span {
  readonly name: string;
  readonly end: HeatZone['end'];
  readonly from: number;
  readonly to: number;
}

const HOLLOW: readonly Span[] = [
  { name: mark('base'), end: 'base', from: 0, to: 0.18 },
  { name: mark('lower wall'), end: 'middle', from: 0.18, to: 0.52 },
  { name: mark('upper wall'), end: 'middle', from: 0.52, to: 0.86 },
  { name: mark('lip'), end: 'top', from: 0.86, to: 1 },
];
const CLOSED: readonly Span[] = [
  { name: mark('lower half'), end: 'base', from: 0, to: 0.4 },
  { name: mark('middle'), end: 'middle', from: 0.4, to: 0.75 },
  { name: mark('upper end'), end: 'top', from: 0.75, to: 1 },
];
const SOLID: readonly Span[] = [
  { name: mark('lower end'), end: 'base', from: 0, to: 0.34 },
  { name: mark('middle'), end: 'middle', from: 0.34, to: 0.67 },
  { name: mark('upper end'), end: 'top', from: 0.67, to: 1 },
];
/** A solid no longer than so many times its width is one ball. */
const BALL = 1.3;
/** Glass over skin under this share of a ball's: a disc, not a ball. */
const FLAT = 0.75;

/**
 * Hot glass passes heat by shining through itself too: about so much altogether at working heat, W/(m·K). From memory.
 */
export const HOT_CONDUCTIVITY = 2;
/**
 * How many of a wall's two skins count: an open form's inside sends part of its heat back to itself, a closed one's nearly
 * all, a lip's none. Calibrated with the conductivity to the rough times of PHYSICS 5.
 */
export const SIDES = { open: 1.6, closed: 1.15, lip: 2 } as const;

/** A wall of which so many skins count: as much glass over more skin. */
export const wallZone = (
  span: Pick<Span, 'name' | 'end'>,
  wall: number,
  sides: number,
  area: number,
  glass: Glass,
  up: number,
  stand: Omit<Stand, 'wall'> = NOWHERE,
): HeatZone => ({
  ...zone(span, 'slab', wall / sides, sides * area, glass, up, { ...stand, wall }),
  emissivity: emissivity(wall),
});

/** A zone whose place nobody asks for: it bears nothing. */
const NOWHERE = { bottom: 0, tall: 0, out: 0 } as const;

const zone = (
  span: Pick<Span, 'name' | 'end'>,
  kind: WallKind,
  thickness: number,
  area: number,
  glass: Glass,
  up: number,
  stand: Stand,
): HeatZone => ({
  name: span.name,
  end: span.end,
  kind,
  thickness,
  area,
  grid: cellGrid(kind, thickness, CELLS, HOT_CONDUCTIVITY, glass.moltenDensity * HOT_HEAT),
  emissivity: emissivity(kind === 'slab' ? thickness : 2 * thickness),
  up,
  stand,
});

/** Zones of a finished part, base to top. */
export function zonesOf(shape: Shape, glass: Glass): HeatZone[] {
  const { outer } = shape;
  const n = outer.r.length;
  if (shape.opening === 'solid' && shape.height < BALL * 2 * shape.widest) {
    const radius = ((3 * shape.glassVolume) / (4 * Math.PI)) ** (1 / 3);
    const stand = { bottom: shape.lowest, tall: shape.height, out: 0 };
    // A flat one has far more skin than a ball of its glass, and cools by both faces.
    const deep = shape.glassVolume / shape.outsideArea;
    if (deep < FLAT * (radius / 3))
      return [
        zone(
          { name: mark('all of it'), end: 'middle' },
          'slab',
          deep,
          shape.outsideArea,
          glass,
          0,
          {
            ...stand,
            wall: 2 * deep,
          },
        ),
      ];
    return [
      zone(
        { name: mark('all of it'), end: 'middle' },
        'ball',
        radius,
        4 * Math.PI * radius ** 2,
        glass,
        0,
        { ...stand, wall: 2 * radius },
      ),
    ];
  }
  const solid = shape.opening === 'solid';
  const spans = solid ? SOLID : shape.opening === 'closed' ? CLOSED : HOLLOW;
  const length = outer.s[n - 1] as number;
  // Of a form that is not round: its way round, and the radius of the rod with as much glass over as much skin.
  const rim = shape.cut?.rim ?? 1;
  const deep = shape.cut ? shape.cut.area / shape.cut.rim : 1;
  const cut = spans.map((span) => {
    let area = 0;
    let weighed = 0;
    let r = 0;
    let count = 0;
    let [low, high, narrow, wide] = [Infinity, -Infinity, Infinity, 0];
    for (let i = 1; i < n; i += 1) {
      const middle = ((outer.s[i - 1] as number) + (outer.s[i] as number)) / 2 / length;
      if (middle < span.from || middle >= span.to) continue;
      const ds = (outer.s[i] as number) - (outer.s[i - 1] as number);
      const radius = ((outer.r[i - 1] as number) + (outer.r[i] as number)) / 2;
      const ring = 2 * Math.PI * radius * rim * ds;
      area += ring;
      weighed += ((shape.thick[i - 1] as number) + (shape.thick[i] as number)) * 0.5 * ring;
      r += radius * deep;
      count += 1;
      for (const k of [i - 1, i]) {
        low = Math.min(low, outer.z[k] as number);
        high = Math.max(high, outer.z[k] as number);
        narrow = Math.min(narrow, outer.r[k] as number);
        wide = Math.max(wide, outer.r[k] as number);
      }
    }
    const tall = Math.max(0, high - low);
    return {
      span,
      area: Math.max(area, 1e-6),
      wall: Math.max(area > 0 ? weighed / area : 0, 3e-4),
      radius: Math.max(count > 0 ? r / count : 0, 5e-4),
      stand: {
        bottom: count > 0 ? low : 0,
        tall,
        // What stands on the table all over leans on nothing; a steep wall carries itself.
        out: count > 0 && low > shape.lowest + 1e-4 ? Math.max(0, wide - narrow - tall) : 0,
      },
    };
  });
  const apart = length / spans.length;
  return cut.map(({ span, area, wall, radius, stand }, i) => {
    const next = cut[i + 1];
    const neck = next
      ? solid
        ? Math.PI * Math.min(radius, next.radius) ** 2
        : Math.PI * (radius + next.radius) * Math.min(wall, next.wall)
      : 0;
    const up = (HOT_CONDUCTIVITY * neck) / apart;
    return solid
      ? zone(span, 'rod', radius, area, glass, up, { ...stand, wall })
      : wallZone(
          span,
          wall,
          span.name === 'lip' ? SIDES.lip : shape.opening === 'closed' ? SIDES.closed : SIDES.open,
          area,
          glass,
          up,
          stand,
        );
  });
}

/** A wall on the pipe is at least so thick at its top, m; common practice, no source. */
const AT_PIPE = 0.005;

/** The zones while the top still hangs on the pipe: what will be the lip is thick there, and closed. */
export const zonesOnPipe = (zones: readonly HeatZone[], glass: Glass): HeatZone[] =>
  zones.map((z) => {
    if (z.name !== 'lip') return z;
    const wall = Math.max(AT_PIPE, 1.5 * SIDES.lip * z.thickness);
    return wallZone(z, wall, SIDES.closed, z.area / SIDES.lip / 2, glass, z.up, z.stand);
  });

/** The lump a part is before it has its form: a ball of the glass on the iron. Volume m³. */
export const lumpOf = (volume: number, glass: Glass): HeatZone => {
  const radius = ((3 * Math.max(volume, 1e-9)) / (4 * Math.PI)) ** (1 / 3);
  return zone(ON_THE_IRON, 'ball', radius, 4 * Math.PI * radius ** 2, glass, 0, {
    ...NOWHERE,
    tall: 2 * radius,
    wall: 2 * radius,
  });
};
const ON_THE_IRON = { name: mark('on the iron'), end: 'middle' } as const;

/**
 * The same glass half way to its form: glass over skin goes from the lump's to the form's by the same ratio with every second of
 * blowing or shaping. `done` between 0 (the lump) and 1. What it will be are its zones.
 */
export function halfFormed(
  volume: number,
  will: readonly HeatZone[],
  done: number,
  glass: Glass,
): HeatZone {
  const lump = lumpOf(volume, glass);
  const skin = will.reduce((sum, z) => sum + z.area, 0);
  const held = will.reduce((sum, z) => sum + zoneVolume(z), 0);
  const [from, to] = [lump.thickness / 3, skin > 0 ? held / skin : lump.thickness / 3];
  // Shaping a solid never makes it thicker than the lump.
  const thickness = from * (Math.min(from, to) / from) ** Math.max(0, Math.min(1, done));
  return zone(ON_THE_IRON, 'slab', thickness, zoneVolume(lump) / thickness, glass, 0, {
    ...NOWHERE,
    wall: thickness,
  });
}

/** A bit as it hangs on a part: a ball or a rod of its own, so thick, so heavy (kg). */
export function bitZone(mass: number, thickness: number, glass: Glass): HeatZone {
  const volume = Math.max(mass / glass.density, 1e-9);
  const ball = lumpOf(volume, glass);
  const radius = Math.min(ball.thickness, Math.max(thickness / 2, 5e-4));
  if (radius > 0.8 * ball.thickness) return ball;
  return zone(ON_THE_IRON, 'rod', radius, (2 * volume) / radius, glass, 0, {
    ...NOWHERE,
    wall: 2 * radius,
  });
}

/** The same zone with a wall so many times as thick, its skin as it was. */
export const thicker = (z: HeatZone, times: number, glass: Glass): HeatZone => ({
  ...zone(z, z.kind, z.thickness * times, z.area, glass, z.up * times, {
    ...z.stand,
    wall: z.stand.wall * times,
  }),
});

/** "the lip of the bowl", or "the bowl" where it is one lump. */
export const placeOf = (zone: string, part: string): string =>
  zone === 'on the iron' || zone === 'all of it' || zone === ''
    ? tr`the ${part}`
    : tr`the ${trWord(zone)} of the ${part}`;
