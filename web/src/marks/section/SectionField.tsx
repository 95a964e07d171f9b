// A section in the colours of what it carries: tension pulled and pressed (pressed hatched, so that it reads without colour), or heat.
import type { SectionMesh } from '@zanfirico/core/night/section';
import { useCallback, useId, useMemo } from 'react';
import { toX, toY, type FittedSheet, type AxisSide } from '../outline';

interface Props {
  readonly mesh: Pick<SectionMesh, 'r' | 'z' | 'of' | 'triangles' | 'edges'>;
  /** At the mesh's corners. */
  readonly values: Float32Array;
  /** What is lightest: tension about nothing, or from the least to the most. */
  readonly low: number;
  readonly high: number;
  readonly signed: boolean;
  /** The worst place, m. */
  readonly mark: { readonly r: number; readonly z: number; readonly says: string } | undefined;
  /** Of the corner in hand. */
  readonly at?: number | undefined;
  readonly onTake?: ((corner: number) => void) | undefined;
  readonly label: string;
}

const SIDES: readonly AxisSide[] = [-1, 1];
const BINS = 9;
const WIDTH = 420;
const HEIGHT = 340;
const PAD = 16;

/** Pull is warm, push is cold, heat goes from ember to white: all darker than they are light on the board. */
const shadeOf = (bin: number, signed: boolean): string => {
  const x = bin / (BINS - 1);
  if (!signed) return `color-mix(in oklab, #ffe2b2 ${String(Math.round(100 * x))}%, #5a1f12)`;
  const y = 2 * x - 1;
  const strength = Math.round(100 * Math.sqrt(Math.abs(y)));
  return `color-mix(in oklab, ${y > 0 ? 'var(--color-primary)' : '#5896b2'} ${String(strength)}%, var(--board))`;
};

/** Heat or tension inside the section. */
export function SectionField(props: Props) {
  const { mesh, values, low, high, signed, mark, at, onTake, label } = props;
  const id = useId().replace(/:/g, '');
  const { r, z } = mesh;
  const sheet = useMemo((): FittedSheet => {
    const widest = Math.max(...r);
    const lowest = Math.min(...z);
    const tall = Math.max(...z) - lowest;
    const scale = Math.min((WIDTH - 2 * PAD) / (2 * widest), (HEIGHT - 2 * PAD) / tall);
    return { scale, axis: WIDTH / 2, table: HEIGHT / 2 + (scale * tall) / 2 + lowest * scale };
  }, [r, z]);
  const spot = useCallback(
    (i: number, side: AxisSide): string =>
      `${toX(sheet, side, r[i] as number).toFixed(1)} ${toY(sheet, z[i] as number).toFixed(1)}`,
    [sheet, r, z],
  );
  const bins = useMemo(() => {
    const paths: string[] = Array.from({ length: BINS }, () => '');
    const limit = Math.max(Math.abs(low), Math.abs(high), 1e-9);
    for (let e = 0; e < mesh.triangles; e += 1) {
      const ids = [0, 1, 2].map((k) => mesh.of[6 * e + k] as number);
      const mean = ids.reduce((s, i) => s + (values[i] as number) / 3, 0);
      const share = signed ? (mean / limit + 1) / 2 : (mean - low) / Math.max(1e-9, high - low);
      const bin = Math.max(0, Math.min(BINS - 1, Math.round(share * (BINS - 1))));
      for (const side of SIDES)
        paths[bin] = `${paths[bin] ?? ''}M${ids.map((i) => spot(i, side)).join('L')}Z`;
    }
    return paths;
  }, [mesh, values, low, high, signed, spot]);
  const rim = useMemo(
    () =>
      mesh.edges
        .filter((e) => e.side !== 'axis')
        .flatMap(({ a, b }) => SIDES.map((side) => `M${spot(a, side)}L${spot(b, side)}`))
        .join(''),
    [mesh.edges, spot],
  );
  return (
    <svg
      viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
      className={`w-full max-w-[34rem] bg-(--board) ${onTake ? 'cursor-crosshair' : ''}`}
      role="img"
      aria-label={label}
      onClick={(event) => {
        if (!onTake) return;
        const box = event.currentTarget.getBoundingClientRect();
        const px = ((event.clientX - box.left) / box.width) * WIDTH;
        const py = ((event.clientY - box.top) / box.height) * HEIGHT;
        const [pr, pz] = [
          Math.abs(px - sheet.axis) / sheet.scale,
          (sheet.table - py) / sheet.scale,
        ];
        let [best, least] = [0, Infinity];
        for (let i = 0; i < values.length; i += 1) {
          const d = Math.hypot((r[i] as number) - pr, (z[i] as number) - pz);
          if (d < least) [best, least] = [i, d];
        }
        onTake(best);
      }}
    >
      <pattern id={`${id}h`} width={5} height={5} patternUnits="userSpaceOnUse">
        <path d="M0 5L5 0" stroke="var(--chalk)" strokeWidth={0.7} strokeOpacity={0.75} />
      </pattern>
      {bins.map((d, i) => (
        <path
          key={i}
          d={d}
          fill={shadeOf(i, signed)}
          stroke={shadeOf(i, signed)}
          strokeWidth={0.6}
        />
      ))}
      {signed &&
        bins
          .slice(0, (BINS - 1) / 2 - 1)
          .map((d, i) => <path key={i} d={d} fill={`url(#${id}h)`} />)}
      <path d={rim} stroke="var(--chalk)" strokeWidth={1.2} fill="none" />
      {at !== undefined && (
        <circle
          cx={toX(sheet, 1, r[at] as number)}
          cy={toY(sheet, z[at] as number)}
          r={5}
          fill="none"
          stroke="var(--chalk)"
          strokeWidth={2}
        />
      )}
      {mark && (
        <g>
          <path
            d={`M${String(toX(sheet, -1, mark.r))} ${String(toY(sheet, mark.z))}L${String(PAD + 26)} ${String(toY(sheet, mark.z) - 22)}`}
            stroke="var(--chalk)"
            strokeWidth={1}
          />
          <circle
            cx={toX(sheet, -1, mark.r)}
            cy={toY(sheet, mark.z)}
            r={6}
            fill="none"
            stroke="var(--chalk)"
            strokeWidth={2}
          />
          <text
            x={PAD - 8}
            y={toY(sheet, mark.z) - 26}
            fontSize={13}
            className="num"
            fontWeight={700}
            fill="var(--chalk)"
            stroke="var(--board)"
            strokeWidth={4}
            paintOrder="stroke"
          >
            {mark.says}
          </text>
        </g>
      )}
    </svg>
  );
}
