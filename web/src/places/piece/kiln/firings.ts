// The firings of a piece as the sheets are handed them.
import type { FiringRemark } from '@zanfirico/core/kiln';
import type { Box } from '@zanfirico/core/night';
import type { RecipeLine } from '@zanfirico/core/night/asked';
import type { NightAnswer } from '../../../night/nights';

/** One firing as it is programmed. */
export interface Programmed {
  readonly lines: readonly RecipeLine[];
  readonly seconds: number;
  /** What it takes, J. */
  readonly energy: number;
  readonly remarks: readonly FiringRemark[];
  readonly night: NightAnswer;
}

/** What others' lines are held against: what its thickness bears. */
export interface Bears {
  readonly climb: number;
  readonly fall: number;
  readonly soak: number;
  /** It falls slowly until here, °C. */
  readonly until: number;
}

/** What the kiln does with the piece on the board; of one not made there nothing. */
export interface Firings {
  readonly box: Box;
  readonly programmed: readonly Programmed[];
  readonly bears: Bears | undefined;
  /** What passes through it on its way up, Pa. */
  readonly passes: number | undefined;
}
