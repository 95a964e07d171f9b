// A rack out of a table: one row a glass or colour, with whatever separator, decimal sign and column names.
import type { Given, Quantity, RackEntry, StockLine } from '@zanfirico/contract/rack';
import { QUANTITY_LIMITS } from '@zanfirico/contract';
import { MOST_ENTRIES, RACK_FORMS } from '@zanfirico/contract/rack';
import { readExpansion } from '@zanfirico/core/fit';
import { checkEntry, QUANTITIES, rackLine } from '@zanfirico/core/rack';
import { METRIC, readQuantity } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import Papa from 'papaparse';
import { readOxides } from './oxides';
import { readSymbols } from './symbols';
import { unguarded } from './unguarded';

/** A row that was not read, with the reason. */
export interface RowProblem {
  /** As the table counts: the title is row 1. */
  readonly row: number;
  readonly says: string;
}

/** A row that was read, and what it would do to the rack. */
export interface RowRead {
  readonly row: number;
  readonly entry: RackEntry;
  readonly does: 'adds' | 'changes' | 'leaves';
  /** What it changes, in the entry's own terms. */
  readonly what: readonly string[];
}

/** A table read against the rack, row by row. */
export interface RackTable {
  readonly rows: readonly RowRead[];
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

/** Columns our own table has to be read by people: what is reckoned with, and who says so. */
const OURS = /_(used|by)$/;

/** Longest cell and longest piece of stock in one, letters: what is longer was not written by hand. */
const LONGEST_CELL = 2000;
const LONGEST_STOCK = 120;

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
    if (!Number.isFinite(value)) throw new Error(tr`“${text}” is no number.`);
  }
  const { minimum, maximum, description } = QUANTITY_LIMITS[q];
  if (value < minimum * (1 - 1e-9) || value > maximum * (1 + 1e-9))
    throw new Error(tr`given ${text}; allowed ${minimum} to ${maximum} (${trWord(description)}).`);
  return value;
}

/** "bar 250 x 28 mm [A7]" or "powder 200 g". */
function stockLine(text: string): StockLine {
  const read =
    text.length <= LONGEST_STOCK &&
    /^([a-z ]+?)\s*(?:(\d+(?:[.,]\d+)?)\s*(kg|g)|(\d+(?:[.,]\d+)?)\s*x\s*(\d+(?:[.,]\d+)?)\s*mm)?\s*(?:\[(.+)\])?$/i.exec(
      text.trim(),
    );
  const form = read ? read[1]?.toLowerCase() : undefined;
  const known = RACK_FORMS.find((f) => f === form);
  if (!read || !known)
    throw new Error(
      tr`“${text.trim().slice(0, 60)}” is no stock; write for example “bar 250 x 28 mm [lot]” or “powder 200 g”.`,
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
  if (found === undefined)
    throw new Error(tr`${field}: given “${text}”; allowed ${all.join(', ')}.`);
  return found;
};

/**
 * Reads a rack table. `known` is what is in the rack: a row that names one of its entries changes what it has a cell for, and nothing
 * else; what is a glass stays a glass. Throws a sentence for what is no such table at all; rows that cannot be read are told one by one.
 */
export function rackFromCsv(text: string, known: readonly RackEntry[] = []): RackTable {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), {
    skipEmptyLines: 'greedy',
  });
  const [header = [], ...rows] = data;
  const columns = header.map(columnOf);
  if (!columns.some((c) => c && 'field' in c && c.field === 'name'))
    throw new Error(
      tr`The table needs a first row with a column “name”. Its first row is “${header.join(', ').slice(0, 80)}”.`,
    );
  if (rows.length === 0) throw new Error(tr`The table has titles but no row.`);
  if (rows.length > MOST_ENTRIES)
    throw new Error(
      tr`The table has ${rows.length} rows; a rack holds ${MOST_ENTRIES}. Leave out what you do not own, or take it in parts.`,
    );
  const inRack = new Map(known.map((e) => [e.id, e]));
  const read: RowRead[] = [];
  const problems: RowProblem[] = [];
  const seen = new Map<string, number>();
  rows.forEach((row, i) => {
    const at = i + 2;
    try {
      const { entry, before: kept } = entryOf(row, columns, header, inRack);
      const before = seen.get(entry.id);
      if (before !== undefined)
        throw new Error(tr`“${entry.name}” stands in row ${before} already.`);
      const [problem] = checkEntry(entry, rackLine(entry, true).spoken);
      if (problem) throw new Error(problem.message);
      seen.set(entry.id, at);
      const what = kept ? changesOf(kept, entry) : [];
      read.push({
        row: at,
        entry,
        does: !kept ? 'adds' : what.length > 0 ? 'changes' : 'leaves',
        what,
      });
    } catch (error) {
      problems.push({ row: at, says: error instanceof Error ? error.message : tr`not read.` });
    }
  });
  return {
    rows: read,
    problems,
    ignored: header.filter((title, i) => columns[i] === undefined && !OURS.test(title)),
  };
}

