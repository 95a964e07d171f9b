// A chip in its glass between crossed polarisers: dark all over but the halo, and the cross that tells its ring.
import { hexOf, over, WHITE, type Colour } from '@zanfirico/core/fit';
import { tr, trWord } from '@zanfirico/core/words';
import { useId } from 'react';

interface Props {
  readonly first: Colour;
  readonly second: Colour;
  readonly around: 'pulled' | 'pressed';
}

const W = 560;
const H = 170;
const R = 30;

export function ChipPicture({ first, second, around }: Props) {
  const id = useId();
  const [x, y] = [W / 2, H / 2];
  const arrow = (angle: number): string => {
    const r = R + 26;
    const [cx, cy] = [x + r * Math.cos(angle), y + r * Math.sin(angle)];
    const [tx, ty] = [-Math.sin(angle) * 12, Math.cos(angle) * 12];
    return `M${String(cx - tx)} ${String(cy - ty)}L${String(cx + tx)} ${String(cy + ty)}`;
  };
  return (
    <svg
      viewBox={`0 0 ${String(W)} ${String(H)}`}
      className="w-full"
      role="img"
      aria-label={tr`A chip of ${first.name} in ${second.name}; the glass round it is ${trWord(around)}`}
    >
      <defs>
        <radialGradient id={id}>
          <stop offset="0.36" stopColor="#f6f3ea" stopOpacity="0.95" />
          <stop offset="0.6" stopColor="#c9c6bd" stopOpacity="0.4" />
          <stop offset="1" stopColor="#c9c6bd" stopOpacity="0" />
        </radialGradient>
      </defs>
      <rect width={W} height={H} fill="#0d0d0f" />
      <circle cx={x} cy={y} r={82} fill={`url(#${id})`} />
      {/* The cross: no light where the stress lies along a polariser. */}
      <path
        d={`M${String(x - 84)} ${String(y)}H${String(x + 84)}M${String(x)} ${String(y - 84)}V${String(y + 84)}`}
        stroke="#0d0d0f"
        strokeWidth={17}
        strokeOpacity={0.85}
      />
      <circle cx={x} cy={y} r={R} fill={hexOf(over(first.seen, 0.003, WHITE))} stroke="#000" />
      {[0.785, 2.356, 3.927, 5.498].map((angle) => (
        <path
          key={angle}
          d={arrow(angle)}
          stroke="#1a1a1c"
          strokeWidth={3}
          strokeLinecap="round"
          strokeDasharray={around === 'pulled' ? undefined : '5 4'}
        />
      ))}
      <g fill="#e8e0d2" fontSize={13}>
        <text x={16} y={24}>
          {tr`${second.name}, dark between crossed polarisers`}
        </text>
        <text x={16} y={H - 14}>
          {tr`halo: ${trWord(around)} round the chip of ${first.name}`}
        </text>
      </g>
    </svg>
  );
}
