// How much glass is in a pot: charged, taken and given back by the scale and the makings, and by the dipstick, which outranks them.

/** Something that changed it, or told it. kg; `at` ms. */
export type PotEvent = { readonly at: number } & (
  | { readonly kind: 'charged'; readonly mass: number }
  | { readonly kind: 'taken'; readonly mass: number }
  | { readonly kind: 'given back'; readonly mass: number }
  /** Read off with an iron: so much stands in it. */
  | { readonly kind: 'dipped'; readonly mass: number }
);

/** A level, and how it was known. kg. */
export interface Level {
  readonly mass: number;
  /** Last read off, ms; undefined where it never was. */
  readonly dipped: number | undefined;
  /** How far the reckoning was off when it was read last, kg: more was there where it is above nothing. */
  readonly off: number | undefined;
  /** What was taken beyond what was there by the reckoning, kg: the reckoning is wrong, and says so. */
  readonly short: number;
}

/** The level at a moment, of events in any order. A reading holds from its moment on; under nothing it is nothing, and told short. */
export function levelAt(events: readonly PotEvent[], now: number, holds = Infinity): Level {
  const upTo = events.filter((e) => e.at <= now).sort((a, b) => a.at - b.at);
  let mass = 0;
  let short = 0;
  let dipped: number | undefined;
  let off: number | undefined;
  for (const e of upTo) {
    if (e.kind === 'dipped') {
      off = e.mass - mass;
      [mass, dipped, short] = [e.mass, e.at, 0];
    } else if (e.kind === 'taken') {
      const left = mass - e.mass;
      if (left < 0) short -= left;
      mass = Math.max(0, left);
    } else mass = Math.min(holds, mass + e.mass);
  }
  return { mass, dipped, off, short };
}

const DAY = 86_400_000;

/** What is used a day, kg, less what came back: since the first taking of these last `days` days; nothing where nothing was taken. */
export function usedADay(events: readonly PotEvent[], now: number, days = 14): number {
  const taken = events.filter((e) => e.kind === 'taken' && e.at <= now && e.at > now - days * DAY);
  const back = events.filter(
    (e) => e.kind === 'given back' && e.at <= now && e.at > now - days * DAY,
  );
  if (taken.length === 0) return 0;
  const since = Math.min(...taken.map((e) => e.at));
  const sum = (of: readonly PotEvent[]): number => of.reduce((s, e) => s + e.mass, 0);
  return Math.max(0, sum(taken) - sum(back)) / Math.max(1, Math.ceil((now - since) / DAY));
}

/**
 * In how many days the level is down to what can still be gathered from, at what is used a day; undefined where nothing is used.
 *
 * @example
 * daysLeft(100, 25, 15) // 5
 */
export const daysLeft = (level: number, least: number, aDay: number): number | undefined =>
  aDay > 0 ? Math.max(0, level - least) / aDay : undefined;
