// A rack out of a table: one row a glass or colour, with whatever separator, decimal sign and column names.
import { MOST_ENTRIES, QUANTITY_LIMITS, RACK_FORMS } from '@zanfirico/contract';
import {
  checkEntry,
  METRIC,
  QUANTITIES,
  rackLine,
  readExpansion,
  readQuantity,
  type Given,
  type Quantity,
  type RackEntry,
  type StockLine,
} from '@zanfirico/core';
import Papa from 'papaparse';
import { readOxides } from './oxides';
import { readSymbols } from './symbols';

/** A row that was not read, with the reason. */
export interface RowProblem {
  /** As the table counts: the title is row 1. */
  readonly row: number;
  readonly says: string;
}

export interface RackTable {
  readonly entries: readonly RackEntry[];
  readonly problems: readonly RowProblem[];
  /** Columns nothing here answers to. */
  readonly ignored: readonly string[];
}

/** Spellings of each quantity, without unit and without who gives it. */
const SPELLINGS: Readonly<Record<Quantity, readonly string[]>> = {
  expansion: ['expansion', 'coe', 'cte', 'alpha', 'lec'],
  strainPoint: ['strain', 'strain_point'],
  annealing: ['annealing', 'annealing_point', 'anneal'],
  softening: ['softening', 'softening_point'],
  working: ['working', 'working_point'],
  density: ['density', 'rho'],
  youngsModulus: ['young', 'youngs_modulus', 'e', 'stiffness'],
  poisson: ['poisson', 'nu'],
  conductivity: ['conductivity', 'k'],
  specificHeat: ['specific_heat', 'specificheat', 'heat_capacity', 'c', 'cp'],
  stressOptical: ['stress_optical', 'stressoptical', 'brewster'],
};
/** SI value of a bare number, where it is not SI. */
const ONE: Partial<Record<Quantity, number>> = { youngsModulus: 1e9, stressOptical: 1e-12 };
const POINTS: readonly Quantity[] = ['strainPoint', 'annealing', 'softening', 'working'];

type Column =
  | { readonly quantity: Quantity; readonly from: keyof Given; readonly fahrenheit: boolean }
  | { readonly field: string };

const FIELDS: Readonly<Record<string, readonly string[]>> = {
  id: ['id'],
  name: ['name', 'colour', 'color', 'glass'],
  kind: ['kind'],
  family: ['family'],
  look: ['look', 'transparency'],
  holds: ['holds', 'metals', 'contains'],
  strikes: ['strikes', 'striking'],
  keepOffFood: ['keep_off_food', 'off_food'],
  forms: ['forms', 'form'],
  stock: ['stock'],
  sheetFrom: ['sheet_from', 'source'],
  measuredHow: ['measured_how'],
  composition: ['composition', 'oxides'],
  sample: ['sample', 'sample_mm'],
  through: ['seen_through'],
  body: ['seen_body'],
  retired: ['retired'],
  notes: ['notes', 'note'],
};

/** What a title means; undefined for what nothing answers to. */
function columnOf(title: string): Column | undefined {
  const plain = title
    .trim()
    .toLowerCase()
    .replace(/°/g, '')
    .replace(/[()[\]]/g, ' ')
    .trim()
    .replace(/[\s-]+/g, '_');
  const bare = plain.replace(/_(sheet|measured)$/, '');
  const from: keyof Given = plain.endsWith('_measured') ? 'measured' : 'sheet';
  const unitless = bare.replace(/_(c|f|gpa|kg\/m3|kg\/m³|mm|1e_7|x10_7)$/, '');
  for (const [field, spellings] of Object.entries(FIELDS))
    if (spellings.includes(plain)) return { field };
  for (const quantity of QUANTITIES)
    if (SPELLINGS[quantity].includes(bare) || SPELLINGS[quantity].includes(unitless))
      return { quantity, from, fahrenheit: bare.endsWith('_f') };
  return undefined;
}

const decimal = (text: string): number => Number(text.trim().replace(/^(-?\d*),(\d+)$/, '$1.$2'));
const YES = new Set(['1', 'true', 'yes', 'y', 'x']);
/** Reads one number; throws a sentence. */
function number(q: Quantity, text: string, fahrenheit: boolean): number {
  let value: number;
  if (q === 'expansion') {
    const read = readExpansion(text);
    if (!read.ok) throw new Error(read.message);
    value = read.value;
  } else if (POINTS.includes(q)) {
    const read = readQuantity(
      text,
      'temperature',
      fahrenheit ? { ...METRIC, temperature: 'F' } : METRIC,
    );
    if (!read.ok) throw new Error(read.message);
    value = read.value;
  } else {
    value = decimal(text) * (ONE[q] ?? 1);
    if (!Number.isFinite(value)) throw new Error(`“${text}” is no number.`);
  }
  const { minimum, maximum, description } = QUANTITY_LIMITS[q];
  if (value < minimum * (1 - 1e-9) || value > maximum * (1 + 1e-9))
    throw new Error(
      `given ${text}; allowed ${String(minimum)} to ${String(maximum)} (${description}).`,
    );
  return value;
}

/** "bar 250 x 28 mm [A7]" or "powder 200 g". */
function stockLine(text: string): StockLine {
  const read =
    /^([a-z ]+?)\s*(?:(\d+(?:[.,]\d+)?)\s*(kg|g)|(\d+(?:[.,]\d+)?)\s*x\s*(\d+(?:[.,]\d+)?)\s*mm)?\s*(?:\[(.+)\])?$/i.exec(
      text.trim(),
    );
  const form = read?.[1]?.toLowerCase();
  const known = RACK_FORMS.find((f) => f === form);
  if (!read || !known)
    throw new Error(
      `“${text.trim()}” is no stock; write for example “bar 250 x 28 mm [lot]” or “powder 200 g”.`,
    );
  const [, , mass, unit, length, diameter, lot] = read;
  return {
    form: known,
    ...(mass !== undefined && { mass: decimal(mass) * (unit === 'kg' ? 1 : 1e-3) }),
    ...(length !== undefined &&
      diameter !== undefined && {
        length: decimal(length) / 1e3,
        diameter: decimal(diameter) / 1e3,
      }),
    ...(lot !== undefined && { lot: lot.slice(0, 40) }),
  };
}

