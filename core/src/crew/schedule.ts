// The shortest schedule of tasks with least and longest waits and scarce hands and stations, by branch and bound.
//
// Starts are longest paths in a graph of waits (paths.ts). Where more tasks run at once than there is of something, one of them
// has to come before another: each way is tried. What cannot be the best any more is cut by the path itself, by Jackson's bound,
// and by orders that are forced (orders.ts).
import { Orders, type Decided } from './orders';
import { copyOf, Paths, type Node } from './paths';
import { EPS, type CrewLooking, type Problem, type CrewSchedule } from './problem';

/** Nodes between two questions whether it is enough. */
const ASK = 16;

/** Undefined when no schedule keeps every longest wait. */
export function shortest(problem: Problem, looking: CrewLooking = {}): CrewSchedule | undefined {
  const { tasks } = problem;
  if (tasks.length === 0) return { starts: [], makespan: 0, lower: 0, proven: true, nodes: 0 };
  const d = tasks.map((t) => t.seconds);
  const endOf = (starts: readonly number[] | Float64Array): number =>
    d.reduce((most, seconds, i) => Math.max(most, starts[i] + seconds), 0);
  const sum = d.reduce((a, b) => a + b, 0);
  const waits = problem.links.reduce((a, l) => a + Math.max(0, l.least), 0);
  let best = looking.from;
  const paths = new Paths(d, problem.links, best ? endOf(best) : sum + waits + 1);
  const orders = new Orders(problem, paths);
  let nodes = 0;
  const look = { stopped: false };
  const stoppedNow = (): boolean => look.stopped;

  const search = (node: Node, undo: Decided): void => {
    if (look.stopped) return;
    nodes += 1;
    if (nodes % ASK === 0 && looking.enough?.(nodes) === true) {
      look.stopped = true;
      return;
    }
    if (!orders.force(node, undo) || orders.boundOf(node) >= paths.upper - EPS) return;
    const clash = orders.conflict(node.head);
    if (!clash) {
      const makespan = endOf(node.head);
      if (makespan < paths.upper - EPS) {
        best = [...node.head];
        paths.upper = makespan;
        looking.onBest?.(best, makespan);
      }
      return;
    }
    for (const [i, j] of waysOut(clash, node, d, problem, orders)) {
      const child = copyOf(node);
      const mine: Decided = [];
      if (orders.fix(child, i, j, mine)) search(child, mine);
      orders.unfix(mine);
      if (stoppedNow()) return;
    }
  };

  const root = paths.root();
  if (!root) return undefined;
  const lower = orders.boundOf(root);
  const undo: Decided = [];
  search(root, undo);
  orders.unfix(undo);
  if (!best) return undefined;
  return {
    starts: best,
    makespan: paths.upper,
    lower: look.stopped ? raised(lower, paths, orders) : paths.upper,
    proven: !look.stopped,
    nodes,
  };
}

/** Pairs of a clash to be tried, one before the other; the way that hurts least first. */
function waysOut(
  clash: readonly number[],
  node: Node,
  d: readonly number[],
  { capacity }: Problem,
  orders: Orders,
): readonly (readonly [number, number])[] {
  const ways: { i: number; j: number; cost: number }[] = [];
  for (const i of clash)
    for (const j of clash)
      if (i !== j)
        ways.push({
          i,
          j,
          cost: node.head[i] + d[i] + node.tail[j],
        });
  ways.sort((a, b) => a.cost - b.cost);
  const pairs = ways.map(({ i, j }) => [i, j] as const);
  if (clash.length === 2) return pairs;
  // One pair decides where there is one of the thing: the pair whose better way costs most.
  const one = orders.users.some(
    (ids, k) => capacity[k] === 1 && clash.every((i) => ids.includes(i)),
  );
  if (!one) return pairs;
  let worst = { i: 0, j: 0, cost: -1 };
  for (const w of ways) {
    const back = ways.find((v) => v.i === w.j && v.j === w.i);
    const least = Math.min(w.cost, back?.cost ?? Infinity);
    if (w.i < w.j && least > worst.cost) worst = { i: w.i, j: w.j, cost: least };
  }
  return pairs.filter(
    ([i, j]) => (i === worst.i && j === worst.j) || (i === worst.j && j === worst.i),
  );
}

/** The bound raised by asking for less than it can be and finding that nothing is left (Klein & Scholl 1999). */
function raised(low: number, paths: Paths, orders: Orders): number {
  const high = paths.upper;
  let [known, open] = [low, high];
  while (open - known > Math.max(0.5, 0.002 * high)) {
    const asked = (known + open) / 2;
    paths.upper = asked;
    const node = paths.root();
    const mine: Decided = [];
    const stillOpen = (n: Node): boolean =>
      orders.force(n, mine) && orders.boundOf(n) < asked - EPS;
    const left =
      node !== undefined && stillOpen(node) && orders.shave(node, mine) && stillOpen(node);
    orders.unfix(mine);
    if (left) open = asked;
    else known = asked;
  }
  paths.upper = high;
  return Math.min(known, high);
}
