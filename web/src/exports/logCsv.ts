// The log as a table: one row a making, how it went and came out. See docs/formats.md.
import type { LogLine } from '@zanfirico/contract/making';
import { csvOf } from './csv';

/** CSV text (RFC 4180, CRLF). People's names are left out where `people` is not ticked. */
export const logCsv = (lines: readonly LogLine[], people: boolean): string =>
  csvOf(
    lines.map((l) => ({
      id: l.id,
      piece: l.name,
      number: l.number,
      begun: new Date(l.begunAt).toISOString(),
      outcome: l.outcome ?? (l.ended === 'boxed' ? 'not opened' : 'on the bench'),
      lost_at: l.where ?? '',
      cause: l.cause ?? '',
      ...(people && { led: l.lead ?? '' }),
      hole: l.hole ?? '',
      annealer: l.annealer ?? '',
      glass: l.glass,
      colours: l.colours.join(' '),
      mass_g: l.mass === undefined ? '' : Number((1e3 * l.mass).toFixed(1)),
      planned_s: Math.round(l.planned),
      taken_s: l.taken === undefined ? '' : Math.round(l.taken),
    })),
  );
