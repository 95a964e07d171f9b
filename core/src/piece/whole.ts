// The whole piece: its parts on the axis and its bits off it, taken together.
import { tr } from '../words/tr';
import { edgeReach } from '../form/thickness';
import type { BitInput, ReadBit } from './bits';
import { joinsOf, looseParts, overlaps, wallNear, type Join, type Remark } from './joins';
import { holdsMost, type Capacity } from './holds';
import { lipless, looseBits } from './looseBits';
import { piercing } from './pierced';
import type { Part } from './part';

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
  /** Half how wide the surface is there, m. */
  readonly radius: number;
  readonly volume: number;
  readonly mass: number;
  readonly centreOfMass: number;
  readonly tippingAngle: number;
}

const FOOT_CONTACT = 1e-5;
const LEAST_FOOT = 0.002;
/** Water, kg/m³ (CRC Handbook, 20 °C: 998). */
const WATER = 998;

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
    moment += p.shape.moment * (p.mass / p.shape.glassVolume);
    lowest = Math.min(lowest, p.shape.lowest);
    highest = Math.max(highest, p.shape.lowest + p.shape.height);
    widest = Math.max(widest, p.shape.widest * (p.shape.cut?.far ?? 1));
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
      if ((shape.outer.z[i] as number) - lowest <= FOOT_CONTACT)
        foot = Math.max(foot, r * (shape.cut?.stands ?? 1));
    });
  const footRadius = foot < LEAST_FOOT ? 0 : foot;
  const offAxis = Math.hypot(side[0] as number, side[1] as number) / mass;
  const centreOfMass = moment / mass - lowest;
  const tips = (h: number, off: number): number => Math.atan2(Math.max(0, footRadius - off), h);

  const holds = holdsMost(joined, bits);
  const vessel = holds?.part;
  const fill = holds && filled(holds, fillLine, { mass, moment, lowest, offAxis, tips });
  const { thickest, thinnest } = extremes(parts, bits);
  const contacts = joinsOf(joined);
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
    step: worstStep(joined, contacts),
    centreOfMass,
    offAxis,
    footRadius,
    tippingAngle: tips(centreOfMass, offAxis),
    vessel,
    capacity: holds?.capacity ?? 0,
    fill,
    remarks: [
      ...looseParts(joined, contacts),
      ...overlaps(joined, contacts),
      ...looseBits(bits, parts),
      ...lipless(bits, parts),
      ...piercing(bits, parts),
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
function filled(holds: Capacity, wanted: number | undefined, s: Standing): Fill {
  const { from, to } = holds;
  const line = Math.min(to, Math.max(from, wanted ?? to));
  const contents = holds.filledTo(line);
  const mass = contents.volume * WATER;
  const centreOfMass = (s.moment + contents.moment * WATER) / (s.mass + mass) - s.lowest;
  return {
    line,
    from,
    to,
    radius: holds.wideAt(line),
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
        where: tr`in the ${name}`,
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
        where: tr`where ${a.name} meets ${b.name}`,
      };
  }
  return worst;
}
