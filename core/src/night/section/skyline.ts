// Symmetric positive definite systems in envelope storage: ordered by reverse Cuthill–McKee, factored by Cholesky.
// George & Liu, Computer Solution of Large Sparse Positive Definite Systems (1981), chapters 4 and 5.

/** An order of nodes in which neighbours are close: `order[new] = old`, `place[old] = new`. */
export interface NodeOrder {
  readonly order: Int32Array;
  readonly place: Int32Array;
}

/** Reverse Cuthill–McKee over cliques (the nodes of each element). */
export function closeOrder(nodes: number, cliques: readonly Int32Array[]): NodeOrder {
  const beside: Set<number>[] = Array.from({ length: nodes }, () => new Set<number>());
  for (const c of cliques) for (const a of c) for (const b of c) if (a !== b) beside[a].add(b);
  const degree = (n: number): number => beside[n].size;
  const level = (from: number, seen: Uint8Array): number[] => {
    const order = [from];
    seen[from] = 1;
    // It grows as it is walked.
    for (const node of order) {
      const next = [...beside[node]]
        .filter((n) => seen[n] === 0)
        .sort((a, b) => degree(a) - degree(b) || a - b);
      for (const n of next) {
        seen[n] = 1;
        order.push(n);
      }
    }
    return order;
  };
  const done = new Uint8Array(nodes);
  const all: number[] = [];
  for (let n = 0; n < nodes; n += 1) {
    if (done[n] === 1) continue;
    // From an end of the body: the last of a search begins the next, twice.
    let end = n;
    for (let k = 0; k < 2; k += 1) end = level(end, Uint8Array.from(done)).at(-1) ?? end;
    all.push(...level(end, done));
  }
  all.reverse();
  const order = Int32Array.from(all);
  const place = new Int32Array(nodes);
  order.forEach((old, i) => {
    place[old] = i;
  });
  return { order, place };
}

/** The rows of a symmetric matrix from their first entry to the diagonal. */
export interface Skyline {
  readonly size: number;
  /** First column of each row. */
  readonly first: Int32Array;
  /** Where row i's first entry stands in `values`. */
  readonly at: Int32Array;
  readonly values: Float64Array;
}

/** Room for a matrix whose rows are coupled by cliques of unknowns. */
export function skylineFor(size: number, cliques: readonly Int32Array[]): Skyline {
  const first = Int32Array.from({ length: size }, (_, i) => i);
  for (const c of cliques) {
    let least = size;
    for (const i of c) least = Math.min(least, i);
    for (const i of c) first[i] = Math.min(first[i], least);
  }
  const at = new Int32Array(size + 1);
  for (let i = 0; i < size; i += 1) at[i + 1] = at[i] + (i - first[i] + 1);
  return { size, first, at, values: new Float64Array(at[size]) };
}

/** Where entry (i, j) stands, j ≤ i and not before row i's first. */
export const entryAt = ({ first, at }: Skyline, i: number, j: number): number =>
  at[i] + j - first[i];

/** Cholesky in place. False where the matrix is not positive definite. */
export function factor({ size, first, at, values }: Skyline): boolean {
  for (let i = 0; i < size; i += 1) {
    const fi = first[i];
    const ri = at[i] - fi;
    for (let j = fi; j < i; j += 1) {
      const fj = first[j];
      const rj = at[j] - fj;
      let sum = values[ri + j];
      for (let k = fi > fj ? fi : fj; k < j; k += 1) sum -= values[ri + k] * values[rj + k];
      values[ri + j] = sum / values[rj + j];
    }
    let pivot = values[ri + i];
    for (let k = fi; k < i; k += 1) pivot -= values[ri + k] ** 2;
    if (!(pivot > 0)) return false;
    values[ri + i] = Math.sqrt(pivot);
  }
  return true;
}

/** Solves with a factored matrix, in place. */
export function solve({ size, first, at, values }: Skyline, x: Float64Array): void {
  for (let i = 0; i < size; i += 1) {
    const f = first[i];
    const r = at[i] - f;
    let sum = x[i];
    for (let k = f; k < i; k += 1) sum -= values[r + k] * x[k];
    x[i] = sum / values[r + i];
  }
  for (let i = size - 1; i >= 0; i -= 1) {
    const f = first[i];
    const r = at[i] - f;
    const v = x[i] / values[r + i];
    x[i] = v;
    for (let k = f; k < i; k += 1) x[k] = x[k] - v * values[r + k];
  }
}
