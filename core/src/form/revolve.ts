// Solids of revolution from a polyline, by exact frusta (Pappus' theorems; CRC Standard Mathematical Tables).
import type { Line } from './profile';

/** What turning a line about the axis encloses: volume m³, and its first moment ∫z dV in m⁴. */
export interface Turned {
  readonly volume: number;
  readonly moment: number;
}

/**
 * Volume between the axis and the line, counted with sign along the line (rising adds, falling takes away), so that
 * overhangs and closed outlines come out right. `below` leaves out everything above that height, m.
 */
export function turned(line: Line, below = Infinity): Turned {
  let volume = 0;
  let moment = 0;
  const { r, z } = line;
  for (let i = 0; i < r.length - 1; i += 1) {
    let r0 = r[i] as number;
    let z0 = z[i] as number;
    let r1 = r[i + 1] as number;
    let z1 = z[i + 1] as number;
    if (z0 >= below && z1 >= below) continue;
    if (z1 > below) {
      r1 = r0 + ((below - z0) / (z1 - z0)) * (r1 - r0);
      z1 = below;
    } else if (z0 > below) {
      r0 = r1 + ((below - z1) / (z0 - z1)) * (r0 - r1);
      z0 = below;
    }
    const dz = z1 - z0;
    const a = r0 * r0;
    const b = r0 * r1;
    const c = r1 * r1;
    volume += (a + b + c) * dz;
    // ∫ z r² dz over a frustum, exact.
    moment += (z0 * (a + b + c) + (dz * (a + 2 * b + 3 * c)) / 4) * dz;
  }
  return { volume: (Math.PI / 3) * volume, moment: (Math.PI / 3) * moment };
}

/** Area swept by a line turning about the axis, m². */
export function sweptArea({ r, z }: Line): number {
  let area = 0;
  for (let i = 0; i < r.length - 1; i += 1) {
    const dr = (r[i + 1] as number) - (r[i] as number);
    const dz = (z[i + 1] as number) - (z[i] as number);
    area += ((r[i] as number) + (r[i + 1] as number)) * Math.sqrt(dr * dr + dz * dz);
  }
  return Math.PI * area;
}
