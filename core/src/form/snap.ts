// Snapping: a point or a whole part drawn to the skin of its neighbours.
import type { Line } from './profile';

/** A place in the section, m. */
export interface SectionPlace {
  readonly radius: number;
  readonly height: number;
}

/** The nearest place on any of the lines within reach, or undefined. */
export function snapTo(
  to: SectionPlace,
  lines: readonly Line[],
  within: number,
): SectionPlace | undefined {
  let best = within;
  let found: SectionPlace | undefined;
  for (const { r, z } of lines)
    for (let i = 0; i < r.length - 1; i += 1) {
      const ar = r[i] as number;
      const az = z[i] as number;
      const dr = (r[i + 1] as number) - ar;
      const dz = (z[i + 1] as number) - az;
      const l = dr * dr + dz * dz;
      const t =
        l === 0 ? 0 : Math.min(1, Math.max(0, ((to.radius - ar) * dr + (to.height - az) * dz) / l));
      const d = Math.hypot(to.radius - ar - t * dr, to.height - az - t * dz);
      if (d < best) {
        best = d;
        found = { radius: ar + t * dr, height: az + t * dz };
      }
    }
  return found;
}

/**
 * How far to move a part along the axis, m, so that it comes to rest on (or under) another: the least rise at which no
 * place of the upper skin lies below the lower one. `above` lowers the part onto the other from above.
 */
export function restOn(part: Line, other: Line, above: boolean): number {
  const highest = (line: Line, r: number, top: boolean): number | undefined => {
    let best: number | undefined;
    for (let i = 0; i < line.r.length - 1; i += 1) {
      const a = line.r[i] as number;
      const b = line.r[i + 1] as number;
      if ((a - r) * (b - r) > 0) continue;
      const t = a === b ? 0 : (r - a) / (b - a);
      for (const z of a === b
        ? [line.z[i] as number, line.z[i + 1] as number]
        : [(line.z[i] as number) + t * ((line.z[i + 1] as number) - (line.z[i] as number))])
        if (best === undefined || (top ? z > best : z < best)) best = z;
    }
    return best;
  };
  let move: number | undefined;
  const radii = [...part.r, ...other.r];
  for (const r of radii) {
    const mine = highest(part, r, !above);
    const its = highest(other, r, above);
    if (mine === undefined || its === undefined) continue;
    const need = its - mine;
    if (move === undefined || (above ? need > move : need < move)) move = need;
  }
  return move ?? 0;
}
