// The profile a glassblower draws: points from the middle of the base round the outside to the lip.
import type { ProfilePoint } from '@zanfirico/contract/piece';

/** Points in order along the outside, from base to lip. */
export type Profile = readonly ProfilePoint[];

/** A polyline in the half-plane of the section: `r[i]`, `z[i]` in m. */
export interface Line {
  readonly r: readonly number[];
  readonly z: readonly number[];
}

/** Radii below this count as on the axis, m. */
export const ON_AXIS = 1e-6;

/** The lowest and the highest of its points, m. */
export function profileSpan(p: Profile): readonly [number, number] {
  const heights = p.map((q) => q.height);
  return [Math.min(...heights), Math.max(...heights)];
}

/** Does the outside begin (or end) on the axis, so that the form is closed there? */
export const closedAtBase = (p: Profile): boolean => (p[0]?.radius ?? 1) < ON_AXIS;
/** Whether its line ends on the axis. */
export const closedAtTop = (p: Profile): boolean => (p[p.length - 1]?.radius ?? 1) < ON_AXIS;
