// Bits that hang in the air, and spouts that have no lip.
import { tr } from '../words/tr';
import { bitMesh } from '../form/bitMesh';
import { lineBox, distanceTo } from '../form/contact';
import { FacetTree } from '../form/facetTree';
import { linesRound } from '../form/lofted';
import type { Mesh } from '../form/mesh';
import { isPulled } from '../form/pulled';
import { mm } from '../units/inWords';
import type { BitInput, ReadBit } from './bits';
import { lipHere } from './followed';
import { TOUCH, type Remark } from './joins';
import { madeOf } from './madeBits';
import type { Part } from './part';

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
        message: tr`${name} is pulled from a lip, and there is no open one; open a part, or stick a tube on instead.`,
      },
    ];
  });

/** A bit must touch a part, or another bit that holds: some place of it lies in its glass or on its skin. */
export function looseBits(
  bits: readonly (ReadBit & { readonly input: BitInput })[],
  parts: readonly Part[],
): Remark[] {
  const sections = parts.map((p) => ({
    along: linesRound(p.outline, p.lofted),
    box: lineBox(p.outline),
  }));
  /** Distance to the nearest part; of what is no nearer than `within` no less than that, and no more than the distance. */
  const toParts =
    (within: number) =>
    ([x, y, z]: Place): number => {
      const r = Math.hypot(x, y);
      let least = Infinity;
      for (const { along, box } of sections) {
        const off = Math.max(box.r0 - r, r - box.r1, box.z0 - z, z - box.z1);
        if (off < least)
          least = Math.min(least, off < within ? distanceTo(along(x, y), r, z) : off);
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
        message: tr`${bit.name} hangs in the air, ${mm(gap)} from the nearest part; move it in until it touches.`,
      },
    ];
  });
}
