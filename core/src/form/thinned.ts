// A line with the points left out that nobody would miss at the size it is drawn.

/**
 * The places of the points that stay: no point left out lies further from the line through those kept than `tolerance`, in the unit
 * of `x` and `y`. First and last always stay. Iterative, so that a line of any length does (Ramer, Computer Graphics and Image
 * Processing 1, 1972; Douglas and Peucker, Cartographica 10, 1973).
 *
 * @example thinned([0, 1, 2], [0, 0.01, 0], 0.1) // [0, 2]
 */
export function thinned(x: readonly number[], y: readonly number[], tolerance: number): number[] {
  const last = x.length - 1;
  if (last < 2) return x.map((_, i) => i);
  const stays = new Uint8Array(x.length);
  stays[0] = stays[last] = 1;
  const open: [number, number][] = [[0, last]];
  for (let span = open.pop(); span; span = open.pop()) {
    const [from, to] = span;
    let furthest = 0;
    let at = -1;
    for (let i = from + 1; i < to; i += 1) {
      const d = fromChord(x, y, i, from, to);
      if (d > furthest) [furthest, at] = [d, i];
    }
    if (furthest <= tolerance) continue;
    stays[at] = 1;
    open.push([from, at], [at, to]);
  }
  return Array.from(stays.keys()).filter((i) => stays[i] === 1);
}

/** How far point i lies from the chord between two others. */
function fromChord(
  x: readonly number[],
  y: readonly number[],
  i: number,
  from: number,
  to: number,
): number {
  const [ax, ay] = [x[from] as number, y[from] as number];
  const [dx, dy] = [(x[to] as number) - ax, (y[to] as number) - ay];
  const [px, py] = [(x[i] as number) - ax, (y[i] as number) - ay];
  const square = dx * dx + dy * dy;
  const along = square === 0 ? 0 : Math.min(1, Math.max(0, (px * dx + py * dy) / square));
  return Math.hypot(px - along * dx, py - along * dy);
}
