// Sentences in the person's units: the core writes °C, K, mm, g and kg into its words; here they are turned into what is read.
import { printText, writtenWith } from './print';
import { displayUnit, type DisplayUnits } from './quantity';

const KIND = { '°C': 'temperature', mm: 'length', g: 'mass', kg: 'mass' } as const;
const TO_SI = { '°C': 1, mm: 1e-3, g: 1e-3, kg: 1 } as const;
const NUMBER = String.raw`[−-]?\d+(?:\.\d+)?`;
const MEASURE = new RegExp(
  String.raw`(?:(${NUMBER})(–|, ))?(${NUMBER}) (°C|mm|kg|g|K)(?![\w/²³])`,
  'g',
);

/**
 * A sentence with its measures as the person reads them; as it is where those are °C, mm and g.
 *
 * @example
 * inWords('piece about 590–650 °C', { temperature: 'F', length: 'mm', mass: 'g' }); // 'piece about 1094–1202 °F'
 */
export function inWords(text: string, units: DisplayUnits): string {
  const point: DisplayUnits = { ...units, decimal: '.' };
  const read = text.replace(
    MEASURE,
    (all: string, from: string | undefined, dash: string | undefined, to: string, unit: string) => {
      if (unit === 'K') {
        if (units.temperature === 'C') return all;
        const wide = String(Math.round(Number(to.replace('−', '-')) * 1.8));
        return `${from === undefined ? '' : `${from}${dash ?? ''}`}${wide} °F`;
      }
      const kind = KIND[unit as keyof typeof KIND];
      const si = (n: string): number =>
        Number(n.replace('−', '-')) * TO_SI[unit as keyof typeof KIND];
      const own = displayUnit(kind, units).symbol;
      if (own === unit || (unit === 'kg' && own === 'g')) return all;
      const last = printText(si(to), kind, point);
      if (from === undefined) return last;
      const first = printText(si(from), kind, point);
      // One unit for both ends of a range.
      return `${first.replace(/\s*[^\d.,\s−-]+.*$/u, '')}${dash ?? ''}${last}`;
    },
  );
  return writtenWith(read, units);
}

/**
 * A length in the drawing's own tenths of a millimetre, for what the core says.
 *
 * @example
 * mm(0.0032) // '3.2 mm'
 */
export const mm = (metres: number): string => `${String(Number((metres * 1e3).toFixed(1)))} mm`;
