// A bench at its hole, as it stands; and what is marked where a gather is weighed. Times s, temperatures °C.

/** One bench as it stands. */
export interface AtHole {
  readonly bench: string;
  /** In the fire now, or out of it, and since when; undefined where there is no glass yet. */
  readonly fire: { readonly what: 'in' | 'out'; readonly since: number } | undefined;
  /** In how long its skin is brittle; 0 where it is, undefined where that is further off than is looked. */
  readonly brittleIn: number | undefined;
  /** Its coldest skin. */
  readonly skin: number | undefined;
  /** In how long its own order has it go in; 0 where it is time, undefined where it wants no heat any more. */
  readonly heatIn: number | undefined;
  /** How long it stays in, or is to stay still where it is in. */
  readonly stays: number;
}

/** What is marked where a gather is weighed. */
export const AT_THE_GATHER = 'gather';
