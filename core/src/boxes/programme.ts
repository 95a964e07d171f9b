// A night as a controller runs it: steps, each to a temperature at a rate and then held; and the curve that is on its own clock.
import type { RecipeLine } from '@zanfirico/contract/shop';
import type { Box } from '../night/box';
import { recipeCurve } from '../night/asked/recipe';
import type { KilnCurve } from '../night/relaxing/walkCurve';
import type { ScheduleRow } from '../night/programme';

/** Shorter than this a row is none, s. */
const NOTHING = 1;

/**
 * The rows of a night as steps of a controller, from the cold box on: a hold is the end of the step that came there. Where the box
 * follows itself the step has no rate.
 */
export function stepsOf(rows: readonly ScheduleRow[]): RecipeLine[] {
  const lines: RecipeLine[] = [];
  for (const row of rows) {
    if (row.duration < NOTHING) continue;
    const last = lines[lines.length - 1];
    if (row.from !== row.to)
      lines.push({ to: row.to, ...(row.rate !== undefined && { rate: row.rate }) });
    else if (last?.to === row.to)
      lines[lines.length - 1] = { ...last, hold: (last.hold ?? 0) + row.duration };
    else lines.push({ to: row.to, hold: row.duration });
  }
  return lines;
}

/** What steps become in a box that stands at a temperature, s since they were begun, °C. */
export function stepsCurve(lines: readonly RecipeLine[], box: Box, from: number): KilnCurve {
  const { time, temperature } = recipeCurve({ name: '', start: from, lines }, box);
  return { time, temperature };
}
