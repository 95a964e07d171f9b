// One piece through one night, calculated: heat through its walls, the structure of the glass following late, stress that comes
// and goes and what of it is frozen in (Tool 1946; Gardon & Narayanaswamy 1970; Narayanaswamy 1971; Moynihan et al. 1976).
import { tr } from '../words/tr';
import type { Glass } from '../glass/glass';
import { strainOf, temperatureAtLog } from '../glass/viscosity';
import { RESTRAINT } from './allow';
import { exchangeAt, heatStep, type BoxExchange, type Wall } from '../conduction/lattice';
import { KILN_EXCHANGE } from './relaxing/exchange';
import { MOST_SAMPLES, recorder, type Recorded } from './recorder';
import { relaxing } from './relaxing/relaxation';
import { COARSER, GIVES, MOST_STEP, RELAXES } from './relaxing/stepping';
import { walkCurve, type KilnCurve } from './relaxing/walkCurve';
import {
  atSkin,
  comesUneven,
  keptBy,
  relax,
  sectionOf,
  stresses,
  toPoints,
  type KeptWall,
} from './relaxing/wallState';

/** What is simulated. */
export interface Trial {
  readonly glass: Glass;
  /** One wall, or a thick one and the thin one it is joined to. */
  readonly walls: readonly [Wall] | readonly [Wall, Wall];
  readonly curve: KilnCurve;
  /** The piece when the curve begins: even, free of stress, its structure at rest. The kiln's own temperature when left out, °C. */
  readonly start?: number | undefined;
  /** Structure of the start where it is not at rest, as for a cold piece that is warmed, °C. */
  readonly startFictive?: number | undefined;
  /** Its middle hotter than its skin by so much at the start, as it comes from the bench, K. */
  readonly startUneven?: number | undefined;
  /** Tension counts as passing from here on, s: before it the piece comes from the bench. The whole curve when left out. */
  readonly countFrom?: number | undefined;
  readonly exchange?: BoxExchange | undefined;
  /** How far joined sections hold each other: 0 free, 1 fully. */
  readonly restraint?: number | undefined;
  readonly liquidRatio?: number | undefined;
  /** Spaces from middle to skin. */
  readonly spaces?: number | undefined;
  /** The most a temperature may change in a step while glass relaxes, K; four times that where it does not. */
  readonly fineness?: number | undefined;
  /** Keeps the picture through the wall as well as the curves. */
  readonly picture?: boolean | undefined;
}

/** Tension and where and when it was. */
export interface Peak {
  readonly stress: number;
  readonly time: number;
  /** Of the kiln and of the place itself, °C. */
  readonly kiln: number;
  readonly temperature: number;
  readonly wall: number;
  readonly at: 'skin' | 'middle';
}

/** What came of it. */
export interface SimulatedNight extends Recorded {
  readonly kept: readonly KeptWall[];
  /** The worst tension that passed while the glass was too stiff to give. */
  readonly worst: Peak;
  /** Steps taken. */
  readonly steps: number;
}

const SPACES = 32;
const FINENESS = 2;
/** Most of a step, of the whole. */
const MOST_OF_WHOLE = 1 / 120;

/** Refuses what cannot be computed, in a sentence. */
function refuse(trial: Trial): void {
  const { time, temperature } = trial.curve;
  if (time.length < 2 || time.length !== temperature.length)
    throw new RangeError(
      tr`A programme needs two points at least, each with a time and a temperature.`,
    );
  for (let i = 0; i < time.length; i += 1) {
    if (!Number.isFinite(time[i]) || !Number.isFinite(temperature[i]))
      throw new RangeError(tr`Point ${i + 1} of the programme is not a number.`);
    if (i > 0 && (time[i] as number) < (time[i - 1] as number))
      throw new RangeError(tr`Point ${i + 1} of the programme lies before the one before it.`);
  }
  for (const w of trial.walls)
    if (!(w.thickness >= 2e-4 && w.thickness <= 2))
      throw new RangeError(
        tr`A wall of ${1000 * w.thickness} mm cannot be annealed; walls from 0.2 mm to 2 m can be calculated.`,
      );
}

