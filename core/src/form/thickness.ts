// Thick and thin: where the wall is most and least, and the biggest step between neighbouring places.
import type { OuterLine } from './curve';

/** A wall thickness and where it is on the outer line (sample index). */
export interface WallAt {
  readonly wall: number;
  readonly at: number;
}

/** The worst step: the thick and the thin place, and the reach along the line within which steps count, m. */
export interface WallStep {
  readonly step: number;
  readonly thick: WallAt;
  readonly thin: WallAt;
  readonly reach: number;
}

/** Thickest and thinnest glass along the line, of its thickness at every place, m. */
export function wallRange(walls: readonly number[]): {
  readonly thickest: WallAt;
  readonly thinnest: WallAt;
} {
  let thick = 0;
  let thin = 0;
  walls.forEach((w, i) => {
    if (w > (walls[thick] as number)) thick = i;
    if (w < (walls[thin] as number)) thin = i;
  });
  const at = (i: number): WallAt => ({ wall: walls[i] as number, at: i });
  return { thickest: at(thick), thinnest: at(thin) };
}

/**
 * How far along a shell a disturbance reaches: π/β with β = [3(1−ν²)]^¼ / √(Rt), beyond which less than 5 % is left
 * (Timoshenko & Woinowsky-Krieger, *Theory of Plates and Shells*, edge effect). A taper spread over more is gentle.
 *
 * @example
 * edgeReach(0.04, 0.003, 0.22) // 0.02648
 */
export const edgeReach = (radius: number, wall: number, poisson: number): number =>
  (Math.PI * Math.sqrt(radius * wall)) / (3 * (1 - poisson ** 2)) ** 0.25;

/** The biggest difference in wall between two places no further apart along the line than the edge reach. */
export function biggestStep(
  line: Pick<OuterLine, 'r' | 's'>,
  walls: readonly number[],
  poisson: number,
): WallStep {
  const { thickest } = wallRange(walls);
  const widest = line.r.reduce((m, r) => Math.max(m, r), 0);
  const reach = edgeReach(widest, thickest.wall, poisson);
  const n = walls.length;
  // Sliding window: monotone queues of candidate thickest and thinnest places within reach behind i.
  const high: number[] = [];
  const low: number[] = [];
  let highHead = 0;
  let lowHead = 0;
  let best = { step: 0, thick: 0, thin: 0 };
  const wall = (i: number): number => walls[i] as number;
  const s = (i: number): number => line.s[i] as number;
  for (let i = 0; i < n; i += 1) {
    while (high.length > highHead && wall(high[high.length - 1] as number) <= wall(i)) high.pop();
    high.push(i);
    while (low.length > lowHead && wall(low[low.length - 1] as number) >= wall(i)) low.pop();
    low.push(i);
    while (s(i) - s(high[highHead] as number) > reach) highHead += 1;
    while (s(i) - s(low[lowHead] as number) > reach) lowHead += 1;
    const thick = high[highHead] as number;
    const thin = low[lowHead] as number;
    const step = wall(thick) - wall(thin);
    if (step > best.step) best = { step, thick, thin };
  }
  return {
    step: best.step,
    thick: { wall: wall(best.thick), at: best.thick },
    thin: { wall: wall(best.thin), at: best.thin },
    reach,
  };
}
