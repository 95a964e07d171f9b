// The heat of a whole order: every zone through time, and each step judged where it ends.
import { meanOf } from '../conduction/cells';
import { consistency, type Band } from '../glass/consistency';
import { logViscosity } from '../glass/viscosity';
import type { Verdict } from '../units/why';
import { inTurn } from '../work/clock';
import { factsOf, onTheClock, type WorkStep } from '../work/facts';
import { coldShop, integrate, zonesNow, type HeatPart } from './hotShop';
import { begin, finish } from './stepEffects';
import { STUDIO_FIRES, type Fires } from './surroundings';
import {
  found,
  heatedTrouble,
  sagTrouble,
  stiffnessOf,
  troubleOf,
  type Found,
  type Trouble,
} from './trouble';
import { coldTrouble } from './troubleCold';
import { bitTrouble, faces } from './troubleJoins';

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
  const state = coldShop(parts, steps);
  const skins = parts.map(() =>
    Array.from({ length: MOST_ZONES }, () => new Float32Array(samples).fill(NaN)),
  );
  const means = parts.map(() =>
    Array.from({ length: MOST_ZONES }, () => new Float32Array(samples).fill(NaN)),
  );
  let now = 0;
  let next = 0;
  const write = (): void => {
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
  const order = steps.map((_, i) => i).sort((a, b) => (starts[a] ?? 0) - (starts[b] ?? 0) || a - b);
  const startOf = new Map<number, Found | undefined>();
  const notes = new Map<number, Trouble | undefined>();
  const ends = new Map<number, Found | undefined>();
  const going: number[] = [];
  const endOf = (i: number): number => (starts[i] ?? 0) + Math.max(0, steps[i]?.seconds ?? 0);
  const advance = (to: number): void => {
    if (to <= now) return;
    const active = going.map((i) => steps[i] as WorkStep);
    const base = now;
    integrate(state, parts, active, to - base, every, fires, (after) => {
      now = base + after;
      write();
    });
    now = to;
  };
  const worse = (a: Trouble | undefined, b: Trouble | undefined): Trouble | undefined =>
    !a ? b : !b ? a : a.verdict.verdict === 'no' || b.verdict.verdict !== 'no' ? a : b;
  const close = (i: number): void => {
    const step = steps[i] as WorkStep;
    const end = found(state, parts, step);
    ends.set(i, end);
    const all = [
      troubleOf(step, parts, stiff, end),
      heatedTrouble(state, parts, stiff, step),
      sagTrouble(state, parts, stiff, step, fires),
      coldTrouble(state, parts, stiff),
    ];
    notes.set(i, all.reduce(worse, notes.get(i)));
    finish(state, parts, step);
    going.splice(going.indexOf(i), 1);
  };
  for (const i of order) {
    const start = starts[i] ?? 0;
    for (;;) {
      const soonest = going.reduce((a, b) => (a < 0 || endOf(b) < endOf(a) ? b : a), -1);
      if (soonest < 0 || endOf(soonest) > start + 1e-9) break;
      advance(endOf(soonest));
      close(soonest);
    }
    advance(start);
    const step = steps[i] as WorkStep;
    const { off } = factsOf(step);
    // Irons and colour warm before there is glass; a helper's hands, and the bucket afterwards, are no glass of the piece.
    if (off !== undefined) continue;
    begin(state, parts, step, fires);
    startOf.set(i, found(state, parts, step));
    notes.set(i, faces(state, parts, stiff, step) ?? bitTrouble(state, parts, stiff, step));
    going.push(i);
  }
  while (going.length > 0) {
    const soonest = going.reduce((a, b) => (endOf(b) < endOf(a) ? b : a));
    advance(endOf(soonest));
    close(soonest);
  }
  now = total;
  write();
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
