// How far out a line is at a height.
import type { Line } from './profile';

/** The furthest a line is from the axis at a height, m; undefined where it does not come by. A level stretch there counts to its end. */
export function widestAt({ r, z }: Line, height: number): number | undefined {
  let most: number | undefined;
  for (let i = 0; i + 1 < r.length; i += 1) {
    const [a, b] = [z[i] as number, z[i + 1] as number];
    if ((height - a) * (height - b) > 0) continue;
    const t = a === b ? 1 : (height - a) / (b - a);
    const here = (r[i] as number) + t * ((r[i + 1] as number) - (r[i] as number));
    if (most === undefined || here > most) most = here;
  }
  return most;
}
