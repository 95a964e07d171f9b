// The annealer as a device: off, it follows Newton's law, and no programme can make it fall faster; on, it climbs with what its
// power leaves over after its losses.

/** An annealing box. °C, K and s. */
export interface Box {
  /** Time constant of its own cooling, s: the excess over the room falls to 37 % in this time. */
  readonly coolingTime: number;
  readonly room: number;
  /** Quickest climb anybody programmes, K/s. */
  readonly climb: number;
  /** Most heat, W. */
  readonly power: number;
  /** Heat it takes to warm box and load by a kelvin, J/K. */
  readonly capacity: number;
  /** Between its hottest and its coldest place at annealing heat, K. */
  readonly unevenness: number;
}

/** A small studio annealer. From memory; typed figures or a logged cool-down replace it. */
export const STUDIO_BOX: Box = {
  coolingTime: 4 * 3600,
  room: 20,
  climb: 220 / 3600,
  power: 4500,
  capacity: 45e3,
  unevenness: 8,
};

/** What a shop knows of an annealer; the studio box stands in for the rest. */
export const boxOf = (known: {
  readonly [K in Exclude<keyof Box, 'room' | 'climb'>]?: Box[K] | undefined;
}): Box => ({
  ...STUDIO_BOX,
  coolingTime: known.coolingTime ?? STUDIO_BOX.coolingTime,
  power: known.power ?? STUDIO_BOX.power,
  capacity: known.capacity ?? STUDIO_BOX.capacity,
  unevenness: known.unevenness ?? STUDIO_BOX.unevenness,
});

/** What it loses, W for each kelvin above the room. */
export const lossOf = (box: Box): number => box.capacity / box.coolingTime;

/** The temperature full power ends at, °C. */
export const settlesAt = (box: Box): number => box.room + box.power / lossOf(box);

/** A climb slower than this is none, K/s. */
const LEAST_CLIMB = 2 / 3600;

/** The quickest climb it still makes at a temperature, K/s: never less than a crawl, which `settlesAt` tells apart. */
export const climbAt = (box: Box, temperature: number): number =>
  Math.max(
    LEAST_CLIMB,
    Math.min(box.climb, box.power / box.capacity - naturalRate(box, temperature)),
  );

/** How fast the box loses heat at a temperature with the power off, K/s. */
export const naturalRate = (box: Box, temperature: number): number =>
  (temperature - box.room) / box.coolingTime;

/** Time to cool from one temperature to another with the power off, s. */
export const naturalTime = (box: Box, from: number, to: number): number =>
  box.coolingTime * Math.log((from - box.room) / (to - box.room));

/** A fall at no more than `rate`: programmed while the box could lose heat faster, then as the box itself cools. */
export interface Fall {
  /** Where the box can no longer follow the programme, °C; equals `from` or `to` when one kind lasts throughout. */
  readonly leaves: number;
  readonly programmed: number;
  readonly natural: number;
}

/** Splits a fall from → to into its programmed and its natural part, s. */
export function fall(box: Box, from: number, to: number, rate: number): Fall {
  const leaves = Math.min(from, Math.max(to, box.room + rate * box.coolingTime));
  return {
    leaves,
    programmed: (from - leaves) / rate,
    natural: leaves > to ? naturalTime(box, leaves, to) : 0,
  };
}
