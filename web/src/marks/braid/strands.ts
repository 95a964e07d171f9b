// The braid's geometry: where each part's strand runs in time. Pure numbers, for the drawing and its test.
import {
  begins,
  eachApart,
  factsOf,
  IN_FIRE,
  joinOf,
  partsTogether,
  unite,
  type WorkStep,
} from '@zanfirico/core/work';

/** A strand's course: y (px) at any second, and the seconds it is there. */
export interface Strand {
  readonly part: number;
  readonly from: number;
  readonly to: number;
  readonly y: (t: number) => number;
  /** Waits in the garage there. */
  readonly waits: readonly (readonly [number, number])[];
  /** Seconds at which it becomes one with another. */
  readonly joins: readonly { readonly at: number; readonly to: number }[];
}

/** A lane at its widest and its narrowest, px: many parts and a crew share the room there is. */
export const LANE = 66;
const NARROWEST = 16;
/** Above the first strand, px. */
export const TOP = 34;
/** How far a strand dips into the fire and rises into the garage, px. */
const DIP = 24;
const RISE = -17;
/** Seconds a strand takes to dip, rise or come to another. */
const EASE = 4;
const MEET = 9;
/** Joined strands turn about each other: px apart, seconds a turn. */
const TWIST = 8;
const TURN = 46;

/** The lane so many parts have in a drawing so tall, px. */
export const laneFor = (count: number, tall: number): number =>
  Math.max(NARROWEST, Math.min(LANE, Math.floor(tall / Math.max(1, count))));

const smooth = (v: number): number => {
  const x = Math.min(1, Math.max(0, v));
  return x * x * (3 - 2 * x);
};
/** 1 between a and b, eased at both ends. */
const during = (t: number, a: number, b: number): number =>
  t < a - EASE || t > b + EASE ? 0 : smooth((t - a + EASE) / EASE) * smooth((b - t + EASE) / EASE);

/** The course of every part. `starts` in s, in the order of the steps; `width` of a part's lane, px. */
export function strandsOf(
  count: number,
  steps: readonly WorkStep[],
  starts: readonly number[],
  total: number,
  width = LANE,
): Strand[] {
  const scale = width / LANE;
  const groups = eachApart(count);
  const from = Array.from({ length: count }, () => Infinity);
  const to = Array.from({ length: count }, () => -Infinity);
  const fires: [number, number, number][] = [];
  const parked = new Map<number, number>();
  const waits = Array.from({ length: count }, () => [] as [number, number][]);
  const met: { part: number; to: number; at: number }[] = [];
  const order = steps.map((_, i) => i).sort((a, b) => (starts[a] ?? 0) - (starts[b] ?? 0) || a - b);
  for (const i of order) {
    const s = steps[i] as WorkStep;
    // What is done ahead, beside or afterwards is no glass of this part.
    if (s.part < 0 || s.part >= count || factsOf(s).off !== undefined) continue;
    const a = starts[i] ?? 0;
    const b = a + Math.max(0, s.seconds);
    const facts = factsOf(s);
    const mates = partsTogether(groups, s.part);
    for (const k of begins(s) ? [s.part] : mates) {
      if (from[k] === Infinity && !begins(s)) continue;
      from[k] = Math.min(from[k] as number, a);
      to[k] = Math.max(to[k] as number, b);
    }
    if (IN_FIRE.has(facts.heat)) for (const k of mates) fires.push([k, a, b]);
    if (facts.does === 'park') parked.set(s.part, b);
    if (facts.does === 'fetch' && parked.has(s.part)) {
      waits[s.part]?.push([parked.get(s.part) as number, a]);
      parked.delete(s.part);
    }
    const join = joinOf(s);
    if (join && join.to < count && join.to !== join.part) {
      met.push({ ...join, at: b });
      unite(groups, join.part, join.to);
    }
  }
  for (const [part, since] of parked) waits[part]?.push([since, total]);
  const lane = (i: number): number => TOP + width * (count - 1 - i) + width / 2;
  /** The lane a part runs in at t: its own, until it has come to the part it was joined to. */
  const laneAt = (i: number, t: number, depth = 0): number => {
    let y = lane(i);
    if (depth > count) return y;
    for (const m of met)
      if (m.part === i && t > m.at - MEET)
        y += (laneAt(m.to, t, depth + 1) - y) * smooth((t - m.at + MEET) / MEET);
    return y;
  };
  return Array.from({ length: count }, (_, i): Strand => {
    const own = fires.filter(([k]) => k === i);
    const mine = met.filter((m) => m.part === i || m.to === i || isMate(met, m, i));
    const first = Math.min(Infinity, ...mine.map((m) => m.at));
    return {
      part: i,
      from: from[i] as number,
      to: to[i] as number,
      waits: waits[i] ?? [],
      joins: met.filter((m) => m.part === i).map(({ at, to: other }) => ({ at, to: other })),
      y: (t) => {
        let y = laneAt(i, t);
        const fire = own.reduce((most, [, a, b]) => Math.max(most, during(t, a, b)), 0);
        const wait = (waits[i] ?? []).reduce((most, [a, b]) => Math.max(most, during(t, a, b)), 0);
        y += scale * (DIP * fire + RISE * wait);
        if (t > first)
          y +=
            Math.sqrt(scale) *
            TWIST *
            smooth((t - first) / MEET) *
            Math.sin((2 * Math.PI * t) / TURN + i * 2.1);
        return y;
      },
    };
  });
}

/** Is part i already of the piece when m is joined? */
const isMate = (
  met: readonly { part: number; to: number; at: number }[],
  m: { part: number; to: number; at: number },
  i: number,
): boolean =>
  met.some(
    (k) => k.at <= m.at && ((k.part === i && k.to === m.to) || (k.to === i && k.part === m.to)),
  );

/** "1:05" or "1:02:05"; "−1:30" before the first gather. */
export const clockText = (seconds: number): string => {
  if (Math.round(seconds) < 0) return `−${clockText(-seconds)}`;
  const s = Math.round(seconds);
  const [h, m, r] = [Math.floor(s / 3600), Math.floor((s % 3600) / 60), s % 60];
  const two = (v: number): string => String(v).padStart(2, '0');
  return h > 0 ? `${String(h)}:${two(m)}:${two(r)}` : `${String(m)}:${two(r)}`;
};
