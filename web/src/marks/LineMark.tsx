// A piece of a chart's line, to name it by.
interface Props {
  readonly stroke: string;
  readonly width: number;
  readonly dash: string;
}

/** A line as the legend shows it. */
export function LineMark({ stroke, width, dash }: Props) {
  return (
    <svg width={26} height={8} aria-hidden className="shrink-0">
      <line
        x1={0}
        x2={26}
        y1={4}
        y2={4}
        stroke={stroke}
        strokeWidth={width}
        strokeDasharray={dash}
      />
    </svg>
  );
}

const DASHES = ['', '6 3', '2 3', '10 4', '8 3 2 3', '1 4'];
const COLOURS = [
  'var(--chalk)',
  'var(--chalk-dim)',
  'var(--color-accent)',
  'var(--color-secondary)',
];

/** How the i-th of several lines is drawn; the leading one boldest. */
export const lineStyle = (i: number, lead: boolean): Props =>
  lead
    ? { stroke: 'var(--color-primary)', width: 3, dash: '' }
    : {
        stroke: COLOURS[i % COLOURS.length] ?? 'var(--chalk)',
        width: 1.4,
        dash: DASHES[i % DASHES.length] ?? '',
      };
