// What is on the rack against what a piece takes: which forms serve an amount, and how much of them is there.
import type { Amount } from '@zanfirico/contract/piece';
import type { StockLine } from '@zanfirico/contract/rack';
import type { Colour, ColourForm, GlassForm } from '../fit/colour';

type Form = ColourForm | GlassForm;

/** Forms that each kind of amount is taken from. */
const SERVES: Readonly<Record<Amount['kind'], readonly Form[]>> = {
  bar: ['bar'],
  passes: ['powder', 'frit'],
  pinches: ['powder', 'frit'],
  weight: ['powder', 'frit', 'bar', 'pot'],
  canes: ['cane', 'thin rod', 'rod'],
  coats: ['enamel', 'leaf', 'fume', 'tubing', 'pot', 'sheet'],
  pieces: ['inclusion'],
};

/** The ways a colour can be measured out as it is bought, the usual one first. */
export function amountKindsFor(colour: Pick<Colour, 'forms'>): Amount['kind'][] {
  const kinds = Object.keys(SERVES) as Amount['kind'][];
  const first = (f: Form): Amount['kind'][] => kinds.filter((k) => SERVES[k].includes(f));
  return [...new Set(colour.forms.flatMap(first))];
}

/** Mass of a line of stock, kg: as weighed, or by length and diameter; undefined when neither was noted. */
function lineMass(line: StockLine, density: number): number | undefined {
  if (line.mass !== undefined) return line.mass;
  if (line.length === undefined || line.diameter === undefined) return undefined;
  return (Math.PI / 4) * line.diameter ** 2 * line.length * density;
}

/** What stock of an entry serves an amount, kg; undefined when none of it was noted. */
export function stockFor(
  lines: readonly StockLine[],
  kind: Amount['kind'],
  density: number,
): number | undefined {
  const masses = lines
    .filter((l) => SERVES[kind].includes(l.form))
    .flatMap((l) => lineMass(l, density) ?? []);
  return masses.length === 0 ? undefined : masses.reduce((a, b) => a + b, 0);
}
