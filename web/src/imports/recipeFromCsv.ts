// A recipe out of a table: columns for where to, how fast (degrees an hour) and how long held (minutes or h:mm).
import type { Recipe, RecipeLine } from '@zanfirico/contract/shop';
import { tr } from '@zanfirico/core/words';
import Papa from 'papaparse';

/** A recipe out of a table, or why there is none. */
export type RecipeRead =
  { readonly ok: true; readonly recipe: Recipe } | { readonly ok: false; readonly says: string };

const number = (cell: string | undefined): number =>
  cell === undefined || cell.trim() === '' ? NaN : Number(cell.trim().replace(',', '.'));

/** Seconds of "90" (minutes) or "1:30" (hours and minutes). */
function heldFor(cell: string | undefined): number {
  const clock = /^\s*(\d+):(\d{2})\s*$/.exec(cell ?? '');
  return clock ? Number(clock[1]) * 3600 + Number(clock[2]) * 60 : 60 * number(cell);
}

/** Reads it; temperatures are °F where a heading says so. */
export function recipeFromCsv(text: string, name: string, start: number): RecipeRead {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: true });
  const [head, ...rows] = data;
  if (!head || rows.length === 0)
    return { ok: false, says: tr`The table has no rows under its headings.` };
  const find = (pattern: RegExp): number => head.findIndex((h) => pattern.test(h));
  const to = find(/^\s*(to|target|temp|°|goal)/i);
  const rate = find(/rate|speed|ramp|per hour|\/h/i);
  const hold = find(/hold|soak|dwell/i);
  if (to < 0)
    return {
      ok: false,
      says: tr`No column says where to: the headings are ${head.join(', ')}; wanted are “to”, “rate” and “hold”.`,
    };
  const fahrenheit = /f\b|°\s*f|fahrenheit/i.test(head[to] ?? '');
  const lines: RecipeLine[] = [];
  for (const [i, row] of rows.entries()) {
    const t = number(row[to]);
    if (Number.isNaN(t))
      return {
        ok: false,
        says: tr`Row ${i + 2}: “${row[to] ?? ''}” is no temperature.`,
      };
    const r = Math.abs(number(row[rate]));
    const h = heldFor(row[hold]);
    const scale = fahrenheit ? 5 / 9 : 1;
    lines.push({
      to: fahrenheit ? ((t - 32) * 5) / 9 : t,
      ...(r > 0 && { rate: (r * scale) / 3600 }),
      ...(h > 0 && { hold: h }),
    });
  }
  return { ok: true, recipe: { name: name.slice(0, 40), start, lines } };
}
