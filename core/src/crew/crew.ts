// Who does what when: the order of work shared out among the people there are, on the stations there are, as short as the
// glass allows.
import type { Person, Skill } from '@zanfirico/contract/order';
import type { HeatPart } from '../iron/hotShop';
import type { Working } from '../iron/passing';
import { aheadOf, clockOf, inTurn } from '../work/clock';
import { factsOf, onTheClock, type WorkStep } from '../work/facts';
import { criticalOf, lowerBound } from './bound';
import { inOrder } from './inOrder';
import { linksOf } from './links';
import type { Link, CrewLooking, Problem, CrewSchedule, Task } from './problem';
import { shortest } from './schedule';
import { share, type HandOf, type Sharing } from './share';
import { asLate, fits } from './starts';
import { STATIONS, type Stations } from './stations';

/** The plan. */
export interface CrewPlan {
  readonly starts: readonly number[];
  readonly hands: readonly (readonly HandOf[])[];
  readonly total: number;
  /** Nothing shorter is possible, however the hands are shared out. */
  readonly lower: number;
  /** Nothing shorter is possible for this sharing out, with the waits that were kept. */
  readonly lowerHere: number;
  /** Shortest for this sharing out of hands. */
  readonly proven: boolean;
  /** Steps on the critical chain, in order. */
  readonly critical: readonly string[];
  /** Steps that want a hand nobody has. */
  readonly uncovered: readonly { readonly step: string; readonly skill: Skill }[];
  /** Waits that could not be kept, s too long; empty when every thermal wait holds. */
  readonly late: readonly { readonly step: string; readonly seconds: number }[];
  readonly nodes: number;
}

/** When they cannot be kept, by so much more, s: of what is brought on its own iron, and of everything. */
const LET_OUT: readonly (readonly [brought: number, all: number])[] = [
  [0, 0],
  [15, 0],
  [30, 0],
  [30, 4],
  [60, 10],
  [60, 20],
  [120, 40],
  [Infinity, Infinity],
];
/** Nodes looked at for a first plan before the waits are let out further. */
const PATIENCE = 500;

/** Hands shared out, and the problem that comes of it. */
interface Shared {
  readonly hands: readonly (readonly HandOf[])[];
  readonly uncovered: CrewPlan['uncovered'];
  readonly problem: Problem;
}

/**
 * Plans the crew, for the clock the heats were placed for: each in turn, or with helpers beside. Where hands or stations are too
 * few to keep every wait, waits are let out step by step, first of what is brought, and which of them break is told.
 */
export function planCrew(
  steps: readonly WorkStep[],
  parts: readonly HeatPart[],
  people: readonly Person[],
  working: Working,
  stations: Stations = {},
  looking: CrewLooking = {},
  /** The clock the heats were placed for; that of who works so when left out. */
  clock: readonly number[] = clockOf(steps, working),
): CrewPlan {
  const links = linksOf(steps, parts, clock);
  const ways = bothWays(steps, people, stations, links);
  const [one, each] = ways;
  const tried = JSON.stringify(one.hands) === JSON.stringify(each.hands) ? [one] : ways;
  let chosen = one;
  let found: CrewSchedule | undefined;
  let kept = true;
  for (const [brought, all] of LET_OUT) {
    const out = links.map((l): Link => {
      const { most, ...least } = l;
      if (most === undefined || all === Infinity) return least;
      const from = steps[l.from]?.part;
      const own = from !== working.main && from === steps[l.to]?.part;
      return { ...l, most: most + (own ? brought : all) };
    });
    for (const way of tried) {
      const problem = { ...way.problem, links: out };
      const from = [clock, inTurn(steps)].find((at) => fits(problem, at));
      const brief = shortest(problem, {
        ...looking,
        from,
        enough: (nodes) =>
          (all < Infinity && nodes > PATIENCE) ||
          (from !== undefined && looking.enough?.(nodes) === true),
      });
      if (brief && (!found || brief.makespan < found.makespan - 1e-6)) {
        found = brief;
        chosen = way;
      }
    }
    if (!found) continue;
    if (!found.proven)
      found =
        shortest({ ...chosen.problem, links: out }, { ...looking, from: found.starts }) ?? found;
    kept = brought === 0;
    break;
  }
  const { hands, uncovered, problem } = chosen;
  const { tasks } = problem;
  const soon = found ? asLate(problem, found, parking(steps)) : steps.map(() => 0);
  const late: { step: string; seconds: number }[] = [];
  if (found && !kept)
    for (const l of links) {
      if (l.most === undefined) continue;
      const gap = soon[l.to] - soon[l.from] - (tasks[l.from]?.seconds ?? 0);
      if (gap > l.most + 1e-6)
        late.push({ step: steps[l.to]?.id ?? '', seconds: Math.round(gap - l.most) });
    }
  const total = found?.makespan ?? 0;
  const starts = offTheClock(steps, soon, total);
  return {
    starts,
    hands,
    total,
    lower: lowerBound(steps, links, people, stations),
    lowerHere: found?.lower ?? 0,
    proven: found?.proven ?? false,
    critical: criticalOf(steps, tasks, links, starts, total),
    uncovered,
    late,
    nodes: found?.nodes ?? 0,
  };
}

