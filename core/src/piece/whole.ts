// The whole piece: its parts on the axis and its bits off it, taken together.
import type { Glass } from '../glass/glass';
import { bitProblem, measureBit, type Bit, type BitMeasure } from '../shape/bit';
import { contact, distanceTo, type Contact } from '../shape/contact';
import { contentsTo, fillRange, type Shape } from '../shape/measure';
import { bitMesh } from '../shape/bit';
import { edgeReach } from '../shape/thickness';
import type { Part } from './part';

/** A bit as the document has it. */
export interface BitInput extends Bit {
  readonly name: string;
  readonly glass?: string | undefined;
}

/** A bit read. */
export interface ReadBit {
  readonly index: number;
  readonly name: string;
  readonly glass: Glass;
  readonly measure: BitMeasure;
  readonly mass: number;
}

/** Something to look at on the drawing that does not keep the piece from being planned. */
export interface Remark {
  /** Counts from 0 among the parts, or among the bits when `bit` is set. */
  readonly part?: number;
  readonly bit?: number;
  readonly at: { readonly r: number; readonly z: number };
  readonly message: string;
}

/** A place and how thick the glass is there. */
export interface ThickAt {
  readonly wall: number;
  readonly name: string;
  readonly height: number;
}

/** All of it. SI; the empty piece, its stopper or cork included only where it says so. */
export interface Whole {
  readonly mass: number;
  readonly volume: number;
  readonly area: number;
  readonly height: number;
  readonly lowest: number;
  /** Furthest from the axis anywhere, m. */
  readonly widest: number;
  readonly lipRadius: number;
  readonly thickest: ThickAt;
  readonly thinnest: ThickAt;
  readonly step: {
    readonly step: number;
    readonly thick: number;
    readonly thin: number;
    readonly reach: number;
    readonly where: string;
  };
  readonly centreOfMass: number;
  /** How far the centre of mass lies from the axis, m. */
  readonly offAxis: number;
  readonly footRadius: number;
  readonly tippingAngle: number;
  /** The part that holds: the one with the greatest capacity, if any holds. */
  readonly vessel: Part | undefined;
  readonly capacity: number;
  readonly fill: Fill | undefined;
  readonly remarks: readonly Remark[];
}

/** Filled to a line. */
export interface Fill {
  /** Height of the line as drawn, m; between `from` and `to`. */
  readonly line: number;
  readonly from: number;
  readonly to: number;
  readonly volume: number;
  readonly mass: number;
  readonly centreOfMass: number;
  readonly tippingAngle: number;
}

/** Skins nearer than this touch: the drawing is to the tenth of a millimetre. */
const TOUCH = 0.0003;
/** Running this far into each other counts glass twice. */
const OVERLAP = 0.0008;
const FOOT_CONTACT = 1e-5;
const LEAST_FOOT = 0.002;
/** Water, kg/m³ (CRC Handbook, 20 °C: 998). */
const WATER = 998;

const mm = (v: number): string => `${String(Number((v * 1e3).toFixed(1)))} mm`;

/** Puts parts and bits together. Needs one part at least. */
export function wholePiece(
  parts: readonly Part[],
  bits: readonly (ReadBit & { readonly input: BitInput })[],
  fillLine: number | undefined,
): Whole {
  const standing = parts.filter((p) => p.role === 'joined');
  const joined = standing.length > 0 ? standing : parts;
  let mass = 0;
  let volume = 0;
  let area = 0;
  let moment = 0;
  const side = [0, 0];
  let lowest = Infinity;
  let highest = -Infinity;
  let widest = 0;
  for (const p of parts) {
    mass += p.mass;
    volume += p.shape.glassVolume;
    area += p.shape.outsideArea;
    moment += p.shape.moment * p.glass.density;
    lowest = Math.min(lowest, p.shape.lowest);
    highest = Math.max(highest, p.shape.lowest + p.shape.height);
    widest = Math.max(widest, p.shape.widest);
  }
  for (const b of bits) {
    mass += b.mass;
    volume += b.measure.volume;
    area += b.measure.area;
    moment += b.mass * b.measure.centre[2];
    side[0] = (side[0] as number) + b.mass * b.measure.centre[0];
    side[1] = (side[1] as number) + b.mass * b.measure.centre[1];
    lowest = Math.min(lowest, b.measure.lowest);
    highest = Math.max(highest, b.measure.highest);
    widest = Math.max(widest, b.measure.reach);
  }
  let foot = 0;
  for (const { shape } of joined)
    shape.outer.r.forEach((r, i) => {
      if ((shape.outer.z[i] as number) - lowest <= FOOT_CONTACT) foot = Math.max(foot, r);
    });
  const footRadius = foot < LEAST_FOOT ? 0 : foot;
  const offAxis = Math.hypot(side[0] as number, side[1] as number) / mass;
  const centreOfMass = moment / mass - lowest;
  const tips = (h: number, off: number): number => Math.atan2(Math.max(0, footRadius - off), h);

  let vessel: Part | undefined;
  for (const p of joined) if (p.shape.capacity > (vessel?.shape.capacity ?? 0)) vessel = p;
  const fill = vessel && filled(vessel, fillLine, { mass, moment, lowest, offAxis, tips });
  const { thickest, thinnest } = extremes(parts, bits);
  const contacts = joins(joined);
  const top = joined.reduce((a, b) =>
    a.shape.lowest + a.shape.height >= b.shape.lowest + b.shape.height ? a : b,
  );
  return {
    mass,
    volume,
    area,
    height: highest - lowest,
    lowest,
    widest,
    lipRadius: (vessel ?? top).shape.lipRadius,
    thickest,
    thinnest,
    step: worstStep(parts, contacts),
    centreOfMass,
    offAxis,
    footRadius,
    tippingAngle: tips(centreOfMass, offAxis),
    vessel,
    capacity: vessel?.shape.capacity ?? 0,
    fill,
    remarks: [
      ...looseParts(joined, contacts),
      ...overlaps(joined, contacts),
      ...looseBits(bits, parts),
    ],
  };
}

