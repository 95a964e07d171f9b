// A night that runs: the plan as a thin line, what was measured bold, what is to come broken; on the clock of the day.
import { scaleLinear, scaleTime } from 'd3-scale';
import { line } from 'd3-shape';
import { format } from 'date-fns';
import type { KilnCurve } from '@zanfirico/core/night';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../../../stores/display';
import type { RunNow } from './useRun';

interface Props {
  readonly going: RunNow;
  /** In its own units. */
  readonly width?: number;
  readonly height?: number;
  readonly lettering?: number;
}

const pointsOf = ({ time, temperature }: KilnCurve): [number, number][] =>
  Array.from({ length: time.length }, (_, i) => [time[i] as number, temperature[i] as number]);

export function LiveCurve({ going, width = 1000, height = 230, lettering = 12 }: Props) {
  const units = useDisplay((s) => s.units);
  const edge = { left: 4 * lettering, right: lettering, top: lettering, bottom: 2 * lettering };
  const planned = pointsOf(going.plan);
  const all = going.curve ? pointsOf(going.curve) : [];
  const was = all.filter(([t]) => t <= going.now);
  const comes = all.filter(([t]) => t >= going.now);
  const end = Math.max(planned[planned.length - 1]?.[0] ?? 1, all[all.length - 1]?.[0] ?? 1);
  const most = Math.max(100, ...planned.map(([, v]) => v), ...was.map(([, v]) => v));
  const x = scaleLinear()
    .domain([0, end])
    .range([edge.left, width - edge.right]);
  const y = scaleLinear()
    .domain([0, most * 1.06])
    .range([height - edge.bottom, edge.top]);
  const path = line()
    .x(([t]) => x(t))
    .y(([, v]) => y(v));
  const clock = scaleTime()
    .domain([going.momentAt(0), going.momentAt(end)])
    .range([edge.left, width - edge.right]);
  const onClock = clock.domain().every((d) => Number.isFinite(d.getTime()));
  const short = going.momentAt(end) - going.momentAt(0) < 3_600_000;
  return (
    <figure className="my-2">
      <svg
        viewBox={`0 0 ${String(width)} ${String(height)}`}
        className="w-full bg-(--board)"
        role="img"
        aria-label={tr`Measured up to ${format(going.momentAt(going.now), 'HH:mm')}, beside the plan`}
      >
        {y.ticks(4).map((t) => (
          <g key={t}>
            <line
              x1={edge.left}
              x2={width - edge.right}
              y1={y(t)}
              y2={y(t)}
              stroke="var(--chalk-dim)"
              strokeOpacity={0.2}
            />
            <text
              x={edge.left - lettering / 2}
              y={y(t) + lettering / 3}
              textAnchor="end"
              fontSize={lettering}
              fontFamily="var(--font-mono)"
              fill="var(--chalk-dim)"
            >
              {printText(t, 'temperature', units).replace(/ °.$/, '°')}
            </text>
          </g>
        ))}
        {onClock &&
          clock.ticks(9).map((d) => (
            <text
              key={d.getTime()}
              x={clock(d)}
              y={height - lettering / 2}
              textAnchor="middle"
              fontSize={lettering}
              fontFamily="var(--font-mono)"
              fill="var(--chalk-dim)"
            >
              {format(d, short ? 'HH:mm:ss' : 'HH:mm')}
            </text>
          ))}
        {going.lastIn > 0 && going.lastIn < end && (
          <g>
            <line
              x1={x(going.lastIn)}
              x2={x(going.lastIn)}
              y1={edge.top}
              y2={height - edge.bottom}
              stroke="var(--chalk-dim)"
              strokeDasharray="2 4"
            />
            <text
              x={x(going.lastIn) + lettering / 3}
              y={height - edge.bottom - lettering / 2}
              fontSize={lettering}
              fill="var(--chalk-dim)"
            >
              {tr`last piece in`}
            </text>
          </g>
        )}
        <path d={path(planned) ?? ''} fill="none" stroke="var(--chalk)" strokeWidth={1.4} />
        <path
          d={path(comes) ?? ''}
          fill="none"
          stroke="var(--color-primary)"
          strokeWidth={2}
          strokeDasharray="3 4"
        />
        <path d={path(was) ?? ''} fill="none" stroke="var(--color-primary)" strokeWidth={3.4} />
        {was.length > 0 && (
          <circle
            cx={x(going.now)}
            cy={y(was[was.length - 1]?.[1] ?? 0)}
            r={lettering / 2}
            fill="var(--color-primary)"
          />
        )}
      </svg>
      <figcaption className="quiet text-sm">{tr`Bold: measured. Broken: to come, from where it is. Thin: as planned.`}</figcaption>
    </figure>
  );
}
