// The braid: every part a strand of filaments, one a zone, glowing with the heat it really has; dips through the fire, levels
// in the garage, twists where parts are one.

import type { Person } from '@zanfirico/contract/order';
import type { BandSpan } from '@zanfirico/core/glass';
import type { WorkHeat } from '@zanfirico/core/iron';
import { tr } from '@zanfirico/core/words';
import { factsOf, type WorkStep } from '@zanfirico/core/work';
import { scaleLinear } from 'd3-scale';
import { memo, useId, useMemo } from 'react';
import { CrewLanes, crewHeight, type LanePlan } from './CrewLanes';
import { numbersThatFit, StepMark } from './StepMark';
import { StrandMark } from './StrandMark';
import { clockText, laneFor, strandsOf, TOP } from './strands';

interface Props {
  readonly names: readonly string[];
  readonly steps: readonly WorkStep[];
  readonly starts: readonly number[];
  readonly heat: WorkHeat;
  /** The bands of each part's glass. */
  readonly spans: readonly (readonly BandSpan[])[];
  /** Room there is for it, px: more parts have narrower lanes. */
  readonly tall: number;
  /** Step in hand, by place. */
  readonly at: number | undefined;
  /** px a second. */
  readonly scale: number;
  readonly troubled: ReadonlyMap<string, 'watch' | 'no'>;
  /** Who does what, along the same clock, once it is planned. */
  readonly crew?: { readonly people: readonly Person[]; readonly plan: LanePlan } | undefined;
  readonly onTake: (index: number) => void;
}

const NO_SPANS: readonly BandSpan[] = [];
const LEFT = 26;
const RIGHT = 30;
const FOOT = 22;
/** Seconds between the clock's lines. */
const EVERY = [5, 10, 15, 30, 60, 120, 300, 600, 1200];
const HOUR = 3600;

/** On the glass's own clock: not ahead of it, beside it or after it. */
const drawn = (s: WorkStep): boolean => factsOf(s).off === undefined;

export const BraidDrawing = memo(function BraidDrawing(props: Props) {
  const { names, steps, starts, heat, spans, tall, at, scale, troubled, crew, onTake } = props;
  const id = useId().replace(/:/g, '');
  const total = Math.max(1, heat.total);
  const width = LEFT + total * scale + RIGHT;
  const crewed = crew ? crewHeight(crew.people, steps) + 4 : 0;
  const lane = laneFor(names.length, tall - crewed - TOP - FOOT);
  const braidHeight = TOP + lane * names.length + FOOT;
  const height = braidHeight + crewed;
  const x = useMemo(
    () =>
      scaleLinear()
        .domain([0, total])
        .range([LEFT, LEFT + total * scale]),
    [total, scale],
  );
  const strands = useMemo(
    () => strandsOf(names.length, steps, starts, total, lane),
    [names.length, steps, starts, total, lane],
  );
  const apart = EVERY.find((s) => s * scale >= 110) ?? HOUR;
  const ticks = Array.from({ length: Math.floor(total / apart) + 1 }, (_, k) => k * apart);
  const numbered = numbersThatFit(steps, starts, x);
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${String(width)} ${String(height)}`}
      role="img"
      aria-label={tr`The braid: ${names.length} parts through ${clockText(total)}, ${steps.length} steps. The table tells the same.`}
      className="block"
      data-braid=""
    >
      {ticks.map((t) => (
        <g key={t}>
          <line
            x1={x(t)}
            x2={x(t)}
            y1={TOP - 8}
            y2={braidHeight - FOOT}
            stroke="var(--chalk-dim)"
            strokeOpacity={0.16}
          />
          <text
            x={x(t)}
            y={braidHeight - 8}
            textAnchor="middle"
            fontSize={12}
            className="num"
            fill="var(--chalk-dim)"
          >
            {clockText(t)}
          </text>
        </g>
      ))}
      {steps.map((s, i) =>
        drawn(s) ? (
          <StepMark
            key={s.id}
            index={i}
            from={x(starts[i] ?? 0)}
            to={x((starts[i] ?? 0) + Math.max(0, s.seconds))}
            y={strands[s.part]?.y((starts[i] ?? 0) + s.seconds / 2) ?? TOP}
            height={height}
            lit={i === at}
            numbered={numbered.has(i)}
            trouble={troubled.get(s.id)}
            onTake={onTake}
          />
        ) : null,
      )}
      {strands.map((strand) => (
        <StrandMark
          key={strand.part}
          id={`${id}p${String(strand.part)}`}
          strand={strand}
          name={names[strand.part] ?? ''}
          tracks={heat.tracks.filter((t) => t.part === strand.part)}
          every={heat.every}
          spans={spans[strand.part] ?? NO_SPANS}
          x={x}
        />
      ))}
      {crew && (
        <CrewLanes
          people={crew.people}
          plan={crew.plan}
          steps={steps}
          x={x}
          top={braidHeight}
          at={at}
        />
      )}
    </svg>
  );
});