interface Standing {
  readonly mass: number;
  readonly moment: number;
  readonly lowest: number;
  readonly offAxis: number;
  readonly tips: (h: number, off: number) => number;
}

/** Filled to the line (or the brim), the contents taken as if they stood still while it tilts. */
function filled(vessel: Part, wanted: number | undefined, s: Standing): Fill | undefined {
  const range = fillRange(vessel.shape);
  if (!range) return undefined;
  const [from, to] = range;
  const line = Math.min(to, Math.max(from, wanted ?? to));
  const contents = contentsTo(vessel.shape, line);
  const mass = contents.volume * WATER;
  const centreOfMass = (s.moment + contents.moment * WATER) / (s.mass + mass) - s.lowest;
  return {
    line,
    from,
    to,
    volume: contents.volume,
    mass,
    centreOfMass,
    tippingAngle: s.tips(centreOfMass, (s.offAxis * s.mass) / (s.mass + mass)),
  };
}

function extremes(
  parts: readonly Part[],
  bits: readonly ReadBit[],
): { thickest: ThickAt; thinnest: ThickAt } {
  let thickest: ThickAt | undefined;
  let thinnest: ThickAt | undefined;
  const see = (wall: number, name: string, height: number): void => {
    if (!thickest || wall > thickest.wall) thickest = { wall, name, height };
    if (!thinnest || wall < thinnest.wall) thinnest = { wall, name, height };
  };
  for (const { shape, name } of parts)
    for (const w of [shape.thickest, shape.thinnest])
      see(w.wall, name, shape.outer.z[w.at] as number);
  for (const b of bits) see(b.measure.thickness, b.name, b.measure.centre[2]);
  const none = { wall: 0, name: '', height: 0 };
  return { thickest: thickest ?? none, thinnest: thinnest ?? none };
}

interface Join extends Contact {
  readonly a: number;
  readonly b: number;
}

/** Every pair of parts that touches. */
function joins(parts: readonly Part[]): Join[] {
  const found: Join[] = [];
  parts.forEach((a, i) => {
    parts.slice(i + 1).forEach((b, k) => {
      if (!near(a.shape, b.shape)) return;
      const c = contact(a.outline, b.outline, TOUCH);
      if (c) found.push({ ...c, a: i, b: i + 1 + k });
    });
  });
  return found;
}

const near = (a: Shape, b: Shape): boolean =>
  a.lowest - TOUCH <= b.lowest + b.height && b.lowest - TOUCH <= a.lowest + a.height;

/** Wall of a part where something touches it. */
function wallNear(part: Part, at: { r: number; z: number }): number {
  const { r, z, wall } = part.shape.outer;
  let best = Infinity;
  let found = 0;
  r.forEach((v, i) => {
    const d = (v - at.r) ** 2 + ((z[i] as number) - at.z) ** 2;
    if (d < best) {
      best = d;
      found = wall[i] as number;
    }
  });
  return found;
}

