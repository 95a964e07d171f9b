// A logger's table read: whatever separates its columns, whichever way it writes numbers and times, with what was odd in it told.
import { tr } from '../../words/tr';
import type { KilnCurve } from '../relaxing/walkCurve';

/** What was read. */
export type ReadLog =
  | {
      readonly ok: true;
      readonly curve: KilnCurve;
      /** What the log says it is in, or seems to be in when it does not say. */
      readonly unit: 'C' | 'F';
      readonly unitSaid: boolean;
      readonly rows: number;
      /** Where several places were read at once: how far they lay apart while hot (the middle value), K. */
      readonly spread: number | undefined;
      readonly remarks: readonly string[];
    }
  | { readonly ok: false; readonly says: string };

/** Readings kept: a longer log is thinned, keeping its highs and lows. */
const MOST_READINGS = 4000;
/** A silence longer than this is told, s. */
const SILENCE = 30 * 60;
/** Hotter than this, with no unit given, is taken for °F: soft glass is held under 560 °C and hard under 580. */
const SEEMS_FAHRENHEIT = 640;
const DAY = 86400;
/** What headings call a time, a temperature that was read, and one that was only asked for. */
const TIMES = /time|date|zeit|clock|^t$|^s$|min|hour/;
const PLACES = /temp|°|deg|celsius|fahrenheit|kiln|actual|\b[cf]\b/;
const WANTED = /set|target|program|wanted|asked|\bsp\b/;
/** A box is hot above this, °C: there its places are compared. */
const HOT = 300;

/** A log as a table: how its cells are parted and numbers written, and which columns are time and temperature. */
function tableOf(text: string) {
  const lines = text.split(/\r\n|\n|\r/);
  const first = lines.find((l) => l.trim() !== '') ?? '';
  const semicolons = first.includes(';');
  const separator = semicolons ? ';' : first.includes('\t') ? '\t' : ',';
  const decimalComma = separator !== ',' && !/\d\.\d/.test(lines.slice(0, 200).join('\n'));
  const cells = (line: string): string[] =>
    line.split(separator).map((c) => c.trim().replace(/^"(.*)"$/, '$1'));
  const number = (c: string): number => {
    const s = decimalComma ? c.replace(',', '.') : c;
    const m = /^[-+]?\d+(\.\d+)?(e[-+]?\d+)?/i.exec(s);
    return m ? Number(m[0]) : NaN;
  };
  const head = cells(first).map((c) => c.toLowerCase());
  const hasHead = head.every((c) => !/^[-+]?\d/.test(c));
  const find = (fits: (c: string) => boolean, otherwise: number): number => {
    const i = hasHead ? head.findIndex(fits) : -1;
    return i >= 0 ? i : otherwise;
  };
  const at = find((c) => TIMES.test(c), 0);
  const read = (c: string): boolean => PLACES.test(c) && !WANTED.test(c);
  const temp = find(read, at === 0 ? 1 : 0);
  const places = hasHead ? head.flatMap((c, i) => (i !== at && read(c) ? [i] : [])) : [];
  const name = head[temp] ?? '';
  const said = hasHead
    ? /fahrenheit|°\s*f|\bf\b|_f\b|\(f\)/.test(name)
      ? ('F' as const)
      : /celsius|°\s*c|\bc\b|_c\b|\(c\)/.test(name)
        ? ('C' as const)
        : undefined
    : undefined;
  const clock = head[at] ?? '';
  const scale = /hour|\(h\)|_h\b/.test(clock) ? 3600 : clock.includes('min') ? 60 : 1;
  return { lines, first, hasHead, cells, number, at, temp, places, said, scale };
}

/** Its readings in the order of time, what was left out, and how far its places lay apart. */
function readingsOf({
  lines,
  first,
  hasHead,
  cells,
  number,
  at,
  temp,
  places,
  scale,
}: ReturnType<typeof tableOf>) {
  const time: number[] = [];
  const temperature: number[] = [];
  const spreads: { readonly at: number; readonly apart: number }[] = [];
  const remarks: string[] = [];
  let [bad, backward, twice, silences] = [0, 0, 0, 0];
  let midnight = 0;
  let before = NaN;
  lines.forEach((line, i) => {
    if (line.trim() === '' || (hasHead && line === first && time.length === 0)) return;
    const c = cells(line);
    const [raw, clocked] = timeOf(c[at] ?? '', number);
    const value = number(c[temp] ?? '');
    if (Number.isNaN(raw) || Number.isNaN(value)) {
      bad += 1;
      if (bad === 1) remarks.push(tr`Row ${i + 1} could not be read: “${line.slice(0, 60)}”.`);
      return;
    }
    let t = (clocked ? 1 : scale) * raw;
    // A bare clock starts again at midnight.
    if (clocked && raw < DAY && !Number.isNaN(before) && t + midnight < before - DAY / 2)
      midnight += DAY;
    t += clocked && raw < DAY ? midnight : 0;
    if (t < before) {
      backward += 1;
      return;
    }
    if (t === before) {
      twice += 1;
      temperature[temperature.length - 1] = value;
      return;
    }
    if (t - before > SILENCE) silences += 1;
    before = t;
    time.push(t);
    temperature.push(value);
    const all = places.map((k) => number(c[k] ?? '')).filter((v) => !Number.isNaN(v));
    if (all.length > 1) spreads.push({ at: value, apart: Math.max(...all) - Math.min(...all) });
  });
  if (bad > 1) remarks.push(tr`${bad} rows could not be read and were left out.`);
  if (backward > 0) remarks.push(tr`${backward} rows went back in time and were left out.`);
  if (twice > 0) remarks.push(tr`${twice} times came twice; the later reading counts.`);
  if (silences > 0)
    remarks.push(
      tr`${silences} silences of more than half an hour; between the readings a straight line is taken.`,
    );
  return { time, temperature, spreads, remarks };
}

