// What of a piece the night of its real section is worked out from: its round bodies on the axis that are one.
import type { RealSection } from '../anneal/section/realSection';
import type { Line } from '../shape/profile';
import { thinned } from '../shape/thinned';
import type { BitInput } from './bits';
import type { Part } from './part';

/** A section drawn by fewer points lies within this of itself, m. */
const SAME = 1e-5;
/** Written to a micron. */
const written = (v: number): number => Math.round(v * 1e6) / 1e6;

/** A line by the points it needs; kept with the line, for a drag moves one part of many. */
const few = new WeakMap<Line, Line>();
function withFew(line: Line): Line {
  const known = few.get(line);
  if (known) return known;
  const { r, z } = line;
  const stay = thinned(r, z, SAME);
  const made = {
    r: stay.map((i) => written(r[i] as number)),
    z: stay.map((i) => written(z[i] as number)),
  };
  few.set(line, made);
  return made;
}

/** The real section of a planned piece; undefined where nothing of it is round about the axis. */
export function realSectionOf(
  parts: readonly Part[],
  bits: readonly { readonly name: string; readonly input?: BitInput }[],
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
    outlines: round.map((p) => withFew(p.outline)),
    insides: blown.map((p) => withFew(p.shape.inner)),
    mouth: mouth < 1e-4 ? 0 : written(mouth),
    widestInside: written(widestInside),
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
