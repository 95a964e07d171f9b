// Torch moves as arithmetic: what length of which stock a shape takes, and what a pull gives. Lengths m.
import type { Stock, Tube } from '@zanfirico/contract/piece';
import { tr } from '../words/tr';
import { pulledBore, pulledLength, tubeSection } from '../form/conserve';

/** Glass per length, m². Throws when a wall leaves no bore. */
export const stockSection = ({ diameter, wall }: Stock): number =>
  wall === undefined
    ? (Math.PI / 4) * diameter ** 2
    : tubeSection({ outerDiameter: diameter, wall } satisfies Tube);

/** Length of stock that holds a volume of glass, m. */
export const stockLength = (volume: number, stock: Stock): number => volume / stockSection(stock);

/**
 * A round bubble of outer diameter and wall: glass in it, m³. Refuses a wall that leaves no hollow.
 *
 * @example
 * bubbleGlass(0.06, 0.002) // 0.00002115
 */
export function bubbleGlass(diameter: number, wall: number): number {
  if (!(wall > 0 && 2 * wall < diameter))
    throw new RangeError(tr`The wall leaves no hollow: it must be less than half the diameter.`);
  return (Math.PI / 6) * (diameter ** 3 - (diameter - 2 * wall) ** 3);
}

/**
 * A flat disc (a foot, a merese): glass in it, m³.
 *
 * @example
 * discGlass(0.06, 0.004) // 0.00001131
 */
export const discGlass = (diameter: number, thickness: number): number =>
  (Math.PI / 4) * diameter ** 2 * thickness;

/**
 * A tube between two others, or a straight length of rod: glass in it, m³.
 *
 * @example
 * cylinderGlass(0.1, 0.012) // 0.00001131
 */
export const cylinderGlass = (length: number, diameter: number, wall?: number): number =>
  wall === undefined
    ? discGlass(diameter, length)
    : length * tubeSection({ outerDiameter: diameter, wall });

/** Wall a bubble comes out with when a marked length of tubing is gathered up and blown to a diameter, m. */
export function bubbleWall(length: number, tube: Stock, diameter: number): number | undefined {
  const volume = length * stockSection(tube);
  const inner = diameter ** 3 - (6 / Math.PI) * volume;
  return inner > 0 ? (diameter - Math.cbrt(inner)) / 2 : undefined;
}

/** What a pull gives: new length, and for tubing the bore and wall, which keep their proportion. */
export interface PulledRod {
  readonly length: number;
  readonly diameter: number;
  readonly bore: number | undefined;
  readonly wall: number | undefined;
}

/** Pulls a length of stock down to a diameter. */
export function pull(length: number, stock: Stock, to: number): PulledRod {
  const bore =
    stock.wall === undefined
      ? undefined
      : pulledBore(stock.diameter, stock.diameter - 2 * stock.wall, to);
  return {
    length: pulledLength(length, stock.diameter, to),
    diameter: to,
    bore,
    wall: bore === undefined ? undefined : (to - bore) / 2,
  };
}

/** Length to mark so that the pull comes out this long and this thin, m. */
export const lengthForPull = (wanted: number, stock: Stock, to: number): number =>
  pulledLength(wanted, to, stock.diameter);
