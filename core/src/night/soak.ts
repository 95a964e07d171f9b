// The soak: long enough for the load to be even and its stress gone.
import { diffusivity, type Glass } from '../glass/glass';
import { fitVft, LOG_ANNEALING, logViscosity } from '../glass/viscosity';

/** At the annealing point stress is substantially gone in this time, s (ASTM C336: 15 min). */
export const RELIEF_AT_ANNEALING_POINT = 15 * 60;
/** The box itself needs this long to be even after its door last shut, s. Common practice, no source. */
export const BOX_EVENS = 30 * 60;
/** From here on, "never": the time is not worth telling apart (months). */
const LOG_NEVER = 16;
/** An arriving piece is uneven by about this much, and is even at about this much, K. Common practice. */
export const ARRIVES_UNEVEN = 100;
const EVEN = 2;

/** Time for stress to go at a holding temperature, s: the annealing point's 15 min, scaled by viscosity (Maxwell). */
export const reliefTime = (glass: Glass, temperature: number): number =>
  RELIEF_AT_ANNEALING_POINT *
  10 ** (Math.min(LOG_NEVER, logViscosity(fitVft(glass), temperature)) - LOG_ANNEALING);

/** Time for a wall to come even in the box, s; `d` as a slab cooled from both sides, `exchange` in W/(m²K). */
export function eveningTime(glass: Glass, d: number, exchange: number): number {
  const half = d / 2;
  const inside = (4 * half * half) / (Math.PI ** 2 * diffusivity(glass));
  const skin = (glass.density * glass.specificHeat * half) / exchange;
  return (inside + skin) * Math.log(ARRIVES_UNEVEN / EVEN);
}
