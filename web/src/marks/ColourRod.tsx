// A colour as a rod pulled out to a thread, against the light: every depth it can be blown to, thick to thin.
import { hexOf, over, WHITE, type Colour } from '@zanfirico/core/fit';
import { memo, useId } from 'react';

/** Across the rod at its thick end and at its thread, m. */
const THICK = 0.006;
const THREAD = 0.0003;
const STOPS = 9;
const LENGTH = 240;
const TALL = 30;

/** Half height of the pulled rod at a share of its length: a shoulder, then a long taper. */
const half = (at: number): number => 1.1 + (TALL / 2 - 2.1) * Math.exp(-((at / 0.52) ** 2.4));
/** Depth to look through there, m. */
const depth = (at: number): number =>
  THREAD + ((THICK - THREAD) * (half(at) - half(1))) / (half(0) - half(1));

const LINE = Array.from({ length: 41 }, (_, i) => i / 40);
const edge = (sign: 1 | -1, line: readonly number[]): string =>
  line
    .map((at) => `${(2 + at * (LENGTH - 2)).toFixed(1)} ${(TALL / 2 + sign * half(at)).toFixed(2)}`)
    .join('L');
const OUTLINE = `M${edge(-1, LINE)}L${edge(1, [...LINE].reverse())}Q-1 ${String(TALL / 2)} 2 ${(TALL / 2 - half(0)).toFixed(2)}Z`;
const SHINE = `M${edge(-1, LINE.slice(1)).replace(/ ([\d.]+)/g, (_, y: string) => ` ${(TALL / 2 - (TALL / 2 - Number(y)) * 0.45).toFixed(2)}`)}`;

export const ColourRod = memo(function ColourRod({
  colour,
  className,
}: {
  readonly colour: Pick<Colour, 'seen'>;
  readonly className?: string;
}) {
  const id = useId();
  return (
    <svg
      viewBox={`0 0 ${String(LENGTH + 2)} ${String(TALL)}`}
      className={className}
      aria-hidden="true"
      preserveAspectRatio="none"
    >
      <defs>
        <linearGradient id={`${id}c`}>
          {Array.from({ length: STOPS }, (_, i) => {
            const at = i / (STOPS - 1);
            return (
              <stop key={i} offset={at} stopColor={hexOf(over(colour.seen, depth(at), WHITE))} />
            );
          })}
        </linearGradient>
        <linearGradient id={`${id}s`} x1="0" x2="0" y1="0" y2="1">
          <stop offset="0" stopColor="#000" stopOpacity="0.38" />
          <stop offset="0.22" stopColor="#fff" stopOpacity="0.12" />
          <stop offset="0.6" stopColor="#fff" stopOpacity="0" />
          <stop offset="1" stopColor="#000" stopOpacity="0.42" />
        </linearGradient>
      </defs>
      <path d={OUTLINE} fill={`url(#${id}c)`} />
      <path d={OUTLINE} fill={`url(#${id}s)`} />
      <path
        d={SHINE}
        fill="none"
        stroke="#fff"
        strokeOpacity={0.65}
        strokeWidth={1.3}
        strokeLinecap="round"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
});