const light = (text: string): readonly [number, number, number] | undefined => {
  const [r, g, b] = text.trim().split(/\s+/).map(decimal);
  return [r, g, b].every((v) => v !== undefined && v >= 0 && v <= 1)
    ? [r as number, g as number, b as number]
    : undefined;
};

/** An id out of a name: small letters, digits and dashes. */
export const idOf = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40) || 'unnamed';

const oneOf = <T extends string>(field: string, text: string, all: readonly T[], usual: T): T => {
  if (text === '') return usual;
  const found = all.find((v) => v === text.toLowerCase());
  if (found === undefined) throw new Error(`${field}: given “${text}”; allowed ${all.join(', ')}.`);
  return found;
};

/** Reads a rack table. Throws a sentence for what is no such table at all; rows that cannot be read are told one by one. */
export function rackFromCsv(text: string): RackTable {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), {
    skipEmptyLines: 'greedy',
  });
  const [header = [], ...rows] = data;
  const columns = header.map(columnOf);
  if (!columns.some((c) => c && 'field' in c && c.field === 'name'))
    throw new Error(
      `The table needs a first row with a column “name”. Its first row is “${header.join(', ').slice(0, 80)}”.`,
    );
  if (rows.length === 0) throw new Error('The table has titles but no row.');
  if (rows.length > MOST_ENTRIES)
    throw new Error(
      `The table has ${String(rows.length)} rows; a rack holds ${String(MOST_ENTRIES)}. Leave out what you do not own, or take it in parts.`,
    );
  const entries: RackEntry[] = [];
  const problems: RowProblem[] = [];
  const seen = new Map<string, number>();
  rows.forEach((row, i) => {
    const at = i + 2;
    try {
      const entry = entryOf(row, columns, header);
      const before = seen.get(entry.id);
      if (before !== undefined)
        throw new Error(`“${entry.name}” stands in row ${String(before)} already.`);
      const [problem] = checkEntry(entry, rackLine(entry, true).spoken);
      if (problem) throw new Error(problem.message);
      seen.set(entry.id, at);
      entries.push(entry);
    } catch (error) {
      problems.push({ row: at, says: error instanceof Error ? error.message : 'not read.' });
    }
  });
  return { entries, problems, ignored: header.filter((_, i) => columns[i] === undefined) };
}

function entryOf(
  row: readonly string[],
  columns: readonly (Column | undefined)[],
  header: readonly string[],
): RackEntry {
  const fields: Record<string, string> = {};
  const values: Partial<Record<Quantity, Given>> = {};
  columns.forEach((column, i) => {
    const cell = (row[i] ?? '').trim();
    if (!column || cell === '') return;
    if ('field' in column) {
      fields[column.field] ??= cell;
      return;
    }
    try {
      const { quantity, from, fahrenheit } = column;
      values[quantity] = { ...values[quantity], [from]: number(quantity, cell, fahrenheit) };
    } catch (error) {
      throw new Error(`${header[i] ?? ''}: ${error instanceof Error ? error.message : ''}`);
    }
  });
  const of = (field: string): string => fields[field] ?? '';
  const name = of('name').slice(0, 60);
  if (name === '') throw new Error('The name is missing.');
  const kind = oneOf('kind', of('kind'), ['glass', 'colour'], 'colour');
  const look = oneOf('look', of('look'), ['transparent', 'opalescent', 'opaque'], 'transparent');
  const symbols = readSymbols(of('holds'));
  if (!symbols.ok) throw new Error(`holds: ${symbols.problem}`);
  const holds = symbols.value;
  const stock = of('stock')
    .split(';')
    .filter((s) => s.trim() !== '')
    .map(stockLine);
  const forms = of('forms')
    .split(/[,;/]/)
    .map((s) => s.trim().toLowerCase())
    .filter((s) => s !== '')
    .map((s) => {
      const found = RACK_FORMS.find((f) => f === s);
      if (!found) throw new Error(`forms: given “${s}”; allowed ${RACK_FORMS.join(', ')}.`);
      return found;
    });
  const oxides = readOxides(of('composition'));
  if (!oxides.ok) throw new Error(oxides.problem);
  const [through, body] = [light(of('through')), light(of('body'))];
  const sample = decimal(of('sample')) / 1e3;
  return {
    id: of('id') === '' ? idOf(name) : idOf(of('id')),
    kind,
    name,
    family: oneOf('family', of('family'), ['soft', 'hard', 'other'], 'soft'),
    values,
    ...(of('sheetFrom') !== '' && { sheetFrom: of('sheetFrom').slice(0, 200) }),
    ...(of('measuredHow') !== '' && { measuredHow: of('measuredHow').slice(0, 200) }),
    ...(oxides.value && { composition: oxides.value }),
    holds,
    look,
    strikes: YES.has(of('strikes').toLowerCase()),
    keepOffFood:
      YES.has(of('keepOffFood').toLowerCase()) || holds.includes('Pb') || holds.includes('Cd'),
    ...(through && body && sample > 0 && { seen: { sample, through, body } }),
    forms: [...new Set([...forms, ...stock.map((s) => s.form)])],
    stock,
    ...(of('notes') !== '' && { notes: of('notes').slice(0, 1000) }),
    retired: YES.has(of('retired').toLowerCase()),
  };
}
