// The order of work as files: a table for anyone, JSON with everything.
import { needOf, type WorkHeat } from '@zanfirico/core/iron';
import { factsOf, STEPS, type WorkStep } from '@zanfirico/core/work';
import { csvOf } from './csv';

/** What leaves of a braid. */
export interface LeavingOrder {
  readonly steps: readonly WorkStep[];
  readonly starts: readonly number[];
  readonly parts: readonly { readonly name: string }[];
  readonly heat: WorkHeat;
}

const short = (v: number): number | '' => (Number.isNaN(v) ? '' : Math.round(v));

function rows({ steps, starts, parts, heat }: LeavingOrder) {
  return steps.map((s, i) => {
    const kind = STEPS[s.kind === 'own' ? (s.like ?? 'shapeBit') : s.kind];
    const h = heat.steps[i];
    return {
      number: i + 1,
      start_s: starts[i] ?? 0,
      seconds: s.seconds,
      step: s.kind === 'own' ? (s.name ?? '') : kind.name(),
      detail: s.kind === 'own' ? '' : (s.name ?? ''),
      part: parts[s.part]?.name ?? '',
      joined_to: s.to === undefined ? '' : (parts[s.to]?.name ?? ''),
      place: kind.place,
      tool: kind.tool,
      where: s.zone ?? factsOf(s).zone,
      wants: needOf(s) ?? '',
      from_c: short(h?.from ?? NaN),
      to_c: short(h?.to ?? NaN),
      band: h?.band ?? '',
      pinned: s.pinned === true ? 1 : '',
      verdict: h?.verdict?.verdict ?? '',
      caution: kind.caution?.() ?? '',
      note: s.note ?? '',
    };
  });
}

/** CSV text (RFC 4180); docs/formats.md names the columns. */
export const sequenceCsv = (order: LeavingOrder): string => csvOf(rows(order));

/** JSON text of the same rows. */
export const sequenceJson = (order: LeavingOrder, name: string): string =>
  `${JSON.stringify({ format: 'zanfirico.order', version: 1, piece: name, steps: rows(order) }, null, 2)}\n`;
