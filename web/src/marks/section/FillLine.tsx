// The fill line: drag it, or step it with the arrows; says what the vessel holds up to it.
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../../stores/display';
import { toX, toY, type FittedSheet } from '../outline';
import { arrowStep, nudge, useDrag } from '../useDrag';

interface Props {
  readonly fill: {
    readonly line: number;
    readonly from: number;
    readonly to: number;
    readonly radius: number;
    readonly volume: number;
  };
  readonly sheet: FittedSheet;
  readonly onBegin: () => void;
  readonly onMove: (line: number) => void;
  readonly onEnd: () => void;
}

/** So near the top of the board the figure stands under its line: over it is the scale. */
const UNDER = 44;

/** The line it is filled to. */
export function FillLine({ fill, sheet, onBegin, onMove, onEnd }: Props) {
  const units = useDisplay((s) => s.units);
  const y = toY(sheet, fill.line);
  const x = toX(sheet, 1, fill.radius);
  const kept = (v: number): number => Math.min(fill.to, Math.max(fill.from, v));
  const volume = printText(fill.volume, 'volume', units);
  const grip = useDrag<undefined>({
    onBegin,
    onMove: (_key, _x, py) => {
      onMove(kept((sheet.table - py) / sheet.scale));
    },
    onEnd,
  });
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={tr`Fill line`}
      aria-orientation="vertical"
      aria-valuemin={Math.round(fill.from * 1e4) / 10}
      aria-valuemax={Math.round(fill.to * 1e4) / 10}
      aria-valuenow={Math.round(fill.line * 1e4) / 10}
      aria-valuetext={`${printText(fill.line, 'length', units)}, ${volume}`}
      className="cursor-ns-resize outline-none focus-visible:[&>path]:stroke-[3]"
      {...grip(undefined, x, y)}
      onKeyDown={(e) => {
        const arrow = arrowStep(e.key);
        if (!arrow) return;
        e.preventDefault();
        onMove(kept(fill.line + (arrow[1] + arrow[0]) * nudge(e)));
      }}
    >
      <path
        d={`M${String(toX(sheet, -1, fill.radius))} ${String(y)}H${String(x)}`}
        stroke="var(--color-info)"
        strokeWidth={1.5}
        strokeDasharray="7 4"
      />
      <rect
        x={sheet.axis}
        y={y - 11}
        width={Math.max(8, x - sheet.axis)}
        height={22}
        fill="transparent"
      />
      <path
        d={`M${String(x - 2)} ${String(y)}l-11 -7v14z`}
        fill="var(--color-info)"
        stroke="var(--board)"
      />
      <text
        x={toX(sheet, 1, 0) + 6}
        y={y < UNDER ? y + 15 : y - 5}
        fontSize={12}
        className="num pointer-events-none"
        fill="var(--color-info)"
        stroke="var(--board)"
        strokeWidth={4}
        paintOrder="stroke"
      >
        {volume}
      </text>
    </g>
  );
}
