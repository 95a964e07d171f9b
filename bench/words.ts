// What another language costs: a sentence said, and the catalogue read. npx tsx words.ts
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { speak, tr, trWord } from '@zanfirico/core/words';
import { tongueOf, type Catalogue } from '@zanfirico/words/tongue';

const TIMES = 200_000;
const file = readFileSync(join(import.meta.dirname, '../words/it.json'));

/** Nanoseconds of one. */
function each(work: () => unknown): number {
  for (let i = 0; i < 2000; i += 1) work();
  const since = process.hrtime.bigint();
  for (let i = 0; i < TIMES; i += 1) work();
  return Number(process.hrtime.bigint() - since) / TIMES;
}
const told = (what: string, ns: number): void => {
  console.log(`${what.padEnd(44)}${ns.toFixed(0).padStart(8)} ns`);
};

const sentence = () => tr`Wall at point ${3}: ${'2.8 mm'}`;
told('English, two values', each(sentence));
const since = performance.now();
const catalogue = JSON.parse(file.toString('utf8')) as Catalogue;
const say = tongueOf('it', catalogue);
say('Pieces', []);
const read = performance.now() - since;
speak(say);
told('Italian, two values', each(sentence));
told(
  'Italian, a word',
  each(() => trWord('watch')),
);
console.log(
  `catalogue of ${String(Object.keys(catalogue).length)} messages read: ${read.toFixed(1)} ms`,
);
console.log(
  `${(file.length / 1000).toFixed(0)} kB, sent as ${(brotliCompressSync(file).length / 1000).toFixed(0)} kB`,
);
