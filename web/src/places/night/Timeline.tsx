// Each annealer's loads along one clock.
import { tr } from '@zanfirico/core/words';
import type { Week, WeekLoad } from '@zanfirico/core/night/asked';
import { eachDayOfInterval, format, fromUnixTime, getUnixTime, startOfDay } from 'date-fns';

/** Shown ahead of now at least, s. */
const AHEAD = 4 * 86400;

export function Timeline({
  plan,
  annealers,
  title,
}: {
  readonly plan: Week;
  readonly annealers: readonly string[];
  readonly title: (l: WeekLoad) => string;
}) {
  const now = getUnixTime(new Date());
  // With no load yet the days to come.
  const first = startOfDay(fromUnixTime(Math.min(...plan.loads.map((l) => l.lastIn), now)));
  const from = getUnixTime(first);
  const to = Math.max(...plan.loads.map((l) => l.door + 6 * 3600), now + AHEAD);
  const [W, ROW, LEFT] = [1000, 52, 160];
  const x = (s: number): number => LEFT + ((W - LEFT) * (s - from)) / (to - from);
  // Midnights of the calendar: a day whose clocks change is not of 24 hours.
  const days = eachDayOfInterval({ start: first, end: fromUnixTime(to) }).map(getUnixTime);
  const height = 26 + ROW * annealers.length;
  return (
    <svg
      viewBox={`0 0 ${String(W)} ${String(height)}`}
      className="mt-2 w-full bg-(--board)"
      role="img"
      aria-label={tr`Loads along the week; the table below tells the same`}
    >
      {days.map((d) => (
        <g key={d}>
          <line
            x1={x(d)}
            x2={x(d)}
            y1={20}
            y2={height}
            stroke="var(--chalk-dim)"
            strokeOpacity={0.3}
          />
          <text x={x(d) + 4} y={16} fontSize={17} fill="var(--chalk-dim)">
            {format(fromUnixTime(d), 'EEE d')}
          </text>
        </g>
      ))}
      <line
        x1={x(now)}
        x2={x(now)}
        y1={20}
        y2={height}
        stroke="var(--color-primary)"
        strokeDasharray="5 4"
      />
      <text x={x(now) + 4} y={height - 4} fontSize={15} fill="var(--color-primary)">{tr`now`}</text>
      {annealers.map((name, k) => (
        <g key={name}>
          <text x={8} y={26 + k * ROW + ROW / 2 + 5} fontSize={18} fill="var(--chalk)">
            {name}
          </text>
          {plan.loads
            .filter((l) => l.annealer === name)
            .map((l) => (
              <g key={l.lastIn}>
                <rect
                  x={x(l.lastIn)}
                  y={26 + k * ROW + 5}
                  width={Math.max(3, x(l.door) - x(l.lastIn))}
                  height={ROW - 12}
                  fill="var(--cherry)"
                  stroke="var(--chalk-dim)"
                >
                  <title>{title(l)}</title>
                </rect>
                <text
                  x={x(l.lastIn) + 6}
                  y={26 + k * ROW + ROW / 2 + 4}
                  fontSize={17}
                  fill="var(--chalk)"
                >
                  {l.pieces.length} {l.pieces.length === 1 ? tr`piece` : tr`pieces`}
                </text>
              </g>
            ))}
        </g>
      ))}
    </svg>
  );
}
