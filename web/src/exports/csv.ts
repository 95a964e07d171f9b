// Tables as they leave: RFC 4180, CRLF at the end; words a spreadsheet would take for a formula are guarded by an apostrophe.
import Papa from 'papaparse';

/** CSV text of rows; numbers stay numbers, below nothing too. */
export const csvOf = (rows: readonly object[]): string =>
  `${Papa.unparse([...rows], { escapeFormulae: true })}\r\n`;
