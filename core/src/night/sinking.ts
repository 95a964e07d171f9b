// Whether a piece sinks under its own weight at a hold: by how far this form would, in millimetres, not by a temperature.
import { tr } from '../words/tr';
import type { Glass } from '../glass/glass';
import { fitVft, logViscosity } from '../glass/viscosity';
import type { KilnCurve } from './relaxing/walkCurve';

/** The place of a form that gives most under its own weight. */
export interface Gives {
  /** In words: "the lip of the bowl". */
  readonly where: string;
  /** How fast it would sink if its glass had one Pa·s, m·Pa: by its viscosity less. */
  readonly pull: number;
  /** What may sink before anyone sees it, m. */
  readonly shows: number;
}

/** Below this viscosity (log₁₀ Pa·s) a form nobody has told is taken to sink within hours. From memory. */
const LOG_SINKS = 10.5;

/** How much a glass flowed along a curve, 1/Pa: ∫ dt/η of the kiln's temperature. */
export function flowed(glass: Glass, { time, temperature }: KilnCurve): number {
  const vft = fitVft(glass);
  const fluidity = (at: number): number => 10 ** -logViscosity(vft, at);
  let sum = 0;
  for (let i = 1; i < time.length; i += 1) {
    const [a, b] = [temperature[i - 1] as number, temperature[i] as number];
    const span = (time[i] as number) - (time[i - 1] as number);
    if (!(span > 0)) continue;
    // Viscosity changes by powers of ten: a ramp is walked in steps of some kelvin.
    const steps = Math.max(1, Math.min(MOST_STEPS, Math.ceil(Math.abs(b - a) / STEP)));
    for (let k = 0; k < steps; k += 1)
      sum += (span / steps) * fluidity(a + ((b - a) * (k + 0.5)) / steps);
  }
  return sum;
}
const STEP = 4;
const MOST_STEPS = 400;

/** The same of a hold alone: s, °C. */
export const flowsAt = (glass: Glass, temperature: number, seconds: number): number =>
  seconds * 10 ** -logViscosity(fitVft(glass), temperature);

/** How far a form sinks where it gives most, m; of one nobody has told, none or more than anyone would let be. */
export const sinks = (
  gives: Gives | undefined,
  glass: Glass,
  hottest: number,
  flow: number,
): { readonly by: number; readonly shows: boolean; readonly where: string } =>
  gives
    ? { by: gives.pull * flow, shows: gives.pull * flow > gives.shows, where: gives.where }
    : {
        by: NaN,
        shows: logViscosity(fitVft(glass), hottest) < LOG_SINKS,
        where: tr`the piece`,
      };

/** In a sentence: what sinks and by how far. */
export const sinksSaid = ({
  by,
  where,
}: {
  readonly by: number;
  readonly where: string;
}): string =>
  Number.isNaN(by)
    ? tr`it would sink under its own weight`
    : tr`${where} would sink by ${by > 0.01 ? tr`more than 10 mm` : `${(1e3 * by).toFixed(1)} mm`} under its own weight`;
