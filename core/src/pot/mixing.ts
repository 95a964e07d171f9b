// What one pot becomes when another glass, or colour, gets into it: its oxides by mass, what colours it by mass, and how charges thin that out.

/** Oxides, or what colours, of so much glass. kg; shares of its mass. */
export interface Poured {
  readonly mass: number;
  readonly holds: Readonly<Record<string, number>>;
}

/** The mixture: masses add up, and what they hold by mass. */
export function mixed(parts: readonly Poured[]): Poured {
  const mass = parts.reduce((s, p) => s + p.mass, 0);
  const holds: Record<string, number> = {};
  for (const p of parts)
    for (const [what, share] of Object.entries(p.holds))
      holds[what] = (holds[what] ?? 0) + (share * p.mass) / mass;
  return { mass, holds };
}

/**
 * What is left of something in the pot after charges that each bring so great a share of it anew: (1 − f)ⁿ.
 *
 * @example
 * afterCharges(0.5, 2) // 0.25
 */
export const afterCharges = (share: number, charges: number): number => (1 - share) ** charges;

/**
 * Charges until no more than so great a part of it is left; undefined where charges bring nothing.
 *
 * @example
 * chargesUntil(0.1, 0.5) // 4
 */
export function chargesUntil(left: number, share: number): number | undefined {
  if (share <= 0) return undefined;
  if (left >= 1) return 0;
  return share >= 1 ? 1 : Math.ceil(Math.log(left) / Math.log(1 - share) - 1e-9);
}

/**
 * Light through so much tinted glass, by channel, of one: exp(−ε c d) (Beer–Lambert): linear in what colours it and in the way. `per` is
 * the absorption of a metre at a share of one, 1/m.
 */
export const through = (
  per: readonly [number, number, number],
  share: number,
  depth: number,
): readonly [number, number, number] => [
  Math.exp(-per[0] * share * depth),
  Math.exp(-per[1] * share * depth),
  Math.exp(-per[2] * share * depth),
];
