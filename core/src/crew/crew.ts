// Who does what when: the order of work shared out among the people there are, on the stations there are, as short as the
// glass allows.
import type { HeatPart } from '../heat/hotShop';
import { inTurn, withHelpers } from '../work/clock';
import { eachApart, joinOf, unite } from '../work/joined';
import type { Working } from '../heat/placeHeats';
import { share, type HandOf, type Person } from './share';
import { factsOf, SKILLS, type Skill, type Station, type WorkStep } from '../work/facts';
import {
  shortest,
  type Link,
  type Looking,
  type Problem,
  type Schedule,
  type Task,
} from './schedule';

/** How many of each station there are; those left out are one. */
export type Stations = Readonly<Partial<Record<Station, number>>>;

const STATIONS: readonly Station[] = [
  'bench',
  'glory hole',
  'furnace',
  'marver',
  'garage',
  'annealer',
  'colour kiln',
  'torch',
];

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

/** Waits may grow by so much beyond what the heats were placed for, s. */
const SLACK = 3;
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

/** Nothing that is hot waits on these, or what waits is kept warm. */
const PATIENT = new Set<string>(['park', 'box', 'release']);

/**
 * The order as tasks and waits; the same for every crew. `clock` are starts the heats were placed for: glass that waited then
 * may wait as long again.
 */
