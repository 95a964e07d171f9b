// Measured by itself in Node: a firing judged, a piece fired, a slump, a cut list. `tsx kiln.ts` prints its rows as JSON.
import type { KilnWork } from '@zanfirico/contract/kiln';
import { firePiece, freshKiln, judgeFiring, meetings, slump } from '@zanfirico/core/kiln';
import { cutSheets, type SheetBlank } from '@zanfirico/core/kiln/cutting';
import { boxOf } from '@zanfirico/core/night';
import { findGlass, SHIPPED_RACK } from '@zanfirico/core/rack';
import { median, often, type Row } from './rows';

const glass = findGlass('kiln-sheet-90');
if (!glass) throw new Error('the rack has no kiln sheet');
const box = boxOf({});
const ms = (v: number): string => `${v.toFixed(v < 10 ? 1 : 0)} ms`;

function many(rounds: number, what: (round: number) => unknown): number {
  const times: number[] = [];
  for (let i = 0; i < often(rounds); i += 1) {
    const from = performance.now();
    what(i);
    times.push(performance.now() - from);
  }
  return median(times);
}

const lines = [
  { to: 660, rate: 200 / 3600, hold: 1800 },
  { to: 810, hold: 600 },
  { to: 516, hold: 3600 },
  { to: 430, rate: 60 / 3600 },
  { to: 50 },
];
const judged = many(100, () =>
  judgeFiring({
    glass,
    lines,
    start: 20,
    box,
    layers: 2,
    climb: 0.06,
    fall: 0.02,
    soak: 3600,
    limit: 900,
  }),
);
const work = freshKiln('slumped', glass, box);
// Another object each time: an answer is kept by the piece it is of.
const flat = many(30, () => firePiece({ ...work, firings: work.firings.slice(0, 1) }, glass, box));
const sagged = many(15, (i) =>
  slump({ kind: 'bowl', across: 0.22 + i * 1e-4, deep: 0.03, flat: 0 }, glass, 0.006),
);
const full: KilnWork = {
  ...work,
  laid: [
    ...work.laid,
    ...Array.from({ length: often(498, 8) }, (_, i) => ({
      id: `s${String(i)}`,
      as: 'strip' as const,
      ...(i % 3 > 0 && { of: i % 3 === 1 ? 'kelp' : 'chalk' }),
      thickness: 0.003,
      shape: { kind: 'rect' as const, width: 0.01, deep: 0.05 },
      x: 0.1 * Math.cos(i) * Math.sqrt(i / 500),
      y: 0.1 * Math.sin(i) * Math.sqrt(i / 500),
      turn: i,
    })),
  ],
};
const crowded = many(5, () =>
  firePiece({ ...full, firings: full.firings.slice(0, 1) }, glass, box),
);
const above = firePiece(full, glass, box).above;
const met = many(5, () =>
  meetings(full.laid, above, (id) => SHIPPED_RACK.colour(id ?? glass.id), { tolerance: 2e-7 }),
);
const blanks = Array.from({ length: 60 }, (_, i): SheetBlank => ({
  label: String(i),
  of: glass.id,
  thickness: 0.003,
  width: 0.02 + ((i * 37) % 100) / 700,
  deep: 0.02 + ((i * 61) % 100) / 500,
}));
const cut = many(20, () =>
  cutSheets(blanks, [
    { of: glass.id, thickness: 0.003, width: 0.5, deep: 0.43, count: 40 },
    { of: glass.id, thickness: 0.003, width: 0.3, deep: 0.2, count: 6 },
  ]),
);
const row = (what: string, measured: string, wanted = ''): Row => ({ what, measured, wanted });
process.stdout.write(
  `${JSON.stringify([
    row('a firing of five lines judged (median of 100)', ms(judged), '< 50 ms'),
    row('two sheets laid and fused (median of 30)', ms(flat), '< 50 ms'),
    row('a slump, both limits (median of 15)', ms(sagged), '< 500 ms'),
    row(
      '500 things laid and fused; their meetings judged (medians of 5)',
      `${ms(crowded)}, ${ms(met)}`,
    ),
    row('a cut list of 60 parts (median of 20)', ms(cut), '< 1 s'),
  ])}\n`,
);
