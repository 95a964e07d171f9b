// Who does what when: the order of work shared out among the people there are, on the stations there are, as short as the
// glass allows.
import type { HeatPart } from '../heat/shop';
import { factsOf, SKILLS, type Skill, type Station, type WorkStep } from '../sequence/facts';
import {
  shortest,
  type Link,
  type Looking,
  type Problem,
  type Schedule,
  type Task,
} from './schedule';

/** Someone of the crew, by role. */
export interface Person {
  readonly id: string;
  readonly name: string;
  readonly skills: readonly Skill[];
}

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

/** One hand of a step, and who gives it. */
export interface HandOf {
  readonly skill: Skill;
  /** Undefined: nobody can. */
  readonly person: string | undefined;
}

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

/** A wall holds its heat so long out of the fire, s: the rough times of PHYSICS 5 as a line, and half of it for safety. */
const holdOf = (part: HeatPart | undefined): number => {
  const thinnest = Math.min(0.02, ...(part?.zones ?? []).map((z) => z.thickness));
  return (10 + 5600 * thinnest) / 2 + 8;
};

/** Waits are let out by so much when they cannot be kept. */
const LET_OUT = [1, 1.5, 2, 3, 5, 8, Infinity];
/** Nodes looked at for a first plan before the waits are let out further. */
const PATIENCE = 500;

/** Nothing that is hot waits on these, or what waits is kept warm. */
const PATIENT = new Set<string>(['park', 'box', 'release']);

/** The order as tasks and waits; the same for every crew. */
export function linksOf(steps: readonly WorkStep[], parts: readonly HeatPart[]): Link[] {
  const links: Link[] = [];
  const last = new Map<number, number>();
  const group = parts.map((_, i) => i);
  const begun = new Set<number>();
  steps.forEach((s, i) => {
    const facts = factsOf(s);
    const mine = group[s.part] ?? s.part;
    const before = last.get(mine);
    if (before !== undefined) {
      const from = steps[before] as WorkStep;
      const patient = !begun.has(mine) || PATIENT.has(factsOf(from).does);
      links.push({
        from: before,
        to: i,
        least: 0,
        ...(!patient && { most: holdOf(parts[from.part]) }),
      });
    }
    if (['gather', 'begin'].includes(facts.does)) begun.add(mine);
    if (facts.does === 'join' && s.to !== undefined && group[s.to] !== undefined) {
      const theirs = group[s.to] as number;
      const other = last.get(theirs);
      if (other !== undefined && theirs !== mine) {
        const from = steps[other] as WorkStep;
        links.push({ from: other, to: i, least: 0, most: holdOf(parts[from.part]) });
      }
      group.forEach((g, k) => {
        if (g === mine) group[k] = theirs;
      });
      last.set(theirs, i);
      begun.add(theirs);
      return;
    }
    last.set(mine, i);
  });
  return links;
}

/** Shares out the hands: who was named, else whoever can and has least to do; the leader of a part stays the leader. */
function share(
  steps: readonly WorkStep[],
  people: readonly Person[],
): { hands: HandOf[][]; uncovered: { step: string; skill: Skill }[] } {
  const load = new Map(people.map((p) => [p.id, 0]));
  const uncovered: { step: string; skill: Skill }[] = [];
  const helped = new Set<number>();
  for (const s of steps) if (factsOf(s).does === 'join') helped.add(s.part);
  const joined = new Set<number>();
  const hands = steps.map((s) => {
    const taken = new Set<string>();
    const facts = factsOf(s);
    if (facts.does === 'join') joined.add(s.part);
    // What is brought for a join is heated by whoever brings it.
    const brought = facts.does === 'heat' && helped.has(s.part) && !joined.has(s.part);
    const wanted: readonly Skill[] =
      brought && people.some((p) => p.skills.includes('bit')) ? ['bit'] : facts.hands;
    return wanted.map((skill, k): HandOf => {
      const named = k === 0 ? people.find((p) => p.id === s.who) : undefined;
      const able = people.filter((p) => p.skills.includes(skill) && !taken.has(p.id));
      const leads = skill === 'gaff' || skill === 'torch';
      const chosen =
        named ??
        (leads
          ? able[0]
          : [...able].sort(
              (a, b) =>
                // Who can lead is kept free for leading where another can do it.
                Number(a.skills.includes('gaff')) - Number(b.skills.includes('gaff')) ||
                (load.get(a.id) ?? 0) - (load.get(b.id) ?? 0),
            )[0]);
      if (!chosen) {
        uncovered.push({ step: s.id, skill });
        return { skill, person: undefined };
      }
      taken.add(chosen.id);
      load.set(chosen.id, (load.get(chosen.id) ?? 0) + s.seconds);
      return { skill, person: chosen.id };
    });
  });
  return { hands, uncovered };
}

/** Plans the crew. */
export function planCrew(
  steps: readonly WorkStep[],
  parts: readonly HeatPart[],
  people: readonly Person[],
  stations: Stations = {},
  looking: Looking = {},
): CrewPlan {
  const { hands, uncovered } = share(steps, people);
  const person = new Map(people.map((p, i) => [p.id, i]));
  const base = people.length;
  const tasks = steps.map((s, i): Task => {
    const { station } = factsOf(s);
    const who = (hands[i] ?? []).flatMap((h) =>
      h.person === undefined ? [] : [person.get(h.person) as number],
    );
    return {
      seconds: Math.max(0, s.seconds),
      needs: [...new Set(who), ...(station ? [base + STATIONS.indexOf(station)] : [])],
    };
  });
  const capacity = [...people.map(() => 1), ...STATIONS.map((s) => stations[s] ?? 1)];
  const links = linksOf(steps, parts);
  const problem: Problem = { tasks, links, capacity };
  // With these hands perhaps not every wait can be kept: waits are let out step by step, and which of them break is told.
  let found: Schedule | undefined;
  let kept = true;
  for (const factor of LET_OUT) {
    const best = { any: false };
    found = shortest(
      {
        ...problem,
        links: links.map(({ most, ...l }) => ({
          ...l,
          ...(most !== undefined && factor < Infinity && { most: most * factor }),
        })),
      },
      {
        ...looking,
        onBest: (at, makespan) => {
          best.any = true;
          looking.onBest?.(at, makespan);
        },
        enough: (nodes) =>
          (best.any || factor === Infinity ? false : nodes > PATIENCE) ||
          ((best.any || factor === Infinity) && looking.enough?.(nodes) === true),
      },
    );
    kept = factor === 1;
    if (found) break;
  }
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
