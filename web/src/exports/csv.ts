// Tables as they leave: RFC 4180, CRLF at the end; words a spreadsheet would take for a formula are guarded by an apostrophe.
import Papa from 'papaparse';
import { useDisplay } from '../stores/display';

/**
 * CSV text of rows; numbers stay numbers, below nothing too. For spreadsheets that write a comma in their numbers, cells are
 * parted by semicolons, as those expect.
 */
export function csvOf(
  rows: readonly object[],
  decimal = useDisplay.getState().units.decimal,
): string {
  if (decimal !== ',') return `${Papa.unparse([...rows], { escapeFormulae: true })}\r\n`;
  const written = rows.map((row) =>
    Object.fromEntries(
      Object.entries(row).map(([name, value]: [string, unknown]) => [
        name,
        typeof value === 'number' ? String(value).replace('.', ',') : value,
      ]),
    ),
  );
  return `${Papa.unparse(written, { escapeFormulae: FORMULA, delimiter: ';' })}\r\n`;
}

/** What a spreadsheet would run; a number below nothing is none. */
const FORMULA = /^(?!-?\d+(?:,\d+)?$)[=+\-@\t\r].*$/;
