// The numbers of a glass as people read them: name, unit, how many of the unit to an SI one.
import type { Quantity } from '@zanfirico/contract/rack';
import { QUANTITY_LIMITS } from '@zanfirico/contract';
import { readExpansion } from '@zanfirico/core/fit';
import { displayUnit, fromSI, readQuantity, type DisplayUnits } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';

interface Shown {
  readonly label: string;
  readonly unit: string;
  /** SI value of one unit; undefined for temperatures, which go by the person's own. */
  readonly one: number | undefined;
  readonly digits: number;
}

/** How each number of an entry is shown. */
export const SHOWN_QUANTITIES: Readonly<Record<Quantity, Shown>> = {
  expansion: { label: tr`Expansion 20–300 °C`, unit: '×10⁻⁷/K', one: 1e-7, digits: 1 },
  strainPoint: { label: tr`Strain point`, unit: '°C', one: undefined, digits: 0 },
  annealing: { label: tr`Annealing point`, unit: '°C', one: undefined, digits: 0 },
  softening: { label: tr`Softening point`, unit: '°C', one: undefined, digits: 0 },
  working: { label: tr`Working point`, unit: '°C', one: undefined, digits: 0 },
  density: { label: tr`Density`, unit: 'kg/m³', one: 1, digits: 0 },
  youngsModulus: { label: tr`Stiffness E`, unit: 'GPa', one: 1e9, digits: 1 },
  poisson: { label: tr`Poisson’s ratio`, unit: '', one: 1, digits: 2 },
  conductivity: { label: tr`Conducts heat`, unit: 'W/mK', one: 1, digits: 2 },
  specificHeat: { label: tr`Holds heat`, unit: 'J/kgK', one: 1, digits: 0 },
  stressOptical: { label: tr`Stress-optical`, unit: tr`Brewster`, one: 1e-12, digits: 2 },
};

/** The unit's sign. */
export const unitOf = (q: Quantity, units: DisplayUnits): string =>
  SHOWN_QUANTITIES[q].one === undefined
    ? displayUnit('temperature', units).symbol
    : SHOWN_QUANTITIES[q].unit;

/** A value as the field shows it, without its unit. */
export function numberText(q: Quantity, value: number, units: DisplayUnits): string {
  const { one, digits } = SHOWN_QUANTITIES[q];
  return one === undefined
    ? String(Math.round(fromSI(value, displayUnit('temperature', units))))
    : String(Number((value / one).toFixed(digits)));
}

/** A bare expansion below this is read as ×10⁻⁶ (`readExpansion`), ×10⁻⁷/K. */
const MISREAD = 20;

/** A value as a field offers it for change: read again it is the same value. */
export function fieldText(q: Quantity, value: number, units: DisplayUnits): string {
  const text = numberText(q, value, units);
  return q === 'expansion' && Number(text) < MISREAD ? `${text}e-7` : text;
}

/** What was typed, as SI, within what the rack keeps; or a sentence. */
export function readNumber(
  q: Quantity,
  text: string,
  units: DisplayUnits,
):
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly problem: string } {
  const { label, one } = SHOWN_QUANTITIES[q];
  const { minimum, maximum } = QUANTITY_LIMITS[q];
  let value: number;
  if (q === 'expansion') {
    const read = readExpansion(text);
    if (!read.ok) return { ok: false, problem: read.message };
    value = read.value;
  } else if (one === undefined) {
    const read = readQuantity(text, 'temperature', units);
    if (!read.ok) return { ok: false, problem: `${label}: ${read.message}` };
    value = read.value;
  } else {
    const n = Number(
      text
        .trim()
        .replace(',', '.')
        .replace(/[^\d.e+-]+$/i, ''),
    );
    if (text.trim() === '' || !Number.isFinite(n))
      return { ok: false, problem: tr`${label}: “${text}” is no number.` };
    value = n * one;
  }
  if (value >= minimum * (1 - 1e-9) && value <= maximum * (1 + 1e-9)) return { ok: true, value };
  const say = (v: number): string => `${numberText(q, v, units)} ${unitOf(q, units)}`;
  return {
    ok: false,
    problem: tr`${label}: given ${text.trim()}; allowed ${say(minimum)} to ${say(maximum)}.`,
  };
}