export function linksOf(
  steps: readonly WorkStep[],
  parts: readonly HeatPart[],
  clock: readonly number[],
): Link[] {
  const gap = (from: number, to: number): number =>
    Math.max(
      0,
      (clock[to] as number) - (clock[from] as number) - Math.max(0, steps[from]?.seconds ?? 0),
    );
  const links: Link[] = [];
  const last = new Map<number, number>();
  const groups = eachApart(parts.length);
  const begun = new Set<number>();
  steps.forEach((s, i) => {
    const facts = factsOf(s);
    const mine = groups[s.part] ?? s.part;
    const before = last.get(mine);
    if (before !== undefined) {
      const from = steps[before] as WorkStep;
      const patient = !begun.has(mine) || PATIENT.has(factsOf(from).does);
      links.push({
        from: before,
        to: i,
        least: 0,
        ...(!patient && { most: gap(before, i) + SLACK }),
      });
    }
    if (['gather', 'begin'].includes(facts.does)) begun.add(mine);
    const theirs = groups[joinOf(s)?.to ?? -1];
    if (theirs !== undefined && s.to !== undefined) {
      const other = last.get(theirs);
      if (other !== undefined && theirs !== mine) {
        links.push({ from: other, to: i, least: 0, most: gap(other, i) + SLACK });
      }
      unite(groups, s.part, s.to);
      last.set(theirs, i);
      begun.add(theirs);
      return;
    }
    last.set(mine, i);
  });
  return links;
}

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
  looking: Looking = {},
): CrewPlan {
  const clock = working.helpers ? withHelpers(steps, working.main) : inTurn(steps);
  const links = linksOf(steps, parts, clock);
  const ways = (['one leads', 'each leads a part'] as const).map((how) =>
    asProblem(steps, people, stations, links, share(steps, people, how)),
  );
  const [one, each] = ways as [Shared, Shared];
  const tried = JSON.stringify(one.hands) === JSON.stringify(each.hands) ? [one] : ways;
  let chosen = one;
  let found: Schedule | undefined;
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
  const late: { step: string; seconds: number }[] = [];
  if (!kept) {
    const soon = found ? asLate(problem, found) : [];
    for (const l of links) {
      if (!found || l.most === undefined) continue;
      const gap = (soon[l.to] as number) - (soon[l.from] as number) - (tasks[l.from]?.seconds ?? 0);
      if (gap > l.most + 1e-6)
        late.push({ step: steps[l.to]?.id ?? '', seconds: Math.round(gap - l.most) });
    }
  }
  const starts = found ? asLate(problem, found) : steps.map(() => 0);
  const total = found?.makespan ?? 0;
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

/** Are there hands and stations enough for these starts, and the order kept? */
function fits({ tasks, links, capacity }: Problem, at: readonly number[]): boolean {
  const end = (i: number): number => (at[i] as number) + (tasks[i] as Task).seconds;
  if (
    links.some((l) => {
      const gap = (at[l.to] as number) - end(l.from);
      return gap < l.least - 1e-6 || (l.most !== undefined && gap > l.most + 1e-6);
    })
  )
    return false;
  return tasks.every((t, i) =>
    t.needs.every(
      (k) =>
        tasks.filter(
          (o, j) =>
            o.needs.includes(k) &&
            (at[j] as number) <= (at[i] as number) + 1e-6 &&
            (at[i] as number) < end(j) - 1e-6,
        ).length <= (capacity[k] ?? 1),
    ),
  );
}

/**
 * The same schedule with everything begun as late as it can be: hot glass then waits least, and nothing ends later. Kept only
 * where no wait gets longer than it was allowed to be.
 */
function asLate({ tasks, links, capacity }: Problem, found: Schedule): readonly number[] {
  const starts = [...found.starts];
  const fixed: number[] = [];
  const order = starts
    .map((_, i) => i)
    .sort((a, b) => (starts[b] as number) - (starts[a] as number) || b - a);
  for (const i of order) {
    const { seconds: d, needs } = tasks[i] as Task;
    let t = found.makespan - d;
    for (const l of links)
      if (l.from === i) t = Math.min(t, (starts[l.to] as number) - l.least - d);
    for (let moved = true; moved;) {
      moved = false;
      for (const k of needs) {
        const running = fixed.filter(
          (j) =>
            (tasks[j] as Task).needs.includes(k) &&
            (starts[j] as number) < t + d - 1e-9 &&
            t < (starts[j] as number) + (tasks[j] as Task).seconds - 1e-9,
        );
        if (running.length < (capacity[k] ?? 1)) continue;
        t = Math.min(...running.map((j) => starts[j] as number)) - d;
        moved = true;
      }
    }
    starts[i] = Math.max(t, found.starts[i] as number);
    fixed.push(i);
  }
  const over = (at: readonly number[]): number =>
    links.reduce(
      (sum, l) =>
        l.most === undefined
          ? sum
          : sum +
            Math.max(
              0,
              (at[l.to] as number) -
                (at[l.from] as number) -
                (tasks[l.from]?.seconds ?? 0) -
                l.most,
            ),
      0,
    );
  return over(starts) <= over(found.starts) + 1e-6 ? starts : found.starts;
}

/** However hands are shared out: the longest chain, and what everyone who can do a thing has to do of it, divided among them. */
function lowerBound(
  steps: readonly WorkStep[],
  links: readonly Link[],
  people: readonly Person[],
  stations: Stations,
): number {
  const chain = shortest({
    tasks: steps.map((s) => ({ seconds: Math.max(0, s.seconds), needs: [] })),
    links: links.map((l) => ({ from: l.from, to: l.to, least: l.least })),
    capacity: [],
  });
  let bound = chain?.makespan ?? 0;
  for (const station of STATIONS) {
    const load = steps.reduce(
      (sum, s) => sum + (factsOf(s).station === station ? Math.max(0, s.seconds) : 0),
      0,
    );
    bound = Math.max(bound, load / (stations[station] ?? 1));
  }
  // What only some can do, by those who can.
  for (const skill of SKILLS) {
    const able = people.filter((p) => p.skills.includes(skill)).length;
    if (able === 0) continue;
    const load = steps.reduce(
      (sum, s) =>
        sum +
        (factsOf(s).does !== 'heat' && factsOf(s).hands.includes(skill)
          ? Math.max(0, s.seconds)
          : 0),
      0,
    );
    bound = Math.max(bound, load / able);
  }
  // Hands of every kind, by all who have any of the kinds.
  const work = steps.reduce(
    (sum, s) =>
      sum +
      Math.max(0, s.seconds) *
        factsOf(s).hands.filter((k) => people.some((p) => p.skills.includes(k))).length,
    0,
  );
  if (people.length === 1) {
    const alone = steps.reduce(
      (sum, s) =>
        sum +
        (factsOf(s).hands.some((k) => people[0]?.skills.includes(k)) ? Math.max(0, s.seconds) : 0),
      0,
    );
    bound = Math.max(bound, alone);
  } else if (people.length > 1) bound = Math.max(bound, work / people.length);
  return bound;
}

/** The chain that makes it as long as it is: backwards from the last step, over whatever each start waited for. */
function criticalOf(
  steps: readonly WorkStep[],
  tasks: readonly Task[],
  links: readonly Link[],
  starts: readonly number[],
  total: number,
): string[] {
  const chain: string[] = [];
  const end = (i: number): number => (starts[i] ?? 0) + (tasks[i]?.seconds ?? 0);
  let at = steps.findIndex((_, i) => Math.abs(end(i) - total) < 1e-6);
  const seen = new Set<number>();
  while (at >= 0 && !seen.has(at)) {
    seen.add(at);
    chain.unshift(steps[at]?.id ?? '');
    const start = starts[at] ?? 0;
    const here = at;
    const before = steps.findIndex(
      (_, j) =>
        j !== here &&
        !seen.has(j) &&
        Math.abs(end(j) - start) < 1e-6 &&
        (links.some((l) => l.from === j && l.to === here) ||
          (tasks[j]?.needs ?? []).some((k) => tasks[here]?.needs.includes(k))),
    );
    at = before;
  }
  return chain;
}
