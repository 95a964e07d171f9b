// The firings of a piece as the sheets are handed them.
import type { Box } from '@zanfirico/core/night';
import type { Bears, Programmed } from '@zanfirico/core/piece';
import type { NightAnswer } from '../../../night/nights';

/** One firing as it is programmed, with the night it comes down by. */
export interface ProgrammedNight extends Programmed {
  readonly night: NightAnswer;
}

/** What the kiln does with the piece on the board; of one not made there nothing. */
export interface Firings {
  readonly box: Box;
  readonly programmed: readonly ProgrammedNight[];
  readonly bears: Bears | undefined;
  /** What passes through it on its way up, Pa. */
  readonly passes: number | undefined;
}
