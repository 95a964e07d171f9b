// What every catalogue has to hold, whatever the language: every message, every value, every figure and every source.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { LANGUAGES } from '.';

const folder = join(__dirname, '..');
const read = (file: string): Record<string, string> =>
  JSON.parse(readFileSync(join(folder, file), 'utf8')) as Record<string, string>;
const english = read('en.json');
const others = LANGUAGES.map((l) => l.code).filter((code) => code !== 'en');

const places = (m: string): string => (m.match(/\{\d+\}/g) ?? []).sort().join();
/** Figures of a message, with a point or a comma: "3.9", "100". Places of values are none. */
const figures = (m: string): string =>
  (m.replace(/\{\d+\}/g, ' ').match(/\d+(?:[.,:]\d+)*/g) ?? [])
    .map((f) => f.replace(',', '.'))
    .sort()
    .join(' ');
/** Who stands behind a figure. */
const SOURCES =
  /\b(Shand|Timoshenko|Goodier|Carslaw|Jaeger|Tool 1946|Narayanaswamy|Moynihan|Gardon|Crouzeix|Raviart|Adams|Williamson|Lakatos|Winkelmann|Schott|Hadamard|Rybczynski|Aben|Mazurin|Wilson|Newcombe|Bayes|Derjaguin|ASTM C\d+|EN 572-1|ISO 3585)\b/g;
const sources = (m: string): string => (m.match(SOURCES) ?? []).sort().join(' ');

it('there is a catalogue for every language, and none that nobody can choose', () => {
  const files = readdirSync(folder).filter((f) => /^[a-z]{2}\.json$/.test(f));
  expect(files.sort()).toEqual(LANGUAGES.map((l) => `${l.code}.json`).sort());
});

it('English is the message itself', () => {
  expect(Object.keys(english).length).toBeGreaterThan(4000);
  for (const [message, said] of Object.entries(english)) expect(said).toBe(message);
});

describe.each(others)('%s', (code) => {
  const catalogue = read(`${code}.json`);
  const wrong = (is: (message: string, said: string) => boolean): string[] =>
    Object.entries(catalogue).flatMap(([m, said]) => (is(m, said) ? [`${m} → ${said}`] : []));

  it('says every message, and none that is said nowhere', () => {
    expect(Object.keys(catalogue)).toEqual(Object.keys(english));
    expect(wrong((_m, said) => said.trim() === '')).toEqual([]);
  });

  it('has every value in it once, and the spaces a sentence is put together by', () => {
    expect(wrong((m, said) => places(m) !== places(said))).toEqual([]);
    expect(
      wrong((m, said) => /^\s/.test(m) !== /^\s/.test(said) || /\s$/.test(m) !== /\s$/.test(said)),
    ).toEqual([]);
  });

  it('gives the same figures: a temperature, a share or a year is no word', () => {
    // The clock as some write it in English only, and a plural told by its figure.
    const allowed = [/5\.30 pm/, /^Twelve by/];
    expect(
      wrong((m, said) => figures(m) !== figures(said) && !allowed.some((a) => a.test(m))),
    ).toEqual([]);
  });

  it('names the same sources', () => {
    expect(wrong((m, said) => sources(m) !== sources(said))).toEqual([]);
  });

  it('leaves no sentence in English', () => {
    // Formulas, units, symbols and names are the same anywhere.
    expect(wrong((m, said) => m === said && /\b(the|of|is|and|with|it)\b/i.test(m))).toEqual([]);
    expect(wrong((_m, said) => /\b(the|with|which|whether|there)\b/i.test(said))).toEqual([]);
  });
});
