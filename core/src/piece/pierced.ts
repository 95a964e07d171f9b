// Bits that come through a wall into the hollow: glass nobody meant to be there.
import { boxOf, distanceTo } from '../shape/contact';
import { lineAlong, loftedLine } from '../shape/lofted';
import { isPulled } from '../shape/pulled';
import type { Line } from '../shape/profile';
import { mm } from '../units/inWords';
import { rayAt } from '../shape/across';
import type { BitInput, ReadBit } from './bits';
import { madeOf } from './madeBits';
import type { Part } from './part';
import type { Remark } from './joins';

/** Less far in than this is the melting in of any join, m. */
const SHOWS = 5e-4;

/** The hollow of a part along a ray as a closed outline, from the axis. */
function hollowOf({ shape }: Part, ray: number | undefined): Line {
  const { outer, inner, cut } = shape;
  let line: Line = inner;
  if (cut && ray !== undefined) {
    const from = outer.r.length;
    const all = lineAlong(loftedLine(outer, inner, cut), ray);
    line = { r: all.r.slice(from), z: all.z.slice(from) };
  }
  const last = line.z[line.z.length - 1] as number;
  return { r: [0, ...line.r, 0], z: [line.z[0] as number, ...line.z, last] };
}

/** What runs through a wall, and how far: all but tubes, whose bore is to open inside. */
export function piercing(
  bits: readonly (ReadBit & { readonly input: BitInput })[],
  parts: readonly Part[],
): Remark[] {
  const hollow = parts.filter((p) => p.work === 'blown' && p.role === 'joined');
  const lines = hollow.map((part) => {
    const kept = new Map<number | undefined, Line>();
    const box = boxOf(hollowOf(part, undefined));
    return {
      part,
      box,
      along: (x: number, y: number): Line => {
        const ray = part.shape.cut && rayAt(Math.atan2(y, x));
        const line = kept.get(ray) ?? hollowOf(part, ray);
        kept.set(ray, line);
        return line;
      },
    };
  });
  return bits.flatMap(({ input, index, name }): Remark[] => {
    if (isPulled(input) || (input.shape.kind === 'bent' && input.shape.wall !== undefined))
      return [];
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
        message: `${name} comes through the wall of the ${worst.part}, ${mm(worst.depth)} into the hollow; draw its end out.`,
      },
    ];
  });
}
