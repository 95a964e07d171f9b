// The heat that is really there: the order as it happened put through the bench's heat, and on from now as if nobody did anything.
import { meanOf } from '../conduction/cells';
import { consistency, type Band } from '../glass/consistency';
import { fitVft, logViscosity, type Vft } from '../glass/viscosity';
import { bitMean, skinTemperature } from '../iron/heatBits';
import { zonesNow, type HeatPart, type HeatState } from '../iron/hotShop';
import type { Fires } from '../iron/surroundings';
import { walk, type WalkedWork } from '../iron/walk';
import { STANDS_IN_FIRE } from '../work/heatPlace';
import { factsOf, type WorkStep } from '../work/facts';
import { areOne } from '../work/joined';
import { forecast, type PlanClock } from './forecast';
import { asHappened } from './happened';
import { takenOnTime } from './onTime';
import type { MakingState, PlannedStep } from './makingState';

/** How far ahead it is looked, s. */
export const HEAT_AHEAD = 240;
/** Time goes in steps of so much, s. */
const EVERY = 1;

/** Where glass is: worked, in the fire, waiting on its iron, or kept warm. */
export type Whereabouts = 'in hand' | 'in the fire' | 'waiting' | 'in the garage';

/** A part, or a bit on one, as it is now, and what comes of it. °C, s. */
export interface GlassNow {
  readonly part: number;
  /** Its own name. */
  readonly name: string;
  /** The name of the part it hangs on, where it is a bit. */
  readonly on: string | undefined;
  readonly where: Whereabouts;
  readonly skin: number;
  readonly mean: number;
  readonly band: Band;
  /** The word it falls to next, and in how long; undefined where it keeps its word for as long as is looked ahead. */
  readonly falls: { readonly to: Band; readonly in: number } | undefined;
  /** In how long its skin is brittle, where it cracks; 0 where it is, undefined where that is further off. */
  readonly brittleIn: number | undefined;
}

/** The estimate is good for about so much, K: fires, hands and draughts differ. From memory. */
export const HEAT_SPREAD = 40;

type State = MakingState<PlannedStep & WorkStep>;

/** Something with a temperature, looked at again and again. */
interface Watched {
  readonly part: number;
  readonly name: string;
  readonly on: string | undefined;
  skin: number;
  mean: number;
}

/** Everything there is at a moment of the walk; a part by its coldest zone. */
function glassIn(state: HeatState, parts: readonly HeatPart[]): Watched[] {
  return parts.flatMap((p, part): Watched[] => {
    if (state.phase[part] === 'boxed' || state.phase[part] === 'absent') return [];
    let [skin, mean] = [Infinity, Infinity];
    zonesNow(state, p, part).forEach((z, k) => {
      const t = state.cells[part]?.[k];
      if (!t) return;
      skin = Math.min(skin, skinTemperature(t));
      mean = Math.min(mean, meanOf(z.grid, t));
    });
    const bits = (state.bits[part] ?? []).map((b) => ({
      part,
      name: b.name,
      on: p.name,
      skin: skinTemperature(b.cells),
      mean: bitMean(b),
    }));
    return [{ part, name: p.name, on: undefined, skin, mean }, ...bits];
  });
}

/** Where a part is, by what is done now and where it was parked. */
function whereIs(state: State, heat: HeatState, part: number): Whereabouts {
  const now = [...(state.now === undefined ? [] : [state.now]), ...state.beside];
  const mine = now.flatMap((i) => {
    const step = state.steps[i]?.step;
    return step && factsOf(step).off === undefined && areOne(heat.groups, step.part, part)
      ? [step]
      : [];
  });
  if (heat.parked[part] === true && mine.every((s) => factsOf(s).does !== 'fetch'))
    return 'in the garage';
  const leads = state.steps[state.now ?? -1]?.step;
  const span = state.spans.findLast((s) => s.to === undefined);
  if (span && leads && areOne(heat.groups, leads.part, part))
    return span.what === 'in' ? 'in the fire' : span.what === 'away' ? 'waiting' : 'in hand';
  if (mine.length === 0) return 'waiting';
  return mine.some((s) => STANDS_IN_FIRE.has(factsOf(s).heat)) ? 'in the fire' : 'in hand';
}

