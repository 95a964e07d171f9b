// How this bench and this glory hole exchange heat, of what is ordinary: out of temperatures read off at the bench, each against what the
// heat of that very making says. Both are fitted together, for what the bench does shows in what comes out of the hole.
import { heatOfWork } from '../iron/ofWork';
import type { HeatPart } from '../iron/hotShop';
import type { AirExchange, Fires } from '../iron/surroundings';
import { asDone } from '../making/happened';
import type { MakingState, PlannedStep } from '../making/makingState';
import type { WorkStep } from '../work/facts';
import { madOf, type Robust } from '../stats/robust';

/** A temperature that was read: when, ms, and what, °C. */
export interface ReadAt {
  readonly at: number;
  readonly value: number;
}

/** A making that was read: as it went, in an ordinary shop's fires; `main` is the part that was read. */
export interface ReadMaking {
  readonly parts: readonly HeatPart[];
  readonly main: number;
  readonly state: MakingState<PlannedStep & WorkStep>;
  readonly fires: Fires;
  readonly readings: readonly ReadAt[];
}

const ROUNDS = 6;
/** A step of either factor, as a logarithm, to see how the heat answers. */
const PROBE = 0.05;
/** Before anything was read either is within half to twice, most likely ordinary: as a deviation of the logarithm. */
const BEFOREHAND = 0.5;
const MOST = Math.log(2);
/** What is read is right to so much at best, K. */
const READS_TO = 5;
/** A reading counts for what moves it by so much at twice the exchange, K. */
const TELLS = 20;
/** Beyond so many deviations a reading is wild, and counts for nothing (Tukey's biweight; Beaton & Tukey 1974). */
const WILD = 4.685;

/** What a pyrometer would read of its part at moments (ms), exchanging heat so, °C: the mean skin of its zones; NaN where there is no glass. */
export function skinAt(
  { parts, main, state, fires }: Omit<ReadMaking, 'readings'>,
  moments: readonly number[],
  exchange: AirExchange,
): number[] {
  const order = asDone(state, state.last, 0);
  if (order.steps.length === 0) return moments.map(() => NaN);
  const { tracks, every, samples } = heatOfWork(parts, order.steps, order.starts, {
    ...fires,
    exchange,
  });
  const mine = tracks.filter((t) => t.part === main);
  return moments.map((at) => {
    const k = Math.round((at - state.begun) / 1000 / every);
    const skins = mine.flatMap((t) => {
      const v = k < samples ? t.skin[k] : undefined;
      return v === undefined || Number.isNaN(v) ? [] : [v];
    });
    return skins.length === 0 ? NaN : skins.reduce((a, b) => a + b, 0) / skins.length;
  });
}

/** One reading: what is left over, and how the heat there answers to bench and hole. */
interface Row {
  readonly off: number;
  readonly bench: number;
  readonly hole: number;
}

function rowsAt(
  makings: readonly ReadMaking[],
  [b, h]: readonly [number, number],
  tell: (share: number) => void,
): Row[] {
  return makings.flatMap((m, i) => {
    const moments = m.readings.map((r) => r.at);
    const at = (db: number, dh: number): number[] =>
      skinAt(m, moments, { bench: Math.exp(b + db), hole: Math.exp(h + dh) });
    const [now, more, hotter] = [at(0, 0), at(PROBE, 0), at(0, PROBE)];
    tell((i + 1) / makings.length);
    return m.readings.flatMap(({ value }, k): Row[] => {
      const t = now[k] as number;
      return Number.isNaN(t)
        ? []
        : [
            {
              off: value - t,
              bench: ((more[k] as number) - t) / PROBE,
              hole: ((hotter[k] as number) - t) / PROBE,
            },
          ];
    });
  });
}

/** How far they are off in the middle, K: what a deviation would be were none wild. */
const scaleOf = (rows: readonly Row[]): number =>
  Math.max(
    READS_TO,
    madOf(
      rows.map((r) => r.off),
      0,
    ),
  );

/**
 * Both factors by Gauss and Newton, wild readings left out, held to the ordinary by what is known beforehand; undefined where nothing was
 * read that answers to it. `onProgress` is told a share from 0 to 1.
 */
export function fitExchange(
  makings: readonly ReadMaking[],
  onProgress?: (share: number) => void,
): Partial<Record<keyof AirExchange, Robust>> {
  let at: [number, number] = [0, 0];
  let rows: Row[] = [];
  let spread: readonly [number, number] = [0, 0];
  for (let round = 0; round < ROUNDS; round += 1) {
    rows = rowsAt(makings, at, (share) => onProgress?.((round + share) / ROUNDS));
    if (rows.length === 0) break;
    const s = scaleOf(rows);
    const prior = (s / BEFOREHAND) ** 2;
    let [bb, bh, hh, rb, rh] = [prior, 0, prior, -prior * at[0], -prior * at[1]];
    for (const { off, bench, hole } of rows) {
      const u = off / (WILD * s);
      const w = Math.abs(u) >= 1 ? 0 : (1 - u * u) ** 2;
      bb += w * bench * bench;
      bh += w * bench * hole;
      hh += w * hole * hole;
      rb += w * bench * off;
      rh += w * hole * off;
    }
    const det = bb * hh - bh * bh;
    const within = (v: number): number => Math.max(-MOST, Math.min(MOST, v));
    at = [within(at[0] + (rb * hh - rh * bh) / det), within(at[1] + (rh * bb - rb * bh) / det)];
    spread = [s * Math.sqrt(hh / det), s * Math.sqrt(bb / det)];
  }
  onProgress?.(1);
  const told = (which: keyof AirExchange, i: 0 | 1): Robust | undefined => {
    const count = rows.filter((r) => Math.abs(r[which]) * MOST >= TELLS).length;
    const middle = Math.exp(at[i]);
    return count === 0 ? undefined : { middle, spread: middle * spread[i], count };
  };
  const [bench, hole] = [told('bench', 0), told('hole', 1)];
  return { ...(bench && { bench }), ...(hole && { hole }) };
}
