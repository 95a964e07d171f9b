// Cuts to begin from: what a part becomes when it is first taken from round.
import type { Across } from '@zanfirico/contract/piece';

/** Kinds of cut on offer, round among them. */
export const CUTS = ['round', 'oval', 'square', 'ribs', 'flats', 'heart', 'drawn'] as const;
/** One of the cuts across that are offered. */
export type CutPreset = (typeof CUTS)[number];

/** A heart by the usual curve (Weisstein, "Heart curve", MathWorld: x = 16 sin³t), point down the depth. */
const HEART = Array.from({ length: 72 }, (_, i) => {
  const t = (2 * Math.PI * i) / 72;
  const round = (v: number): number => Number(v.toFixed(3));
  return {
    x: round(16 * Math.sin(t) ** 3),
    y: round(13 * Math.cos(t) - 5 * Math.cos(2 * t) - 2 * Math.cos(3 * t) - Math.cos(4 * t)),
  };
});

const STARTS: Readonly<Record<Exclude<CutPreset, 'round' | 'drawn'>, Across>> = {
  oval: { kind: 'oval', depth: 0.6, square: 2 },
  square: { kind: 'oval', depth: 1, square: 10 },
  ribs: { kind: 'ribs', count: 12, depth: 0.08 },
  flats: { kind: 'flats', count: 1, depth: 0.15 },
  heart: { kind: 'drawn', outline: HEART },
};

/** The cut a kind begins as; undefined for round, and for a drawing nobody has given yet. */
export const cutFor = (preset: CutPreset): Across | undefined =>
  preset === 'round' || preset === 'drawn' ? undefined : STARTS[preset];

/** Which kind a cut is. Squarer than an ellipse by much is called square. */
export function presetOf(across: Across | undefined): CutPreset {
  if (!across) return 'round';
  if (across.kind === 'oval') return across.square >= 6 ? 'square' : 'oval';
  if (across.kind === 'drawn')
    return JSON.stringify(across.outline) === JSON.stringify(HEART) ? 'heart' : 'drawn';
  return across.kind;
}
