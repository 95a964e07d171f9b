// A making as a table: one row an event, in order, with the second it happened at and what it says.
import type { MakingBegin, MakingEvent } from '@zanfirico/contract';
import { csvOf } from './csv';

/** What an event says in one cell. */
function saysOf(e: MakingEvent): string {
  switch (e.kind) {
    case 'step':
    case 'fire':
    case 'away':
      return e.what;
    case 'mishap':
      return e.says === undefined ? e.what : `${e.what}: ${e.says}`;
    case 'note':
    case 'call':
      return e.says;
    case 'reading':
      return `${e.of} ${String(e.value)}`;
    case 'boxed':
      return e.annealer;
    case 'put in':
      return e.step.kind;
    case 'taken back':
      return e.event;
    case 'given up':
      return e.where ?? '';
  }
}

/** CSV text (RFC 4180, CRLF) of a making's events. See docs/formats.md. */
export const makingCsv = (begin: MakingBegin, events: readonly MakingEvent[]): string =>
  csvOf(
    [...events]
      .sort((a, b) => a.at - b.at)
      .map((e, i) => ({
        number: i + 1,
        at: new Date(e.at).toISOString(),
        second: Number(((e.at - begin.at) / 1000).toFixed(1)),
        kind: e.kind,
        step: e.kind === 'step' ? e.step : e.kind === 'put in' ? e.step.id : '',
        says: saysOf(e),
        id: e.id,
      })),
  );
