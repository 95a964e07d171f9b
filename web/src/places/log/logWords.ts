// How a making came out, in words.
import type { LogLine } from '@zanfirico/contract';
import { causeSays } from '@zanfirico/core';

export const cameWords = (l: LogLine): string =>
  l.outcome === undefined
    ? l.ended === 'boxed'
      ? 'not opened yet'
      : 'on the bench'
    : l.outcome === 'lost'
      ? `lost${l.where === undefined ? '' : ` at ${l.where}`}${l.cause === undefined ? '' : `: ${causeSays(l.cause)}`}`
      : l.outcome;
