// The heat of a whole order: every zone through time, and each step judged where it ends.
import { meanOf } from '../conduction/cells';
import { consistency, type Band } from '../glass/consistency';
import { logViscosity } from '../glass/viscosity';
import type { Verdict } from '../units/why';
import { inTurn } from '../work/clock';
import { onTheClock, type WorkStep } from '../work/facts';
import { zonesNow, type HeatPart, type HeatState } from './hotShop';
import { STUDIO_FIRES, type Fires } from './surroundings';
import {
  found,
  heatedTrouble,
  sagTrouble,
  stiffnessOf,
  heatTrouble,
  type FoundTrouble,
  type Trouble,
} from './trouble';
import { coldTrouble } from './troubleCold';
import { bitTrouble, faces } from './troubleJoins';
import { walk } from './walk';

/** One zone's heat through time, sampled evenly. °C. */
export interface HeatTrack {
  readonly part: number;
  readonly zone: number;
  readonly name: string;
  /** When the part was begun and when it went into the box, s. */
  readonly skin: Float32Array;
  readonly mean: Float32Array;
}

/** A step as it was found, in order of the list. */
export interface StepHeat {
  readonly id: string;
  /** Mean of what it works at its start and its end, °C; NaN where there is no glass. */
  readonly from: number;
  readonly to: number;
  readonly band: Band | undefined;
  readonly verdict: Verdict | undefined;
  /** What the verdict is about. */
  readonly trouble: Trouble | undefined;
}

/** An order with the heat its glass has at each step. */
export interface WorkHeat {
  /** Seconds between samples. */
  readonly every: number;
  readonly samples: number;
  readonly tracks: readonly HeatTrack[];
  readonly steps: readonly StepHeat[];
  readonly total: number;
}

/** Most samples a track holds. */
const MOST_SAMPLES = 4000;
const MOST_ZONES = 4;

/** Runs a whole order. `starts` in s; steps one after another when left out. */
export function heatOfWork(
  parts: readonly HeatPart[],
  steps: readonly WorkStep[],
  starts: readonly number[] = inTurn(steps),
  fires: Fires = STUDIO_FIRES,
): WorkHeat {
  const total = steps.reduce(
    (most, s, i) =>
      // What comes after the box, and before the first gather, is not the glass's time.
      onTheClock(s) ? Math.max(most, (starts[i] ?? 0) + Math.max(0, s.seconds)) : most,
    0,
  );
  const every = Math.max(1, Math.ceil(total / MOST_SAMPLES));
  const samples = Math.floor(total / every) + 2;
  const stiff = stiffnessOf(parts);
  const skins = parts.map(() =>
    Array.from({ length: MOST_ZONES }, () => new Float32Array(samples).fill(NaN)),
  );
  const means = parts.map(() =>
    Array.from({ length: MOST_ZONES }, () => new Float32Array(samples).fill(NaN)),
  );
  let next = 0;
  const write = (now: number, state: HeatState): void => {
    for (; next < samples && next * every <= now + 1e-9; next += 1)
      parts.forEach((part, i) => {
        if (state.phase[i] === 'boxed' || state.phase[i] === 'absent') return;
        zonesNow(state, part, i).forEach((z, k) => {
          const t = state.cells[i]?.[k] as Float64Array;
          (skins[i]?.[k] as Float32Array)[next] = t[t.length - 1] as number;
          (means[i]?.[k] as Float32Array)[next] = meanOf(z.grid, t);
        });
      });
  };
  const startOf = new Map<number, FoundTrouble | undefined>();
  const notes = new Map<number, Trouble | undefined>();
  const ends = new Map<number, FoundTrouble | undefined>();
  const worse = (a: Trouble | undefined, b: Trouble | undefined): Trouble | undefined =>
    !a ? b : !b ? a : a.verdict.verdict === 'no' || b.verdict.verdict !== 'no' ? a : b;
  const { state } = walk(parts, steps, starts, every, fires, {
    onTime: write,
    onBegin: (i, state) => {
      const step = steps[i] as WorkStep;
      startOf.set(i, found(state, parts, step));
      notes.set(i, faces(state, parts, stiff, step) ?? bitTrouble(state, parts, stiff, step));
    },
    onEnd: (i, state) => {
      const step = steps[i] as WorkStep;
      const end = found(state, parts, step);
      ends.set(i, end);
      const all = [
        heatTrouble(step, parts, stiff, end),
        heatedTrouble(state, parts, stiff, step),
        sagTrouble(state, parts, stiff, step, fires),
        coldTrouble(state, parts, stiff),
      ];
      notes.set(i, all.reduce(worse, notes.get(i)));
    },
  });
  write(total, state);
  return {
    every,
    samples: next,
    total,
    tracks: parts.flatMap((p, i) =>
      Array.from({ length: Math.max(1, p.zones.length) }, (_, k) => ({
        part: i,
        zone: k,
        name: p.zones[k]?.name ?? '',
        skin: skins[i]?.[k] as Float32Array,
        mean: means[i]?.[k] as Float32Array,
      })),
    ),
    steps: steps.map((s, i): StepHeat => {
      const to = ends.get(i)?.mean ?? NaN;
      const vft = stiff.vft[s.part];
      return {
        id: s.id,
        from: startOf.get(i)?.mean ?? NaN,
        to,
        band: vft && !Number.isNaN(to) ? consistency(logViscosity(vft, to)) : undefined,
        verdict: notes.get(i)?.verdict,
        trouble: notes.get(i),
      };
    }),
  };
}
