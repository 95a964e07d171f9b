// Glass settling on a shelf: a cut through it as columns that keep their glass while its weight spreads it, its skin levels it, and its edge
// draws it in or lets it go.
import { STANDARD_GRAVITY } from '../units/constants';
import { SURFACE_TENSION } from './flow';
import type { LaidCut } from './laid';

/** How the cut lies: straight through something long, or from the middle of something round. */
export type Lies = 'straight' | 'round';

/** What settling asks. SI. */
export interface Settling {
  readonly density: number;
  /** Where it comes to rest on a flat shelf, m; 0 lets it spread for ever. */
  readonly rests: number;
  /** N/m; of the skin over relief. */
  readonly tension?: number | undefined;
  /** It cannot spread past a dam at these places of the cut. */
  readonly dam?: { readonly from: number; readonly to: number } | undefined;
}

/** Columns a cut is carried on in at most, and about how wide each is, m. */
const MOST_COLUMNS = 40;
const COLUMN = 0.0015;
/** After so many steps of one fineness it is gone on with half as many columns. */
const STEPS = 2500;
const LEAST_COLUMNS = 10;
/** Shares of the steepest stable step. */
const SAFE = { spread: 0.2, level: 0.1, move: 0.1 };

/** A cut with as many columns of even width, its glass kept. */
export function evenly({ edges, high }: LaidCut, n: number, lies: Lies): LaidCut {
  const from = edges[0];
  const to = edges[edges.length - 1];
  const room = (a: number, b: number): number => (lies === 'round' ? b * b - a * a : b - a);
  const grid = Array.from({ length: n + 1 }, (_, i) => from + ((to - from) * i) / n);
  const out = new Array<number>(n).fill(0);
  let k = 0;
  for (let i = 0; i < n; i += 1) {
    const [a, b] = [grid[i], grid[i + 1]];
    while (k > 0 && edges[k] > a) k -= 1;
    let sum = 0;
    for (let j = k; j < high.length && edges[j] < b; j += 1) {
      const [c, d] = [Math.max(a, edges[j]), Math.min(b, edges[j + 1])];
      if (d > c) sum += room(c, d) * high[j];
      k = j;
    }
    out[i] = sum / room(a, b);
  }
  return { edges: grid, high: out };
}

/** Glass in a cut: m² for a straight one (for each metre of length), m³ for a round one. */
export const glassIn = ({ edges, high }: LaidCut, lies: Lies): number =>
  high.reduce((sum, h, i) => {
    const [a, b] = [edges[i], edges[i + 1]];
    return sum + h * (lies === 'round' ? Math.PI * (b * b - a * a) : b - a);
  }, 0);

/** The stretches of a cut that have glass in them. */
export function piecesOf({ edges, high }: LaidCut): LaidCut[] {
  const found: LaidCut[] = [];
  let from = -1;
  high.forEach((h, i) => {
    const there = h > 1e-6;
    if (there && from < 0) from = i;
    if (from >= 0 && (!there || i === high.length - 1)) {
      const to = there ? i + 1 : i;
      found.push({ edges: edges.slice(from, to + 1), high: high.slice(from, to) });
      from = -1;
    }
  });
  return found;
}

/**
 * One stretch of glass after so much flow (∫dt/η, 1/Pa). Columns keep their glass exactly; between them it flows as a film that sticks to the shelf (q =
 * h³/3η · ∂p/∂x, p = ρgh − γh″: the lubrication law Huppert 1982 solves), slower where it is steep; its edge is pushed by
 * ½ρg(h² − rests²), the balance that gives the settled height (de Gennes, Brochard-Wyart & Quéré), over about its own height. That last length is an estimate: an edge is good to
 * half as much again.
 */
