// Where parts meet, and what to say where they do not.
import { tr } from '../words/tr';
import { contact, type Contact } from '../form/contact';
import type { Shape } from '../form/measure';
import { mm } from '../units/inWords';
import { areOne, eachApart, unite } from '../work/joined';
import type { Part } from './part';

/** Skins nearer than this touch: the drawing is to the tenth of a millimetre. */
export const TOUCH = 0.0003;
/** Running this far into each other counts glass twice. */
const OVERLAP = 0.0008;

/** Something to look at on the drawing that does not keep the piece from being planned. */
export interface Remark {
  /** Counts from 0 among the parts, or among the bits when `bit` is set. */
  readonly part?: number;
  readonly bit?: number;
  readonly at: { readonly r: number; readonly z: number };
  readonly message: string;
}

/** Two parts that touch, by their places in the list. */
export interface Join extends Contact {
  readonly a: number;
  readonly b: number;
}

/** Every pair of parts that touches. */
export function joinsOf(parts: readonly Part[]): Join[] {
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

/** How thick a part is where something touches it, m. */
export function wallNear(part: Part, at: { r: number; z: number }): number {
  const { r, z } = part.shape.outer;
  let best = Infinity;
  let found = 0;
  r.forEach((v, i) => {
    const d = (v - at.r) ** 2 + ((z[i] as number) - at.z) ** 2;
    if (d < best) {
      best = d;
      found = part.shape.thick[i] as number;
    }
  });
  return found;
}

/** Parts that hang in the air: not joined, through others, to the first. */
export function looseParts(parts: readonly Part[], contacts: readonly Join[]): Remark[] {
  const groups = eachApart(parts.length);
  for (const { a, b } of contacts) unite(groups, a, b);
  return parts.flatMap((p, i): Remark[] => {
    if (areOne(groups, i, 0)) return [];
    const gap = parts.reduce((least, other, k) => {
      if (k === i) return least;
      const above = p.shape.lowest - (other.shape.lowest + other.shape.height);
      const below = other.shape.lowest - (p.shape.lowest + p.shape.height);
      return Math.min(least, Math.max(above, below));
    }, Infinity);
    const away = gap > TOUCH ? tr`, ${mm(gap)} away from the nearest` : '';
    return [
      {
        part: p.index,
        at: { r: 0, z: p.shape.lowest },
        message: tr`Part ${p.index + 1}, ${p.name}, touches no other part${away}; move it until the skins meet (Snap does it).`,
      },
    ];
  });
}

/** Parts that run into each other. */
export const overlaps = (parts: readonly Part[], contacts: readonly Join[]): Remark[] =>
  contacts.flatMap((c): Remark[] => {
    if (c.depth <= OVERLAP) return [];
    const [a, b] = [parts[c.a] as Part, parts[c.b] as Part];
    return [
      {
        part: b.index,
        at: c.at,
        message: tr`Part ${b.index + 1}, ${b.name}, runs ${mm(c.depth)} into ${a.name}, so that glass is counted twice; move it out until the skins meet.`,
      },
    ];
  });
