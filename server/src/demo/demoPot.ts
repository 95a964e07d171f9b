// The invented studio's pot: charged on Sunday evenings, dipped now and then, its clear scrap given back; told from the day the shelf is stocked.
import type { PotEventDocument } from '@zanfirico/contract/pot';
import { ORDINARY_POT } from '@zanfirico/core/piece';

const DAY = 86_400_000;
const WEEKS = 4;
const EVENING = 18;

const uuid = (n: number): string => `de300000-0000-4000-b000-${String(n).padStart(12, '0')}`;

/** Entries up to a moment, ms; the oldest a full pot four weeks ago. */
export function demoPot(now: number): PotEventDocument[] {
  const pot = ORDINARY_POT.id;
  const sunday = new Date(now);
  sunday.setDate(sunday.getDate() - ((sunday.getDay() + 6) % 7) - 1);
  const week = (back: number, days: number, hour: number): number =>
    sunday.setHours(hour, 0, 0, 0) - (7 * back - days) * DAY;
  const all: PotEventDocument[] = [
    { kind: 'dipped', id: uuid(1), pot, at: week(WEEKS, 0, EVENING) - 3_600_000, depth: 0.36 },
  ];
  for (let k = WEEKS - 1; k >= 0; k -= 1) {
    const n = 10 * (WEEKS - k);
    const on = (i: number, days: number, hour = EVENING) => ({
      id: uuid(n + i),
      pot,
      at: week(k, days, hour),
    });
    all.push(
      // What the studio makes beside the pieces of the log: practice, tests, trims on the floor.
      { kind: 'taken', ...on(0, -5), mass: 22, says: 'the week’s practice' },
      { kind: 'taken', ...on(1, -3), mass: 26, says: 'the class' },
      { kind: 'given back', ...on(2, -1, 17), mass: 9, says: 'clear moils' },
      { kind: 'charged', ...on(3, 0), what: 'pellets', mass: 40 },
    );
  }
  all.push({ kind: 'dipped', id: uuid(99), pot, at: week(0, 1, 8), depth: 0.31 });
  return all.filter((e) => e.at <= now);
}
