// Does it go in: the glory hole's mouth, the reach, the annealer standing or lying, the stopper in its neck.
import type { Cork } from '@zanfirico/contract/piece';
import { tr } from '../words/tr';
import type { Shape } from './measure';
import type { Verdict } from '../units/why';

/** A glory hole: the width of its mouth and how deep a piece reaches into it, m. */
export interface GloryHole {
  readonly name: string;
  readonly mouth: number;
  readonly reach: number;
}

/** An annealer's inside, m. */
export interface Annealer {
  readonly name: string;
  readonly width: number;
  readonly depth: number;
  readonly height: number;
}

/** The size of a piece, m. */
export interface Bulk {
  readonly height: number;
  /** Widest across. */
  readonly across: number;
}

/** Air to leave all round in the glory hole and the annealer, m. Common practice, no source. */
export const CLEARANCE = 0.02;

const mm = (v: number): string => `${String(Math.round(v * 1e3))} mm`;

/** Can it be reheated there? */
export function fitsGloryHole(piece: Bulk, hole: GloryHole): Verdict {
  const room = hole.mouth - piece.across;
  if (room < 0)
    return {
      verdict: 'no',
      because: tr`${mm(piece.across)} across does not pass ${hole.name}’s mouth of ${mm(hole.mouth)}.`,
      remedy: tr`Use a wider glory hole, or finish the width with a hand torch.`,
    };
  if (piece.height > hole.reach)
    return {
      verdict: 'watch',
      because: tr`${mm(piece.height)} is longer than ${hole.name} is deep (${mm(hole.reach)}): its far end stays cool.`,
      remedy: tr`Heat it in two halves, or use a deeper glory hole.`,
    };
  if (room < 2 * CLEARANCE)
    return {
      verdict: 'watch',
      because: tr`Only ${mm(room / 2)} of room each side in ${hole.name}.`,
      remedy: tr`Turn it dead true, or use a wider glory hole.`,
    };
  return { verdict: 'good', because: tr`${mm(room / 2)} of room each side in ${hole.name}.` };
}

/** How it goes into an annealer. */
export interface AnnealerFit {
  readonly way: 'standing' | 'lying' | undefined;
  readonly verdict: Verdict;
}

/** Standing if it can: it sheds heat evenly; lying if it must. */
export function fitsAnnealer(piece: Bulk, box: Annealer): AnnealerFit {
  const room = (v: number): number => v - 2 * CLEARANCE;
  const [floorShort, floorLong] = [
    Math.min(room(box.width), room(box.depth)),
    Math.max(room(box.width), room(box.depth)),
  ];
  if (piece.height <= room(box.height) && piece.across <= floorShort)
    return {
      way: 'standing',
      verdict: { verdict: 'good', because: tr`Stands in ${box.name}.` },
    };
  // Lying, corner to corner if that helps: a strip a × l in a rectangle lies aslant when it turns by some angle.
  const lies =
    piece.across <= room(box.height) &&
    (piece.height <= floorLong ? piece.across <= floorShort : aslant(piece, floorLong, floorShort));
  if (lies)
    return {
      way: 'lying',
      verdict: {
        verdict: 'watch',
        because: tr`Goes into ${box.name} lying only.`,
        remedy: tr`Bed it on fibre so it cannot roll, and expect it to shed heat unevenly.`,
      },
    };
  return {
    way: undefined,
    verdict: {
      verdict: 'no',
      because: tr`${mm(piece.height)} × ${mm(piece.across)} does not go into ${box.name} (${mm(box.width)} × ${mm(box.depth)} × ${mm(box.height)}, less ${mm(CLEARANCE)} all round).`,
      remedy: tr`Use a bigger annealer, or anneal it in parts and join cold.`,
    },
  };
}

/** A rectangle l × a in a rectangle L × W at some slant. */
function aslant(piece: Bulk, long: number, short: number): boolean {
  for (let i = 1; i < 90; i += 1) {
    const t = (Math.PI / 180) * i;
    const along = piece.height * Math.cos(t) + piece.across * Math.sin(t);
    const over = piece.height * Math.sin(t) + piece.across * Math.cos(t);
    if (along <= long && over <= short) return true;
  }
  return false;
}

