// Canes and ribs: how many go round, how long to pull, how the twist comes out on the final form. Lengths m, angles rad.
import { pulledLength } from '../form/conserve';

/** Canes lying side by side round a bubble. */
export interface Round {
  readonly count: number;
  /** Gap left over between first and last, m, measured round the bubble. */
  readonly gap: number;
  /** Bubble diameter at which this many lie exactly side by side, m. */
  readonly snug: number;
}

/**
 * How many round canes of a diameter lie round a bubble: their middles stand on the circle D + d, each taking the angle
 * 2·asin(d/(D+d)). Chord geometry, exact.
 *
 * @example canesRound(0.05, 0.006).count // 29
 */
export function canesRound(bubble: number, cane: number): Round {
  const angle = 2 * Math.asin(cane / (bubble + cane));
  const count = Math.floor((2 * Math.PI) / angle + 1e-9);
  const left = 2 * Math.PI - count * angle;
  return { count, gap: (left * (bubble + cane)) / 2, snug: snugBubble(count, cane) };
}

/**
 * Bubble diameter round which a number of canes lies exactly side by side, m; needs three canes at least.
 *
 * @example
 * snugBubble(24, 0.006) // 0.03997
 */
export const snugBubble = (count: number, cane: number): number =>
  count < 3 ? 0 : cane / Math.sin(Math.PI / count) - cane;

/**
 * Length pulled from a billet, m, when it is drawn down evenly. `lost` is the share left at both ends.
 *
 * @example pulledFrom({ diameter: 0.03, length: 0.1 }, 0.006, 0.3) // 1.75 m
 */
export const pulledFrom = (
  billet: { readonly diameter: number; readonly length: number },
  cane: number,
  lost: number,
): number => pulledLength(billet.length, billet.diameter, cane) * (1 - lost);

/** Billet length wanted for so many canes of a length, m. */
export const billetFor = (
  count: number,
  each: number,
  cane: number,
  billetDiameter: number,
  lost: number,
): number => pulledLength(count * each, cane, billetDiameter) / (1 - lost);

/**
 * Twist of a helix: the angle its line makes with the axis on a cylinder, from turns over a length.
 *
 * @example twistAngle(1, 0.1, 0.08) // 1.192, 68°
 */
export const twistAngle = (turns: number, length: number, diameter: number): number =>
  Math.atan2(Math.PI * diameter * turns, length);

/**
 * Turns to put in so that the line stands at an angle on the final form. Turns survive stretching; the angle does not.
 *
 * @example turnsFor(Math.PI / 4, 0.1, 0.08) // 0.398
 */
export const turnsFor = (angle: number, finalLength: number, finalDiameter: number): number =>
  (Math.tan(angle) * finalLength) / (Math.PI * finalDiameter);

/** The twist after the form is stretched: the same turns over another length and width. */
export const twistAfter = (
  angle: number,
  from: { readonly length: number; readonly diameter: number },
  to: { readonly length: number; readonly diameter: number },
): number => twistAngle(turnsFor(angle, from.length, from.diameter), to.length, to.diameter);

/**
 * Distance between neighbouring ribs (or canes) round a form, m.
 *
 * @example
 * ribSpacing(12, 0.08) // 0.02094
 */
export const ribSpacing = (count: number, diameter: number): number => (Math.PI * diameter) / count;

/**
 * Height of a dip mould's ribs after blowing out, m: they thin with the wall, by the area ratio. Glass under them and
 * in them stretches alike.
 *
 * @example
 * ribAfter(0.004, 1.5, 2) // 0.001333
 */
export const ribAfter = (height: number, hoop: number, meridian: number): number =>
  height / (hoop * meridian);
