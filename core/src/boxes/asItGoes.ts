// A night that runs: what was measured, and what is still to come in this box from where it now stands; when its door may open.
import type { RecipeLine } from '@zanfirico/contract/shop';
import { climbAt, naturalTime, type Box } from '../night/box';
import { temperatureAt } from '../night/kilnCurve';
import type { KilnCurve } from '../night/relaxing/walkCurve';
import { stepsCurve } from './programme';
import type { KilnReading } from './watch';

/** A programme that was begun. s since then, °C. */
export interface DeviceRun {
  readonly lines: readonly RecipeLine[];
  /** What was planned. */
  readonly plan: KilnCurve;
  readonly box: Box;
}

/** What was, and what is to come. */
export interface NightGoing {
  /** Measured up to `now`, then foretold. */
  readonly curve: KilnCurve;
  readonly now: number;
  readonly temperature: number;
}

/** It is at a step's temperature when it is so near to it, K. */
const THERE = 4;
/** Readings taken into the curve at most: it is thinned evenly above. */
const MOST = 1500;

/** The curve as it goes; undefined before the first reading. */
export function asItGoes(run: DeviceRun, seen: readonly KilnReading[]): NightGoing | undefined {
  const read = seen.flatMap((s) =>
    s.temperature === undefined ? [] : [{ ...s, temperature: s.temperature }],
  );
  const last = read[read.length - 1];
  if (!last) return undefined;
  const every = Math.max(1, Math.ceil(read.length / MOST));
  const kept = read.filter((_, i) => i % every === 0 || i === read.length - 1);
  const time = kept.map((s) => s.at);
  const temperature = kept.map((s) => s.temperature);
  const rest = toCome(run, seen, last);
  for (let i = 1; i < rest.time.length; i += 1) {
    time.push(last.at + (rest.time[i] as number));
    temperature.push(rest.temperature[i] as number);
  }
  return { curve: { time, temperature }, now: last.at, temperature: last.temperature };
}

function toCome(
  { lines, plan, box }: DeviceRun,
  seen: readonly KilnReading[],
  last: KilnReading & { readonly temperature: number },
): KilnCurve {
  const { step, state } = last;
  if (state === 'done') return { time: [0], temperature: [last.temperature] };
  const line = step === undefined ? undefined : lines[step];
  if (!line || step === undefined) {
    // It does not tell its step: it is taken to be where the plan is.
    const time = [0];
    const temperature = [last.temperature];
    for (let i = 0; i < plan.time.length; i += 1) {
      const t = plan.time[i] as number;
      if (t <= last.at) continue;
      time.push(t - last.at);
      temperature.push(plan.temperature[i] as number);
    }
    return { time, temperature };
  }
  // Its hold counts from when it first came there, whatever happened to it since: a controller's clock goes on.
  let since: number | undefined;
  for (let i = seen.length - 1; i >= 0; i -= 1) {
    const s = seen[i] as KilnReading;
    // What comes out of a device's own log has no step.
    if (s.step !== undefined && s.step !== step) break;
    if (s.temperature !== undefined && Math.abs(s.temperature - line.to) < THERE) since = s.at;
  }
  if (since === undefined) return stepsCurve(lines.slice(step), box, last.temperature);
  const hold = (line.hold ?? 0) - (last.at - since);
  const climb = Math.abs(line.to - last.temperature) / Math.max(1e-6, climbAt(box, line.to));
  return stepsCurve(
    [{ to: line.to, hold: Math.max(0, hold - climb) }, ...lines.slice(step + 1)],
    box,
    last.temperature,
  );
}

/** From the last piece in on: time counts from there, and what was before is left out. */
export function sinceLastIn(curve: KilnCurve, lastIn: number): KilnCurve {
  const time = [0];
  const temperature = [temperatureAt(curve, lastIn)];
  for (let i = 0; i < curve.time.length; i += 1) {
    const t = (curve.time[i] as number) - lastIn;
    if (t <= 0) continue;
    time.push(t);
    temperature.push(curve.temperature[i] as number);
  }
  return { time, temperature };
}

/** When the kiln is down at the door's temperature for good, s on its clock: by its own cooling where the curve ends above it. */
export function doorAt({ time, temperature }: KilnCurve, door: number, box: Box): number {
  let i = temperature.length - 1;
  if ((temperature[i] as number) > door + 1)
    return (time[i] as number) + naturalTime(box, temperature[i] as number, door);
  while (i > 0 && (temperature[i - 1] as number) <= door + 1) i -= 1;
  return time[i] as number;
}
