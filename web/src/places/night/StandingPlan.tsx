// The box from above: what stands where. A circle too small for a name has its number; the list under it says whose it is.
import { tr } from '@zanfirico/core/words';
import type { PieceInside, LoadPiece, StandingInside } from '@zanfirico/core/night/asked';

interface Props {
  readonly inside: Pick<PieceInside, 'width' | 'depth'>;
  readonly standing: readonly StandingInside[];
  readonly pieces: readonly LoadPiece[];
  readonly rules: string | undefined;
}

/** Drawn so wide, and so high at most, and its letters so high: in the drawing's own pixels. */
const WIDE = 340;
const HIGH = 300;
const LETTER = 14;
/** A letter is about so wide against its height. */
const LETTER_WIDE = 0.48;

export function StandingPlan({ inside, standing, pieces, rules }: Props) {
  const scale = Math.min(WIDE / inside.width, HIGH / inside.depth);
  const [width, depth] = [inside.width * scale, inside.depth * scale];
  const numbered = new Set<number>();
  const circles = standing.flatMap((s) => {
    const at = pieces.findIndex((q) => q.id === s.id);
    const p = pieces[at];
    if (!p) return [];
    const [w, d] = s.turned ? [p.depth, p.width] : [p.width, p.depth];
    const lines = linesOf(p.name, w * scale - 10, d * scale);
    if (!lines) numbered.add(at);
    return [{ s, w: w * scale, d: d * scale, lines: lines ?? [String(at + 1)] }];
  });
  return (
    <>
      <svg
        viewBox={`-2 -2 ${String(width + 4)} ${String(depth + 4)}`}
        className="my-2 w-full"
        style={{ maxHeight: HIGH }}
        role="img"
        aria-label={tr`The box from above, ${standing.length} standing`}
      >
        <rect
          width={width}
          height={depth}
          fill="var(--board)"
          stroke="var(--chalk-dim)"
          strokeWidth={2}
        />
        {circles.map(({ s, w, d, lines }, i) => {
          const lead = s.id === rules;
          const [x, y] = [s.x * scale + w / 2, s.y * scale + d / 2];
          return (
            <g key={`${s.id}${String(i)}`}>
              <ellipse
                cx={x}
                cy={y}
                rx={w / 2}
                ry={d / 2}
                fill={lead ? 'var(--color-primary)' : 'var(--chalk)'}
                fillOpacity={lead ? 0.35 : 0.12}
                stroke={lead ? 'var(--color-primary)' : 'var(--chalk)'}
                strokeWidth={1.5}
              />
              {lines.map((line, k) => (
                <text
                  key={line}
                  x={x}
                  y={y + (k - (lines.length - 1) / 2) * LETTER * 1.1}
                  textAnchor="middle"
                  dominantBaseline="central"
                  fontSize={LETTER}
                  fill="var(--chalk)"
                >
                  {line}
                </text>
              ))}
            </g>
          );
        })}
      </svg>
      {numbered.size > 0 && (
        <p className="quiet text-sm leading-snug">
          {[...numbered]
            .sort((a, b) => a - b)
            .map((at) => `${String(at + 1)} ${pieces[at]?.name ?? ''}`)
            .join(' · ')}
        </p>
      )}
    </>
  );
}

/** The name in one line or by words in more, where that fits; undefined where it does not. */
function linesOf(name: string, wide: number, high: number): readonly string[] | undefined {
  const fits = (line: string): boolean => line.length * LETTER * LETTER_WIDE <= wide;
  const lines: string[] = [];
  for (const word of name.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && fits(`${last} ${word}`)) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines.every(fits) && lines.length * LETTER * 1.1 <= high * 0.75 ? lines : undefined;
}
