// Where parts and bits meet, and what to say where they do not.
import { bitMesh } from '../shape/bitMesh';
import { boxOf, contact, distanceTo, type Contact } from '../shape/contact';
import { isPulled } from '../shape/pulled';
import { FacetTree } from '../shape/facetTree';
import type { Shape } from '../shape/measure';
import type { Mesh } from '../shape/mesh';
import { areOne, eachApart, unite } from '../work/joined';
import type { BitInput, ReadBit } from './bits';
import { lipHere } from './followed';
import type { Part } from './part';

/** Skins nearer than this touch: the drawing is to the tenth of a millimetre. */
const TOUCH = 0.0003;
/** Running this far into each other counts glass twice. */
const OVERLAP = 0.0008;

const mm = (v: number): string => `${String(Number((v * 1e3).toFixed(1)))} mm`;

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
export function joins(parts: readonly Part[]): Join[] {
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

/** Parts that run into each other. */
export const overlaps = (parts: readonly Part[], contacts: readonly Join[]): Remark[] =>
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

/** Edges shorter than this are not looked into further, m. */
const FINE = 0.0005;

/** A bit holds where it comes as near as this, m; further off than the next nothing is looked into. */
const HOLDS = 2 * TOUCH;
const NEVER_HOLDS = 2.5 * TOUCH;

type Place = readonly [number, number, number];
interface Gap {
  readonly gap: number;
  readonly at: Place;
}

/**
 * Nearest distance of a mesh to something, and where on the mesh. Corners first, then along edges, looked into only
 * where they could come nearer than what is known: a distance changes by no more than the way gone. Of what is further off than
 * `within` nothing more is asked.
 */
function gapOf(mesh: Mesh, distance: (at: Place) => number, within = Infinity): Gap {
  let best: Gap = { gap: within, at: [0, 0, 0] };
  const ask = (at: Place): number => {
    const gap = Math.max(0, distance(at));
    if (gap < best.gap) best = { gap, at };
    return gap;
  };
  const corner = (i: number): Place => [
    mesh.positions[3 * i] as number,
    mesh.positions[3 * i + 1] as number,
    mesh.positions[3 * i + 2] as number,
  ];
  const gaps: number[] = [];
  for (let i = 0; 3 * i < mesh.positions.length; i += 1) {
    gaps.push(ask(corner(i)));
    if (best.gap <= TOUCH) return best;
  }
  const along = (a: Place, b: Place, da: number, db: number): void => {
    const length = Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
    if (length < FINE || best.gap <= TOUCH || (da + db - length) / 2 >= best.gap) return;
    const middle: Place = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2, (a[2] + b[2]) / 2];
    const dm = ask(middle);
    along(a, middle, da, dm);
    along(middle, b, dm, db);
  };
  for (let t = 0; t < mesh.triangles.length; t += 1) {
    const a = mesh.triangles[t] as number;
    const b = mesh.triangles[t % 3 === 2 ? t - 2 : t + 1] as number;
    if (a < b) along(corner(a), corner(b), gaps[a] as number, gaps[b] as number);
  }
  return best;
}

/** A pulled spout wants an open lip at its anchor. */
export const lipless = (
  bits: readonly (ReadBit & { readonly input: BitInput })[],
  parts: readonly Part[],
): Remark[] =>
  bits.flatMap(({ input, index, name }): Remark[] => {
    if (!isPulled(input) || parts.some((p) => lipHere(p, input.place))) return [];
    return [
      {
        bit: index,
        at: { r: input.place.out, z: input.place.height },
        message: `${name} is pulled from a lip, and there is no open one; open a part, or stick a tube on instead.`,
      },
    ];
  });

interface MadeBit {
  readonly shape: BitInput['shape'];
  /** One copy, in its place. */
  readonly one: Mesh;
  tree?: FacetTree;
}
/** Kept with the very place they were made for: while one bit is moved the others are made no second time. */
const madeBits = new WeakMap<BitInput['place'], MadeBit>();

function madeOf({ shape, place }: BitInput): MadeBit {
  const before = madeBits.get(place);
  if (before?.shape === shape) return before;
  const made: MadeBit = { shape, one: bitMesh({ shape, place: { ...place, copies: 1 } }) };
  madeBits.set(place, made);
  return made;
}

/** A bit must touch a part, or another bit that holds: some place of it lies in its glass or on its skin. */
export function looseBits(
  bits: readonly (ReadBit & { readonly input: BitInput })[],
  parts: readonly Part[],
): Remark[] {
  const sections = parts.map((p) => ({ line: p.outline, box: boxOf(p.outline) }));
  /** Distance to the nearest part; of what is no nearer than `within` no less than that, and no more than the distance. */
  const toParts =
    (within: number) =>
    ([x, y, z]: Place): number => {
      const r = Math.hypot(x, y);
      let least = Infinity;
      for (const { line, box } of sections) {
        const off = Math.max(box.r0 - r, r - box.r1, box.z0 - z, z - box.z1);
        if (off < least) least = Math.min(least, off < within ? distanceTo(line, r, z) : off);
      }
      return least;
    };
  const read = bits
    .filter((bit) => !isPulled(bit.input))
    .map((bit) => {
      const made = madeOf(bit.input);
      return {
        bit,
        mesh: made.one,
        holds: gapOf(made.one, toParts(NEVER_HOLDS), NEVER_HOLDS).gap <= HOLDS,
        // All its copies, only where another bit may hang on it.
        toIt: (at: Place): number =>
          (made.tree ??= new FacetTree(bitMesh(bit.input))).distance(at, NEVER_HOLDS),
      };
    });
  // What touches a bit that holds, holds.
  for (let grown = true; grown;) {
    grown = false;
    for (const a of read)
      if (!a.holds)
        for (const b of read)
          if (b.holds && !a.holds) {
            a.holds = gapOf(a.mesh, b.toIt, NEVER_HOLDS).gap <= HOLDS;
            grown ||= a.holds;
          }
  }
  return read.flatMap(({ bit, mesh, holds }): Remark[] => {
    if (holds) return [];
    const { gap, at } = gapOf(mesh, toParts(Infinity));
    return [
      {
        bit: bit.index,
        at: { r: Math.hypot(at[0], at[1]), z: at[2] },
        message: `${bit.name} hangs in the air, ${mm(gap)} from the nearest part; move it in until it touches.`,
      },
    ];
  });
}
