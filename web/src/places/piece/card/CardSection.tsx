// The section for the card: black lines only, diameters and walls at every point.
import type { PiecePoint } from '@zanfirico/contract';
import { printText, type Shape } from '@zanfirico/core';
import { glassPath, linePath, toX, toY, type Sheet } from '../../../marks/outline';
import { spread } from '../../../marks/section/fit';
import { useDisplay } from '../../../stores/display';

const WIDTH = 440;
const MOST_HEIGHT = 300;
const LABELS = 140;
const ON_AXIS = 1e-6;

interface Props {
  readonly shape: Shape;
  readonly points: readonly PiecePoint[];
}

export function CardSection({ shape, points }: Props) {
  const units = useDisplay((s) => s.units);
  const scale = Math.min(
    (WIDTH - LABELS - 20) / (2 * shape.widest),
    (MOST_HEIGHT - 30) / shape.height,
  );
  const height = Math.max(110, shape.height * scale + 30);
  const sheet: Sheet = {
    axis: (WIDTH - LABELS) / 2,
    table: height - 12 + shape.lowest * scale,
    scale,
  };
  const labels = spread(
    points.map((p) => toY(sheet, p.height)),
    14,
    10,
    height - 8,
  );
  return (
    <svg width={WIDTH} height={height} role="img" aria-label="Section with measures" stroke="black">
      <line x1={sheet.axis} x2={sheet.axis} y1={2} y2={height - 2} strokeDasharray="10 3 2 3" />
      <line x1={4} x2={WIDTH - LABELS} y1={sheet.table} y2={sheet.table} />
      <path d={glassPath(shape, sheet, -1)} fill="#ccc" strokeWidth={1.3} />
      <path d={linePath(shape.outer, sheet, 1)} fill="none" strokeWidth={1.3} />
      {points.map((p, i) => (
        <g key={i}>
          <line
            x1={toX(sheet, 1, p.radius)}
            y1={toY(sheet, p.height)}
            x2={WIDTH - LABELS + 8}
            y2={labels[i]}
            strokeOpacity={0.5}
            strokeWidth={0.6}
          />
          <text
            x={WIDTH - LABELS + 12}
            y={(labels[i] as number) + 4}
            className="num"
            fontSize={10.5}
            stroke="none"
          >
            {p.radius < ON_AXIS ? 'axis' : `⌀ ${printText(2 * p.radius, 'length', units)}`}
            <tspan x={WIDTH - 66}>{printText(p.wall, 'length', units)}</tspan>
          </text>
        </g>
      ))}
    </svg>
  );
}
