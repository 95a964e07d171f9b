// How long the heat that is in the fire should last: what comes after it, up to the next heat, is tried after heats of every length.
import { TRIED } from '../iron/heatSearch';
import type { HeatPart } from '../iron/hotShop';
import { heatOfWork } from '../iron/ofWork';
import type { Fires } from '../iron/surroundings';
import { factsOf, type WorkStep } from '../work/facts';
import { asDone } from './happened';
import type { MakingState, PlannedStep } from './makingState';

/** Which lengths do, s from when the glass went in. */
export interface HeatWanted {
  /** The shortest after which all that follows can be done. */
  readonly least: number;
  /** The longest tried that does too: beyond it the glass sags, or is too soft for what follows. */
  readonly most: number;
  /** The last step it reaches to, by id. */
  readonly upTo: string;
}

/** Undefined where no heat is in hand, nothing follows it, or no length that was tried does. */
export function heatWanted(
  parts: readonly HeatPart[],
  state: MakingState<PlannedStep & WorkStep>,
  fires: Fires,
): HeatWanted | undefined {
  const line = state.now === undefined ? undefined : state.steps[state.now];
  const since = line?.runs.at(-1)?.from;
  if (!line || since === undefined || factsOf(line.step).does !== 'heat') return undefined;
  const done = asDone(state, since, 0);
  const mine = done.steps.findLastIndex((s) => s.id === line.step.id);
  const follows: WorkStep[] = [];
  for (const { step, state: stands, lane } of state.steps.slice((state.now ?? 0) + 1)) {
    if (stands !== 'to come' || lane !== 0 || factsOf(step).off !== undefined) continue;
    const { does } = factsOf(step);
    // What a helper brings is not foreseen here, and after the next heat it is another matter.
    if (does === 'heat' || does === 'join' || does === 'box') break;
    follows.push(step);
  }
  const last = follows.at(-1);
  if (!last || mine < 0) return undefined;
  const begun = done.starts[mine] as number;
  const does = (seconds: number): boolean => {
    let at = begun + seconds;
    const starts = follows.map((s) => {
      const start = at;
      at += Math.max(0, s.seconds);
      return start;
    });
    const steps = done.steps.map((s, i) => (i === mine ? { ...s, seconds } : s));
    const heat = heatOfWork(parts, [...steps, ...follows], [...done.starts, ...starts], fires);
    return heat.steps.every(
      ({ verdict }, i) => (i !== mine && i < steps.length) || verdict?.verdict !== 'no',
    );
  };
  const first = TRIED.findIndex(does);
  if (first < 0) return undefined;
  let most = first;
  while (most + 1 < TRIED.length && does(TRIED[most + 1] as number)) most += 1;
  return { least: TRIED[first] as number, most: TRIED[most] as number, upTo: last.id };
}
