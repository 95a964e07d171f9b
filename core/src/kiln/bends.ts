// A sheet whose rim slides: it only bends, as a thin viscous plate, from touch to touch.
import type { Mould } from '@zanfirico/contract/kiln';
import { down, glassAt, HAIR, LYING, NEVER, type Hanging, type Sagging } from './hanging';
import { isChannel, isDrape } from './mould';

const POISSON = 0.5;
/** Turns of the search for what touches. */
const TURNS = 60;

/**
 * Bending alone: a thin viscous plate is an elastic one with 3η for E and ½ for ν, its speeds for deflections (Timoshenko & Woinowsky-Krieger). Between two
 * touches its speed does not change, so it goes from touch to touch.
 */
export function bends(
  mould: Mould,
  out: readonly number[],
  under: readonly number[],
  weight: number,
  thickness: number,
): Sagging {
  const n = out.length;
  const shares = glassAt(mould, out);
  const load = shares.map((s) => s * weight * thickness);
  const matrix = plate(mould, out, thickness);
  const hangs = new Array<number>(n).fill(0);
  const all = down({ hangs: under }, shares);
  const drape = isDrape(mould);
  const deep = Math.max(...under);
  const stays = (k: number): boolean => (drape ? false : k === n - 1);
  // A drape lies on its form's top from the start; a rim lies on the mould's.
  const touches = under.map((d, k) => stays(k) || d <= 1e-4 * deep);
  const states: Hanging[] = [
    { flowed: 0, hangs: [...hangs], touches: [...touches], thick: hangs.map(() => thickness) },
  ];
  let flowed = 0;
  let bottom = Infinity;
  let lies = Infinity;
  for (let turn = 0; turn < 4 * n && flowed < NEVER; turn += 1) {
    const speed = freed(matrix, load, touches, stays);
    let step = NEVER - flowed;
    speed.forEach((v, k) => {
      if (touches[k] !== true && v > 0) step = Math.min(step, (under[k] - hangs[k]) / v);
    });
    step = Math.max(step, 0);
    flowed += step;
    for (let k = 0; k < n; k += 1)
      hangs[k] = Math.max(0, Math.min(under[k], hangs[k] + speed[k] * step));
    under.forEach((d, k) => {
      if (d - hangs[k] <= HAIR * deep) {
        touches[k] = true;
        if (d >= deep * (1 - 1e-9)) bottom = Math.min(bottom, flowed);
      }
    });
    states.push({
      flowed,
      hangs: [...hangs],
      touches: [...touches],
      thick: hangs.map(() => thickness),
    });
    const come = down({ hangs }, shares) / all;
    if (come >= LYING) lies = Math.min(lies, flowed);
    if (come >= 1 - HAIR) break;
  }
  return { out, states, bottom, lies };
}

/** Speeds where it is free, for a viscosity of one; what touches and would be pulled off is let go first. */
function freed(
  matrix: readonly (readonly number[])[],
  load: readonly number[],
  touches: boolean[],
  stays: (k: number) => boolean,
): number[] {
  for (let turn = 0; turn < TURNS; turn += 1) {
    const speed = solveWith(matrix, load, touches);
    // What the mould pushes with; where that is less than nothing the sheet lifts off.
    const pulls = touches.map((t, k) => {
      if (!t || stays(k)) return 0;
      const row = matrix[k];
      return row.reduce((s, m, j) => s + m * speed[j], 0) - load[k];
    });
    const most = pulls.reduce((best, p, k) => (p > (pulls[best] ?? 0) ? k : best), 0);
    if ((pulls[most] ?? 0) <= 1e-9 * (load[most] ?? 1) || turn === TURNS - 1) return speed;
    touches[most] = false;
  }
  return load.map(() => 0);
}

/** The plate's resistance at each node against each, for η = 1: curvatures squared, summed (curved along and round about for a round one). */
function plate(mould: Mould, out: readonly number[], thickness: number): number[][] {
  const n = out.length;
  const dx = out[1];
  const stiff = thickness ** 3 / 3;
  const shares = glassAt(mould, out);
  const matrix = Array.from({ length: n }, () => new Array<number>(n).fill(0));
  type Row = readonly (readonly [number, number])[];
  const add = (p: Row, q: Row, by: number): void => {
    for (const [i, a] of p)
      for (const [j, b] of q) {
        const row = matrix[i];
        row[j] = row[j] + by * a * b;
      }
  };
  const end = n - 1;
  for (let k = 0; k < end; k += 1) {
    const along: Row =
      k === 0
        ? [
            [0, -2 / dx ** 2],
            [1, 2 / dx ** 2],
          ]
        : [
            [k - 1, 1 / dx ** 2],
            [k, -2 / dx ** 2],
            [k + 1, 1 / dx ** 2],
          ];
    const weight = stiff * shares[k];
    add(along, along, weight);
    if (isChannel(mould)) continue;
    const r = out[k];
    const about: Row =
      k === 0
        ? along
        : [
            [k - 1, -1 / (2 * dx * r)],
            [k + 1, 1 / (2 * dx * r)],
          ];
    add(about, about, weight);
    add(along, about, weight * POISSON);
    add(about, along, weight * POISSON);
  }
  return matrix;
}

/** Solves for the free nodes, the others held at nothing (Cholesky within a band of two). */
function solveWith(
  matrix: readonly (readonly number[])[],
  load: readonly number[],
  held: readonly boolean[],
): number[] {
  const free = load.flatMap((_, k) => (held[k] === true ? [] : [k]));
  const n = free.length;
  const answer = load.map(() => 0);
  const lower = free.map(() => [0, 0, 0] as number[]);
  const y = new Array<number>(n).fill(0);
  for (let i = 0; i < n; i += 1) {
    const row = matrix[free[i]];
    for (let j = Math.max(0, i - 2); j <= i; j += 1) {
      let sum = row[free[j]];
      for (let k = Math.max(0, i - 2); k < j; k += 1)
        sum -= (lower[i]?.[k - i + 2] ?? 0) * (k >= j - 2 ? (lower[j]?.[k - j + 2] ?? 0) : 0);
      const mine = lower[i];
      mine[j - i + 2] = j === i ? Math.sqrt(Math.max(sum, 1e-300)) : sum / (lower[j]?.[2] ?? 1);
    }
    let sum = load[free[i]];
    for (let k = Math.max(0, i - 2); k < i; k += 1) sum -= (lower[i]?.[k - i + 2] ?? 0) * y[k];
    y[i] = sum / (lower[i]?.[2] ?? 1);
  }
  for (let i = n - 1; i >= 0; i -= 1) {
    let sum = y[i];
    for (let k = i + 1; k <= Math.min(n - 1, i + 2); k += 1)
      sum -= (lower[k]?.[i - k + 2] ?? 0) * answer[free[k]];
    answer[free[i]] = sum / (lower[i]?.[2] ?? 1);
  }
  return answer;
}
