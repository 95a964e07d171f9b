// Numbers for parts and letters for bits, beside the drawing.
import type { PieceDocument } from '@zanfirico/contract/piece';
import { lyingBits, type Derived } from '@zanfirico/core/piece';
import { toX, toY, type FittedSheet } from '../outline';
import type { Balloon } from './Balloons';

const letter = (i: number): string =>
  String.fromCharCode(97 + (i % 26)) + (i >= 26 ? String(Math.floor(i / 26)) : '');

/** A balloon for every part and bit, at the height of its middle; bad where something there is wrong. */
export function balloonsOf(
  document: PieceDocument,
  derived: Derived,
  sheet: FittedSheet,
  part: number,
  bit: number | undefined,
): Balloon[] {
  const remarks = derived.ok ? derived.whole.remarks : [];
  const problems = derived.ok ? [] : derived.problems;
  return [
    ...document.parts.map((p, i): Balloon => {
      const heights = p.profile.map((q) => q.height);
      const middle = (Math.min(...heights) + Math.max(...heights)) / 2;
      const near = p.profile.reduce((a, b) =>
        Math.abs(b.height - middle) < Math.abs(a.height - middle) ? b : a,
      );
      return {
        key: `p${String(i)}`,
        sign: String(i + 1),
        name: p.name,
        x: toX(sheet, -1, near.radius),
        y: toY(sheet, near.height),
        lit: bit === undefined && i === part,
        bad: problems.some((q) => q.part === i) || remarks.some((r) => r.part === i),
      };
    }),
    ...lyingBits(derived, document.bits ?? []).map((b, i): Balloon => {
      const at = b.place.out * Math.cos(b.place.around);
      return {
        key: `b${String(i)}`,
        sign: letter(i),
        name: b.name,
        x: toX(sheet, 1, at),
        y: toY(sheet, b.place.height),
        lit: i === bit,
        bad: problems.some((q) => q.bit === i) || remarks.some((r) => r.bit === i),
      };
    }),
  ];
}
