// What a night is asked with, and what it answers.
import type { Practice } from '@zanfirico/contract/piece';
import type { Figure, Verdict } from '../units/why';
import type { Box } from './box';
import type { Annealed } from './outcome';
import type { ProgrammePoint, ScheduleRow } from './programme';

/** What tonight needs to know. °C, s, m. */
export interface ScheduleInput extends Annealed {
  readonly practice: Practice;
  /** Share of what the practice allows that is not planned with, for what may be off: 0 to 0.9. */
  readonly inHand?: number | undefined;
  readonly holdTemperature: number;
  readonly doorTemperature: number;
  readonly box: Box;
  /** How long the box is held from the first piece to the last, s. */
  readonly holding: number;
  /** Factors the simulation found for the slow fall, the fall of set glass and the soak; 1 when left out. */
  readonly tuned?: Tuned | undefined;
}

/** How far a schedule was moved from its first guess. */
export interface Tuned {
  readonly slow: number;
  readonly quick: number;
  readonly soak: number;
}

/** The whole answer. */
export interface Schedule {
  readonly rows: readonly ScheduleRow[];
  readonly curve: readonly ProgrammePoint[];
  readonly soak: Figure;
  readonly slowRate: Figure;
  readonly slowEnd: Figure;
  readonly quickRate: Figure;
  /** From the last piece in to the door, s. */
  readonly total: Figure;
  /** The same if the box could fall as fast as the glass allows, s. */
  readonly glassAlone: number;
  readonly leaves: Figure;
  readonly passing: Figure;
  readonly verdict: Verdict;
}
