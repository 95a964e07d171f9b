// A step on the braid's clock: its stretch of time, its number where there is room, and whether something is wrong there.
import { factsOf, type WorkStep } from '@zanfirico/core/work';
import { TOP } from './strands';

/** Room a step's number takes, px. */
const NUMBER_WIDTH = 18;
/** Steps whose numbers do not run into one another, those that take longest first. */
export function numbersThatFit(
  steps: readonly WorkStep[],
  starts: readonly number[],
  x: (t: number) => number,
): ReadonlySet<number> {
  const taken: number[] = [];
  const fit = new Set<number>();
  const order = steps
    .flatMap((s, i) => (factsOf(s).off === undefined ? [i] : []))
    .sort((a, b) => (steps[b] as WorkStep).seconds - (steps[a] as WorkStep).seconds);
  for (const i of order) {
    const s = steps[i] as WorkStep;
    const at = x((starts[i] ?? 0) + Math.max(0, s.seconds) / 2);
    if (taken.some((t) => Math.abs(t - at) < NUMBER_WIDTH)) continue;
    taken.push(at);
    fit.add(i);
  }
  return fit;
}

interface StepMarkProps {
  readonly index: number;
  readonly from: number;
  readonly to: number;
  readonly y: number;
  readonly height: number;
  readonly lit: boolean;
  readonly numbered: boolean;
  readonly trouble: 'watch' | 'no' | undefined;
  readonly onTake: (index: number) => void;
}

/** A step on its strand. */
export function StepMark({
  index,
  from,
  to,
  y,
  height,
  lit,
  numbered,
  trouble,
  onTake,
}: StepMarkProps) {
  const middle = (from + to) / 2;
  return (
    <g
      className="cursor-pointer"
      onClick={() => {
        onTake(index);
      }}
    >
      <rect
        x={from}
        y={TOP - 24}
        width={Math.max(2, to - from)}
        height={height - TOP + 24}
        fill={lit ? 'var(--color-primary)' : 'var(--chalk)'}
        fillOpacity={lit ? 0.2 : index % 2 === 0 ? 0.035 : 0}
      />
      {(numbered || lit) && (
        <text
          x={middle}
          y={TOP - 10}
          textAnchor="middle"
          fontSize={11.5}
          className="num"
          fontWeight={lit ? 700 : 400}
          fill={lit ? 'var(--color-primary)' : 'var(--chalk-dim)'}
        >
          {index + 1}
        </text>
      )}
      {trouble && (
        <g transform={`translate(${String(middle)} ${String(y - 17)})`}>
          {trouble === 'no' ? (
            <path d="M-6 -6H6L6 6H-6Z" fill="var(--color-error)" />
          ) : (
            <path d="M0 -7L7 6H-7Z" fill="var(--color-warning)" />
          )}
          <path d="M0 -3V2M0 4V4.6" stroke="#1a0e06" strokeWidth={1.8} strokeLinecap="round" />
        </g>
      )}
    </g>
  );
}
