// The piece on the board with everything derived from it: one computation, shared by all sheets.
import type { PieceDocument } from '@zanfirico/contract/piece';
import type { Glass } from '@zanfirico/core/glass';
import type { Schedule } from '@zanfirico/core/night';
import type { Derived, ShopFacts } from '@zanfirico/core/piece';
import { useOutletContext } from 'react-router';
import type { NightAnswer } from '../../night/nights';
import type { Firings } from './kiln/firings';
import type { CarriedPattern } from './useCarried';

/** A form that can be made, with the night it gets: the checked one, or the guess while that is being worked out. */
export type StandingPiece = Extract<Derived, { ok: true }> & { readonly schedule: Schedule };

/** As it is derived. */
export interface AsRead {
  readonly document: PieceDocument;
  readonly glass: Glass;
  /** What the shop adds to the plan. */
  readonly facts: ShopFacts;
  readonly derived: Derived;
  /** The newest derivation that could be made: what the figures show while the drawing has a problem. */
  readonly last: StandingPiece | undefined;
  /** Tonight: its schedule is the one in `last`. */
  readonly night: NightAnswer | undefined;
  /** The pattern carried between blank and final form, if the piece has one that can be. */
  readonly carried: CarriedPattern | undefined;
}

/** With what the kiln does with it, where it is made there. */
export interface OnBoard extends AsRead {
  readonly firings: Firings;
}

/** What the piece place hands to its sheets. */
export const usePiece = (): OnBoard => useOutletContext<OnBoard>();
