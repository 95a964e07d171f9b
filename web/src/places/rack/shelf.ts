// Which lines of the rack are shown, and in what order.
import type { OverlayFit } from '@zanfirico/core/fit';
import type { RackLine } from '@zanfirico/core/rack';
import { GRADE } from '@zanfirico/core/units';

/** What one looks for. */
export interface RackWanted {
  readonly text: string;
  readonly family: 'any' | 'soft' | 'hard' | 'other';
  readonly order: 'name' | 'fit' | 'number';
  /** Only what comes out good on the chosen base. */
  readonly holdsOnly: boolean;
  readonly retired: boolean;
}

/** Everything in the rack. */
export const ANY: RackWanted = {
  text: '',
  family: 'any',
  order: 'name',
  holdsOnly: false,
  retired: false,
};

/** The lines of a kind that are wanted, in order. Text is looked for in names, metals, forms and lots. */
export function shelf(
  lines: readonly RackLine[],
  kind: 'glass' | 'colour',
  wanted: RackWanted,
  fits?: ReadonlyMap<string, OverlayFit>,
): RackLine[] {
  const words = wanted.text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = lines.filter(({ entry }) => {
    if (entry.kind !== kind || (entry.retired && !wanted.retired)) return false;
    if (wanted.family !== 'any' && entry.family !== wanted.family) return false;
    if (wanted.holdsOnly && fits?.get(entry.id)?.verdict !== 'good') return false;
    if (words.length === 0) return true;
    const says = [
      entry.name,
      entry.id,
      entry.look,
      ...entry.holds,
      ...entry.forms,
      ...entry.stock.map((s) => s.lot ?? ''),
    ]
      .join(' ')
      .toLowerCase();
    return words.every((w) => says.includes(w));
  });
  const name = (a: RackLine, b: RackLine): number => a.entry.name.localeCompare(b.entry.name);
  const rank = (l: RackLine): number => {
    const fit = fits?.get(l.entry.id);
    return fit?.verdict ? GRADE[fit.verdict] * 1e9 + fit.tension : Infinity;
  };
  const by = {
    name,
    number: (a: RackLine, b: RackLine) =>
      a.spoken.expansion.value - b.spoken.expansion.value || name(a, b),
    fit: (a: RackLine, b: RackLine) => {
      const [x, y] = [rank(a), rank(b)];
      return x === y ? name(a, b) : x - y;
    },
  }[wanted.order];
  return found.sort(by);
}
