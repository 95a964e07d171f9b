// Printing quantities: the number and its unit apart, so a screen can set them in different faces.
import { tr } from '../words/tr';
import {
  displayUnit,
  fromSI,
  METRES_PER_INCH,
  UNITS,
  type DisplayUnits,
  type QuantityKind,
  type TypedKind,
} from './quantity';

/** A printed quantity; `unit` is empty for counts and ratios that carry their own sign. */
export interface Printed {
  readonly number: string;
  readonly unit: string;
}

/** No box climbs or falls faster, K/s (1000 K an hour). From memory. */
const FASTEST = 1000 / 3600;

const isTyped = (kind: QuantityKind): kind is TypedKind => kind in UNITS;

const fixed = (value: number, places: number): string => {
  const text = value.toFixed(places);
  return /^-0(\.0*)?$/.test(text) ? text.slice(1) : text;
};

/**
 * "6 h 40" style hours and minutes from seconds; under two minutes, seconds; past four days, days.
 *
 * @example printDuration(5400) // '1 h 30'
 */
export function printDuration(seconds: number): string {
  if (seconds < 120) return `${fixed(seconds, 0)} s`;
  const minutes = Math.round(seconds / 60);
  if (minutes < 60) return `${String(minutes)} min`;
  if (seconds > 4 * 86_400) return tr`${fixed(seconds / 86_400, 1)} days`;
  const hours = Math.floor(minutes / 60);
  const left = minutes % 60;
  return left === 0 ? `${String(hours)} h` : `${String(hours)} h ${String(left).padStart(2, '0')}`;
}

function placesFor(symbol: string, written: number): number {
  const size = Math.abs(written);
  switch (symbol) {
    case 'in':
      return size < 1 ? 3 : 2;
    case 'lb':
      return 2;
    case 'mm':
      return size >= 100 ? 0 : 1;
    case 'fl oz':
      return 1;
    case 'kW':
    case 'kJ/K':
      return 1;
    case '°C/h':
    case '°F/h':
      return size < 10 ? 1 : 0;
    default:
      return 0;
  }
}

/** Text with the decimal points of its numbers as the person writes them. */
export const writtenWith = (text: string, { decimal }: DisplayUnits): string =>
  decimal === ',' ? text.replace(/(\d)\.(?=\d)/g, '$1,') : text;

/** Prints an SI value (°C for temperatures) in the user's units with the digits the trade can use. */
export function printQuantity(value: number, kind: QuantityKind, display: DisplayUnits): Printed {
  const { number, unit } = withPoint(value, kind, display);
  return { number: writtenWith(number, display), unit };
}

function withPoint(value: number, kind: QuantityKind, display: DisplayUnits): Printed {
  if (!Number.isFinite(value)) return { number: '–', unit: '' };
  if (kind === 'time') return { number: printDuration(value), unit: '' };
  if (isTyped(kind)) {
    const u = displayUnit(kind, display);
    if (kind === 'mass' && display.mass === 'g' && value >= 10)
      return { number: fixed(value, 2), unit: 'kg' };
    if (kind === 'mass' && display.mass === 'lb' && value < 0.45359237)
      return { number: fixed((value / 0.45359237) * 16, 1), unit: 'oz' };
    if (kind === 'volume' && u.symbol === 'ml' && value >= 0.01)
      return { number: fixed(value * 1000, 2), unit: 'l' };
    const written = fromSI(value, u);
    // Faster than any box falls: a bound of the reckoning, and no figure of a kiln.
    if (kind === 'rate' && Math.abs(value) > FASTEST)
      return { number: `> ${fixed(fromSI(FASTEST, u), 0)}`, unit: u.symbol };
    return { number: fixed(written, placesFor(u.symbol, written)), unit: u.symbol };
  }
  return printScience(value, kind, display);
}

function printScience(
  value: number,
  kind: Exclude<QuantityKind, TypedKind>,
  display: DisplayUnits,
): Printed {
  switch (kind) {
    case 'stress':
      return Math.abs(value) >= 1e9
        ? { number: fixed(value / 1e9, 0), unit: 'GPa' }
        : { number: fixed(value / 1e6, 2), unit: 'MPa' };
    case 'area':
      return display.length === 'in'
        ? { number: fixed(value / METRES_PER_INCH ** 2, 1), unit: 'in²' }
        : { number: fixed(value * 1e4, 0), unit: 'cm²' };
    case 'viscosity':
      return { number: `10^${fixed(Math.log10(value), 2)}`, unit: 'Pa·s' };
    case 'density':
      return { number: fixed(value, 0), unit: 'kg/m³' };
    case 'heatTransfer':
      return { number: fixed(value, 0), unit: 'W/m²K' };
    case 'diffusivity':
      return { number: fixed(value * 1e6, 3), unit: 'mm²/s' };
    case 'modulusPerKelvin':
      return { number: fixed(value / 1e6, 3), unit: 'MPa/K' };
    case 'energy':
      return { number: fixed(value / 3.6e6, 1), unit: 'kWh' };
    case 'speed':
      return { number: fixed(value * 1e3, 1), unit: 'mm/s' };
    case 'expansion':
      return { number: fixed(value * 1e7, 1), unit: '×10⁻⁷/K' };
    case 'count':
      return { number: Number.isInteger(value) ? String(value) : fixed(value, 2), unit: '' };
  }
}

/**
 * One string, "57 mm", for sentences and labels.
 *
 * @example printText(0.0254, 'length', { temperature: 'C', length: 'in', mass: 'g' }) // '1.00 in'
 */
export function printText(value: number, kind: QuantityKind, display: DisplayUnits): string {
  const { number, unit } = printQuantity(value, kind, display);
  if (unit === '') return number;
  return unit === '°' || unit === '%' ? `${number}${unit}` : `${number} ${unit}`;
}

/** The text a field shows for editing: full enough that reading it back gives the value within half a last digit. */
export function printForField(value: number, kind: TypedKind, display: DisplayUnits): string {
  if (kind === 'time') {
    const minutes = Math.round(value / 60);
    return `${String(Math.floor(minutes / 60))}:${String(minutes % 60).padStart(2, '0')}`;
  }
  const u = displayUnit(kind, display);
  const places: Record<string, number> = { in: 3, lb: 3, mm: 2, 'fl oz': 2 };
  return writtenWith(String(Number(fromSI(value, u).toFixed(places[u.symbol] ?? 1))), display);
}
