// A blank to begin a pattern on: the final form made smaller, with all of its glass.
import { measureShape } from '../measure';
import type { Profile } from '../profile';

/** Blanks are made between these sizes of the final form. */
export const LEAST_BLANK = 0.35;
/** A blank is at most this share of its final form's width. */
export const MOST_BLANK = 0.98;

/** Heights shrink less than widths: glass is blown out wide before it grows long. Common practice, no source. */
const LONGER = 0.5;

/**
 * The final form shrunk to a share of its width, walls thickened alike until it holds the same glass; undefined when
 * that much glass does not fit into so small a form hollow. Blown forms only.
 */
export function shrunkBlank(final: Profile, share: number, poisson: number): Profile | undefined {
  const target = measureShape(final, poisson);
  const first = final[0];
  if (!target.ok || !first) return undefined;
  const tall = share ** LONGER;
  const at = (wall: number): Profile =>
    final.map((p) => ({
      ...(p.corner === true && { corner: true }),
      radius: round(p.radius * share),
      height: round(first.height + (p.height - first.height) * tall),
      wall: Math.max(0.0003, round(p.wall * wall)),
    }));
  const glassAt = (wall: number): number | undefined => {
    const read = measureShape(at(wall), poisson);
    return read.ok ? read.shape.glassVolume : undefined;
  };
  // Walls grow by halving steps up to the thickest that still leaves a hollow.
  let low = 1;
  let high = 1 / share ** 2.5 + 1;
  for (let i = 0; i < 30; i += 1) {
    const middle = (low + high) / 2;
    const glass = glassAt(middle);
    if (glass === undefined || glass > target.shape.glassVolume) high = middle;
    else low = middle;
  }
  const glass = glassAt(low);
  return glass !== undefined && glass > 0.97 * target.shape.glassVolume ? at(low) : undefined;
}

const round = (v: number): number => Number(v.toFixed(5));
