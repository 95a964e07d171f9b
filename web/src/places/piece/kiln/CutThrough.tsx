// Cut through the middle: how it is laid, how it comes out of each firing, one over another, so much taller than it is.
import type { Mould } from '@zanfirico/contract/kiln';
import { mouldDepth, type FiredPiece, type LaidCut } from '@zanfirico/core/kiln';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useMemo } from 'react';
import { useSize } from '../../../marks/useSize';
import { useDisplay } from '../../../stores/display';

interface Props {
  readonly fired: FiredPiece;
  readonly mould: Mould | undefined;
  readonly className?: string;
}

/** Taller than it is, where it lies flat; a slump is drawn as it is. */
const TALLER = 4;
const PAD = 14;

interface Row {
  readonly says: string;
  readonly cut: LaidCut;
}

/** Both halves of a round cut; a straight one as it is, about its middle. */
function wholeCut(cut: LaidCut, lies: FiredPiece['lies'], middle: number): LaidCut {
  if (lies !== 'round') return { edges: cut.edges.map((e) => e - middle), high: cut.high };
  return {
    edges: [
      ...cut.edges
        .slice(1)
        .reverse()
        .map((e) => -e),
      ...cut.edges,
    ],
    high: [...[...cut.high].reverse(), ...cut.high],
  };
}

export function CutThrough({ fired, mould, className = '' }: Props) {
  const [ref, { width, height }] = useSize<SVGSVGElement>();
  const units = useDisplay((s) => s.units);
  const rows = useMemo((): Row[] => {
    const flat = fired.firings.filter((f) => f.aim !== 'slump' && f.aim !== 'drape');
    return [
      { says: tr`as laid`, cut: wholeCut(fired.before, fired.lies, fired.middle.x) },
      ...flat.map((f, i) => ({
        says: flat.length > 1 ? tr`after firing ${i + 1}` : tr`fired`,
        cut: wholeCut(f.cut, fired.lies, fired.middle.x),
      })),
    ];
  }, [fired]);
  const { hung } = fired;
  const deep = hung && mould ? Math.max(mould.deep, ...hung.hangs) + hung.sheet : 0;
  const half = Math.max(
    ...rows.flatMap(({ cut }) => cut.edges.map(Math.abs)),
    hung && mould ? mould.across / 2 : 0,
  );
  const most = Math.max(0.001, ...rows.flatMap(({ cut }) => cut.high));
  // So tall that all of it stands over one another.
  const wide = Math.max(1, width - 2 * PAD);
  const room = Math.max(1, height - 22 * (rows.length + (hung ? 1 : 0)) - 2 * PAD);
  const sx = Math.min(wide / (2 * half), room / (rows.length * most * TALLER + deep));
  const sy = sx * TALLER;
  const px = (x: number): number => width / 2 + x * sx;
  const bases: number[] = [];
  rows.reduce((at, { cut }) => {
    const base = at + 22 + Math.max(...cut.high, 0) * sy;
    bases.push(base);
    return base;
  }, PAD - 6);
  const below = (bases[bases.length - 1] ?? PAD) + 22 + (hung?.sheet ?? 0) * sx + 6;
  const mm = (v: number): string => printText(v, 'length', units);
  return (
    <svg
      ref={ref}
      className={`h-full w-full bg-(--board) ${className}`}
      role="img"
      aria-label={tr`Cut through its middle: laid ${mm(fired.laidThick)}, ${fired.firings
        .map((f) => tr`then ${mm(f.middle)} in the middle and ${mm(f.edge)} at its edge`)
        .join(', ')}`}
    >
      {width > 0 &&
        rows.map(({ says, cut }, r) => {
          const base = bases[r] ?? 0;
          const steps = cut.high
            .map(
              (h, i) =>
                `${px(cut.edges[i] as number).toFixed(1)} ${(base - h * sy).toFixed(1)}L${px(cut.edges[i + 1] as number).toFixed(1)} ${(base - h * sy).toFixed(1)}`,
            )
            .join('L');
          const first = px(cut.edges[0] ?? 0).toFixed(1);
          const last = px(cut.edges[cut.edges.length - 1] ?? 0).toFixed(1);
          const b = base.toFixed(1);
          return (
            <g key={says}>
              <path
                d={`M${first} ${b}L${steps}L${last} ${b}Z`}
                fill="var(--glass)"
                fillOpacity={r === 0 ? 0.18 : 0.45}
                stroke="var(--glass)"
                strokeWidth={1.2}
                strokeDasharray={r === 0 ? '5 4' : undefined}
              />
              <text
                x={PAD}
                y={base - Math.max(...cut.high) * sy - 6}
                fill="var(--chalk)"
                className="text-[15px]"
              >
                {says}
              </text>
            </g>
          );
        })}
      {width > 0 && hung && mould && (
        <g>
          <path
            d={`M${Array.from({ length: 81 }, (_, i) => {
              const x = ((i - 40) / 40) * (mould.across / 2);
              return `${px(x).toFixed(1)} ${(below + mouldDepth(mould, x) * sx).toFixed(1)}`;
            }).join('L')}`}
            fill="none"
            stroke="var(--cherry)"
            strokeWidth={4}
          />
          {(
            [
              ['held', hung.held],
              ['free', hung.free],
            ] as const
          ).map(([name, hangs]) =>
            hangs ? (
              <path
                key={name}
                d={`M${mirrored(hung.out, hangs)
                  .map(([x, w]) => `${px(x).toFixed(1)} ${(below + w * sx).toFixed(1)}`)
                  .join('L')}`}
                fill="none"
                stroke="var(--chalk)"
                strokeWidth={1.2}
                strokeDasharray={name === 'held' ? '2 4' : '8 4'}
              />
            ) : null,
          )}
          <path
            d={`M${[
              ...mirrored(hung.out, hung.hangs),
              ...mirrored(
                hung.out,
                hung.hangs.map((w, i) => w - (hung.thick[i] ?? 0)),
              ).reverse(),
            ]
              .map(([x, w]) => `${px(x).toFixed(1)} ${(below + w * sx).toFixed(1)}`)
              .join('L')}Z`}
            fill="var(--glass)"
            fillOpacity={0.45}
            stroke="var(--glass)"
            strokeWidth={1.2}
          />
          <text
            x={PAD}
            y={below - (hung.sheet * sx + 8)}
            fill="var(--chalk)"
            className="text-[15px]"
          >
            {tr`slumped`}
          </text>
        </g>
      )}
      <text
        x={width - PAD}
        y={height - 8}
        textAnchor="end"
        fill="var(--chalk-dim)"
        className="text-[13px]"
      >
        {tr`flat ones drawn ${TALLER} times as tall`}
      </text>
    </svg>
  );
}

/** Both sides of a hanging sheet, from left to right. */
const mirrored = (
  out: readonly number[],
  hangs: readonly number[],
): (readonly [number, number])[] => {
  const right = out.map((r, i): readonly [number, number] => [r, hangs[i] as number]);
  return [
    ...right
      .slice(1)
      .reverse()
      .map(([r, w]): readonly [number, number] => [-r, w]),
    ...right,
  ];
};
