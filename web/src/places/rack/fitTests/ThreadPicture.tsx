// The thread as it would lie on the bench: two glasses side by side, bowed so far, with what to measure.
import { hexOf, over, WHITE, type Colour } from '@zanfirico/core/fit';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../../../stores/display';

interface Props {
  readonly first: Colour;
  readonly second: Colour;
  readonly length: number;
  /** Bow with the first glass on its inside, m; negative: with the second. */
  readonly bow: number;
  /** Measured, or what is expected. */
  readonly measured: boolean;
}

const WIDTH = 560;
const HEIGHT = 150;
const LEFT = 30;
const RIGHT = WIDTH - 30;
/** A bow is drawn at least five times as it is, so that millimetres can be seen. */
const LOUDER = 5;
const MOST_RISE = 58;
const LEVEL = 118;
/** Where the figure stands. */
const FIGURE = WIDTH / 2 + 66;

export function ThreadPicture({ first, second, length, bow, measured }: Props) {
  const units = useDisplay((s) => s.units);
  const scale = (RIGHT - LEFT) / length;
  const rise = Math.min(MOST_RISE, Math.abs(bow) * scale * LOUDER);
  // Drawn with the inside of the bow below: what shrank more lies there.
  const [inside, outside] = bow >= 0 ? [first, second] : [second, first];
  const middle = (LEFT + RIGHT) / 2;
  const arc = (offset: number): string =>
    `M${String(LEFT)} ${String(LEVEL + offset)}Q${String(middle)} ${String(LEVEL + offset - 2 * rise)} ${String(RIGHT)} ${String(LEVEL + offset)}`;
  const fill = (c: Colour): string => hexOf(over(c.seen, 0.0015, WHITE));
  return (
    <svg
      viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
      className="w-full bg-(--board)"
      role="img"
      aria-label={tr`Thread ${printText(length, 'length', units)} long, bowed ${printText(Math.abs(bow), 'length', units)}, ${inside.name} on the inside`}
    >
      <path d={arc(-3)} stroke={fill(outside)} strokeWidth={6} fill="none" />
      <path d={arc(3)} stroke={fill(inside)} strokeWidth={6} fill="none" />
      <path d={arc(-6.5)} stroke="var(--chalk)" strokeOpacity={0.7} fill="none" />
      <path d={arc(6.5)} stroke="var(--chalk)" strokeOpacity={0.7} fill="none" />
      <line
        x1={LEFT}
        x2={RIGHT}
        y1={LEVEL}
        y2={LEVEL}
        stroke="var(--chalk-dim)"
        strokeDasharray="4 4"
      />
      {/* The figure stands in the open, with a leader to what it measures: on the thread nobody could read it. */}
      <path
        d={`M${String(middle)} ${String(LEVEL)}V${String(LEVEL - rise)}M${String(middle)} ${String(LEVEL - rise - 10)}L${String(FIGURE)} 44`}
        stroke="var(--chalk)"
        strokeWidth={1.5}
        fill="none"
      />
      <g fill="var(--chalk)" fontSize={13}>
        <text x={FIGURE} y={36} textAnchor="middle" className="num" fontSize={17} fontWeight={700}>
          {printText(Math.abs(bow), 'length', units)}
        </text>
        <text x={LEFT} y={LEVEL + 26} fill="var(--chalk-dim)">
          {tr`inside: ${inside.name}`}
        </text>
        <text x={LEFT} y={42} fill="var(--chalk-dim)">
          {tr`outside: ${outside.name}`}
        </text>
        <text x={LEFT} y={18} fill="var(--chalk-dim)">
          {tr`${measured ? tr`as measured` : tr`as expected from the numbers`}; the bow drawn ${LOUDER} times`}
        </text>
      </g>
    </svg>
  );
}
