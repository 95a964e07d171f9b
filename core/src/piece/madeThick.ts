// A piece with its walls as a shop makes them.
import type { Glass } from '../glass/glass';
import { readPart, type Part, type PartInput } from './part';

/** Walls so many times as thick as drawn, the outside as it is; as drawn where that cannot be. */
export function madeThick(
  drawn: readonly PartInput[],
  parts: readonly Part[],
  wall: number,
  glassOf: (id: string | undefined) => Glass,
): readonly Part[] {
  if (wall === 1) return parts;
  const read = drawn.flatMap((p, i) => {
    const profile = p.profile.map((q) => ({ ...q, wall: q.wall * wall }));
    const thick = readPart({ ...p, profile }, i, glassOf(p.glass));
    return thick.ok ? [thick.part] : [];
  });
  return read.length === parts.length ? read : parts;
}
