// The cut list: which pieces come out of which length of stock, for one piece or a batch, and what is left over.

/** One cut wanted. Lengths m. */
export interface StockCut {
  readonly label: string;
  readonly length: number;
  readonly count: number;
}

/** One stick of stock and what is cut from it, in order. */
export interface Stick {
  readonly cuts: readonly { readonly label: string; readonly length: number }[];
  readonly left: number;
}

/** The list for one kind of stock. */
export interface CutList {
  readonly sticks: readonly Stick[];
  /** Fewest sticks any list could need: all the glass laid end to end. */
  readonly atLeast: number;
  /** Left over and lost in the cuts, as a share of the sticks taken. */
  readonly waste: number;
  /** Cuts longer than a stick: they must be joined from two. */
  readonly tooLong: readonly StockCut[];
}

/** Lost at every cut, m: a score and snap takes nothing, a hot cut or a saw about this. Common practice, no source. */
export const KERF = 0.002;

/**
 * Longest first into the first stick with room (first-fit decreasing: at most 11/9 of the best plus one, Johnson 1973).
 */
export function cutList(
  cuts: readonly StockCut[],
  stick: number,
  batch: number,
  kerf = KERF,
): CutList {
  const tooLong = cuts.filter((c) => c.length > stick);
  const all = cuts
    .filter((c) => c.length <= stick && c.length > 0)
    .flatMap((c) =>
      Array.from({ length: c.count * batch }, () => ({ label: c.label, length: c.length })),
    )
    .sort((a, b) => b.length - a.length);
  const sticks: { cuts: { label: string; length: number }[]; left: number }[] = [];
  for (const cut of all) {
    // Cutting the very last length off a stick costs no kerf.
    let home = sticks.find((s) => s.left >= cut.length);
    if (!home) {
      home = { cuts: [], left: stick };
      sticks.push(home);
    }
    home.cuts.push(cut);
    home.left = Math.max(0, home.left - cut.length - kerf);
  }
  const used = all.reduce((sum, c) => sum + c.length, 0);
  const taken = sticks.length * stick;
  return {
    sticks,
    atLeast: Math.ceil(used / stick - 1e-9),
    waste: taken === 0 ? 0 : 1 - used / taken,
    tooLong,
  };
}
