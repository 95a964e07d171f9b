// Where on a piece a place of its section is, in the words a break is told by.
import type { Derived } from '../piece/derive';
import type { BreakWhere } from './breaks';

/** So much of its height from the top is the lip, from the table the base. */
const EDGE = 0.07;
/** Within so many walls of the biggest step it is there, where that is a step to speak of, m. */
const BESIDE = 1.5;
const BIG_STEP = 0.002;
/** So near a bit it is the bit's edge, m. */
const NEAR_BIT = 0.004;

/** Undefined where the wall is just wall: another word is for whoever looks at it. m, as drawn. */
export function whereOn(
  { whole, bits, parts }: Extract<Derived, { ok: true }>,
  out: number,
  height: number,
): BreakWhere | undefined {
  const up = (height - whole.lowest) / whole.height;
  const r = Math.abs(out);
  for (const { measure } of bits) {
    const [x, y, z] = measure.centre;
    const across = Math.hypot(x, y);
    if (
      Math.abs(height - z) < (measure.highest - measure.lowest) / 2 + NEAR_BIT &&
      Math.abs(r - across) < measure.reach - across + NEAR_BIT
    )
      return 'the edge of a bit';
  }
  if (up > 1 - EDGE && whole.lipRadius > 0) return 'the lip';
  if (up < EDGE) return r < Math.max(0.006, whole.footRadius / 3) ? 'under the scar' : 'the base';
  const { shape } = parts.reduce((a, b) => (b.shape.step.step > a.shape.step.step ? b : a));
  const { step, thick, thin } = shape.step;
  const near = [thick, thin].some(
    (w) => Math.abs(height - (shape.outer.z[w.at] as number)) < BESIDE * thick.wall,
  );
  return near && step > BIG_STEP ? 'thick to thin' : undefined;
}
