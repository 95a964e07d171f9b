// A demo making as its file has it.
import type { MakingBegin, MakingEvent } from '@zanfirico/contract/making';

/** A file of the folder: the piece by name, when, and what happened in ms from the first gather. */
export interface DemoMaking {
  readonly piece: string;
  readonly daysAgo: number;
  /** Hour and minute of the first gather, or so many seconds since what happened last: it is still being made. */
  readonly at: readonly [number, number] | number;
  readonly begin: Omit<MakingBegin, 'piece' | 'revision' | 'at' | 'document'>;
  readonly events: readonly MakingEvent[];
}
