// What of a piece the night of its real section is worked out from: its round bodies on the axis that are one.
import type { RealSection } from '../anneal/section/realSection';
import { packed } from '../shape/packedLine';
import type { Part } from './part';

/** Written to a micron. */
const written = (v: number): number => Math.round(v * 1e6) / 1e6;

/** The section of bodies that are one: what of them is round, and the names of what is not. */
function sectionOf(parts: readonly Part[], leavesOut: readonly string[]): RealSection | undefined {
  const round = parts.filter((p) => !p.lofted);
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
    mouth: mouth < 1e-4 ? 0 : written(mouth),
    widestInside: written(widestInside),
    bodies: round.map(({ name, work, shape: { outer, inner } }) => {
      const z = [...outer.z, ...inner.z];
      return {
        name,
        low: written(Math.min(...z)),
        high: written(Math.max(...z)),
        outer: packed(outer),
        inner: packed(inner),
        hollow: work !== 'solid',
      };
    }),
    leavesOut: [...parts.filter((p) => p.lofted).map((p) => p.name), ...leavesOut],
  };
}

/** The real section of a planned piece; undefined where nothing of it is round about the axis. */
export const realSectionOf = (
  parts: readonly Part[],
  bits: readonly { readonly name: string }[],
): RealSection | undefined =>
  sectionOf(
    parts.filter((p) => p.role !== 'stopper'),
    bits.map((b) => b.name),
  );

/** Stoppers, each a body by itself. */
export const apartOf = (parts: readonly Part[]): readonly RealSection[] =>
  parts.filter((p) => p.role === 'stopper').flatMap((p) => sectionOf([p], []) ?? []);
