// Ways to measure colour out, in words, and the amount each starts from.
import type { PieceColour } from '@zanfirico/contract/piece';
import type { Colour } from '@zanfirico/core/fit';
import { amountKindsFor, LEAF } from '@zanfirico/core/rack';

/** How much colour can be said, by kind. */
export const AMOUNT_KINDS = {
  bar: 'bar',
  weight: 'powder or frit, weighed',
  passes: 'powder or frit, rolls',
  pinches: 'powder, pinches',
  canes: 'canes',
  coats: 'coats all round',
  pieces: 'pieces set in',
} as const;
/** One of the ways to say how much. */
export type Kind = keyof typeof AMOUNT_KINDS;

/** Amounts as first offered. Common practice, no source. */
const FIRST: Readonly<Record<Kind, PieceColour['amount']>> = {
  bar: { kind: 'bar', length: 0.02, diameter: 0.028 },
  weight: { kind: 'weight', mass: 0.015 },
  passes: { kind: 'passes', count: 2 },
  pinches: { kind: 'pinches', count: 3 },
  canes: { kind: 'canes', count: 20, diameter: 0.005, length: 0.06 },
  coats: { kind: 'coats', count: 1, thickness: 0.003 },
  pieces: { kind: 'pieces', count: 1, diameter: 0.006 },
};
/** A coat of enamel as painted; a leaf or a fume is far thinner. From memory. */
const ENAMEL = 3e-5;

/** The first amount of a kind for a colour; of the usual kind as it is bought when none is named. */
export function firstAmount(colour: Colour, kind?: Kind): PieceColour['amount'] {
  const [usual = 'weight'] = amountKindsFor(colour);
  const first = FIRST[kind ?? usual];
  if (first.kind !== 'coats') return first;
  if (colour.family === 'other') return { ...first, thickness: LEAF };
  return colour.forms.includes('enamel') ? { ...first, thickness: ENAMEL } : first;
}

/** Kinds offered for a colour: as it is bought, and what is chosen already. */
export const kindsOf = (colour: Colour, chosen: Kind): Kind[] => [
  ...new Set<Kind>([...amountKindsFor(colour), chosen]),
];
