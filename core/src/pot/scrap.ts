// What lies in the scrap buckets, by weight: what makings cut off or lost, clear apart from coloured; and what of it went back.

/** A making as its scrap is reckoned. kg; `taken` with its moil, `stays` in the finished piece; lost ones leave all of it. */
export interface Scrapped {
  readonly at: number;
  readonly taken: number;
  readonly stays: number;
  readonly lost: boolean;
  readonly coloured: boolean;
}

/** kg. Clear goes back into the pot, coloured never. */
export interface Buckets {
  readonly clear: number;
  readonly coloured: number;
}

/** The buckets since a moment; what was given back is out of the clear one, which is never less than empty. */
export function buckets(
  made: readonly Scrapped[],
  back: readonly { readonly at: number; readonly mass: number }[],
  since: number,
): Buckets {
  const later = made.filter((m) => m.at >= since);
  const of = (coloured: boolean): number =>
    later
      .filter((m) => m.coloured === coloured)
      .reduce((sum, m) => sum + Math.max(0, m.taken - (m.lost ? 0 : m.stays)), 0);
  const gone = back.filter((b) => b.at >= since).reduce((sum, b) => sum + b.mass, 0);
  return { clear: Math.max(0, of(false) - gone), coloured: of(true) };
}
