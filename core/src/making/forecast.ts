// The plan timed anew as the bench stands: what is done stays as it was, what is to come moves by what it waits for.
//
// Right-shift rescheduling: every order the plan has, of one glass, one pair of hands, one lane, is kept; nothing begins before what it
// follows has ended, nor in the past; and what helpers make is begun as late as it is still in time, so that hot glass waits least.
import { tr } from '../words/tr';
import { linksOf } from '../crew/links';
import type { HeatPart } from '../iron/hotShop';
import { factsOf, onTheClock, type WorkStep } from '../work/facts';
import type { MakingState, PlannedStep } from './makingState';

/** A plan as a making began with it, beside its steps. */
export interface PlanClock {
  /** When each step was to begin, s from the first gather; as many as the plan had steps. */
  readonly starts: readonly number[];
  /** Everybody with a hand in each, by id; none where no crew was planned. */
  readonly hands?: readonly (readonly string[])[] | undefined;
}

/** Hot glass that waits longer than it may. */
export interface Held {
  /** The glass that waits, by part. */
  readonly part: number;
  /** The step it has had, and the one it waits for, by their place. */
  readonly after: number;
  readonly before: number;
  /** When it began, or will begin, to wait; how long it will, and how much of that is too long, s. */
  readonly since: number;
  readonly waits: number;
  readonly over: number;
}

/** The plan timed anew. s from the first gather. */
export interface Forecast {
  /** By place in the making; what was skipped has NaN. */
  readonly starts: readonly number[];
  readonly ends: readonly number[];
  /** Later than planned at its end; less than nothing where it is ahead. */
  readonly behind: number;
  readonly total: number;
  readonly held: readonly Held[];
}

/** A wait is told from so much too long, s. */
const TOLD = 5;

interface Edge {
  readonly from: number;
  readonly to: number;
  readonly least: number;
}