/** The biggest step: inside one part, or across a join. */
function worstStep(parts: readonly Part[], contacts: readonly Join[]): Whole['step'] {
  let worst: Whole['step'] = { step: 0, thick: 0, thin: 0, reach: 0, where: '' };
  for (const { shape, name } of parts)
    if (shape.step.step > worst.step || worst.thick === 0)
      worst = {
        step: shape.step.step,
        thick: shape.step.thick.wall,
        thin: shape.step.thin.wall,
        reach: shape.step.reach,
        where: `in the ${name}`,
      };
  for (const c of contacts) {
    const [a, b] = [parts[c.a] as Part, parts[c.b] as Part];
    const wa = wallNear(a, c.at);
    const wb = wallNear(b, c.at);
    if (Math.abs(wa - wb) > worst.step)
      worst = {
        step: Math.abs(wa - wb),
        thick: Math.max(wa, wb),
        thin: Math.min(wa, wb),
        reach: edgeReach(Math.max(c.at.r, 0.001), Math.max(wa, wb), a.glass.poisson),
        where: `where ${a.name} meets ${b.name}`,
      };
  }
  return worst;
}

/** Parts that hang in the air: not joined, through others, to the first. */
function looseParts(parts: readonly Part[], contacts: readonly Join[]): Remark[] {
  const reached = new Set([0]);
  for (let grown = true; grown;) {
    grown = false;
    for (const { a, b } of contacts)
      if (reached.has(a) !== reached.has(b)) {
        reached.add(a).add(b);
        grown = true;
      }
  }
  return parts.flatMap((p, i): Remark[] => {
    if (reached.has(i)) return [];
    const gap = parts.reduce((least, other, k) => {
      if (k === i) return least;
      const above = p.shape.lowest - (other.shape.lowest + other.shape.height);
      const below = other.shape.lowest - (p.shape.lowest + p.shape.height);
      return Math.min(least, Math.max(above, below));
    }, Infinity);
    const away = gap > TOUCH ? `, ${mm(gap)} away from the nearest` : '';
    return [
      {
        part: p.index,
        at: { r: 0, z: p.shape.lowest },
        message: `Part ${String(p.index + 1)}, ${p.name}, touches no other part${away}; move it until the skins meet (Snap does it).`,
      },
    ];
  });
}

const overlaps = (parts: readonly Part[], contacts: readonly Join[]): Remark[] =>
  contacts.flatMap((c): Remark[] => {
    if (c.depth <= OVERLAP) return [];
    const [a, b] = [parts[c.a] as Part, parts[c.b] as Part];
    return [
      {
        part: b.index,
        at: c.at,
        message: `Part ${String(b.index + 1)}, ${b.name}, runs ${mm(c.depth)} into ${a.name}, so that glass is counted twice; move it out until the skins meet.`,
      },
    ];
  });

/** A bit must touch a part: some corner of it lies in the part's glass or on its skin. */
function looseBits(
  bits: readonly (ReadBit & { readonly input: BitInput })[],
  parts: readonly Part[],
): Remark[] {
  return bits.flatMap((b): Remark[] => {
    const { positions } = bitMesh({ shape: b.input.shape, place: { ...b.input.place, copies: 1 } });
    let gap = Infinity;
    let at = { r: 0, z: 0 };
    for (let i = 0; i < positions.length && gap > TOUCH; i += 3) {
      const r = Math.hypot(positions[i] as number, positions[i + 1] as number);
      const z = positions[i + 2] as number;
      for (const p of parts) {
        const d = Math.max(0, distanceTo(p.outline, r, z));
        if (d < gap) {
          gap = d;
          at = { r, z };
        }
      }
    }
    return gap <= TOUCH * 2
      ? []
      : [
          {
            bit: b.index,
            at,
            message: `${b.name} hangs in the air, ${mm(gap)} from the nearest part; move it in until it touches.`,
          },
        ];
  });
}

/** Reads a bit, or says what is wrong with it. */
export function readBit(
  input: BitInput,
  index: number,
  glass: Glass,
):
  | { readonly ok: true; readonly bit: ReadBit & { readonly input: BitInput } }
  | { readonly ok: false; readonly message: string } {
  const message = bitProblem(input, input.name);
  if (message !== undefined) return { ok: false, message };
  const measure = keptMeasure(input);
  return {
    ok: true,
    bit: { index, name: input.name, glass, measure, mass: measure.volume * glass.density, input },
  };
}

const measures = new WeakMap<object, { readonly place: object; readonly measure: BitMeasure }>();
function keptMeasure(input: BitInput): BitMeasure {
  const before = measures.get(input.shape);
  if (before?.place === input.place) return before.measure;
  const measure = measureBit(input);
  measures.set(input.shape, { place: input.place, measure });
  return measure;
}
