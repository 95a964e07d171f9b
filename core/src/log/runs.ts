// Losses in their order: do they come in runs, and did they change at some time, by more than chance would have it?

/** ln(n!), by Stirling's series above a small table: right to ten places (Abramowitz & Stegun 6.1.41). */
function lnFactorial(n: number): number {
  if (n < 20) {
    let f = 1;
    for (let k = 2; k <= n; k += 1) f *= k;
    return Math.log(f);
  }
  const x = n + 1;
  return (
    (x - 0.5) * Math.log(x) - x + 0.5 * Math.log(2 * Math.PI) + 1 / (12 * x) - 1 / (360 * x ** 3)
  );
}
const lnChoose = (n: number, k: number): number =>
  k < 0 || k > n ? -Infinity : lnFactorial(n) - lnFactorial(k) - lnFactorial(n - k);

/** A row of losses and others counted by its runs. */
export interface Runs {
  readonly runs: number;
  /** As many as chance would have on average. */
  readonly expected: number;
  /** How often chance alone makes so few runs, or fewer: losses then come one upon another. */
  readonly clustered: number;
}

/**
 * The chance of just so many runs of `a` of one kind and `b` of another (Wald & Wolfowitz 1940).
 *
 * @example
 * chanceOfRuns(2, 5, 5) // 0.007937
 */
export function chanceOfRuns(runs: number, a: number, b: number): number {
  const all = lnChoose(a + b, a);
  const k = Math.floor(runs / 2);
  const of = (i: number, j: number): number =>
    Math.exp(lnChoose(a - 1, i) + lnChoose(b - 1, j) - all);
  return runs % 2 === 0 ? 2 * of(k - 1, k - 1) : of(k, k - 1) + of(k - 1, k);
}

/**
 * The runs test, exact. Undefined where there are none of a kind: nothing can run then.
 *
 * @example
 * runsOf([true, true, false, false, true, false]) // { runs: 4, expected: 4, clustered: 0.7 }
 */
export function runsOf(lost: readonly boolean[]): Runs | undefined {
  const a = lost.filter((l) => l).length;
  const b = lost.length - a;
  if (a === 0 || b === 0) return undefined;
  const runs = lost.reduce((n, l, i) => (i > 0 && l !== lost[i - 1] ? n + 1 : n), 1);
  let clustered = 0;
  for (let r = 2; r <= runs; r += 1) clustered += chanceOfRuns(r, a, b);
  return { runs, expected: (2 * a * b) / (a + b) + 1, clustered: Math.min(1, clustered) };
}

/** Where a row of losses changed most. */
export interface RunChange {
  /** From this place on. */
  readonly at: number;
  readonly before: { readonly lost: number; readonly all: number };
  readonly after: { readonly lost: number; readonly all: number };
  /** How often a shuffled row changes as much somewhere. */
  readonly chance: number;
}

/** So many makings at least on either side of a change. */
const LEAST = 8;
const SHUFFLES = 999;

/** The largest stride of the cumulative sum from its mean, scaled to its spread (Pettitt 1980; Taylor 2000 for the shuffling). */
function stride(lost: readonly number[]): { readonly at: number; readonly size: number } {
  const n = lost.length;
  const mean = lost.reduce((a, b) => a + b, 0) / n;
  let [sum, best, at] = [0, 0, 0];
  for (let k = 1; k < n; k += 1) {
    sum += (lost[k - 1] as number) - mean;
    if (k < LEAST || n - k < LEAST) continue;
    const size = Math.abs(sum) / Math.sqrt((k * (n - k)) / n);
    if (size > best) [best, at] = [size, k];
  }
  return { at, size: best };
}

/** The same on every machine: Lehmer's generator (Park & Miller 1988). */
function shuffler(): (row: number[]) => void {
  let seed = 20_261;
  return (row) => {
    for (let i = row.length - 1; i > 0; i -= 1) {
      seed = (seed * 48_271) % 2_147_483_647;
      const k = seed % (i + 1);
      [row[i], row[k]] = [row[k] as number, row[i] as number];
    }
  };
}

/** The likeliest change in a row of losses, with how often chance alone makes one as large; undefined where the row is too short. */
export function changeIn(lost: readonly boolean[]): RunChange | undefined {
  if (lost.length < 2 * LEAST || !lost.includes(true) || !lost.includes(false)) return undefined;
  const row = lost.map(Number);
  const { at, size } = stride(row);
  if (at === 0) return undefined;
  const shuffle = shuffler();
  const other = [...row];
  let asMuch = 0;
  for (let k = 0; k < SHUFFLES; k += 1) {
    shuffle(other);
    if (stride(other).size >= size - 1e-12) asMuch += 1;
  }
  const count = (of: readonly boolean[]): { lost: number; all: number } => ({
    lost: of.filter((l) => l).length,
    all: of.length,
  });
  return {
    at,
    before: count(lost.slice(0, at)),
    after: count(lost.slice(at)),
    chance: (asMuch + 1) / (SHUFFLES + 1),
  };
}