/** Timed anew at a moment, ms. */
export function forecast(
  state: MakingState<PlannedStep & WorkStep>,
  plan: PlanClock,
  parts: readonly HeatPart[],
  now: number,
): Forecast {
  const at = (now - state.begun) / 1000;
  const clock = clockOfLines(state, plan);
  const live = state.steps.flatMap((s, i) => (s.state === 'skipped' ? [] : [i]));
  const steps = live.map((i) => state.steps[i]?.step as WorkStep);
  const seconds = steps.map((s) => Math.max(0, s.seconds));
  const times = live.map((i) => clock[i] as number);
  const links = linksOf(steps, parts, times);
  const edges = [...links, ...sameHands(state, plan, live, times, seconds)];
  const rel = (ms: number | undefined): number | undefined =>
    ms === undefined ? undefined : (ms - state.begun) / 1000;
  const starts: number[] = [];
  const ends: number[] = [];
  const settled = live.map((i) => state.steps[i]?.state !== 'to come');
  live.forEach((i, k) => {
    if (settled[k] !== true) return;
    const line = state.steps[i] as MakingState['steps'][number];
    starts[k] = rel(line.begun) ?? at;
    ends[k] =
      line.state === 'done'
        ? (rel(line.ended) ?? at)
        : Math.max(at, starts[k] + (seconds[k] as number));
  });
  // As soon as what it follows has ended, in the plan's order.
  const order = live.map((_, k) => k).sort((a, b) => (times[a] ?? 0) - (times[b] ?? 0) || a - b);
  // A helper who taps begins nothing in the past; one who does not is taken to be where the plan wants them.
  const taps = new Set(
    state.steps.flatMap((l) => (l.runs.length > 0 && !l.assumed ? [l.lane] : [])),
  );
  for (const k of order) {
    if (settled[k] === true) continue;
    const lane = state.steps[live[k] as number]?.lane ?? 0;
    let t = -Infinity;
    for (const e of edges)
      if (e.to === k && ends[e.from] !== undefined)
        t = Math.max(t, (ends[e.from] as number) + e.least);
    if (lane === 0 || taps.has(lane)) t = Math.max(t, at);
    // Who follows on nothing is not wanted before the plan has them.
    else if (t === -Infinity) t = Math.min(at, times[k] as number);
    starts[k] = t;
    ends[k] = t + (seconds[k] as number);
  }
  // Helpers' steps wait as long as they may: from the last one back.
  for (const k of [...order].reverse()) {
    const line = state.steps[live[k] as number];
    if (settled[k] === true || (line?.lane ?? 0) === 0) continue;
    const { does } = factsOf(steps[k] as WorkStep);
    if (does === 'park' || does === 'box') continue;
    let t = Infinity;
    for (const e of edges)
      if (e.from === k) t = Math.min(t, (starts[e.to] as number) - e.least - (seconds[k] ?? 0));
    if (t < Infinity) starts[k] = Math.max(starts[k] as number, t);
    ends[k] = (starts[k] as number) + (seconds[k] as number);
  }
  const held = links.flatMap((l): Held[] => {
    if (l.most === undefined || settled[l.to] === true) return [];
    const since = ends[l.from] as number;
    const waits = (starts[l.to] as number) - since;
    return waits - l.most > TOLD
      ? [
          {
            part: (steps[l.from] as WorkStep).part,
            after: live[l.from] as number,
            before: live[l.to] as number,
            since,
            waits,
            over: waits - l.most,
          },
        ]
      : [];
  });
  const total = ends.reduce(
    (most, e, k) => (onTheClock(steps[k] as WorkStep) ? Math.max(most, e) : most),
    0,
  );
  const planned = state.steps.reduce(
    (most, { step, putIn }, i) =>
      putIn || !onTheClock(step) ? most : Math.max(most, (clock[i] as number) + step.seconds),
    0,
  );
  const back = (of: readonly number[]): number[] => {
    const all = state.steps.map(() => NaN);
    live.forEach((i, k) => {
      all[i] = of[k] as number;
    });
    return all;
  };
  return { starts: back(starts), ends: back(ends), behind: total - planned, total, held };
}

/** The plan's start of every line; what was put in has that of the planned step after it. */
function clockOfLines(state: MakingState, { starts }: PlanClock): number[] {
  let next = starts.at(-1) ?? 0;
  return state.steps
    .toReversed()
    .map(({ place }) => (next = starts[place ?? -1] ?? next))
    .reverse();
}

/** What the plan has one after another in one pair of hands, or in one lane, stays so: each with what is before it. */
function sameHands(
  state: MakingState,
  { hands }: PlanClock,
  live: readonly number[],
  times: readonly number[],
  seconds: readonly number[],
): Edge[] {
  const edges: Edge[] = [];
  const users = new Map<string, number[]>();
  live.forEach((i, k) => {
    const { lane = 0, place = -1 } = state.steps[i] ?? {};
    for (const who of [tr`lane ${lane}`, ...(hands?.[place] ?? [])])
      users.set(who, [...(users.get(who) ?? []), k]);
  });
  for (const [, mine] of users) {
    mine.sort((a, b) => (times[a] ?? 0) - (times[b] ?? 0) || a - b);
    mine.forEach((k, n) => {
      // The nearest before it that the plan has ended by then.
      for (let m = n - 1; m >= 0; m -= 1) {
        const j = mine[m] as number;
        if ((times[j] ?? 0) + (seconds[j] ?? 0) > (times[k] ?? 0) + 0.5 && !putInTie(j, k))
          continue;
        edges.push({ from: j, to: k, least: 0 });
        // What is done already holds nothing up: what is before it may.
        if (state.steps[live[j] as number]?.state === 'to come') break;
      }
    });
  }
  return edges;

  /** A step put in has no time of its own in the plan: it comes before the step it was put before. */
  function putInTie(j: number, k: number): boolean {
    return state.steps[live[j] as number]?.putIn === true && j < k;
  }
}
