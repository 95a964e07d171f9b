// Which pieces come out of which sheet, by straight scores that run right through what is in hand: the only ones that break.
import type { StockSheet } from '@zanfirico/contract/shop';
import { tr } from '../../words/tr';

/** A piece wanted, as the rectangle it is broken out of. m. */
export interface SheetBlank {
  readonly label: string;
  readonly of: string;
  readonly thickness: number;
  readonly width: number;
  readonly deep: number;
  /** Grain or stripe: it may not be turned. */
  readonly turns?: boolean | undefined;
}

interface Rect {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly deep: number;
}

/** One score, right through the piece in hand. */
export interface Score {
  /** The piece in hand, on its sheet. */
  readonly hand: Rect;
  /** Runs from front to back, so far from the left; or from left to right, so far from the front. */
  readonly runs: 'back' | 'right';
  readonly at: number;
  /** So narrow a strip is broken off with pliers, or not at all. */
  readonly narrow: boolean;
}

/** One sheet cut up. */
export interface CutSheet {
  readonly sheet: StockSheet;
  readonly scores: readonly Score[];
  readonly pieces: readonly (Rect & { readonly label: string; readonly turned: boolean })[];
  /** Large enough to go back to stock. */
  readonly left: readonly Rect[];
  /** Neither piece nor stock, as a share of the sheet. */
  readonly waste: number;
}

/** The list. */
export interface SheetCuts {
  readonly sheets: readonly CutSheet[];
  /** What no sheet there is can give, and why. */
  readonly missing: readonly { readonly blank: SheetBlank; readonly says: string }[];
}

/** What is larger than this both ways goes back to stock, m. Common practice, no source. */
export const KEEPS = 0.05;
/** A strip narrower than this times its thickness hardly runs. Common practice, no source. */
const NARROW = 2.5;
const HAIR = 1e-6;

interface Node extends Rect {
  score?: { readonly runs: Score['runs']; readonly at: number };
  kids: Node[];
  piece?: { readonly label: string; readonly turned: boolean };
}

type Order = (a: SheetBlank, b: SheetBlank) => number;
const ORDERS: readonly Order[] = [
  (a, b) => b.width * b.deep - a.width * a.deep,
  (a, b) => Math.max(b.width, b.deep) - Math.max(a.width, a.deep),
  (a, b) => Math.min(b.width, b.deep) - Math.min(a.width, a.deep),
  (a, b) => b.width + b.deep - a.width - a.deep,
  (a, b) => b.deep - a.deep || b.width - a.width,
  (a, b) => b.width - a.width || b.deep - a.deep,
];

/**
 * Cuts pieces out of the sheets there are: the fewest sheets, then the largest rests, of six orders and two ways of splitting (guillotine best fit). Sheets are taken
 * smallest first: rests before new ones.
 */
export function cutSheets(blanks: readonly SheetBlank[], stock: readonly StockSheet[]): SheetCuts {
  const kinds = new Map<string, SheetBlank[]>();
  for (const b of blanks) {
    const key = `${b.of} ${b.thickness.toFixed(5)}`;
    kinds.set(key, [...(kinds.get(key) ?? []), b]);
  }
  const sheets: CutSheet[] = [];
  const missing: SheetCuts['missing'][number][] = [];
  for (const wanted of kinds.values()) {
    const first = wanted[0];
    const there = stock
      .filter((s) => s.of === first.of && Math.abs(s.thickness - first.thickness) < 2e-4)
      .sort((a, b) => a.width * a.deep - b.width * b.deep);
    const tries = ORDERS.flatMap((order) =>
      [false, true].map((long) => cutUp([...wanted].sort(order), there, long)),
    );
    const best = tries.reduce((a, b) => (better(b, a) ? b : a));
    sheets.push(...best.sheets);
    missing.push(...best.missing);
  }
  return { sheets, missing };
}

const glassOf = (cuts: readonly CutSheet[]): number =>
  cuts.reduce((sum, c) => sum + c.sheet.width * c.sheet.deep, 0);
const largest = (cuts: readonly CutSheet[]): number =>
  Math.max(0, ...cuts.flatMap((c) => c.left.map((r) => r.width * r.deep)));
const better = (a: SheetCuts, b: SheetCuts): boolean =>
  a.missing.length !== b.missing.length
    ? a.missing.length < b.missing.length
    : Math.abs(glassOf(a.sheets) - glassOf(b.sheets)) > HAIR
      ? glassOf(a.sheets) < glassOf(b.sheets)
      : largest(a.sheets) > largest(b.sheets) + HAIR;