/** A table has so many digits: nearer than that two numbers are one. */
const SAME = 1e-3;

/** Alike in all a table can tell. */
function alike(a: unknown, b: unknown): boolean {
  if (typeof a === 'number' && typeof b === 'number')
    return Math.abs(a - b) <= SAME * Math.max(Math.abs(a), Math.abs(b), a < 1 && b < 1 ? SAME : 0);
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return a === b;
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].every((k) => alike((a as Loose)[k], (b as Loose)[k]));
}
type Loose = Readonly<Record<string, unknown>>;

/** Fields in which two entries differ, values by their quantity. */
function changesOf(before: RackEntry, after: RackEntry): string[] {
  const fields = [
    ...new Set([...Object.keys(before), ...Object.keys(after)]),
  ] as (keyof RackEntry)[];
  return [
    ...fields.filter((f) => f !== 'values' && !alike(before[f], after[f])),
    ...QUANTITIES.filter((q) => !alike(before.values[q], after.values[q])),
  ];
}

/** An entry's row, over what the rack has under its id. */
function entryOf(
  row: readonly string[],
  columns: readonly (Column | undefined)[],
  header: readonly string[],
  inRack: ReadonlyMap<string, RackEntry>,
): { readonly entry: RackEntry; readonly before: RackEntry | undefined } {
  const fields: Record<string, string> = {};
  const values: Partial<Record<Quantity, Given>> = {};
  columns.forEach((column, i) => {
    const cell = unguarded((row[i] ?? '').trim());
    if (!column || cell === '') return;
    if (cell.length > LONGEST_CELL)
      throw new Error(
        tr`${header[i] ?? ''}: the cell has ${cell.length} letters; at most ${LONGEST_CELL} are read.`,
      );
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
  if (name === '') throw new Error(tr`The name is missing.`);
  const id = of('id') === '' ? idOf(name) : idOf(of('id'));
  const before = inRack.get(id);
  const kind = oneOf('kind', of('kind'), ['glass', 'colour'], before?.kind ?? 'colour');
  if (before && kind !== before.kind)
    throw new Error(
      tr`“${name}” is a ${trWord(before.kind)} in the rack and stays one: pieces are made of it. Give the ${trWord(kind)} a name or id of its own.`,
    );
  const look = oneOf(
    'look',
    of('look'),
    ['transparent', 'opalescent', 'opaque'],
    before?.look ?? 'transparent',
  );
  const symbols = readSymbols(of('holds'));
  if (!symbols.ok) throw new Error(tr`holds: ${symbols.problem}`);
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
      if (!found) throw new Error(tr`forms: given “${s}”; allowed ${RACK_FORMS.join(', ')}.`);
      return found;
    });
  const oxides = readOxides(of('composition'));
  if (!oxides.ok) throw new Error(oxides.problem);
  const [through, body] = [light(of('through')), light(of('body'))];
  const sample = decimal(of('sample')) / 1e3;
  const seen = through && body && sample > 0 ? { sample, through, body } : undefined;
  const yes = (field: string, usual: boolean): boolean =>
    of(field) === '' ? usual : YES.has(of(field).toLowerCase());
  const has = (field: string): boolean => of(field) !== '';
  const metals = has('holds') ? holds : (before?.holds ?? []);
  const lines = has('stock') ? stock : (before?.stock ?? []);
  const merged: Partial<Record<Quantity, Given>> = { ...before?.values };
  for (const [q, given] of Object.entries(values) as [Quantity, Given][])
    merged[q] = { ...merged[q], ...given };
  const entry: RackEntry = {
    ...before,
    id,
    kind,
    name,
    family: oneOf('family', of('family'), ['soft', 'hard', 'other'], before?.family ?? 'soft'),
    values: merged,
    ...(has('sheetFrom') && { sheetFrom: of('sheetFrom').slice(0, 200) }),
    ...(has('measuredHow') && { measuredHow: of('measuredHow').slice(0, 200) }),
    ...(oxides.value && { composition: oxides.value }),
    holds: metals,
    look,
    strikes: yes('strikes', before?.strikes ?? false),
    keepOffFood:
      yes('keepOffFood', before?.keepOffFood ?? false) ||
      metals.includes('Pb') ||
      metals.includes('Cd'),
    ...(seen && !alike(before?.seen, seen) && { seen }),
    forms: [
      ...new Set([...(has('forms') ? forms : (before?.forms ?? [])), ...lines.map((l) => l.form)]),
    ],
    stock: lines,
    ...(has('notes') && { notes: of('notes').slice(0, 1000) }),
    retired: yes('retired', before?.retired ?? false),
  };
  return { entry, before };
}
