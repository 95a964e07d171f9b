// What a piece of the kiln begins as: flat from sheet, slumped, or cast, with firings found for its glass.
import type { Aim, KilnFiring, KilnWork, Laid } from '@zanfirico/contract/kiln';
import type { StockSheet } from '@zanfirico/contract/shop';
import type { Box } from '../night/box';
import type { Glass } from '../glass/glass';
import { flowFor, processFor } from './process';

/** The ways one begins. */
export const KILN_STARTS = ['flat', 'slumped', 'cast'] as const;
/** One of the kiln's beginnings. */
export type KilnStart = (typeof KILN_STARTS)[number];

/** Sheet is sold so thick, m. Common practice, no source. */
export const SHEET = 0.003;
/** The air is let out so far under where the glass softens, K; before a slump it pauses so far above annealing. Common practice, no source. */
const AIR_UNDER = 35;
const SLUMP_OVER = 24;
const MINUTE = 60;

/** A mould to begin from, m. */
export const ORDINARY_MOULD = { kind: 'bowl', across: 0.22, deep: 0.03, flat: 0 } as const;

const disc = (id: string, across: number): Laid => ({
  id,
  as: 'sheet',
  thickness: SHEET,
  shape: { kind: 'round', across },
  x: 0,
  y: 0,
  turn: 0,
});

/** A firing for an aim, its process found for the glass and the box; where none is found, where the trade would look first. */
export function freshFiring(
  aim: Aim,
  glass: Glass,
  box: Box,
  work: Pick<KilnWork, 'mould' | 'cast'>,
  thick: number,
): KilnFiring {
  const sags = aim === 'slump' || aim === 'drape';
  const air = sags
    ? { at: Math.round(glass.annealing + SLUMP_OVER), hold: 10 * MINUTE }
    : { at: Math.round(glass.softening - AIR_UNDER), hold: 30 * MINUTE };
  const hold = aim === 'cast' ? 90 * MINUTE : 10 * MINUTE;
  const wanted = flowFor(aim, glass, work, thick);
  const firing = { air, process: { at: air.at, hold } };
  const at = wanted === undefined ? undefined : processFor(wanted, firing, glass, box);
  const guess = Math.round(sags ? glass.softening - 40 : glass.softening + 115);
  const process = { at: at ?? guess, hold };
  return { aim, air: { ...air, at: Math.min(air.at, process.at) }, process };
}

/** A fresh piece of the kiln. */
export function freshKiln(start: KilnStart, glass: Glass, box: Box): KilnWork {
  if (start === 'cast') {
    const cast = { packed: 'frit' as const };
    return { laid: [], cast, firings: [freshFiring('cast', glass, box, { cast }, SHEET)] };
  }
  const laid = [disc('l1', 0.24), disc('l2', 0.24)];
  const full = freshFiring('full', glass, box, {}, 2 * SHEET);
  if (start === 'flat') return { laid, firings: [full] };
  const mould = ORDINARY_MOULD;
  return {
    laid,
    mould,
    firings: [full, freshFiring('slump', glass, box, { mould }, 2 * SHEET)],
  };
}

/** Sheets an ordinary kiln shop has, until it says what it has. From memory. */
export const ORDINARY_SHEETS: readonly StockSheet[] = [
  { of: 'kiln-sheet-90', thickness: SHEET, width: 0.5, deep: 0.43, count: 6 },
  { of: 'float-90', thickness: SHEET, width: 0.6, deep: 0.4, count: 2 },
];