/** What closes a mouth, as radius over distance from its lower end, m. */
interface Plug {
  readonly name: string;
  readonly length: number;
  readonly radius: (up: number) => number;
  /** Softer than glass: squeezes by so much across, m. */
  readonly gives: number;
}

/** How a stopper or cork sits. Lengths m. */
export interface ClosureFit {
  readonly verdict: Verdict;
  /** How far it goes in below the lip; undefined when it does not sit. */
  readonly depth: number | undefined;
  /** Diameter where it seats. */
  readonly seat: number | undefined;
  /** Change of diameter per length, over the part that is in the neck. */
  readonly plugTaper: number | undefined;
  readonly mouthTaper: number | undefined;
}

/** An oval mouth shows this much gap, m: a reject. Common practice, no source: 3 mm (⅛ in). */
export const OVAL_REJECT = 0.003;
/** Less of it than this in the neck and it tips out, m. Common practice, no source. */
const LEAST_SEAT = 0.008;
/** Tapers further apart than this touch at a line only. ISO 383 conical ground joints: 1 in 10. */
const TAPER_SLACK = 0.04;
/** A cork squeezes by about a twelfth of its width. From memory. */
const CORK_GIVES = 1 / 12;

/** A turned stopper as a plug. */
export function stopperPlug(shape: Shape, name: string): Plug {
  const { r, z } = shape.outer;
  const from = shape.lowest;
  return { name, length: shape.height, radius: (up) => radiusAt(r, z, from + up), gives: 0 };
}

/** A cork as a plug. */
export const corkPlug = (cork: Cork): Plug => ({
  name: tr`cork`,
  length: cork.length,
  radius: (up) => (cork.small + (up / cork.length) * (cork.large - cork.small)) / 2,
  gives: cork.large * CORK_GIVES,
});

/** Radius of a line at a height: the widest where it passes more than once; 0 where it does not pass. */
function radiusAt(r: readonly number[], z: readonly number[], at: number): number {
  let widest = 0;
  for (let i = 0; i < r.length - 1; i += 1) {
    const a = z[i] as number;
    const b = z[i + 1] as number;
    if ((a - at) * (b - at) > 0) continue;
    const t = a === b ? 0 : (at - a) / (b - a);
    widest = Math.max(widest, (r[i] as number) + t * ((r[i + 1] as number) - (r[i] as number)));
  }
  return widest;
}

/** Bore radius a distance below the lip, m; Infinity below the hollow. */
export function boreAt(vessel: Shape, down: number): number {
  const { r, z } = vessel.inner;
  const lip = z[z.length - 1] as number;
  // From the lip downwards the first crossing counts: the neck, not the belly.
  for (let i = r.length - 1; i > 0; i -= 1) {
    const a = z[i] as number;
    const b = z[i - 1] as number;
    const at = lip - down;
    if (a >= at && b <= at && a !== b)
      return (r[i] as number) + ((a - at) / (a - b)) * ((r[i - 1] as number) - (r[i] as number));
  }
  return down <= 0 ? (r[r.length - 1] as number) : Infinity;
}

const STATIONS = 60;
/** Nearer than this the two count as meeting, m; and a stretch to tell a taper by is at least so long. */
const MEETS = 0.0006;
const LEAST_STRETCH = 0.004;

/** The stretch of the plug, from its lower end, along which it meets the neck: tapers are compared there, not at a flared lip. */
function contactStretch(
  vessel: Shape,
  plug: Plug,
  depth: number,
  squeeze: number,
): readonly [number, number] {
  let from = Infinity;
  let to = -Infinity;
  for (let k = 0; k <= STATIONS; k += 1) {
    const up = (k / STATIONS) * depth;
    if (boreAt(vessel, depth - up) - (plug.radius(Math.max(up, 1e-4)) - squeeze) > MEETS) continue;
    from = Math.min(from, up);
    to = Math.max(to, up);
  }
  const middle = from <= to ? (from + to) / 2 : depth / 2;
  const half = Math.max(LEAST_STRETCH, to - from) / 2;
  return [Math.max(0, middle - half), Math.max(LEAST_STRETCH / 2, Math.min(depth, middle + half))];
}

