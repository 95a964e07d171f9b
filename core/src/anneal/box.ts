// The annealer as it really cools: switched off, it follows Newton's law; no programme can make it fall faster.

/** An annealing box. °C and s. */
export interface Box {
  /** Time constant of its own cooling, s: the excess over the room falls to 37 % in this time. */
  readonly coolingTime: number;
  readonly room: number;
  /** Climb of the empty box, K/s. */
  readonly climb: number;
}

/** A small studio annealer. From memory; a logged cool-down replaces it. */
export const STUDIO_BOX: Box = { coolingTime: 4 * 3600, room: 20, climb: 220 / 3600 };

/** Heat of that box and its load: what keeps a climb of 220 K/h at the hold within 4.5 kW. From memory. */
export const STUDIO_POWER = { power: 4500, capacity: 45e3, unevenness: 8 } as const;

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
