// The annealer as a device: it can only heat with the power it has and only cool as fast as it loses heat. What a programme
// really becomes in it, and what that costs.
import { lossOf, settlesAt, type Box } from '../box';
import { curveBetween } from '../kilnCurve';
import type { KilnCurve } from '../relaxing/walkCurve';

/** What became of a programme. */
export interface FollowedKiln {
  readonly curve: { readonly time: Float64Array; readonly temperature: Float64Array };
  /** Heat given, J. */
  readonly energy: number;
  /** The most it was above (it cannot lose heat faster) and below (it has not the power) what was asked, K, and when. */
  readonly above: { readonly kelvin: number; readonly time: number };
  readonly below: { readonly kelvin: number; readonly time: number };
}

/** Seconds without power, or with the door open. */
export interface Mishap {
  readonly kind: 'power off' | 'door open';
  readonly from: number;
  readonly to: number;
}

/** With the door open a box loses heat so many times faster. From memory: some 100 K in the first minute from 480 °C. */
export const DOOR_OPEN = 60;
/** Longest step, s; a step is never longer than a fortieth of its segment. */
const STEP = 300;
const PARTS = 40;

/** The kiln follows a programme as well as it can: exact for the lumped box in each step. */
export function follow(
  wanted: KilnCurve,
  kiln: Box,
  mishaps: readonly Mishap[] = [],
): FollowedKiln {
  const marks = new Set<number>(Array.from(wanted.time));
  const begin = wanted.time[0] as number;
  const end = wanted.time[wanted.time.length - 1] as number;
  for (const m of mishaps) for (const t of [m.from, m.to]) if (t > begin && t < end) marks.add(t);
  const stops = [...marks].sort((a, b) => a - b);
  const time: number[] = [begin];
  const temperature: number[] = [wanted.temperature[0] as number];
  let t = begin;
  let now = wanted.temperature[0] as number;
  let energy = 0;
  let above = { kelvin: 0, time: begin };
  let below = { kelvin: 0, time: begin };
  const loss = lossOf(kiln);
  let span = 0;
  for (const stop of stops.slice(1)) {
    const parts = Math.max(1, Math.min(PARTS, Math.ceil((stop - t) / STEP)));
    const dt = (stop - t) / parts;
    for (let k = 0; k < parts; k += 1) {
      const next = k === parts - 1 ? stop : t + dt;
      const middle = (t + next) / 2;
      while (span < wanted.time.length - 2 && (wanted.time[span + 1] as number) < next - 1e-9)
        span += 1;
      const asked = curveBetween(wanted, span, next);
      const off = mishaps.some((m) => m.kind === 'power off' && middle > m.from && middle < m.to);
      const open = mishaps.some((m) => m.kind === 'door open' && middle > m.from && middle < m.to);
      const tau = kiln.coolingTime / (open ? DOOR_OPEN : 1);
      const fade = Math.exp(-(next - t) / tau);
      const coolest = kiln.room + (now - kiln.room) * fade;
      // An open door's loss is more than the elements make good; controllers cut the power then.
      const target = off || open ? coolest : settlesAt(kiln);
      const hottest = off || open ? coolest : target + (now - target) * fade;
      const reached = Math.min(hottest, Math.max(coolest, asked));
      // The steady power that gets there: what the box would settle at, times its loss.
      const settles = fade < 1 ? (reached - now * fade) / (1 - fade) : kiln.room;
      if (!off && !open) energy += Math.max(0, loss * (settles - kiln.room)) * (next - t);
      t = next;
      now = reached;
      time.push(t);
      temperature.push(now);
      if (now - asked > above.kelvin) above = { kelvin: now - asked, time: t };
      if (asked - now > below.kelvin) below = { kelvin: asked - now, time: t };
    }
  }
  return {
    curve: { time: Float64Array.from(time), temperature: Float64Array.from(temperature) },
    energy,
    above,
    below,
  };
}
