// The programme of a night: its rows, and the curve they trace.
import { tr } from '../words/tr';
import { climbAt, naturalTime, type Box, type Fall } from './box';

/** One row of the programme. `start` counts from the last piece in, so the climb and the hold are negative. */
export interface ScheduleRow {
  readonly kind: 'climb' | 'hold' | 'soak' | 'fall' | 'off';
  /** A programmed fall below the strain range. */
  readonly quick?: true;
  readonly name: string;
  readonly from: number;
  readonly to: number;
  readonly start: number;
  readonly duration: number;
  /** Programmed rate, K/s; undefined where the box follows itself or holds. */
  readonly rate: number | undefined;
}

/** A point of the curve: seconds from the last piece in, °C. */
export interface ProgrammePoint {
  readonly time: number;
  readonly temperature: number;
}

/** What the rows are made from: durations s, rates K/s, `end` of the slow fall °C. */
interface Falls {
  readonly end: number;
  readonly soak: number;
  readonly slow: number;
  readonly quick: number;
  readonly slowFall: Fall;
  readonly quickFall: Fall;
}

/** Samples of a curve where the box cools by itself. */
const NATURAL_SAMPLES = 24;

/** Lays the rows of a night in order; segments that take no time are left out. */
export function layRows(
  input: {
    readonly box: Box;
    readonly holdTemperature: number;
    readonly doorTemperature: number;
    readonly holding: number;
  },
  { end, soak, slow, quick, slowFall, quickFall }: Falls,
): ScheduleRow[] {
  const { box, holdTemperature: hold, doorTemperature: door } = input;
  const rate = climbAt(box, hold);
  const climb = (hold - box.room) / rate;
  const rows: ScheduleRow[] = [];
  const add = (
    kind: ScheduleRow['kind'],
    name: string,
    from: number,
    to: number,
    duration: number,
    rate?: number,
    quick?: true,
  ): void => {
    const last = rows[rows.length - 1];
    const start = last ? last.start + last.duration : -input.holding - climb;
    if (duration > 0)
      rows.push({ kind, name, from, to, start, duration, rate, ...(quick && { quick }) });
  };
  add('climb', tr`Empty box up to the hold`, box.room, hold, climb, rate);
  add('hold', tr`Hold for the pieces`, hold, hold, input.holding);
  add('soak', tr`Soak after the last piece`, hold, hold, soak);
  if (slowFall.programmed > 0)
    add('fall', tr`Slow fall`, hold, slowFall.leaves, slowFall.programmed, slow);
  if (slowFall.natural > 0)
    add('fall', tr`Slow fall, at the box’s own pace`, slowFall.leaves, end, slowFall.natural);
  if (quickFall.programmed > 0)
    add(
      'fall',
      tr`Fall below the strain range`,
      end,
      quickFall.leaves,
      quickFall.programmed,
      quick,
      true,
    );
  if (quickFall.natural > 0)
    add('off', tr`Power off, door shut`, quickFall.leaves, Math.min(end, door), quickFall.natural);
  return rows;
}

/** The rows as a curve: straight where programmed, Newton's law where the box cools by itself. */
export function traceCurve(rows: readonly ScheduleRow[], box: Box): ProgrammePoint[] {
  const curve: ProgrammePoint[] = [];
  for (const row of rows) {
    if (curve.length === 0) curve.push({ time: row.start, temperature: row.from });
    const natural = row.rate === undefined && row.from > row.to;
    if (natural)
      for (let i = 1; i < NATURAL_SAMPLES; i += 1) {
        const temperature = row.from + ((row.to - row.from) * i) / NATURAL_SAMPLES;
        curve.push({ time: row.start + naturalTime(box, row.from, temperature), temperature });
      }
    curve.push({ time: row.start + row.duration, temperature: row.to });
  }
  return curve;
}
