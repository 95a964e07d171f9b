// The heat that is really there: the order as it happened put through the bench's heat, and on from now as if nobody did anything.
import { consistency, type Band } from '../glass/consistency';
import { fitVft, logViscosity } from '../glass/viscosity';
import { heatOfWork } from '../heat/ofWork';
import type { HeatPart } from '../heat/hotShop';
import type { Fires } from '../heat/surroundings';
import type { WorkStep } from '../work/facts';
import type { MakingState, PlannedStep } from './makingState';

/** How far ahead it is looked, s. */
export const AHEAD = 240;

/** A part as it is now, and what comes of it. °C, s. */
export interface PartNow {
  readonly part: number;
  readonly name: string;
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

/** An order as it happened: each step with when it really began and how long it took, up to now; the one in hand goes on. */
export function asHappened(
  state: MakingState<PlannedStep & WorkStep>,
  now: number,
  ahead: number,
): { readonly steps: readonly WorkStep[]; readonly starts: readonly number[] } {
  const zero = state.begun;
  const gone = state.steps.filter(
    (s) => s.begun !== undefined && (s.state === 'done' || s.state === 'now'),
  );
  const last = gone.at(-1);
  if (last && state.now === undefined) {
    // Nothing is done to it any more: it is held at the bench.
    const ended = Math.max(...gone.map((s) => s.ended ?? zero));
    const held: WorkStep = {
      id: 'held',
      kind: 'straight',
      part: last.step.part,
      seconds: Math.max(0.5, (now - ended) / 1000 + ahead),
    };
    const before = asHappened({ ...state, now: -1 }, now, ahead);
    return {
      steps: [...before.steps, held],
      starts: [...before.starts, (ended - zero) / 1000],
    };
  }
  return {
    steps: gone.map(({ step, begun = zero, ended, state: how }) => ({
      ...step,
      seconds: Math.max(
        0.5,
        ((how === 'done' ? (ended ?? now) : now) - begun) / 1000 + (how === 'now' ? ahead : 0),
      ),
    })),
    starts: gone.map(({ begun = zero }) => (begun - zero) / 1000),
  };
}

/**
 * Every part with glass in it at a moment (ms), the one first in danger first. `state` must carry the plan's own steps, by number of their
 * part. Some milliseconds; asked a few times a second in a worker.
 */
export function heatNow(
  parts: readonly HeatPart[],
  state: MakingState<PlannedStep & WorkStep>,
  now: number,
  fires: Fires,
): PartNow[] {
  const { steps, starts } = asHappened(state, now, AHEAD);
  if (steps.length === 0) return [];
  const heat = heatOfWork(parts, steps, starts, fires);
  const at = Math.max(0, (now - state.begun) / 1000);
  const sample = Math.min(heat.samples - 1, Math.floor(at / heat.every));
  return parts
    .flatMap((p, part): PartNow[] => {
      const tracks = heat.tracks.filter((t) => t.part === part);
      const meanAt = (i: number, of: 'skin' | 'mean'): number => {
        const values = tracks.map((t) => t[of][i] as number).filter((v) => !Number.isNaN(v));
        return values.length === 0 ? NaN : Math.min(...values);
      };
      const skin = meanAt(sample, 'skin');
      const mean = meanAt(sample, 'mean');
      if (Number.isNaN(skin) || Number.isNaN(mean)) return [];
      const vft = fitVft(p.glass);
      const bandOf = (t: number): Band => consistency(logViscosity(vft, t));
      const band = bandOf(mean);
      let falls: PartNow['falls'];
      let brittleIn = bandOf(skin) === 'brittle' ? 0 : undefined;
      for (let i = sample + 1; i < heat.samples; i += 1) {
        const there = meanAt(i, 'mean');
        if (Number.isNaN(there)) break;
        const word = bandOf(there);
        const after = i * heat.every - at;
        if (!falls && word !== band && there < mean) falls = { to: word, in: after };
        if (brittleIn === undefined && bandOf(meanAt(i, 'skin')) === 'brittle') brittleIn = after;
      }
      return [
        {
          part,
          name: p.name,
          skin,
          mean,
          band,
          falls,
          brittleIn,
        },
      ];
    })
    .sort((a, b) => (a.brittleIn ?? Infinity) - (b.brittleIn ?? Infinity) || a.mean - b.mean);
}
