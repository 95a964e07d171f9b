// The most of a state of stress about the axis.

/** The most principal stress of a state about the axis. */
export const principal = (rr: number, zz: number, tt: number, rz: number): number =>
  Math.max(tt, (rr + zz) / 2 + Math.hypot((rr - zz) / 2, rz));
