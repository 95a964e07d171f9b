// What was read from a device, a month at a time: the lowest and highest of each stretch; all of it as a table.
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useQuery } from '@tanstack/react-query';
import { scaleLinear } from 'd3-scale';
import { addMonths, format, getDaysInMonth, startOfMonth } from 'date-fns';
import { ChevronLeft, ChevronRight, FileDown } from 'lucide-react';
import { useState } from 'react';
import { readingsTable, readStretches, sentenceOf } from '../api/client';
import { useDisplay } from '../stores/display';
import { TroubleLine } from '../marks/TroubleLine';

const [W, H] = [900, 170];
const EDGE = { left: 46, right: 8, top: 8, bottom: 22 };
const DAY = 86_400_000;
/** Two stretches further apart than this have a gap between them, of the month. */
const GAP = 1 / 120;

export function MonthOfReadings({ id, name }: { readonly id: string; readonly name: string }) {
  const units = useDisplay((s) => s.units);
  const [month, setMonth] = useState(() => startOfMonth(new Date()));
  const [from, to] = [month.getTime(), addMonths(month, 1).getTime()];
  const asked = useQuery({
    queryKey: ['devices', id, 'month', from],
    queryFn: () => readStretches(id, from, to),
    retry: false,
  });
  const stretches = asked.data ?? [];
  const most = Math.max(100, ...stretches.map((s) => s.high));
  const x = scaleLinear()
    .domain([from, to])
    .range([EDGE.left, W - EDGE.right]);
  const y = scaleLinear()
    .domain([0, most])
    .nice()
    .range([H - EDGE.bottom, EDGE.top]);
  const days = Array.from({ length: getDaysInMonth(month) }, (_, i) => from + i * DAY);
  // Unbroken runs: where nothing was read, nothing is drawn.
  const runs: (typeof stretches)[] = [];
  for (const s of stretches) {
    const run = runs[runs.length - 1];
    const last = run?.[run.length - 1];
    if (run && last && s.at - last.at < GAP * (to - from)) run.push(s);
    else runs.push([s]);
  }
  const words = format(month, 'MMMM yyyy');
  return (
    <section aria-label={tr`Readings of ${name}`}>
      <div className="flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          aria-label={tr`The month before`}
          onClick={() => {
            setMonth(addMonths(month, -1));
          }}
        >
          <ChevronLeft className="size-4" />
        </button>
        <span className="min-w-36 text-center text-lg">{words}</span>
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          aria-label={tr`The month after`}
          onClick={() => {
            setMonth(addMonths(month, 1));
          }}
        >
          <ChevronRight className="size-4" />
        </button>
        <a className="btn btn-ghost btn-sm ml-auto" href={readingsTable(id, from, to)} download>
          <FileDown className="size-4" /> {tr`All of it (CSV)`}
        </a>
      </div>
      {asked.error && <TroubleLine className="mt-2">{sentenceOf(asked.error)}</TroubleLine>}
      {asked.isSuccess && stretches.length === 0 ? (
        <p className="quiet py-4">{tr`Nothing was read in ${words}.`}</p>
      ) : (
        <svg
          viewBox={`0 0 ${String(W)} ${String(H)}`}
          className="mt-1 w-full bg-(--board)"
          role="img"
          aria-label={tr`${name} through ${words}, up to ${printText(most, 'temperature', units)}`}
        >
          {y.ticks(3).map((t) => (
            <g key={t}>
              <line
                x1={EDGE.left}
                x2={W - EDGE.right}
                y1={y(t)}
                y2={y(t)}
                stroke="var(--chalk-dim)"
                strokeOpacity={0.2}
              />
              <text
                x={EDGE.left - 6}
                y={y(t) + 4}
                textAnchor="end"
                fontSize={12}
                fontFamily="var(--font-mono)"
                fill="var(--chalk-dim)"
              >
                {printText(t, 'temperature', units).replace(/ °.$/, '°')}
              </text>
            </g>
          ))}
          {days.map((d, i) => (
            <text
              key={d}
              x={x(d + DAY / 2)}
              y={H - 6}
              textAnchor="middle"
              fontSize={11}
              fontFamily="var(--font-mono)"
              fill="var(--chalk-dim)"
            >
              {i + 1}
            </text>
          ))}
          {runs.map((run) => {
            const up = run.map((s) => `${x(s.at).toFixed(1)} ${y(s.high).toFixed(1)}`);
            const down = run.map((s) => `${x(s.at).toFixed(1)} ${y(s.low).toFixed(1)}`).reverse();
            return (
              <path
                key={run[0]?.at}
                d={`M${[...up, ...down].join('L')}Z`}
                fill="var(--color-primary)"
                fillOpacity={0.35}
                stroke="var(--color-primary)"
                strokeWidth={1.2}
              />
            );
          })}
        </svg>
      )}
    </section>
  );
}
