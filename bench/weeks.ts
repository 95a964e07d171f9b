// In Node: the shortest night, and a week of nights.
import { checkedSchedule } from '@zanfirico/core/night';
import { planWeek, shortestNight, type WeekPiece } from '@zanfirico/core/night/asked';
import { GLASS as glass, SLAB as slab, TONIGHT as tonight } from './cases';
import { often, type Row } from './rows';

const timed = (what: () => unknown): number => {
  const from = performance.now();
  what();
  return performance.now() - from;
};
/** Measures them. */
export function measureWeeks(): Row[] {
  const shortestTook = timed(() => shortestNight(tonight));
  const DAY = 86400;
  const forty: WeekPiece[] = Array.from({ length: often(40, 4) }, (_, i) => ({
    id: `p${String(i)}`,
    name: `p${String(i)}`,
    glass,
    wall: { ...slab, thickest: 0.004 + 0.001 * (i % 9) },
    width: 0.1 + 0.02 * (i % 5),
    depth: 0.1 + 0.02 * (i % 5),
    height: 0.2,
    ready: (i % 6) * DAY + 16 * 3600,
    due: ((i % 6) + 2 + (i % 3)) * DAY,
    nights: [],
  }));
  const weekTook = timed(() => {
    const pieces = forty.map((p) => {
      const night = checkedSchedule({ ...tonight, wall: p.wall }).schedule.total.value;
      return { ...p, nights: [night, night] };
    });
    planWeek(pieces, [
      { id: 'a', inside: { width: 0.45, depth: 0.45, height: 0.4 }, free: 0 },
      { id: 'b', inside: { width: 0.6, depth: 0.5, height: 0.4 }, free: 0 },
    ]);
  });

  return [
    {
      what: 'the shortest night, wall with a step',
      measured: `${(shortestTook / 1000).toFixed(2)} s`,
      wanted: '< 3 s',
    },
    {
      what: 'a week of 40 pieces in two annealers, their nights verified',
      measured: `${(weekTook / 1000).toFixed(2)} s`,
      wanted: '< 2 s',
    },
  ];
}
