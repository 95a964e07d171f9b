// The rack as a table: one row a glass or colour, all that is kept of it; what "Take a table in" reads back.
import type { Given, Quantity, RackEntry, StockLine } from '@zanfirico/contract/rack';
import { QUANTITIES, rackLine } from '@zanfirico/core/rack';
import { csvOf } from './csv';
import { oxideText } from '../imports/oxides';

/** Column and SI value of one of its units. */
const COLUMNS: Readonly<Record<Quantity, readonly [string, number]>> = {
  expansion: ['expansion', 1e-7],
  strainPoint: ['strain_c', 1],
  annealing: ['annealing_c', 1],
  softening: ['softening_c', 1],
  working: ['working_c', 1],
  density: ['density', 1],
  youngsModulus: ['young_gpa', 1e9],
  poisson: ['poisson', 1],
  conductivity: ['conductivity', 1],
  specificHeat: ['specific_heat', 1],
  stressOptical: ['stress_optical', 1e-12],
};
const GIVERS: readonly (keyof Given)[] = ['sheet', 'measured'];
const short = (v: number): number => Number(v.toPrecision(10));

const stockText = (s: StockLine): string =>
  [
    s.form,
    s.mass !== undefined
      ? `${String(short(s.mass * 1e3))} g`
      : s.length !== undefined && s.diameter !== undefined
        ? `${String(short(s.length * 1e3))} x ${String(short(s.diameter * 1e3))} mm`
        : '',
    s.lot === undefined ? '' : `[${s.lot}]`,
  ]
    .filter((part) => part !== '')
    .join(' ');

/** The numbers the entry is reckoned with, and who speaks each: of an entry that ships, the representative ones. Read back they say nothing. */
function used(e: RackEntry): Record<string, number | string> {
  const { spoken } = rackLine(e, true);
  return Object.fromEntries(
    QUANTITIES.flatMap((q): (readonly [string, number | string])[] => {
      const [column, one] = COLUMNS[q];
      const { value, by } = spoken[q];
      return [
        [`${column}_used`, short(value / one)],
        [`${column}_by`, by],
      ];
    }),
  );
}

/** CSV text (RFC 4180); docs/formats.md names the columns. */
export function rackCsv(entries: readonly RackEntry[]): string {
  const rows = entries.map((e) => ({
    id: e.id,
    kind: e.kind,
    name: e.name,
    family: e.family,
    look: e.look,
    holds: e.holds.join(' '),
    strikes: e.strikes ? 'yes' : '',
    keep_off_food: e.keepOffFood ? 'yes' : '',
    forms: e.forms.join(', '),
    stock: e.stock.map(stockText).join('; '),
    ...Object.fromEntries(
      QUANTITIES.flatMap((q) =>
        GIVERS.map((from) => {
          const [column, one] = COLUMNS[q];
          const value = e.values[q]?.[from];
          return [`${column}_${from}`, value === undefined ? '' : short(value / one)];
        }),
      ),
    ),
    ...used(e),
    sheet_from: e.sheetFrom ?? '',
    measured_how: e.measuredHow ?? '',
    composition: oxideText(e.composition),
    sample_mm: e.seen ? short(e.seen.sample * 1e3) : '',
    seen_through: e.seen?.through.map(short).join(' ') ?? '',
    seen_body: e.seen?.body.map(short).join(' ') ?? '',
    retired: e.retired ? 'yes' : '',
    notes: e.notes ?? '',
  }));
  return csvOf(rows);
}
