// Benches in pairs that share one hole: who goes in next, by who is coldest. Times s, temperatures °C.
//
// Earliest due date first: of jobs that wait for one machine that order has its latest least late (Jackson 1955, from memory). A piece has
// to be in the fire before its skin is brittle, so it is due out a heat after that: of two as cold a flash goes before a long heat.

import type { AtHole } from '../making/atHole';

/** Its turn. */
export interface Turn {
  readonly bench: string;
  /** In how long the hole is free for it; 0 where it may go in now. */
  readonly waits: number;
  readonly because: 'in' | 'brittle' | 'cold' | 'its turn';
  /** It is brittle before the hole is free: somebody gives way, or it is flashed at the door. */
  readonly late: boolean;
}

/** Who wants the hole within this is in the queue. */
export const QUEUES_FROM = 20;
/** A skin that is brittle within this goes in whatever its own order says. */
export const DANGER = 45;

/**
 * Who is in and who goes in next. `atOnce` pieces fit the hole.
 *
 * @example
 * fairHole([{ bench: 'one', fire: { what: 'out', since: 30 }, brittleIn: 20, skin: 560, heatIn: 0, stays: 25 }], 1)
 */
export function fairHole(benches: readonly AtHole[], atOnce = 1): Turn[] {
  const inside = benches.filter((b) => b.fire?.what === 'in');
  const wanting = benches
    .filter(
      (b) =>
        b.fire?.what === 'out' &&
        ((b.heatIn !== undefined && b.heatIn <= QUEUES_FROM) ||
          (b.brittleIn !== undefined && b.brittleIn <= DANGER)),
    )
    .sort(
      (a, b) =>
        compare(due(a), due(b)) ||
        compare(a.skin ?? Infinity, b.skin ?? Infinity) ||
        (b.fire?.since ?? 0) - (a.fire?.since ?? 0) ||
        a.bench.localeCompare(b.bench),
    );
  // When each place of the hole is free, the soonest first.
  const free = Array.from({ length: Math.max(1, atOnce) }, () => 0);
  inside.forEach((b, i) => {
    const k = i % free.length;
    free[k] = Math.max(free[k] as number, b.stays);
  });
  const turns = inside.map((b): Turn => ({ bench: b.bench, waits: 0, because: 'in', late: false }));
  for (const b of wanting) {
    free.sort((x, y) => x - y);
    const waits = Math.max(free[0] as number, 0);
    free[0] = waits + b.stays;
    turns.push({
      bench: b.bench,
      waits,
      because:
        b.brittleIn === 0
          ? 'brittle'
          : b.brittleIn !== undefined && b.brittleIn <= DANGER
            ? 'cold'
            : 'its turn',
      late: b.brittleIn !== undefined && b.brittleIn < waits,
    });
  }
  return turns;
}

/** Two that are never due are alike. */
const compare = (a: number, b: number): number => (a === b ? 0 : a - b);

/** When it is due out again, s from now. */
const due = (b: AtHole): number => (b.brittleIn ?? Infinity) + b.stays;
