// What a doc comment shows is what comes out: every example of the core that can be worked out from its own module is.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { runInNewContext } from 'node:vm';

const files = readdirSync(__dirname, { recursive: true, encoding: 'utf8' }).filter(
  (f) => f.endsWith('.ts') && !/\.(test|fixture|d)\.ts$/.test(f),
);

interface Example {
  readonly file: string;
  readonly shows: string;
  readonly is: string;
}

const examples = files.flatMap((file): Example[] =>
  [...readFileSync(join(__dirname, file), 'utf8').matchAll(/@example\n((?: *\*(?!\/)[^\n]*\n)+)/g)]
    .flatMap(([, lines = '']) => lines.split('\n'))
    .flatMap((line) => {
      const [, shows, is] = /^ *\* (\w+\(.*\)\S*) \/\/ (.+)$/.exec(line) ?? [];
      return shows === undefined || is === undefined ? [] : [{ file, shows, is }];
    }),
);

/** A figure as it is written, to as many digits. */
const asWritten = (value: unknown, told: unknown): unknown => {
  if (value === 0) return 0;
  if (typeof value === 'number' && typeof told === 'number' && !Number.isInteger(value))
    return Math.abs(value - told) <= 1e-3 * Math.abs(value) ? told : value;
  if (Array.isArray(value) && Array.isArray(told))
    return value.map((v, i) => asWritten(v, told[i]));
  if (value !== null && typeof value === 'object' && told !== null && typeof told === 'object')
    return Object.fromEntries(
      Object.entries(value).map(([k, v]) => [
        k,
        asWritten(v, (told as Record<string, unknown>)[k]),
      ]),
    );
  return value;
};

/** What a text comes to with names in sight. */
const evaluated = (text: string, names: Readonly<Record<string, unknown>>): unknown =>
  runInNewContext(`(${text})`, { ...names, Math });

/** Evaluated with the names of its module in sight; undefined where it takes more than those. */
function workedOut({
  file,
  shows,
  is,
}: Example): { readonly value: unknown; readonly told: unknown } | undefined {
  // eslint-disable-next-line @typescript-eslint/no-require-imports
  const module = require(join(__dirname, file)) as Record<string, unknown>;
  try {
    const told = evaluated(is, {});
    const value = evaluated(shows, module);
    return { value: asWritten(value, told), told };
  } catch (error) {
    // Words instead of a value, or names that only who calls it has.
    if (/^(Reference|Syntax)Error/.test(String(error))) return undefined;
    throw error;
  }
}

it('every example that can be worked out comes out as it says', () => {
  const found = examples.map((e) => ({ ...e, out: workedOut(e) }));
  for (const { file, shows, out } of found)
    if (out) expect([file, shows, out.value]).toEqual([file, shows, out.told]);
  expect(found.filter((e) => e.out).length).toBeGreaterThan(70);
});
