// How a making came out, in words.
import { stepSays } from '@zanfirico/core/work';
import type { LogLine } from '@zanfirico/contract/making';
import { causeSays } from '@zanfirico/core/log';
import { tr, trWord } from '@zanfirico/core/words';

/** How a making came out, in words. */
export const cameWords = (l: LogLine): string =>
  l.outcome === undefined
    ? l.ended === 'boxed'
      ? tr`not opened yet`
      : tr`on the bench`
    : l.outcome === 'lost'
      ? tr`lost${l.where === undefined ? '' : tr` at ${stepSays(l.where)}`}${l.cause === undefined ? '' : `: ${causeSays(l.cause)}`}`
      : trWord(l.outcome);
