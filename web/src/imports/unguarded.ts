// Cells that left guarded against spreadsheets, as they come back.

/** A cell as it was before it was guarded (`exports/csv`). */
export const unguarded = (cell: string): string => cell.replace(/^'(?=[=+\-@\t\r])/, '');
