// The shortest schedule of tasks with least and longest waits and scarce hands and stations, by branch and bound.
//
// Starts are longest paths in a graph of waits; a longest wait is an arc backwards (Bartusch, Möhring & Radermacher 1988). Where
// more tasks run at once than there is of something, one of them has to come before another: each way is tried. What cannot be
// the best any more is cut by the path itself, by Jackson's one-machine bound with preemption (Carlier 1982), and by orders
// that are forced because the other way round would already be too long (immediate selection, Carlier & Pinson 1989).

/** A task: how long, and what it takes one of. */
export interface Task {
  readonly seconds: number;
  readonly needs: readonly number[];
}

/** `to` starts `least` after the end of `from`, and no later than `most` after it. s */
export interface Link {
  readonly from: number;
  readonly to: number;
  readonly least: number;
  readonly most?: number | undefined;
}

export interface Problem {
  readonly tasks: readonly Task[];
  readonly links: readonly Link[];
  /** How many there are of each thing needed. */
  readonly capacity: readonly number[];
}

/** A schedule, and how good it is known to be. */
export interface Schedule {
  readonly starts: readonly number[];
  readonly makespan: number;
  /** Nothing can be shorter than this. */
  readonly lower: number;
  readonly proven: boolean;
  readonly nodes: number;
}

/** How long to look, and whom to tell. */
export interface Looking {
  /** Stops when this says so; asked every few nodes. */
  readonly enough?: (nodes: number) => boolean;
  readonly onBest?: (starts: readonly number[], makespan: number) => void;
  /** A schedule that is known to be good: only shorter ones are looked for. */
  readonly from?: readonly number[] | undefined;
}

interface Arc {
  readonly to: number;
  readonly weight: number;
}

const EPS = 1e-9;
const ASK = 16;