function cutUp(
  wanted: readonly SheetBlank[],
  there: readonly StockSheet[],
  long: boolean,
): SheetCuts {
  const open: { readonly sheet: StockSheet; readonly root: Node; readonly free: Node[] }[] = [];
  const counts = there.map((s) => s.count);
  const missing: SheetCuts['missing'][number][] = [];
  const fits = (r: Rect, w: number, d: number): boolean =>
    r.width >= w - HAIR && r.deep >= d - HAIR;
  const place = (b: SheetBlank): boolean => {
    let best: { free: Node[]; node: Node; turned: boolean; spare: number } | undefined;
    const ways = b.turns === false || b.width === b.deep ? [false] : [false, true];
    for (const { free } of open)
      for (const node of free)
        for (const turned of ways) {
          const [w, d] = turned ? [b.deep, b.width] : [b.width, b.deep];
          if (!fits(node, w, d)) continue;
          const spare = Math.min(node.width - w, node.deep - d);
          if (!best || spare < best.spare) best = { free, node, turned, spare };
        }
    if (!best) return false;
    const [w, d] = best.turned ? [b.deep, b.width] : [b.width, b.deep];
    split(best.free, best.node, w, d, { label: b.label, turned: best.turned }, long);
    return true;
  };
  for (const b of wanted) {
    if (place(b)) continue;
    const next = there.findIndex(
      (s, i) =>
        counts[i] > 0 &&
        (fits({ x: 0, y: 0, ...s }, b.width, b.deep) ||
          (b.turns !== false && fits({ x: 0, y: 0, ...s }, b.deep, b.width))),
    );
    if (next < 0) {
      const some = there.some((_, i) => counts[i] > 0);
      missing.push({
        blank: b,
        says:
          there.length === 0
            ? tr`no sheet of this glass and thickness is in stock`
            : some
              ? tr`no sheet left is large enough`
              : tr`the sheets of it are used up`,
      });
      continue;
    }
    counts[next] = counts[next] - 1;
    const sheet = there[next];
    const root: Node = { x: 0, y: 0, width: sheet.width, deep: sheet.deep, kids: [] };
    open.push({ sheet, root, free: [root] });
    place(b);
  }
  return { sheets: open.map(({ sheet, root }) => asCut(sheet, root)), missing };
}

/** Breaks a piece out of what is in hand, by one score or two; what is left is free. */
function split(
  free: Node[],
  node: Node,
  w: number,
  d: number,
  piece: { readonly label: string; readonly turned: boolean },
  long: boolean,
): void {
  free.splice(free.indexOf(node), 1);
  const backFirst =
    // The larger rest in one, or the other way about.
    (node.width - w) * node.deep >= node.width * (node.deep - d) !== long;
  let hand = node;
  for (const runs of backFirst ? (['back', 'right'] as const) : (['right', 'back'] as const)) {
    const [at, all] = runs === 'back' ? [w, hand.width] : [d, hand.deep];
    if (all - at <= HAIR) continue;
    const keep: Node =
      runs === 'back'
        ? { x: hand.x, y: hand.y, width: at, deep: hand.deep, kids: [] }
        : { x: hand.x, y: hand.y, width: hand.width, deep: at, kids: [] };
    const rest: Node =
      runs === 'back'
        ? { x: hand.x + at, y: hand.y, width: hand.width - at, deep: hand.deep, kids: [] }
        : { x: hand.x, y: hand.y + at, width: hand.width, deep: hand.deep - at, kids: [] };
    hand.score = { runs, at };
    hand.kids = [keep, rest];
    free.push(rest);
    hand = keep;
  }
  hand.piece = piece;
}

/** The tree of scores read from the whole sheet down: each is made on what the ones before left in hand. */
function asCut(sheet: StockSheet, root: Node): CutSheet {
  const scores: Score[] = [];
  const pieces: CutSheet['pieces'][number][] = [];
  const left: Rect[] = [];
  const bare = ({ x, y, width, deep }: Node): Rect => ({ x, y, width, deep });
  let used = 0;
  const walk = (node: Node): void => {
    if (node.piece) {
      pieces.push({ ...bare(node), ...node.piece });
      used += node.width * node.deep;
      return;
    }
    if (node.score) {
      const { runs, at } = node.score;
      const all = runs === 'back' ? node.width : node.deep;
      scores.push({
        hand: bare(node),
        runs,
        at,
        narrow: Math.min(at, all - at) < NARROW * sheet.thickness,
      });
      node.kids.forEach(walk);
      return;
    }
    if (Math.min(node.width, node.deep) >= KEEPS) {
      left.push(bare(node));
      used += node.width * node.deep;
    }
  };
  walk(root);
  return { sheet, scores, pieces, left, waste: 1 - used / (sheet.width * sheet.deep) };
}

/** The stock once it is cut: the sheets taken are gone from it, what is left of them is in it, to a tenth of a millimetre. */
export function stockAfter(stock: readonly StockSheet[], { sheets }: SheetCuts): StockSheet[] {
  const counts = stock.map((s) => ({ ...s }));
  const like = (of: Omit<StockSheet, 'count'>) =>
    counts.find(
      (s) =>
        s.of === of.of &&
        s.thickness === of.thickness &&
        s.width === of.width &&
        s.deep === of.deep,
    );
  for (const { sheet, left } of sheets) {
    const taken = like(sheet);
    if (taken) taken.count -= 1;
    for (const r of left) {
      const rest = {
        of: sheet.of,
        thickness: sheet.thickness,
        width: Number(r.width.toFixed(4)),
        deep: Number(r.deep.toFixed(4)),
      };
      const same = like(rest);
      if (same) same.count += 1;
      else counts.push({ ...rest, count: 1 });
    }
  }
  return counts.filter((s) => s.count > 0);
}
