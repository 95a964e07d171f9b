// How the bodies of a piece come from the bench: the heat its order left in each part as it went into the box.
import type { ArrivingBody } from '../night/section/putSection';
import type { WorkHeat } from '../iron/ofWork';
import type { PlannedPart } from './derive';

/** Through a wall that loses heat at its skin the mean lies two thirds of the way from skin to middle (a parabola). */
const MEAN = 2 / 3;

/** °C by part, of those on the axis that got so far; empty where nothing was boxed. */
export function arrivingFrom(
  { tracks, samples }: Pick<WorkHeat, 'tracks' | 'samples'>,
  parts: readonly Pick<PlannedPart, 'index' | 'outline'>[],
): ArrivingBody[] {
  const last = (of: Float32Array): number => {
    for (let i = samples - 1; i >= 0; i -= 1) {
      const v = of[i] as number;
      if (!Number.isNaN(v)) return v;
    }
    return NaN;
  };
  return parts.flatMap(({ index, outline: { z } }): ArrivingBody[] => {
    const zones = tracks
      .filter((t) => t.part === index)
      .map((t) => ({ skin: last(t.skin), mean: last(t.mean) }))
      .filter((t) => !Number.isNaN(t.skin) && !Number.isNaN(t.mean));
    if (zones.length === 0) return [];
    const over = (of: 'skin' | 'mean'): number =>
      zones.reduce((sum, t) => sum + t[of], 0) / zones.length;
    const skin = over('skin');
    return [
      {
        low: z.reduce((a, b) => Math.min(a, b), Infinity),
        high: z.reduce((a, b) => Math.max(a, b), -Infinity),
        skin,
        middle: skin + (over('mean') - skin) / MEAN,
      },
    ];
  });
}
