// Bits that come through a wall into the hollow: glass nobody meant to be there.
import { tr } from '../words/tr';
import { isTube } from '../form/bit';
import { lineBox, distanceTo } from '../form/contact';
import { insideOf, linesRound } from '../form/lofted';
import { isPulled } from '../form/pulled';
import type { Line } from '../form/profile';
import { mm } from '../units/inWords';
import type { BitInput, ReadBit } from './bits';
import { madeOf } from './madeBits';
import type { Part } from './part';
import type { Remark } from './joins';

/** Less far in than this is the melting in of any join, m. */
const SHOWS = 5e-4;

/** The inside closed along the axis: what is in it is in the hollow. */
function closedInside({ r, z }: Line): Line {
  const [first, last] = [z[0] as number, z[z.length - 1] as number];
  return { r: [0, ...r, 0], z: [first, ...z, last] };
}

/** What runs through a wall, and how far: all but tubes, whose bore is to open inside. */
export function piercing(
  bits: readonly (ReadBit & { readonly input: BitInput })[],
  parts: readonly Part[],
): Remark[] {
  const stuckOn = bits.filter(({ input }) => !isPulled(input) && !isTube(input.shape));
  if (stuckOn.length === 0) return [];
  const hollow = parts.filter((p) => p.work === 'blown' && p.role === 'joined');
  const lines = hollow.map((part) => {
    const { outer, cut } = part.shape;
    const inner = closedInside(part.shape.inner);
    const along = linesRound(inner, cut && insideOf(outer, inner, cut));
    return { part, box: lineBox(inner), along };
  });
  return stuckOn.flatMap(({ input, index, name }): Remark[] => {
    const { positions } = madeOf(input).one;
    let worst = { depth: SHOWS, part: '', r: 0, z: 0 };
    for (let i = 0; i < positions.length; i += 3) {
      const [x, y, z] = [
        positions[i] as number,
        positions[i + 1] as number,
        positions[i + 2] as number,
      ];
      const r = Math.hypot(x, y);
      for (const { part, box, along } of lines) {
        if (r > box.r1 - worst.depth || z < box.z0 || z > box.z1) continue;
        const depth = -distanceTo(along(x, y), r, z);
        if (depth > worst.depth && r > 0) worst = { depth, part: part.name, r, z };
      }
    }
    if (worst.part === '') return [];
    return [
      {
        bit: index,
        at: { r: worst.r, z: worst.z },
        message: tr`${name} comes through the wall of the ${worst.part}, ${mm(worst.depth)} into the hollow; draw its end out.`,
      },
    ];
  });
}
