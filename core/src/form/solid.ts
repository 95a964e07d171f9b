// Solid work: a turned form that is glass right through.
import type { OuterLine } from './curve';
import type { InnerLine } from './inner';

/** The "inside" of solid work: the axis itself, so that outline, volume and drawing need no case of their own. */
export function axisLine(outer: OuterLine): InnerLine {
  const last = outer.z.length - 1;
  return {
    r: [0, 0],
    z: [outer.z[0] as number, outer.z[last] as number],
    pinchedAt: undefined,
    longestCut: undefined,
  };
}
