// Cut lists: every score breaks, nothing lies over anything, nothing is lost.
import type { StockSheet } from '@zanfirico/contract/shop';
import fc from 'fast-check';
import { cutSheets, stockAfter, type SheetBlank, type CutSheet } from './sheets';

const blank = (label: string, width: number, deep: number): SheetBlank => ({
  label,
  of: 'kiln-sheet-90',
  thickness: 0.003,
  width,
  deep,
});
const full: StockSheet = {
  of: 'kiln-sheet-90',
  thickness: 0.003,
  width: 0.5,
  deep: 0.4,
  count: 40,
};

type Rect = Pick<CutSheet['pieces'][number], 'x' | 'y' | 'width' | 'deep'>;
/** The same piece, whatever its last digits are rounded to. */
const same = (a: Rect, b: Rect): boolean =>
  [a.x - b.x, a.y - b.y, a.width - b.width, a.deep - b.deep].every((d) => Math.abs(d) < 1e-9);

/** Breaks a sheet by its scores in order, as hands would: each runs right through a piece that is in hand. Returns what lies on the bench. */
function broken({ sheet, scores }: CutSheet): Rect[] {
  let bench: Rect[] = [{ x: 0, y: 0, width: sheet.width, deep: sheet.deep }];
  for (const { hand, runs, at } of scores) {
    const rest = bench.filter((r) => !same(r, hand));
    if (rest.length !== bench.length - 1) throw new Error('that piece is not in hand');
    bench =
      runs === 'back'
        ? [...rest, { ...hand, width: at }, { ...hand, x: hand.x + at, width: hand.width - at }]
        : [...rest, { ...hand, deep: at }, { ...hand, y: hand.y + at, deep: hand.deep - at }];
  }
  return bench;
}

const wanted = fc.array(
  fc.tuple(
    fc.double({ min: 0.01, max: 0.39, noNaN: true }),
    fc.double({ min: 0.01, max: 0.39, noNaN: true }),
  ),
  { minLength: 1, maxLength: 30 },
);

it('whatever is wanted, its scores can be broken in their order, and every piece comes off', () => {
  fc.assert(
    fc.property(wanted, (sizes) => {
      const blanks = sizes.map(([w, d], i) => blank(String(i), w, d));
      const { sheets, missing } = cutSheets(blanks, [full]);
      expect(missing).toEqual([]);
      const got = sheets.flatMap((s) => s.pieces);
      expect(got.map((p) => p.label).sort()).toEqual(blanks.map((b) => b.label).sort());
      for (const s of sheets) {
        const bench = broken(s);
        for (const p of s.pieces) {
          expect(bench.some((r) => same(r, p))).toBe(true);
          const b = blanks.find((x) => x.label === p.label) as SheetBlank;
          const size = p.turned ? [b.deep, b.width] : [b.width, b.deep];
          // To the hair within which two sizes are one, 1 µm.
          expect(Math.abs(p.width - size[0])).toBeLessThan(2e-6);
          expect(Math.abs(p.deep - size[1])).toBeLessThan(2e-6);
        }
        expect(s.waste).toBeGreaterThan(-1e-9);
      }
    }),
    { numRuns: 60 },
  );
});

it('two halves come out of a sheet by one score, with nothing left', () => {
  const { sheets } = cutSheets([blank('a', 0.25, 0.4), blank('b', 0.25, 0.4)], [full]);
  expect(sheets).toHaveLength(1);
  expect(sheets[0]?.scores).toHaveLength(1);
  expect(sheets[0]?.waste).toBeCloseTo(0, 9);
});

it('a rest is used before a new sheet, and what is large enough goes back', () => {
  const rest: StockSheet = { ...full, width: 0.2, deep: 0.2, count: 1 };
  const { sheets } = cutSheets([blank('a', 0.1, 0.2)], [full, rest]);
  expect(sheets[0]?.sheet).toMatchObject({ width: 0.2 });
  expect(sheets[0]?.left).toEqual([expect.objectContaining({ width: 0.1, deep: 0.2 })]);
});

it('grain is not turned; a strip too narrow to run is told; what cannot be had says why', () => {
  const grain = { ...blank('g', 0.3, 0.45), turns: false };
  expect(cutSheets([grain], [full]).missing[0]?.says).toMatch(/large enough/);
  expect(cutSheets([{ ...grain, turns: true }], [full]).missing).toEqual([]);
  expect(cutSheets([blank('n', 0.005, 0.4)], [full]).sheets[0]?.scores[0]?.narrow).toBe(true);
  expect(cutSheets([blank('x', 0.1, 0.1)], []).missing[0]?.says).toMatch(/no sheet of this glass/);
  expect(
    cutSheets([blank('a', 0.5, 0.4), blank('b', 0.5, 0.4)], [{ ...full, count: 1 }]).missing[0]
      ?.says,
  ).toMatch(/used up/);
});

it('what is cut leaves the stock, what is left of it comes back, and no glass is made or lost but the waste', () => {
  const cuts = cutSheets([blank('a', 0.3, 0.2), blank('b', 0.12, 0.1)], [{ ...full, count: 2 }]);
  const stock = stockAfter([{ ...full, count: 2 }], cuts);
  const glass = (s: readonly StockSheet[]): number =>
    s.reduce((sum, x) => sum + x.count * x.width * x.deep, 0);
  const lost = cuts.sheets.reduce((sum, s) => sum + s.waste * s.sheet.width * s.sheet.deep, 0);
  expect(stock.find((s) => s.width === 0.5)?.count).toBe(1);
  expect(glass(stock) + 0.3 * 0.2 + 0.12 * 0.1 + lost).toBeCloseTo(2 * 0.5 * 0.4, 4);
  // Two alike are counted, not listed twice; the last of a kind is off the list.
  const twice = stockAfter(stockAfter([{ ...full, count: 2 }], cuts), cuts);
  expect(twice.some((s) => s.width === 0.5)).toBe(false);
  expect(twice).toHaveLength(stock.length - 1);
});