/** Undefined when no schedule keeps every longest wait. */
export function shortest(problem: Problem, looking: Looking = {}): Schedule | undefined {
  const { tasks, capacity } = problem;
  const n = tasks.length;
  if (n === 0) return { starts: [], makespan: 0, lower: 0, proven: true, nodes: 0 };
  const d = tasks.map((t) => t.seconds);
  const out: Arc[][] = tasks.map(() => []);
  const into: Arc[][] = tasks.map(() => []);
  const arc = (from: number, to: number, weight: number): void => {
    out[from]?.push({ to, weight });
    into[to]?.push({ to: from, weight });
  };
  for (const l of problem.links) {
    arc(l.from, l.to, (d[l.from] as number) + l.least);
    if (l.most !== undefined) arc(l.to, l.from, -((d[l.from] as number) + l.most));
  }
  const users = capacity.map((_, k) => tasks.flatMap((t, i) => (t.needs.includes(k) ? [i] : [])));
  const sum = d.reduce((a, b) => a + b, 0);
  const waits = problem.links.reduce((a, l) => a + Math.max(0, l.least), 0);
  let best: readonly number[] | undefined = looking.from;
  let upper = best
    ? best.reduce((most, t, i) => Math.max(most, t + (d[i] as number)), 0)
    : sum + waits + 1;
  let nodes = 0;
  const look = { stopped: false };
  const stoppedNow = (): boolean => look.stopped;

  /**
   * Longest paths onward from changed tasks; false when a start passes the best, or when the way comes back to the one task
   * it went out from and would move it: a circle that has no end.
   */
  const queue = new Int32Array(n + 1);
  const relax = (value: Float64Array, arcs: readonly Arc[][], from: readonly number[]): boolean => {
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
      const i = queue[first] as number;
      first = (first + 1) % (n + 1);
      count -= 1;
      queued[i] = 0;
      turns += 1;
      if (turns > 4 * n * n) return false;
      const base = value[i] as number;
      for (const { to, weight } of arcs[i] as Arc[]) {
        const next = base + weight;
        if (next <= (value[to] as number) + EPS) continue;
        if (next > upper + EPS || to === source) return false;
        value[to] = next;
        if (queued[to] !== 0) continue;
        queued[to] = 1;
        queue[last] = to;
        last = (last + 1) % (n + 1);
        count += 1;
      }
    }
    return true;
  };

  /** Jackson's preemptive one-machine bound of tasks with heads and tails. */
  const jackson = (ids: readonly number[], head: Float64Array, tail: Float64Array): number => {
    const left = ids.map((i) => d[i] as number);
    const order = ids
      .map((_, k) => k)
      .sort((a, b) => (head[ids[a] as number] as number) - (head[ids[b] as number] as number));
    let t = 0;
    let bound = 0;
    let next = 0;
    const ready: number[] = [];
    for (;;) {
      while (
        next < order.length &&
        (head[ids[order[next] as number] as number] as number) <= t + EPS
      ) {
        ready.push(order[next] as number);
        next += 1;
      }
      if (ready.length === 0) {
        if (next >= order.length) return bound;
        t = head[ids[order[next] as number] as number] as number;
        continue;
      }
      let at = 0;
      for (let k = 1; k < ready.length; k += 1)
        if (
          (tail[ids[ready[k] as number] as number] as number) >
          (tail[ids[ready[at] as number] as number] as number)
        )
          at = k;
      const k = ready[at] as number;
      const until =
        next < order.length ? (head[ids[order[next] as number] as number] as number) : Infinity;
      const run = Math.min(left[k] as number, until - t);
      t += run;
      left[k] = (left[k] as number) - run;
      if (left[k] <= EPS) {
        ready.splice(at, 1);
        bound = Math.max(bound, t + (tail[ids[k] as number] as number));
      }
    }
  };

  /** Tail after the end of a task, from its start. */
  const after = (tail: Float64Array): Float64Array => tail.map((q, i) => q - (d[i] as number));

  interface Node {
    readonly head: Float64Array;
    /** From the start of a task to the end of all. */
    readonly tail: Float64Array;
  }

  const fix = (node: Node, i: number, j: number, undo: [number, number][]): boolean => {
    arc(i, j, d[i] as number);
    undo.push([i, j]);
    return relax(node.head, out, [i]) && relax(node.tail, into, [j]);
  };
  const unfix = (undo: [number, number][]): void => {
    for (const [i, j] of undo.reverse()) {
      out[i]?.pop();
      into[j]?.pop();
    }
  };

  const boundOf = (node: Node): number => {
    let bound = 0;
    for (let i = 0; i < n; i += 1)
      bound = Math.max(bound, (node.head[i] as number) + (node.tail[i] as number));
    const q = after(node.tail);
    users.forEach((ids, k) => {
      if (capacity[k] === 1 && ids.length > 1) bound = Math.max(bound, jackson(ids, node.head, q));
    });
    return bound;
  };

  /** Pairs that can only go one way, made so until nothing changes; false when neither way is left. */
  const force = (node: Node, undo: [number, number][]): boolean => {
    for (let changed = true; changed;) {
      changed = false;
      for (let k = 0; k < users.length; k += 1) {
        if (capacity[k] !== 1) continue;
        const ids = users[k] as number[];
        for (let a = 0; a < ids.length; a += 1)
          for (let b = a + 1; b < ids.length; b += 1) {
            const [i, j] = [ids[a] as number, ids[b] as number];
            const endI = (node.head[i] as number) + (d[i] as number);
            const endJ = (node.head[j] as number) + (d[j] as number);
            const ij = endI + (node.tail[j] as number) < upper - EPS;
            const ji = endJ + (node.tail[i] as number) < upper - EPS;
            if (!ij && !ji) return false;
            if (ij === ji) continue;
            if (
              ij ? (node.head[j] as number) >= endI - EPS : (node.head[i] as number) >= endJ - EPS
            )
              continue;
            if (!(ij ? fix(node, i, j, undo) : fix(node, j, i, undo))) return false;
            changed = true;
          }
      }
    }
    return true;
  };

  /** The first moment at which too many run, with who they are. */
  const conflict = (head: Float64Array): readonly number[] | undefined => {
    let found: number[] | undefined;
    let when = Infinity;
    users.forEach((ids, k) => {
      const cap = capacity[k] as number;
      for (const i of ids) {
        const t = head[i] as number;
        if (t >= when || (d[i] as number) <= EPS) continue;
        const running = ids.filter(
          (j) => (head[j] as number) <= t + EPS && t < (head[j] as number) + (d[j] as number) - EPS,
        );
        if (running.length > cap) {
          when = t;
          found = running;
        }
      }
    });
    return found;
  };

  const search = (node: Node, undo: [number, number][]): void => {
    if (look.stopped) return;
    nodes += 1;
    if (nodes % ASK === 0 && looking.enough?.(nodes) === true) {
      look.stopped = true;
      return;
    }
    if (!force(node, undo) || boundOf(node) >= upper - EPS) return;
    const clash = conflict(node.head);
    if (!clash) {
      let makespan = 0;
      for (let i = 0; i < n; i += 1)
        makespan = Math.max(makespan, (node.head[i] as number) + (d[i] as number));
      if (makespan < upper - EPS) {
        best = [...node.head];
        upper = makespan;
        looking.onBest?.(best, makespan);
      }
      return;
    }
    // Each pair one way or the other; the way that hurts least first.
    const ways: { i: number; j: number; cost: number }[] = [];
    for (const i of clash)
      for (const j of clash)
        if (i !== j)
          ways.push({
            i,
            j,
            cost: (node.head[i] as number) + (d[i] as number) + (node.tail[j] as number),
          });
    ways.sort((a, b) => a.cost - b.cost);
    let chosen = ways;
    if (clash.length === 2) chosen = ways;
    else {
      // One pair decides where there is one of the thing: the pair whose better way costs most.
      const one = users.findIndex(
        (ids, k) => capacity[k] === 1 && clash.every((i) => ids.includes(i)),
      );
      if (one >= 0) {
        let worst = { i: 0, j: 0, cost: -1 };
        for (const w of ways) {
          const back = ways.find((v) => v.i === w.j && v.j === w.i);
          const least = Math.min(w.cost, back?.cost ?? Infinity);
          if (w.i < w.j && least > worst.cost) worst = { i: w.i, j: w.j, cost: least };
        }
        chosen = ways.filter(
          (w) => (w.i === worst.i && w.j === worst.j) || (w.i === worst.j && w.j === worst.i),
        );
      }
    }
    for (const { i, j } of chosen) {
      const child: Node = { head: node.head.slice(), tail: node.tail.slice() };
      const mine: [number, number][] = [];
      if (fix(child, i, j, mine)) search(child, mine);
      unfix(mine);
      if (stoppedNow()) return;
    }
  };

  /** Both ways of every open pair tried at the root, once: what leaves only one way is fixed. False when neither is left. */
  const shave = (node: Node, undo: [number, number][]): boolean => {
    for (let k = 0; k < users.length; k += 1) {
      if (capacity[k] !== 1) continue;
      const ids = users[k] as number[];
      for (let a = 0; a < ids.length; a += 1)
        for (let b = a + 1; b < ids.length; b += 1) {
          const [i, j] = [ids[a] as number, ids[b] as number];
          const endI = (node.head[i] as number) + (d[i] as number);
          const endJ = (node.head[j] as number) + (d[j] as number);
          if ((node.head[j] as number) >= endI - EPS || (node.head[i] as number) >= endJ - EPS)
            continue;
          const stands = (from: number, to: number): boolean => {
            const child: Node = { head: node.head.slice(), tail: node.tail.slice() };
            const mine: [number, number][] = [];
            const open =
              fix(child, from, to, mine) && force(child, mine) && boundOf(child) < upper - EPS;
            unfix(mine);
            return open;
          };
          const ij = stands(i, j);
          const ji = stands(j, i);
          if (!ij && !ji) return false;
          if (ij !== ji && !(ij ? fix(node, i, j, undo) : fix(node, j, i, undo))) return false;
        }
    }
    return true;
  };

  /** The bound raised by asking for less than it can be and finding that nothing is left (Klein & Scholl 1999). */
  const destroyed = (low: number, high: number): number => {
    let [known, open] = [low, high];
    const kept = upper;
    while (open - known > Math.max(0.5, 0.002 * high)) {
      const asked = (known + open) / 2;
      upper = asked;
      const node: Node = { head: new Float64Array(n), tail: Float64Array.from(d) };
      const mine: [number, number][] = [];
      const left =
        relax(node.head, out, [...all]) &&
        relax(node.tail, into, [...all]) &&
        force(node, mine) &&
        boundOf(node) < asked - EPS &&
        shave(node, mine) &&
        force(node, mine) &&
        boundOf(node) < asked - EPS;
      unfix(mine);
      if (left) open = asked;
      else known = asked;
    }
    upper = kept;
    return Math.min(known, high);
  };

  const root: Node = { head: new Float64Array(n), tail: Float64Array.from(d) };
  const all = tasks.map((_, i) => i);
  if (!relax(root.head, out, [...all]) || !relax(root.tail, into, [...all])) return undefined;
  const lower = boundOf(root);
  const undo: [number, number][] = [];
  search(root, undo);
  unfix(undo);
  if (!best) return undefined;
  return {
    starts: best,
    makespan: upper,
    lower: look.stopped ? destroyed(lower, upper) : upper,
    proven: !look.stopped,
    nodes,
  };
}
