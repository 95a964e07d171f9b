// How fast set glass may fall, and where the slow fall before it may end.
import { fitVft, temperatureAtLog } from '../glass/viscosity';
import { allowedRate, passingPerRate, type StressPerRate } from './allow';
import { surfaceExchange } from './relaxing/exchange';
import { MAY_PASS } from './practice';
import type { ScheduleInput } from './scheduleInput';

/**
 * The slow fall ends where what the quicker fall brings can no longer be frozen in: while the glass grows ten times stiffer (some
 * 15 K) at most a hundredth of its relaxation time may pass. Calibrated on the simulation, which has the last word.
 */
const STIFFENS = 15;
const RELAXATION_TIMES = 800;
const LOG_FROZEN = { least: 14.5, most: 20 };
/**
 * The fall of set glass. Colder glass gives its heat away worse, but the box is slower there too: what counts is the
 * exchange at the temperature where the box can no longer follow, found by repetition from the hot end.
 */
export function quickestFall(
  { glass, wall, assumes, box, doorTemperature: door }: ScheduleInput,
  end: number,
): { readonly quick: number; readonly passing: StressPerRate; readonly exchange: number } {
  let at = end;
  for (let i = 0; ; i += 1) {
    const exchange = surfaceExchange(at);
    const passing = passingPerRate(glass, wall, exchange, assumes?.restraint);
    const quick = allowedRate(passing, MAY_PASS);
    const next = Math.min(at, Math.max(door, box.room + quick * box.coolingTime));
    if (i === 30 || at - next < 0.5) return { quick, passing, exchange };
    at = next;
  }
}

/** Where the slow fall may end, °C: the quicker the next fall, the sooner. */
export function frozenAt(input: ScheduleInput): number {
  const { glass, tuned } = input;
  const vft = fitVft(glass);
  const at = (log: number): number => temperatureAtLog(vft, log);
  const quick = quickestFall(input, at(LOG_FROZEN.least)).quick * (tuned?.quick ?? 1);
  const shear = glass.youngsModulus / (2 * (1 + glass.poisson));
  const log = Math.log10((RELAXATION_TIMES * shear * STIFFENS) / quick);
  return at(Math.min(LOG_FROZEN.most, Math.max(LOG_FROZEN.least, log)));
}
