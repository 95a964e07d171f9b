// Starts as longest paths in a graph of waits; a longest wait is an arc backwards (Bartusch, Möhring & Radermacher 1988).
import { EPS, type Link } from './problem';

interface Arc {
  readonly to: number;
  readonly weight: number;
}

/** What is known of every task at one point of the search. */
export interface Node {
  /** No task starts earlier, s. */
  readonly head: Float64Array;
  /** From the start of a task to the end of all at least, s. */
  readonly tail: Float64Array;
}

/** A copy to try something on. */
export const copyOf = (node: Node): Node => ({
  head: node.head.slice(),
  tail: node.tail.slice(),
});

/** The waits between tasks, with the orders decided so far. */
export class Paths {
  /** Whatever would end later than this is not looked at, s. */
  upper: number;
  private readonly out: Arc[][];
  private readonly into: Arc[][];
  private readonly queue: Int32Array;

  /** Tasks of `d` seconds each, and the waits between them. */
  constructor(
    readonly d: readonly number[],
    links: readonly Link[],
    upper: number,
  ) {
    this.upper = upper;
    this.out = d.map(() => []);
    this.into = d.map(() => []);
    this.queue = new Int32Array(d.length + 1);
    for (const l of links) {
      this.arc(l.from, l.to, d[l.from] + l.least);
      if (l.most !== undefined) this.arc(l.to, l.from, -(d[l.from] + l.most));
    }
  }

  private arc(from: number, to: number, weight: number): void {
    this.out[from]?.push({ to, weight });
    this.into[to]?.push({ to: from, weight });
  }

  /** Where nothing is decided yet; undefined when no schedule keeps every wait within `upper`. */
  root(): Node | undefined {
    const node = { head: new Float64Array(this.d.length), tail: Float64Array.from(this.d) };
    const all = this.d.map((_, i) => i);
    return this.relax(node.head, this.out, all) && this.relax(node.tail, this.into, all)
      ? node
      : undefined;
  }

  /** Lets i come before j from here on; false when that ends too late. Undone by `undo`, last first. */
  fix(node: Node, i: number, j: number): boolean {
    this.arc(i, j, this.d[i]);
    return this.relax(node.head, this.out, [i]) && this.relax(node.tail, this.into, [j]);
  }

  undo(i: number, j: number): void {
    this.out[i]?.pop();
    this.into[j]?.pop();
  }

  /**
   * Longest paths onward from changed tasks; false when a start passes the best, or when the way comes back to the one task
   * it went out from and would move it: a circle that has no end.
   */
  private relax(value: Float64Array, arcs: readonly Arc[][], from: readonly number[]): boolean {
    const n = this.d.length;
    const queue = this.queue;
    const latest = this.upper + EPS;
    const source = from.length === 1 ? from[0] : -1;
    const queued = new Uint8Array(n);
    let first = 0;
    let last = 0;
    let count = 0;
    let turns = 0;
    for (const i of from) {
      queued[i] = 1;
      queue[last] = i;
      last = (last + 1) % (n + 1);
      count += 1;
    }
    while (count > 0) {
      const i = queue[first];
      first = (first + 1) % (n + 1);
      count -= 1;
      queued[i] = 0;
      turns += 1;
      if (turns > 4 * n * n) return false;
      const base = value[i];
      for (const { to, weight } of arcs[i]) {
        const next = base + weight;
        if (next <= value[to] + EPS) continue;
        if (next > latest || to === source) return false;
        value[to] = next;
        if (queued[to] !== 0) continue;
        queued[to] = 1;
        queue[last] = to;
        last = (last + 1) % (n + 1);
        count += 1;
      }
    }
    return true;
  }
}
