// Handles that lie on one another told apart: drawn a little aside, each with a thread to its own place.

interface Place {
  readonly x: number;
  readonly y: number;
}

/** Handles nearer than this are in each other's way, px. */
export const HANDLE_ROOM = 19;
const ROUNDS = 12;

/** Where each handle is drawn, px: at its place, or pushed aside from those too near to it, evenly. */
export function apart(places: readonly Place[]): readonly Place[] {
  const at = places.map((p) => ({ ...p }));
  for (let round = 0; round < ROUNDS; round += 1) if (pushed(at) === 0) break;
  return at;
}

/** Pushes every two that are too near half way each; how many were. */
function pushed(at: { x: number; y: number }[]): number {
  let count = 0;
  at.forEach((a, i) => {
    for (const b of at.slice(i + 1)) {
      const [dx, dy] = [b.x - a.x, b.y - a.y];
      const d = Math.hypot(dx, dy);
      if (d >= HANDLE_ROOM - 0.01) continue;
      // On the very same place one goes up, the other down.
      const [ux, uy] = d > 1e-6 ? [dx / d, dy / d] : [0, -1];
      const by = (HANDLE_ROOM - d) / 2;
      a.x -= ux * by;
      a.y -= uy * by;
      b.x += ux * by;
      b.y += uy * by;
      count += 1;
    }
  });
  return count;
}

/** Of those that lie about as near to where a click was as the one in hand, the next one round. */
export function nextUnder(places: readonly Place[], inHand: number): number {
  const here = places[inHand];
  if (!here) return inHand;
  const near = places.flatMap((p, i) =>
    Math.hypot(p.x - here.x, p.y - here.y) < HANDLE_ROOM ? [i] : [],
  );
  return near[(near.indexOf(inHand) + 1) % near.length] ?? inHand;
}
