// Which of two tasks comes first, where there is one of what both need: decided, undone, and forced where the other way round
// would already be too long (immediate selection, Carlier & Pinson 1989).
import { jackson } from './jackson';
import { copyOf, type Node, type Paths } from './paths';
import { EPS, type Problem } from './problem';

/** Orders decided, first before second, in turn. */
export type Decided = [number, number][];

/** Which task comes before which, kept closed: what follows from two is known at once. */
export class Orders {
  /** Who needs each thing. */
  readonly users: readonly (readonly number[])[];
  /** Every two tasks that need a thing there is one of. */
  private readonly pairs: readonly (readonly [number, number])[];

  constructor(
    private readonly problem: Problem,
    private readonly paths: Paths,
  ) {
    this.users = problem.capacity.map((_, k) =>
      problem.tasks.flatMap((t, i) => (t.needs.includes(k) ? [i] : [])),
    );
    this.pairs = this.users.flatMap((ids, k) =>
      problem.capacity[k] === 1
        ? ids.flatMap((i, a) => ids.slice(a + 1).map((j) => [i, j] as const))
        : [],
    );
  }

  /** i before j from here on, noted in `undo`; false when that ends too late. */
  fix(node: Node, i: number, j: number, undo: Decided): boolean {
    undo.push([i, j]);
    return this.paths.fix(node, i, j);
  }

  /** Takes decisions back. */
  unfix(undo: Decided): void {
    for (const [i, j] of undo.reverse()) this.paths.undo(i, j);
  }

  /** No schedule from here on is shorter, s. */
  boundOf(node: Node): number {
    const { d } = this.paths;
    let bound = 0;
    for (let i = 0; i < d.length; i += 1) bound = Math.max(bound, node.head[i] + node.tail[i]);
    const q = node.tail.map((t, i) => t - d[i]);
    this.users.forEach((ids, k) => {
      if (this.problem.capacity[k] === 1 && ids.length > 1)
        bound = Math.max(bound, jackson(ids, d, node.head, q));
    });
    return bound;
  }

  /** Pairs that can only go one way, made so until nothing changes; false when neither way is left. */
  force(node: Node, undo: Decided): boolean {
    for (let changed = true; changed;) {
      changed = false;
      for (const [i, j] of this.pairs) {
        const endI = node.head[i] + this.paths.d[i];
        const endJ = node.head[j] + this.paths.d[j];
        const ij = endI + node.tail[j] < this.paths.upper - EPS;
        const ji = endJ + node.tail[i] < this.paths.upper - EPS;
        if (!ij && !ji) return false;
        if (ij === ji) continue;
        if (ij ? node.head[j] >= endI - EPS : node.head[i] >= endJ - EPS) continue;
        if (!(ij ? this.fix(node, i, j, undo) : this.fix(node, j, i, undo))) return false;
        changed = true;
      }
    }
    return true;
  }

  /** Both ways of every open pair tried, once: what leaves only one way is fixed. False when neither is left. */
  shave(node: Node, undo: Decided): boolean {
    const stands = (from: number, to: number): boolean => {
      const child = copyOf(node);
      const mine: Decided = [];
      const open =
        this.fix(child, from, to, mine) &&
        this.force(child, mine) &&
        this.boundOf(child) < this.paths.upper - EPS;
      this.unfix(mine);
      return open;
    };
    for (const [i, j] of this.pairs) {
      const endI = node.head[i] + this.paths.d[i];
      const endJ = node.head[j] + this.paths.d[j];
      if (node.head[j] >= endI - EPS || node.head[i] >= endJ - EPS) continue;
      const ij = stands(i, j);
      const ji = stands(j, i);
      if (!ij && !ji) return false;
      if (ij !== ji && !(ij ? this.fix(node, i, j, undo) : this.fix(node, j, i, undo)))
        return false;
    }
    return true;
  }

  /** The first moment at which too many run, with who they are. */
  conflict(head: Float64Array): readonly number[] | undefined {
    let found: number[] | undefined;
    let when = Infinity;
    this.users.forEach((ids, k) => {
      const cap = this.problem.capacity[k];
      for (const i of ids) {
        const t = head[i];
        if (t >= when || this.paths.d[i] <= EPS) continue;
        const running = ids.filter(
          (j) => head[j] <= t + EPS && t < head[j] + this.paths.d[j] - EPS,
        );
        if (running.length > cap) {
          when = t;
          found = running;
        }
      }
    });
    return found;
  }
}
