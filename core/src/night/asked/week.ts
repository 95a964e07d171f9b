// A week of pieces and a few annealers: which goes when, so that everything is out by its date; what is left over is told.
import { eachOf, byCode, stand, type PieceInside, type LoadPiece } from './load';

/** A piece with its dates, s on one clock. */
export interface WeekPiece extends LoadPiece {
  /** Made and in the box at this moment. */
  readonly ready: number;
  readonly due: number;
  /** How long it keeps each annealer, in their order, from the last piece in, s. */
  readonly nights: readonly number[];
  /** Fired from cold: nothing comes to it from the bench. */
  readonly fromCold?: boolean | undefined;
}

/** A box as a week is planned with it. */
export interface WeekAnnealer {
  readonly id: string;
  readonly inside: PieceInside;
  /** When it is free. */
  readonly free: number;
}

/** One load. */
export interface WeekLoad {
  readonly annealer: string;
  /** By id, each as often as it is in it. */
  readonly pieces: readonly string[];
  /** Last piece in, and door. */
  readonly lastIn: number;
  readonly door: number;
}

/** A week of nights, box by box. */
export interface Week {
  readonly loads: readonly WeekLoad[];
  /** Pieces that fit no annealer, each named once. */
  readonly homeless: readonly string[];
  /** Pieces out after their date: how many of it, and how much the last of them, s. */
  readonly late: readonly Late[];
}

/** So many of a piece come late, the last of them by so much, s. */
export interface Late {
  readonly id: string;
  readonly count: number;
  readonly seconds: number;
}

interface Draft {
  readonly annealer: number;
  readonly pieces: WeekPiece[];
}

/** Rounds of improving. */
const ROUNDS = 60;

/**
 * Plans the loads: earliest date first into the first box it fits, then pieces are moved and loads swapped for as long as that
 * makes less late, or everything done sooner. Six alike may go into two loads. Deterministic; not proven the best.
 */
export function planWeek(pieces: readonly WeekPiece[], annealers: readonly WeekAnnealer[]): Week {
  const fits = (a: WeekAnnealer, load: readonly WeekPiece[]): boolean =>
    stand(load, a.inside).left.length === 0 &&
    new Set(load.map((p) => p.glass.family)).size <= 1 &&
    alike(load);
  const homeless = pieces
    .filter((p) => !annealers.some((a) => fits(a, [{ ...p, count: 1 }])))
    .map((p) => p.id);
  const left = [...eachOf(pieces.filter((p) => !homeless.includes(p.id)))].sort(
    (a, b) => a.due - b.due || a.ready - b.ready || byCode(a.id, b.id),
  );
  let loads: Draft[] = [];
  for (const p of left) {
    // Into an open load of pieces made by then, where its night is no longer than theirs by much; else a new one.
    const tried = loads.flatMap((l, i) => {
      const with_ = [...l.pieces, p];
      return fits(annealers[l.annealer] as WeekAnnealer, with_)
        ? [loads.map((m, k) => (k === i ? { ...m, pieces: with_ } : m))]
        : [];
    });
    const fresh = annealers.flatMap((a, i) =>
      fits(a, [p]) ? [[...loads, { annealer: i, pieces: [p] }]] : [],
    );
    loads = best([...tried, ...fresh], annealers) ?? loads;
  }
  for (let round = 0; round < ROUNDS; round += 1) {
    const better = improve(loads, annealers, fits);
    if (!better) break;
    loads = better;
  }
  return { ...timed(loads, annealers), homeless };
}

/** From the bench, all of them; or one kind fired from cold: each has its own programme. */
const alike = (load: readonly WeekPiece[]): boolean =>
  load.every((p) => !p.fromCold) || new Set(load.map((p) => p.id)).size <= 1;

const best = (all: readonly Draft[][], annealers: readonly WeekAnnealer[]): Draft[] | undefined => {
  let found: Draft[] | undefined;
  let least = Infinity;
  for (const loads of all) {
    const c = cost(loads, annealers);
    if (c < least - 1) [least, found] = [c, loads];
  }
  return found;
};

/** Lateness first, then when everything is out, then the sum of the doors. */
function cost(loads: readonly Draft[], annealers: readonly WeekAnnealer[]): number {
  const { late, loads: out } = timed(loads, annealers);
  const lateness = late.reduce((sum, l) => sum + l.count * l.seconds, 0);
  const last = out.reduce((m, l) => Math.max(m, l.door), 0);
  return 1000 * lateness + last + out.reduce((s, l) => s + l.door - l.lastIn, 0) / 10;
}

/** Loads on the clock: each annealer takes its own by what is due first, not before its last piece is made. */
function timed(
  loads: readonly Draft[],
  annealers: readonly WeekAnnealer[],
): Pick<Week, 'loads' | 'late'> {
  const out: WeekLoad[] = [];
  const late = new Map<string, Late>();
  annealers.forEach((a, i) => {
    let clock = a.free;
    const mine = loads
      .filter((l) => l.annealer === i && l.pieces.length > 0)
      .map((l) => ({
        l,
        ready: Math.max(...l.pieces.map((p) => p.ready)),
        due: Math.min(...l.pieces.map((p) => p.due)),
      }))
      .sort((x, y) => Math.max(x.ready, a.free) - Math.max(y.ready, a.free) || x.due - y.due);
    for (const { l, ready } of mine) {
      const lastIn = Math.max(clock, ready);
      const door = lastIn + Math.max(...l.pieces.map((p) => p.nights[i] as number));
      out.push({ annealer: a.id, pieces: l.pieces.map((p) => p.id), lastIn, door });
      for (const p of l.pieces)
        if (door > p.due + 1) {
          const { count = 0, seconds = 0 } = late.get(p.id) ?? {};
          late.set(p.id, { id: p.id, count: count + 1, seconds: Math.max(seconds, door - p.due) });
        }
      clock = door;
    }
  });
  return { loads: out.sort((x, y) => x.lastIn - y.lastIn), late: [...late.values()] };
}

/** The first move of one piece to another load or a new one that costs less. */
function improve(
  loads: readonly Draft[],
  annealers: readonly WeekAnnealer[],
  fits: (a: WeekAnnealer, load: readonly WeekPiece[]) => boolean,
): Draft[] | undefined {
  const now = cost(loads, annealers);
  for (let i = 0; i < loads.length; i += 1)
    for (const [at, p] of (loads[i] as Draft).pieces.entries()) {
      // Of several alike in one load the first stands for all.
      if ((loads[i] as Draft).pieces.findIndex((q) => q.id === p.id) < at) continue;
      const without = loads
        .map((l, k) => (k === i ? { ...l, pieces: l.pieces.filter((q) => q !== p) } : l))
        .filter((l) => l.pieces.length > 0);
      const tries = [
        ...without.flatMap((l, k) => {
          const with_ = [...l.pieces, p];
          return fits(annealers[l.annealer] as WeekAnnealer, with_)
            ? [without.map((m, n) => (n === k ? { ...m, pieces: with_ } : m))]
            : [];
        }),
        ...annealers.flatMap((a, k) =>
          fits(a, [p]) ? [[...without, { annealer: k, pieces: [p] }]] : [],
        ),
      ];
      const found = best(tries, annealers);
      if (found && cost(found, annealers) < now - 1) return found;
    }
  return undefined;
}
