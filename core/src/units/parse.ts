// Reading what people type: "2 1/4 in", "950F", "1 lb 4 oz", "1:30", "5,7 cm".
import { tr, type Said } from '../words/tr';
import { displayUnit, toSI, UNITS, type DisplayUnits, type TypedKind, type Unit } from './quantity';

/** What a field got out of the text: an SI value (°C for temperatures), or a sentence saying what it could not read. */
export type QuantityRead =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly message: string };

const VULGAR: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
};

// A number (plain, "2 1/4", or "1/4"), then whatever is not a number as its unit.
const TERM =
  /^\s*(?<sign>[-+−]?)\s*(?:(?<whole>\d+)\s+(?<num>\d+)\s*\/\s*(?<den>\d+)|(?<n>\d+)\s*\/\s*(?<d>\d+)|(?<plain>\d+(?:[.,]\d+)?|[.,]\d+)(?<exp>e[-+]?\d+)?)\s*(?<unit>[^\d\s.,+-][^\d]*?)?\s*(?=$|[\d.,+-])/i;

const EXAMPLES: Record<TypedKind, Said> = {
  length: () => tr`57 mm, 5.7 cm or 2 1/4 in`,
  mass: () => tr`467 g or 1 lb 4 oz`,
  temperature: () => tr`510 C or 950F`,
  temperatureDifference: () => tr`10 C or 18 F`,
  rate: () => tr`55 C/h or 100 F/h`,
  time: () => tr`1:30, 1.5 h or 90 min`,
  volume: () => tr`250 ml or 8 fl oz`,
  angle: () => tr`30 or 30°`,
  power: () => tr`4.5 kW or 4500 W`,
  heatCapacity: () => '45 kJ/K',
  ratio: () => tr`15 or 15 %`,
};

function findUnit(kind: TypedKind, spelled: string): Unit | undefined {
  const wanted = spelled.trim().toLowerCase().replace(/\.$/, '');
  const units: readonly Unit[] = UNITS[kind];
  return units.find((u) => u.spellings.includes(wanted));
}

function termValue(g: Record<string, string | undefined>): number {
  const sign = g['sign'] === '-' || g['sign'] === '−' ? -1 : 1;
  if (g['whole'] !== undefined)
    return sign * (Number(g['whole']) + Number(g['num']) / Number(g['den']));
  if (g['n'] !== undefined) return (sign * Number(g['n'])) / Number(g['d']);
  return sign * Number((g['plain'] ?? '').replace(',', '.') + (g['exp'] ?? ''));
}

/**
 * Reads a quantity as a person types it. A bare number takes the field's display unit; a written unit always wins;
 * compound amounts ("1 lb 4 oz", "1 h 30 min", "1:30") add up.
 *
 * @example readQuantity('2 1/4 in', 'length', METRIC) // { ok: true, value: 0.05715 }
 */
export function readQuantity(text: string, kind: TypedKind, display: DisplayUnits): QuantityRead {
  const refuse = (why: string): QuantityRead => ({
    ok: false,
    message: tr`${why} Type for example ${EXAMPLES[kind]()}.`,
  });
  if (text.length > 60) return refuse(tr`That is too long for a measure.`);
  let rest = text.replace(/[¼½¾⅛⅜⅝⅞⅓⅔]/g, (c) => ` ${VULGAR[c] ?? ''}`).trim();
  if (rest === '') return refuse(tr`Nothing is typed here.`);

  const clock = kind === 'time' ? /^(\d{1,4}):([0-5]\d)$/.exec(rest) : null;
  if (clock) return { ok: true, value: Number(clock[1]) * 3600 + Number(clock[2]) * 60 };

  let total = 0;
  let terms = 0;
  while (rest !== '') {
    const match = TERM.exec(rest);
    if (!match?.groups) return refuse(tr`"${text.trim()}" is not a measure.`);
    const spelled = match.groups['unit'];
    if (terms > 0 && (spelled === undefined || kind === 'temperature'))
      return refuse(tr`"${text.trim()}" is not one measure.`);
    const u = spelled === undefined ? displayUnit(kind, display) : findUnit(kind, spelled);
    if (!u) return refuse(tr`"${spelled?.trim() ?? ''}" is not a unit of ${NAMES[kind]()}.`);
    const value = toSI(termValue(match.groups), u);
    if (!Number.isFinite(value)) return refuse(tr`"${text.trim()}" is not a number.`);
    total += value;
    terms += 1;
    rest = rest.slice(match[0].length).trim();
  }
  return { ok: true, value: total };
}

const NAMES: Record<TypedKind, Said> = {
  length: () => tr`length`,
  mass: () => tr`weight`,
  temperature: () => tr`temperature`,
  temperatureDifference: () => tr`temperature difference`,
  rate: () => tr`heating or cooling rate`,
  time: () => tr`time`,
  volume: () => tr`volume`,
  angle: () => tr`angle`,
  power: () => tr`power`,
  heatCapacity: () => tr`thermal mass`,
  ratio: () => tr`proportion`,
};
