// A form that is not round: the profile as it is where it is widest, and what each ray from the axis makes of it.
import { rayAt, type Cut } from './across';
import { ON_AXIS, type Line } from './profile';
import { turned, type Turned } from './revolve';

/**
 * Places of a line, each on a ray at `wide` × ρ from the axis less `deep` × what a wall leans there: the outside has no `deep`, the
 * inside follows the outside at its own height by the wall between them, as glass does that was paddled and not ground.
 */
export interface Lofted {
  readonly cut: Cut;
  readonly wide: readonly number[];
  readonly deep: readonly number[];
  readonly z: readonly number[];
}

/** From the axis, m, at a place along a ray. */
export const radiusAt = ({ cut, wide, deep }: Lofted, place: number, ray: number): number =>
  Math.max(
    0,
    (wide[place] as number) * (cut.rho[ray] as number) -
      (deep[place] as number) * (cut.lean[ray] as number),
  );

/** The line along one ray. */
export const lineAlong = (lofted: Lofted, ray: number): Line => ({
  r: lofted.wide.map((_, i) => radiusAt(lofted, i, ray)),
  z: lofted.z,
});

/** The outside, and then the inside: each at its own height as far from the skin as it is where the form is widest. */
export function loftedLine(outer: Line, inside: Line, cut: Cut): Lofted {
  // What is on the axis is there along every ray.
  const skin = inside.r.map((r, i) =>
    r < ON_AXIS ? r : skinOutside(outer, r, inside.z[i] as number),
  );
  return {
    cut,
    wide: [...outer.r, ...skin],
    deep: [...outer.r.map(() => 0), ...skin.map((s, i) => s - (inside.r[i] as number))],
    z: [...outer.z, ...inside.z],
  };
}

/** The inside alone, or the part of it a line tells. */
export function insideOf(outer: Line, inside: Line, cut: Cut): Lofted {
  const all = loftedLine(outer, inside, cut);
  const from = outer.r.length;
  return { cut, wide: all.wide.slice(from), deep: all.deep.slice(from), z: all.z.slice(from) };
}

/** A line as it is where a place lies: the same all round, or along the nearest ray, each ray's made once. */
export function linesRound(
  round: Line,
  lofted: Lofted | undefined,
): (x: number, y: number) => Line {
  if (!lofted) return () => round;
  const kept = new Map<number, Line>();
  return (x, y) => {
    const ray = rayAt(Math.atan2(y, x));
    const line = kept.get(ray) ?? lineAlong(lofted, ray);
    kept.set(ray, line);
    return line;
  };
}

/** The outside next out from a place inside, at its height, m. */
function skinOutside({ r, z }: Line, from: number, height: number): number {
  let skin = Infinity;
  for (let i = 0; i + 1 < r.length; i += 1) {
    const [za, zb] = [z[i] as number, z[i + 1] as number];
    if ((za > height && zb > height) || (za < height && zb < height)) continue;
    const t = za === zb ? 0 : (height - za) / (zb - za);
    const here = (r[i] as number) + t * ((r[i + 1] as number) - (r[i] as number));
    if (here >= from - 1e-9 && here < skin) skin = here;
  }
  // Over the rim of a lip cut square to its wall there is no outside left: its own edge is next.
  return Number.isFinite(skin) ? skin : Math.max(from, r[r.length - 1] as number);
}

/** What a lofted line encloses: the mean over the rays of what each encloses turned about the axis. Exact frusta along each ray. */
export function loftedTurned(lofted: Lofted, below = Infinity): Turned {
  const rays = lofted.cut.rho.length;
  let [volume, moment] = [0, 0];
  for (let k = 0; k < rays; k += 1) {
    const one = turned(lineAlong(lofted, k), below);
    volume += one.volume;
    moment += one.moment;
  }
  return { volume: volume / rays, moment: moment / rays };
}

/** Skin swept by a line carried round a cut, m²: its rise goes round the rim, its run over the area. */
export function loftedArea({ r, z }: Line, { rim, area }: Cut): number {
  let sum = 0;
  for (let i = 0; i + 1 < r.length; i += 1)
    sum +=
      ((r[i] as number) + (r[i + 1] as number)) *
      Math.hypot(
        area * ((r[i + 1] as number) - (r[i] as number)),
        rim * ((z[i + 1] as number) - (z[i] as number)),
      );
  return Math.PI * sum;
}
