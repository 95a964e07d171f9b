// The section for the card: black lines only; diameters and walls at every point, or of every part.
import type { PieceDocument } from '@zanfirico/contract/piece';
import { ON_AXIS } from '@zanfirico/core/form';
import { lyingBits, type Derived } from '@zanfirico/core/piece';
import { printText, type DisplayUnits } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { glassPath, linePath, toX, toY, type FittedSheet } from '../../../marks/outline';
import { BitShapes } from '../../../marks/section/BitMark';
import { DimensionMarks } from '../../../marks/section/DimensionMarks';
import { spread } from '../../../marks/section/fit';
import { useDisplay } from '../../../stores/display';

const WIDTH = 440;
const MOST_HEIGHT = 300;
const LABELS = 140;

interface Props {
  readonly document: PieceDocument;
  readonly derived: Extract<Derived, { ok: true }>;
}

interface Label {
  readonly radius: number;
  readonly height: number;
  readonly says: string;
  readonly wall: string;
}

/** One part: a label a point. Several: a label a part, at its widest. */
function labelsOf({ document, derived }: Props, units: DisplayUnits): Label[] {
  const text = (v: number): string => printText(v, 'length', units);
  const [only, second] = document.parts;
  if (only && !second)
    return only.profile.map((p) => ({
      radius: p.radius,
      height: p.height,
      says: p.radius < ON_AXIS ? tr`axis` : `⌀ ${text(2 * p.radius)}`,
      wall: only.work === 'solid' ? '' : text(p.wall),
    }));
  return derived.parts.map(({ shape, name, index }) => {
    const at = shape.outer.r.indexOf(shape.widest);
    return {
      radius: shape.widest,
      height: shape.outer.z[at] as number,
      says: `${String(index + 1)} ${name.slice(0, 10)}`,
      wall: `⌀ ${text(2 * shape.widest)}`,
    };
  });
}

export function CardSection(props: Props) {
  const { document, derived } = props;
  const { whole } = derived;
  const units = useDisplay((s) => s.units);
  const scale = Math.min(
    (WIDTH - LABELS - 20) / (2 * whole.widest),
    (MOST_HEIGHT - 30) / whole.height,
  );
  const height = Math.max(110, whole.height * scale + 30);
  const sheet: FittedSheet = {
    axis: (WIDTH - LABELS) / 2,
    table: height - 12 + whole.lowest * scale,
    scale,
  };
  const labels = labelsOf(props, units);
  const places = spread(
    labels.map((l) => toY(sheet, l.height)),
    14,
    10,
    height - 8,
  );
  const ground = toY(sheet, whole.lowest);
  return (
    <svg
      width={WIDTH}
      height={height}
      role="img"
      aria-label={tr`Section with measures`}
      stroke="black"
      style={{ '--board': '#fff', '--glass': '#999' } as React.CSSProperties}
    >
      <line x1={sheet.axis} x2={sheet.axis} y1={2} y2={height - 2} strokeDasharray="10 3 2 3" />
      <line x1={4} x2={WIDTH - LABELS} y1={ground} y2={ground} />
      {lyingBits(derived, document.bits ?? []).map((bit, i) => (
        <BitShapes key={i} bit={bit} sheet={sheet} stroke="black" />
      ))}
      {derived.parts.map(({ shape, index }) => (
        <g key={index}>
          <path d={glassPath(shape, sheet, -1)} fill="#ccc" strokeWidth={1.3} />
          <path d={linePath(shape.outer, sheet, 1)} fill="none" strokeWidth={1.3} />
        </g>
      ))}
      <DimensionMarks dimensions={document.dimensions ?? []} sheet={sheet} ink="black" />
      {labels.map((l, i) => (
        <g key={i}>
          <line
            x1={toX(sheet, 1, l.radius)}
            y1={toY(sheet, l.height)}
            x2={WIDTH - LABELS + 8}
            y2={places[i]}
            strokeOpacity={0.5}
            strokeWidth={0.6}
          />
          <text
            x={WIDTH - LABELS + 12}
            y={(places[i] as number) + 4}
            className="num"
            fontSize={10.5}
            stroke="none"
          >
            {l.says}
            <tspan x={WIDTH - 66}>{l.wall}</tspan>
          </text>
        </g>
      ))}
    </svg>
  );
}
