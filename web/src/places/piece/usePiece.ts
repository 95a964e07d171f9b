// The piece on the board with everything derived from it: one computation, shared by all sheets.
import type { PieceDocument } from '@zanfirico/contract';
import type { Derived, Glass } from '@zanfirico/core';
import { useOutletContext } from 'react-router';
import type { Believed } from '../../annealing/useChecked';
import type { CarriedPattern } from './useCarried';

export interface OnBoard {
  readonly document: PieceDocument;
  readonly glass: Glass;
  readonly derived: Derived;
  /** The newest derivation that could be made: what the figures show while the drawing has a problem. */
  readonly last: Extract<Derived, { ok: true }> | undefined;
  /** Tonight put through the simulation; its schedule is the one in `last` once it is here. */
  readonly night: Believed;
  /** The pattern carried between blank and final form, if the piece has one that can be. */
  readonly carried: CarriedPattern | undefined;
}

/** What the piece place hands to its sheets. */
export const usePiece = (): OnBoard => useOutletContext<OnBoard>();
