// The profile a glassblower draws: points from the middle of the base round the outside to the lip.

/** One point of the outer line. Lengths in m. The wall is measured square to the outer surface, inwards. */
export interface ProfilePoint {
  /** Height above the table. */
  readonly height: number;
  /** Outer radius; 0 is on the axis. */
  readonly radius: number;
  /** Wall thickness here. */
  readonly wall: number;
  /** A crisp edge instead of a smooth run through this point. */
  readonly corner?: boolean;
  /**
   * A tangent pulled by hand: how radius and height change per length of chord as the line runs through here. Left out,
   * the line finds its own way; ignored at a crisp edge.
   */
  readonly pull?: Pull;
}

/** A pulled tangent, m per m of chord. */
export interface Pull {
  readonly radius: number;
  readonly height: number;
}

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
