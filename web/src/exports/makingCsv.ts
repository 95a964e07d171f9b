// A making as a table: one row an event, in order, with the second it happened at and what it says.
import type { MakingBegin, MakingEvent } from '@zanfirico/contract/making';
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
    case 'photo':
      return e.says ?? e.photo;
    case 'reading':
      return `${e.of} ${String(e.value)}`;
    case 'opened':
      return e.door === undefined ? e.what : `${e.what}, box at ${String(e.door)}`;
    case 'measured':
      return `${e.of} ${String(e.value)}${e.up === undefined ? '' : ` at ${String(e.up)}`}`;
    case 'polarised':
      return `${String(e.nm)} nm through ${String(e.through)}${e.up === undefined ? '' : ` at ${String(e.up)}`}`;
    case 'flaw':
      return `${e.what} at ${String(e.out)}, ${String(e.height)}${e.says === undefined ? '' : `: ${e.says}`}`;
    case 'broke':
      return [e.when, e.where, e.face].filter((w) => w !== undefined).join(', ');
    case 'cause':
      return e.what;
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

/** An event as a row. */
const rowOf = (begin: MakingBegin, e: MakingEvent, i: number) => ({
  number: i + 1,
  at: new Date(e.at).toISOString(),
  second: Number(((e.at - begin.at) / 1000).toFixed(1)),
  kind: e.kind,
  step: e.kind === 'step' ? e.step : e.kind === 'put in' ? e.step.id : '',
  says: saysOf(e),
  id: e.id,
});
const inTime = (events: readonly MakingEvent[]): MakingEvent[] =>
  [...events].sort((a, b) => a.at - b.at);

/** CSV text (RFC 4180, CRLF) of a making's events. See docs/formats.md. */
export const makingCsv = (begin: MakingBegin, events: readonly MakingEvent[]): string =>
  csvOf(inTime(events).map((e, i) => rowOf(begin, e, i)));

/** Words of somebody's own, which stay behind where people are not to go along. */
const OWN_WORDS: ReadonlySet<MakingEvent['kind']> = new Set(['note', 'call']);

/** The same of many makings, each row with its making's id, piece and number. */
export const eventsCsv = (
  makings: readonly { readonly begin: MakingBegin; readonly events: readonly MakingEvent[] }[],
  people: boolean,
): string =>
  csvOf(
    makings.flatMap(({ begin, events }) =>
      inTime(events)
        .filter((e) => people || !OWN_WORDS.has(e.kind))
        .map((e, i) => ({
          making: begin.id,
          piece: begin.document.name,
          making_number: begin.number,
          ...rowOf(begin, e, i),
        })),
    ),
  );
