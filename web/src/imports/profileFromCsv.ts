// A profile out of a table: height, radius (or diameter) and wall, with whatever separator and decimal sign.
import type { ProfilePoint } from '@zanfirico/contract/piece';
import { MOST_POINTS } from '@zanfirico/core/form';
import { tr } from '@zanfirico/core/words';
import Papa from 'papaparse';

/** Column names understood, lower case without unit. */
const NAMES: Readonly<Record<string, readonly string[]>> = {
  height: ['height', 'z', 'h', 'up'],
  radius: ['radius', 'r', 'out'],
  diameter: ['diameter', 'd', 'across', 'dia'],
  wall: ['wall', 't', 'thickness'],
  corner: ['corner', 'crisp', 'edge'],
  pullRadius: ['pull_radius'],
  pullHeight: ['pull_height'],
};
const UNIT: Readonly<Record<string, number>> = { mm: 1e-3, cm: 1e-2, m: 1, in: 0.0254 };

interface Column {
  readonly at: number;
  readonly factor: number;
}

const YES = new Set(['1', 'true', 'yes', 'x']);

/** Reads a profile table; throws a sentence that names the row and the column. Bare numbers are mm. */
export function profileFromCsv(text: string, wall: number): ProfilePoint[] {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' });
  const [header = [], ...rows] = data;
  const columns = new Map<string, Column>();
  header.forEach((title, at) => {
    const [, bare = '', unit = 'mm'] =
      /^\s*([a-z_]*?)(?:[\s_([]+(mm|cm|m|in)[\])]?)?\s*$/i.exec(title.slice(0, 60)) ?? [];
    for (const [name, spellings] of Object.entries(NAMES))
      if (spellings.includes(bare.toLowerCase()) || spellings.includes(title.trim().toLowerCase()))
        columns.set(name, { at, factor: UNIT[unit.toLowerCase()] ?? 1e-3 });
  });
  const across = columns.get('radius') ?? columns.get('diameter');
  if (!columns.has('height') || !across)
    throw new Error(
      tr`The table needs a first row with the columns height and radius (or diameter), and wall if it has one. Its first row is “${header.join(', ').slice(0, 80)}”.`,
    );
  if (rows.length < 3 || rows.length > MOST_POINTS)
    throw new Error(tr`The table has ${rows.length} rows; a profile takes 3 to ${MOST_POINTS}.`);
  return rows.map((row, i): ProfilePoint => {
    const cell = (name: string): number | undefined => {
      const column = columns.get(name);
      const given = column && (row[column.at] ?? '').trim();
      if (!column || given === '' || given === undefined) return undefined;
      const value = Number(given.replace(/^(-?\d*),(\d+)$/, '$1.$2'));
      if (!Number.isFinite(value))
        throw new Error(tr`Row ${i + 1}, ${name}: “${given}” is no number.`);
      return value * column.factor;
    };
    const needed = (name: string): number => {
      const value = cell(name);
      if (value === undefined) throw new Error(tr`Row ${i + 1}: the ${name} is missing.`);
      return value;
    };
    const radius = columns.has('radius') ? needed('radius') : needed('diameter') / 2;
    const corner = columns.get('corner');
    const [pullR, pullH] = [cell('pullRadius'), cell('pullHeight')];
    return {
      height: needed('height'),
      radius,
      wall: cell('wall') ?? wall,
      ...(corner && YES.has((row[corner.at] ?? '').trim().toLowerCase()) && { corner: true }),
      ...(pullR !== undefined &&
        pullH !== undefined && { pull: { radius: pullR * 1e3, height: pullH * 1e3 } }),
    };
  });
}