/**
 * Every part and bit with glass in it at a moment (ms), the one first in danger first. `state` must carry the plan's own steps, by number
 * of their part. With the plan's clock helpers who tap nothing are taken to be on time. Some milliseconds; asked a few times a second in a
 * worker.
 */
export function heatNow(
  parts: readonly HeatPart[],
  state: State,
  now: number,
  fires: Fires,
  plan?: PlanClock,
): GlassNow[] {
  const stands = plan ? takenOnTime(state, forecast(state, plan, parts, now), now) : state;
  return heatOf(parts, stands, now, fires);
}

/** Walks up to what is in hand now: the same at every tick until something happens. Kept of the makings looked at last: a wall has several. */
const walked = new Map<string, WalkedWork>();
const MOST_WALKED = 24;

/** What is known of the past of an order of which some of it is still going on; undefined where the past itself depends on that. */
function known(
  parts: readonly HeatPart[],
  steps: readonly WorkStep[],
  starts: readonly number[],
  fires: Fires,
  at: number,
): WalkedWork | undefined {
  const open = steps.flatMap((s, i) =>
    (starts[i] ?? 0) + s.seconds > at + HEAT_AHEAD - 1e-6 ? [i] : [],
  );
  // How far a form has come depends on how long it will take in all.
  if (open.length === 0 || open.some((i) => factsOf(steps[i] as WorkStep).does === 'form'))
    return undefined;
  const until = Math.min(...open.map((i) => starts[i] ?? 0));
  // Looked back at an earlier moment than what happened last.
  if (until > at) return undefined;
  const of = JSON.stringify([
    steps.map((s, i) => [
      s.id,
      s.kind,
      s.part,
      s.to,
      s.zone,
      starts[i],
      open.includes(i) ? 0 : s.seconds,
    ]),
    parts.map((p) => [p.name, p.glass.id, p.gathered, p.zones.map((z) => [z.thickness, z.area])]),
    fires,
  ]);
  const kept = walked.get(of);
  // The one looked at last comes last.
  walked.delete(of);
  const upTo = kept ?? walk(parts, steps, starts, EVERY, fires, {}, { until });
  walked.set(of, upTo);
  const [oldest] = walked.keys();
  if (walked.size > MOST_WALKED && oldest !== undefined) walked.delete(oldest);
  return upTo;
}

function heatOf(parts: readonly HeatPart[], state: State, now: number, fires: Fires): GlassNow[] {
  const { steps, starts } = asHappened(state, now, HEAT_AHEAD);
  if (steps.length === 0) return [];
  const at = Math.max(0, (now - state.begun) / 1000);
  const stiffness = new Map<HeatPart, Vft>();
  const bandOf = (part: number, t: number): Band => {
    const p = parts[part] as HeatPart;
    const vft = stiffness.get(p) ?? fitVft(p.glass);
    stiffness.set(p, vft);
    return consistency(logViscosity(vft, t));
  };
  let there: { -readonly [K in keyof GlassNow]: GlassNow[K] }[] | undefined;
  // What there is now is followed.
  const look = (time: number, heat: HeatState): void => {
    const glass = glassIn(heat, parts);
    if (!there) {
      there = glass.map((g) => ({
        ...g,
        where: whereIs(state, heat, g.part),
        band: bandOf(g.part, g.mean),
        falls: undefined,
        brittleIn: bandOf(g.part, g.skin) === 'brittle' ? 0 : undefined,
      }));
      return;
    }
    const after = time - at;
    glass.forEach((g, k) => {
      const was = there?.[k];
      if (!was || (was.falls && was.brittleIn !== undefined)) return;
      if (!was.falls && g.mean < was.mean) {
        const word = bandOf(g.part, g.mean);
        if (word !== was.band) was.falls = { to: word, in: after };
      }
      if (was.brittleIn === undefined && bandOf(g.part, g.skin) === 'brittle')
        was.brittleIn = after;
    });
  };
  const from = known(parts, steps, starts, fires, at);
  // Up to this very moment, however its steps of time would have fallen; and on from there.
  const upToNow = walk(parts, steps, starts, EVERY, fires, {}, { from, until: at });
  look(at, upToNow.state);
  walk(parts, steps, starts, EVERY, fires, { onTime: look }, { from: upToNow });
  return (there ?? []).sort(
    (a, b) => (a.brittleIn ?? Infinity) - (b.brittleIn ?? Infinity) || a.mean - b.mean,
  );
}