/** The clock of a crew that takes every step in the order of the work, as soon as glass, hands and stations are free; the shorter of both sharings. */
export function crewClock(
  steps: readonly WorkStep[],
  parts: readonly HeatPart[],
  people: readonly Person[],
  working: Working,
  stations: Stations = {},
): readonly number[] {
  const clock = clockOf(steps, working);
  const links = linksOf(steps, parts, clock);
  const order = steps.map((_, i) => i).sort((a, b) => (clock[a] ?? 0) - (clock[b] ?? 0) || a - b);
  const [one, each] = bothWays(steps, people, stations, links).map(({ problem }) => {
    const starts = inOrder(problem, order, parking(steps));
    const total = starts.reduce(
      (most, at, i) => Math.max(most, at + (problem.tasks[i]?.seconds ?? 0)),
      0,
    );
    return { starts, total };
  });
  const best = each && one && each.total < one.total - 1e-6 ? each : one;
  return best ? offTheClock(steps, best.starts, best.total) : clock;
}

/** Steps that take glass to where it is safe. */
const parking = (steps: readonly WorkStep[]): ReadonlySet<number> =>
  new Set(steps.flatMap((s, i) => (['park', 'box'].includes(factsOf(s).does) ? [i] : [])));

/** What is done ahead ends where it is wanted, what comes after begins when all is in the box: neither is on the crew's clock. */
function offTheClock(
  steps: readonly WorkStep[],
  starts: readonly number[],
  total: number,
): number[] {
  let end = total;
  return aheadOf(
    steps,
    starts.map((at, i) => {
      const step = steps[i];
      if (!step || factsOf(step).off !== 'after') return at;
      end += Math.max(0, step.seconds);
      return end - Math.max(0, step.seconds);
    }),
  );
}

/** The problem with the hands shared out either way. */
const bothWays = (
  steps: readonly WorkStep[],
  people: readonly Person[],
  stations: Stations,
  links: readonly Link[],
): [Shared, Shared] => {
  const by = (how: Sharing): Shared =>
    asProblem(steps, people, stations, links, share(steps, people, how));
  return [by('one leads'), by('each leads a part')];
};

function asProblem(
  steps: readonly WorkStep[],
  people: readonly Person[],
  stations: Stations,
  links: readonly Link[],
  { hands, uncovered }: Pick<Shared, 'hands' | 'uncovered'>,
): Shared {
  const person = new Map(people.map((p, i) => [p.id, i]));
  const tasks = steps.map((s, i): Task => {
    const { station } = factsOf(s);
    if (!onTheClock(s)) return { seconds: 0, needs: [] };
    const who = (hands[i] ?? []).flatMap((h) =>
      h.person === undefined ? [] : [person.get(h.person) as number],
    );
    return {
      seconds: Math.max(0, s.seconds),
      needs: [...new Set(who), ...(station ? [people.length + STATIONS.indexOf(station)] : [])],
    };
  });
  const capacity = [...people.map(() => 1), ...STATIONS.map((s) => stations[s] ?? 1)];
  return { hands, uncovered, problem: { tasks, links, capacity } };
}
