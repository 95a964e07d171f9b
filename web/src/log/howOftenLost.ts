// How often a piece is lost, by the log: of its own makings where there are enough, else of all the shop's.
import type { LogLine } from '@zanfirico/contract/making';
import { wilson } from '@zanfirico/core/log';

/** Fewer of its own say less than the shop's. */
const ENOUGH = 8;

/** A share with the interval it lies in, of so many; whether they are its own. */
export interface HowOftenLost {
  readonly of: number;
  readonly low: number;
  readonly high: number;
  readonly all: number;
  readonly own: boolean;
}

/** Undefined where nothing was made yet. */
export function howOftenLost(came: readonly LogLine[], piece: string): HowOftenLost | undefined {
  if (came.length === 0) return undefined;
  const mine = came.filter((l) => l.piece === piece);
  const own = mine.length >= ENOUGH;
  const of = own ? mine : came;
  const lost = of.filter((l) => l.outcome === 'lost').length;
  return { ...wilson(lost, of.length), all: of.length, own };
}
