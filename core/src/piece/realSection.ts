// What of a piece the night of its real section is worked out from: its round bodies on the axis that are one.
import type { RealSection } from '../anneal/section/realSection';
import type { PlannedPart } from './derive';
import type { BitInput } from './bits';

/** The real section of a planned piece; undefined where nothing of it is round about the axis. */
export function realSectionOf(
  parts: readonly PlannedPart[],
  bits: readonly Pick<BitInput, 'name'>[],
): RealSection | undefined {
  const joined = parts.filter((p) => p.role !== 'stopper');
  const round = joined.filter((p) => !p.lofted);
  if (round.length === 0) return undefined;
  const blown = round.filter((p) => p.work !== 'solid');
  let [mouth, widestInside] = [0, 0];
  for (const { shape } of blown) {
    const { r } = shape.inner;
    const widest = Math.max(...r);
    if (widest <= widestInside) continue;
    widestInside = widest;
    mouth = Math.min(...r.slice(r.indexOf(widest)));
  }
  return {
    outlines: round.map((p) => p.outline),
    insides: blown.map((p) => p.shape.inner),
    mouth: mouth < 1e-4 ? 0 : mouth,
    widestInside,
    bodies: round.map(({ name, outline: { z } }) => ({
      name,
      low: Math.min(...z),
      high: Math.max(...z),
    })),
    leavesOut: [
      ...joined.filter((p) => p.lofted).map((p) => p.name),
      ...parts.filter((p) => p.role === 'stopper').map((p) => p.name),
      ...bits.map((b) => b.name),
    ],
  };
}