/** Simulates. Throws a RangeError with a sentence for what cannot be computed. */
export function simulate(trial: Trial): SimulatedNight {
  refuse(trial);
  const { glass, curve } = trial;
  const spaces = trial.spaces ?? SPACES;
  const fineness = trial.fineness ?? FINENESS;
  const exchange = trial.exchange ?? KILN_EXCHANGE;
  const restraint = trial.restraint ?? RESTRAINT;
  const r = relaxing(glass, trial.liquidRatio);
  const { time, temperature } = curve;
  const points = time.length;
  const begin = time[0] as number;
  const end = time[points - 1] as number;
  const start: number = trial.start ?? (temperature[0] as number);
  const stiffBelow = strainOf(glass) + GIVES;
  const fictive = trial.startFictive ?? Math.max(start, strainOf(glass));
  const sections = trial.walls.map((w) =>
    sectionOf(glass, w, spaces, start, fictive, trial.walls.length > 1),
  );
  if (trial.startUneven !== undefined)
    for (const s of sections) comesUneven(s, trial.startUneven, fictive - start);
  const hot = temperatureAtLog(r.vft, RELAXES.from);
  const cool = temperatureAtLog(r.vft, RELAXES.to);
  const mostStep = Math.max(MOST_STEP, (end - begin) * MOST_OF_WHOLE);
  const every = (end - begin) / (MOST_SAMPLES - 2);
  const record = recorder(sections, trial.picture === true);
  let worst: Peak = {
    stress: 0,
    time: begin,
    kiln: start,
    temperature: start,
    wall: 0,
    at: 'skin',
  };
  const look = (now: number, kiln: number): void => {
    sections.forEach((s, k) => {
      const state = s.tied ?? s.free;
      const skinT = s.now[s.now.length - 1] as number;
      const midT = s.now[0] as number;
      const skin = atSkin(s, state.most);
      const middle = state.most[0] as number;
      if (skin > worst.stress && skinT < stiffBelow)
        worst = { stress: skin, time: now, kiln, temperature: skinT, wall: k, at: 'skin' };
      if (middle > worst.stress && midT < stiffBelow)
        worst = { stress: middle, time: now, kiln, temperature: midT, wall: k, at: 'middle' };
    });
  };
  let sampled = begin;
  let steps = 0;
  record.write(begin, temperature[0] as number);
  walkCurve({
    curve,
    mostStep,
    limit: () => {
      for (const s of sections) {
        const a = s.now[0] as number;
        const b = s.now[s.now.length - 1] as number;
        if (Math.max(a, b) > cool && Math.min(a, b) < hot) return fineness;
      }
      return fineness * COARSER;
    },
    attempt: (dt, kiln) => {
      let most = 0;
      for (const s of sections) {
        const skin = s.now[s.now.length - 1] as number;
        heatStep(s.filled, s.now, s.next, dt, kiln, exchangeAt(exchange, kiln, skin));
        for (let i = 0; i < s.next.length; i += 1)
          most = Math.max(most, Math.abs((s.next[i] as number) - (s.now[i] as number)));
      }
      return most;
    },
    keep: (dt, kiln, now) => {
      for (const s of sections) {
        toPoints(s, s.now, s.before);
        toPoints(s, s.next, s.after);
        [s.now, s.next] = [s.next, s.now];
        relax(s, r, dt);
      }
      stresses(sections, r, restraint);
      steps += 1;
      if (now >= (trial.countFrom ?? begin)) look(now, kiln);
      if (now - sampled >= every || now >= end) {
        record.write(now, kiln);
        sampled = now;
      }
      return true;
    },
  });
  return { ...record.read(), kept: keptBy(sections, r, restraint), worst, steps };
}
