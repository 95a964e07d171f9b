// What a controller's registers say and are told: sixteen bits each, tenths of a degree, minutes; and which of them are no reading at all.
import type { RecipeLine } from '@zanfirico/contract/shop';
import { tr } from '../words/tr';

/**
 * A word of sixteen bits as a number with a sign.
 *
 * @example
 * signed(65535) // -1
 */
export const signed = (word: number): number => (word > 0x7fff ? word - 0x10000 : word);
/**
 * A number with a sign as a word of sixteen bits.
 *
 * @example
 * wordOf(-1) // 65535
 */
export const wordOf = (value: number): number => (value < 0 ? value + 0x10000 : value) & 0xffff;
/**
 * Two words, the high one first, as a number of thirty-two bits.
 *
 * @example
 * longOf(1, 2) // 65538
 */
export const longOf = (high: number, low: number): number => high * 0x10000 + low;

const inFahrenheit = (celsius: number): number => (celsius * 9) / 5 + 32;
const inCelsius = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;

/** Hotter and colder than these no kiln and no furnace is, °C: such a word is no temperature. */
const COLDEST = -60;
const HOTTEST = 1700;
/** What controllers say of a thermocouple that is open or not connected. Common practice, no source. */
const NO_READING: ReadonlySet<number> = new Set([0x7fff, 0x8000, 0xffff]);

/**
 * A temperature out of a word, °C, or why it is none. `scale` units of the word a degree.
 *
 * @example
 * temperatureIn(5050, 10, false) // { celsius: 505 }
 */
export function temperatureIn(
  word: number,
  scale: number,
  fahrenheit: boolean,
): { readonly celsius: number } | { readonly says: string } {
  const value = signed(word) / scale;
  const celsius = fahrenheit ? inCelsius(value) : value;
  return NO_READING.has(word) || celsius < COLDEST || celsius > HOTTEST
    ? {
        says: tr`It reads ${value.toFixed(1)} °${fahrenheit ? 'F' : 'C'}: its thermocouple is broken or not connected.`,
      }
    : { celsius };
}

/**
 * A temperature as a word, °C in.
 *
 * @example
 * temperatureWord(505, 10, false) // 5050
 */
export const temperatureWord = (celsius: number, scale: number, fahrenheit: boolean): number =>
  wordOf(Math.round((fahrenheit ? inFahrenheit(celsius) : celsius) * scale));

const HOUR = 3600;
const MINUTE = 60;
/** Of a line: as fast as it can. */
const FREE = 0;
const MOST = 0xfffe;
/** Words of a line: where to, how fast, how long held. */
export const WORDS_A_LINE = 3;

/**
 * A programme as words: to (tenths of a degree), rate (tenths of a degree an hour; 0 as fast as it can), hold (minutes). Rates are
 * rounded down and holds up, so that what is run is never harder on the glass than what was checked; never to none.
 * Throws a RangeError with a sentence where a line does not fit into its words.
 */
export function programmeWords(
  lines: readonly RecipeLine[],
  scale: number,
  fahrenheit: boolean,
): number[] {
  const degrees = fahrenheit ? 9 / 5 : 1;
  return lines.flatMap((l, i) => {
    const rate =
      l.rate === undefined ? FREE : Math.max(1, Math.floor(l.rate * HOUR * degrees * scale + 1e-6));
    const hold = Math.max(0, Math.ceil((l.hold ?? 0) / MINUTE - 1e-6));
    if (rate > MOST || hold > MOST)
      throw new RangeError(
        tr`Step ${i + 1} does not fit the controller: ${
          hold > MOST
            ? tr`it holds ${Math.round(hold / 60)} h, 1092 h can be told`
            : tr`it goes at ${Math.round((l.rate ?? 0) * HOUR)} K/h, ${Math.floor(MOST / scale / degrees)} can be told`
        }.`,
      );
    return [temperatureWord(l.to, scale, fahrenheit), rate, hold];
  });
}

/** The programme that words say: what was read back, as lines. */
export function programmeIn(
  words: readonly number[],
  scale: number,
  fahrenheit: boolean,
): RecipeLine[] {
  const degrees = fahrenheit ? 9 / 5 : 1;
  const lines: RecipeLine[] = [];
  for (let i = 0; i + WORDS_A_LINE <= words.length; i += WORDS_A_LINE) {
    const [to = 0, rate = 0, hold = 0] = words.slice(i, i + WORDS_A_LINE);
    const value = signed(to) / scale;
    lines.push({
      to: fahrenheit ? inCelsius(value) : value,
      ...(rate !== FREE && { rate: rate / scale / degrees / HOUR }),
      ...(hold > 0 && { hold: hold * MINUTE }),
    });
  }
  return lines;
}
