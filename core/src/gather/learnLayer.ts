// Learning from the scale: how much thicker or thinner than planned one person's gathers come out on one iron.
import type { Glass } from '../glass/glass';
import { madOf, median } from '../stats/robust';
import { thicknessFor, type Dip } from './layers';

/** One weigh-in: what the plan said would be on the iron after so many gathers, and what the scale said, kg. */
export interface WeighIn {
  readonly planned: number;
  readonly got: number;
  /** The factor that plan was made with. */
  readonly factor: number;
  readonly dip: Dip;
}

/** What the log has taught. `factor` multiplies the planned layer; `spread` is one standard deviation of it, as a ratio. */
export interface Learned {
  readonly factor: number;
  readonly spread: number | undefined;
  readonly entries: number;
  /** Entries so far from the rest that they count for nothing (shown, never deleted). */
  readonly wild: readonly number[];
}

/** Fewer entries than this change nothing: a median needs three to outvote a wild one. */
export const ENOUGH_WEIGH_INS = 3;
/** So many deviations away an entry is wild (Huber & Ronchetti, *Robust Statistics*). */
const WILD = 3.5;
/** A hand is never steadier than this; keeps a few equal entries from calling the next one wild. */
const LEAST_SPREAD = 0.03;

/** Layer that was really laid over the layer the bare model gives, for one weigh-in. */
export function layerRatio(entry: WeighIn, glass: Glass): number {
  const thick = (mass: number): number => thicknessFor(entry.dip, mass / glass.density);
  return (entry.factor * thick(entry.got)) / thick(entry.planned);
}

/** The median of the ratios (on their logarithms), wild entries left out, once there are enough. */
export function learnLayer(entries: readonly WeighIn[], glass: Glass): Learned {
  const logs = entries.map((e) => Math.log(layerRatio(e, glass)));
  if (logs.length < ENOUGH_WEIGH_INS)
    return { factor: 1, spread: undefined, entries: logs.length, wild: [] };
  const middle = median(logs);
  const sigma = Math.max(LEAST_SPREAD, madOf(logs, middle));
  const wild = logs.flatMap((v, i) => (Math.abs(v - middle) > WILD * sigma ? [i] : []));
  const kept = logs.filter((_, i) => !wild.includes(i));
  const centre = median(kept);
  const spread = Math.max(LEAST_SPREAD, madOf(kept, centre));
  return { factor: Math.exp(centre), spread, entries: logs.length, wild };
}