/** Reads a log. `unit` overrules what it says or seems. */
export function readLoggerCsv(text: string, unit?: 'C' | 'F'): ReadLog {
  const table = tableOf(text);
  const { said, places } = table;
  const { time, temperature, spreads, remarks } = readingsOf(table);
  if (time.length < 2)
    return {
      ok: false,
      says: tr`No two readings could be read: give a table with a time and a temperature in each row.`,
    };
  const most = temperature.reduce((a, b) => Math.max(a, b), -Infinity);
  const seems = most > SEEMS_FAHRENHEIT ? 'F' : 'C';
  const used = unit ?? said ?? seems;
  if (unit === undefined && said === undefined)
    remarks.push(
      tr`It does not say its unit; up to ${Math.round(most)} degrees it is taken for °${used}.`,
    );
  const inC = (v: number): number => (used === 'F' ? ((v - 32) * 5) / 9 : v);
  const celsius = temperature.map(inC);
  const apart = spreads.filter((s) => inC(s.at) > HOT).map((s) => s.apart);
  const middle = apart.sort((a, b) => a - b)[Math.floor(apart.length / 2)];
  const spread = middle !== undefined && used === 'F' ? (middle * 5) / 9 : middle;
  const start = time[0] as number;
  const curve = thinned(
    time.map((t) => t - start),
    celsius,
  );
  if (curve.time.length < time.length)
    remarks.push(
      tr`${time.length} readings were thinned to ${curve.time.length}, highs and lows kept.`,
    );
  if (spread !== undefined)
    remarks.push(tr`Its ${places.length} places lay ${spread.toFixed(1)} K apart while hot.`);
  return {
    ok: true,
    curve,
    unit: used,
    unitSaid: said !== undefined,
    rows: time.length,
    spread,
    remarks,
  };
}

/** Seconds of a time cell, and whether it was a clock: "1234", "2:10", "02:10:30", "2026-11-26 02:10", "…T02:10:30Z". */
function timeOf(cell: string, number: (c: string) => number): readonly [number, boolean] {
  const dated = /^(\d{4}-\d{2}-\d{2})[T ](\d{1,2}):(\d{2})(?::(\d{2}))?/.exec(cell);
  if (dated) {
    const [, day = '', h = '', m = '', s = '0'] = dated;
    return [
      Date.parse(`${day}T00:00:00Z`) / 1000 + Number(h) * 3600 + Number(m) * 60 + Number(s),
      true,
    ];
  }
  const clock = /^(\d{1,3}):(\d{2})(?::(\d{2}))?$/.exec(cell);
  if (clock) {
    const [, h = '', m = '', s = '0'] = clock;
    return [Number(h) * 3600 + Number(m) * 60 + Number(s), true];
  }
  return [number(cell), false];
}

/** Of every run of readings the highest and the lowest, in order. */
function thinned(time: readonly number[], temperature: readonly number[]): KilnCurve {
  const n = time.length;
  if (n <= MOST_READINGS) return { time, temperature };
  const runs = MOST_READINGS / 2 - 1;
  const keep = new Set([0, n - 1]);
  for (let k = 0; k < runs; k += 1) {
    const [a, b] = [Math.floor((k * n) / runs), Math.floor(((k + 1) * n) / runs)];
    let [low, high] = [a, a];
    for (let i = a; i < b; i += 1) {
      if ((temperature[i] as number) < (temperature[low] as number)) low = i;
      if ((temperature[i] as number) > (temperature[high] as number)) high = i;
    }
    keep.add(low);
    keep.add(high);
  }
  const order = [...keep].sort((a, b) => a - b);
  return {
    time: order.map((i) => time[i] as number),
    temperature: order.map((i) => temperature[i] as number),
  };
}