/** Lowers the plug into the mouth until it touches. `ovality` is widest less narrowest across the mouth, as measured. */
export function fitClosure(vessel: Shape, plug: Plug, ovality: number): ClosureFit {
  const none = { depth: undefined, seat: undefined, plugTaper: undefined, mouthTaper: undefined };
  const mouth = boreAt(vessel, 0);
  const squeeze = plug.gives / 2;
  const clears = (depth: number): number => {
    // Least clearance over the part that is below the lip.
    let least = Infinity;
    for (let k = 0; k <= STATIONS; k += 1) {
      const up = (k / STATIONS) * Math.min(depth, plug.length);
      const clearance = boreAt(vessel, depth - up) - (plug.radius(up) - squeeze);
      least = Math.min(least, clearance);
    }
    return least;
  };
  if (
    plug.radius(Math.min(0.0005, plug.length / 50)) - squeeze > mouth + 1e-6 ||
    clears(1e-4) < -1e-6
  )
    return {
      ...none,
      verdict: {
        verdict: 'no',
        because: tr`The ${plug.name} is wider at its lower end than the mouth, ${mm(2 * mouth)}: it does not go in.`,
        remedy: tr`Narrow the lower end, or open the mouth.`,
      },
    };
  let depth = plug.length;
  let low = 0;
  if (clears(plug.length) < 0) {
    for (let i = 0; i < 40; i += 1) {
      const middle = (low + depth) / 2;
      if (clears(middle) >= 0) low = middle;
      else depth = middle;
    }
    depth = low;
  } else if (plug.radius(plug.length) <= mouth)
    return {
      ...none,
      verdict: {
        verdict: 'no',
        because: tr`The ${plug.name} falls through: nowhere is it wider than the neck.`,
        remedy: tr`Widen its upper end, or narrow the neck.`,
      },
    };
  const seat = 2 * plug.radius(Math.min(plug.length, depth));
  const [from, to] = contactStretch(vessel, plug, depth, squeeze);
  const taper = (f: (up: number) => number): number => (2 * (f(to) - f(from))) / (to - from);
  const plugTaper = taper((up) => plug.radius(Math.max(up, 1e-4)));
  const mouthTaper = taper((up) => boreAt(vessel, depth - up));
  const facts = { depth, seat, plugTaper, mouthTaper };
  if (ovality >= OVAL_REJECT)
    return {
      ...facts,
      verdict: {
        verdict: 'no',
        because: tr`The mouth is ${mm(ovality)} out of round: the gap shows. ${mm(OVAL_REJECT)} is a reject.`,
        remedy: tr`Round it hot on an eight-sided reamer before it is annealed.`,
      },
    };
  if (depth < LEAST_SEAT)
    return {
      ...facts,
      verdict: {
        verdict: 'watch',
        because: tr`Only ${mm(depth)} of the ${plug.name} is in the neck: it tips out.`,
        remedy: tr`Lengthen its taper to at least ${mm(LEAST_SEAT)}.`,
      },
    };
  if (plug.gives === 0 && Math.abs(plugTaper - mouthTaper) > TAPER_SLACK)
    return {
      ...facts,
      verdict: {
        verdict: 'watch',
        because: tr`The ${plug.name} tapers ${plugTaper.toFixed(2)}, the neck ${mouthTaper.toFixed(2)}: they touch at one line and rock.`,
        remedy: tr`Give both the same taper (ground joints: 1 in 10) or leave glass to grind.`,
      },
    };
  return {
    ...facts,
    verdict: { verdict: 'good', because: tr`The ${plug.name} seats ${mm(depth)} deep.` },
  };
}