export function settle(cut: LaidCut, lies: Lies, glass: Settling, flowed: number): LaidCut {
  const wide = cut.edges[cut.edges.length - 1] - cut.edges[0];
  let n = Math.max(LEAST_COLUMNS, Math.min(MOST_COLUMNS, Math.round(wide / COLUMN)));
  let now = evenly(cut, n, lies);
  let left = flowed;
  while (left > 0) {
    const went = carry(now, lies, glass, left);
    now = went.cut;
    left = went.left;
    if (left <= 0 || went.still) break;
    if (n > LEAST_COLUMNS) {
      n = Math.max(LEAST_COLUMNS, n >> 1);
      now = evenly(now, n, lies);
    }
  }
  return now;
}

/** Slower than this over all that is left nothing is seen to move, m. */
const UNSEEN = 2e-5;

function carry(
  cut: LaidCut,
  lies: Lies,
  { density, rests, tension = SURFACE_TENSION, dam }: Settling,
  flowed: number,
): { readonly cut: LaidCut; readonly left: number; readonly still: boolean } {
  const n = cut.high.length;
  const weight = density * STANDARD_GRAVITY;
  const edge = Float64Array.from(cut.edges);
  const high = Float64Array.from(cut.high);
  const round = lies === 'round';
  const room = (i: number): number => {
    const [a, b] = [edge[i], edge[i + 1]];
    return round ? b * b - a * a : b - a;
  };
  const has = high.map((h, i) => h * room(i));
  const speed = new Float64Array(n + 1);
  const push = new Float64Array(n);
  const middle = (i: number): number => (edge[i] + edge[i + 1]) / 2;
  let left = flowed;
  for (let step = 0; step < STEPS; step += 1) {
    let stable = left;
    for (let i = 0; i < n; i += 1) {
      const h = high[i];
      const dx = edge[i + 1] - edge[i];
      const slope = (a: number, b: number): number =>
        a < 0 || b >= n ? 0 : (high[b] - high[a]) / (middle(b) - middle(a));
      const curve = (slope(i, i + 1) - slope(i - 1, i)) / dx;
      push[i] = weight * h - tension * curve;
      const flows = h ** 3 / 3;
      stable = Math.min(
        stable,
        (SAFE.spread * dx * dx) / (weight * flows),
        tension > 0 ? (SAFE.level * dx ** 4) / (tension * flows) : Infinity,
      );
    }
    for (let i = 1; i < n; i += 1) {
      const [a, b] = [high[i - 1], high[i]];
      const apart = middle(i) - middle(i - 1);
      const steep = (b - a) / apart;
      const h = (a + b) / 2;
      speed[i] = (-((h * h) / 3) * (push[i] - push[i - 1])) / apart / (1 + steep * steep);
    }
    const out = (i: number): number => {
      const h = high[i];
      const dx = edge[i + 1] - edge[i];
      return (weight * h * (h * h - rests * rests)) / (6 * Math.max(h, dx / 2));
    };
    speed[n] = out(n - 1);
    speed[0] = round ? 0 : -out(0);
    let fastest = 0;
    for (let i = 0; i <= n; i += 1) {
      const near = Math.min(
        i > 0 ? edge[i] - edge[i - 1] : Infinity,
        i < n ? edge[i + 1] - edge[i] : Infinity,
      );
      const v = Math.abs(speed[i]);
      fastest = Math.max(fastest, v);
      if (v > 0) stable = Math.min(stable, (SAFE.move * near) / v);
    }
    for (let i = 0; i <= n; i += 1) {
      let to = edge[i] + speed[i] * stable;
      if (dam) to = Math.min(dam.to, Math.max(dam.from, to));
      edge[i] = to;
    }
    for (let i = 0; i < n; i += 1) high[i] = has[i] / room(i);
    left -= stable;
    if (left <= 0 || fastest * left < UNSEEN)
      return { cut: { edges: [...edge], high: [...high] }, left: Math.max(0, left), still: true };
  }
  return { cut: { edges: [...edge], high: [...high] }, left, still: false };
}
