// The box from above: what stands where.
import type { LoadPiece } from '@zanfirico/core';

interface Props {
  readonly inside: { readonly width: number; readonly depth: number };
  readonly standing: readonly {
    readonly id: string;
    readonly x: number;
    readonly y: number;
    readonly turned: boolean;
  }[];
  readonly pieces: readonly LoadPiece[];
  readonly rules: string | undefined;
}

export function StandingPlan({ inside, standing, pieces, rules }: Props) {
  const { width, depth } = inside;
  return (
    <svg
      viewBox={`-0.01 -0.01 ${String(width + 0.02)} ${String(depth + 0.02)}`}
      className="my-2 max-h-56 w-full"
      role="img"
      aria-label={`The box from above, ${String(standing.length)} standing`}
    >
      <rect
        width={width}
        height={depth}
        fill="var(--board)"
        stroke="var(--chalk-dim)"
        strokeWidth={0.004}
      />
      {standing.map((s) => {
        const p = pieces.find((q) => q.id === s.id);
        if (!p) return null;
        const [w, d] = s.turned ? [p.depth, p.width] : [p.width, p.depth];
        const lead = s.id === rules;
        return (
          <g key={s.id}>
            <ellipse
              cx={s.x + w / 2}
              cy={s.y + d / 2}
              rx={w / 2}
              ry={d / 2}
              fill={lead ? 'var(--color-primary)' : 'var(--chalk)'}
              fillOpacity={lead ? 0.35 : 0.12}
              stroke={lead ? 'var(--color-primary)' : 'var(--chalk)'}
              strokeWidth={0.003}
            />
            <text
              x={s.x + w / 2}
              y={s.y + d / 2}
              textAnchor="middle"
              dominantBaseline="middle"
              fontSize={Math.max(0.014, Math.min(0.022, (1.7 * w) / Math.max(4, p.name.length)))}
              fill="var(--chalk)"
            >
              {p.name}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
