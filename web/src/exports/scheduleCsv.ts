// Tonight's schedule as CSV: one row a segment, °C, with the clock each begins at.
import type { Schedule } from '@zanfirico/core/night';
import { clockAfter } from '../clock/moments';
import { csvOf } from './csv';

/** CSV text (RFC 4180, CRLF) of a schedule; `lastIn` is the clock of the last piece in on `day`. See docs/formats.md. */
export function scheduleCsv(schedule: Schedule, lastIn: string, day: Date): string {
  const rows = schedule.rows.map((row, i) => {
    const { text, days } = clockAfter(lastIn, row.start, day);
    return {
      segment: i + 1,
      kind: row.kind,
      what: row.name,
      from_c: Number(row.from.toFixed(1)),
      to_c: Number(row.to.toFixed(1)),
      rate_c_per_h: row.rate === undefined ? '' : Number((row.rate * 3600).toFixed(2)),
      minutes: Math.round(row.duration / 60),
      starts_day: days,
      starts_clock: text,
    };
  });
  return csvOf(rows);
}
