// The figure on the finished glass, as it is seen on the right half of the section.
import { onSkin, type Carried, type StretchMap } from '@zanfirico/core/form/pattern';
import { useId } from 'react';
import { toX, toY, type FittedSheet } from '../outline';

interface Props {
  readonly carried: { readonly map: StretchMap; readonly carried: Carried };
  readonly sheet: FittedSheet;
  /** Which of the two forms is drawn. */
  readonly on?: 'blank' | 'final';
}

/** A figure on the glass. */
export function PatternMark({ carried, sheet, on = 'final' }: Props) {
  const id = useId();
  const seen = carried.carried[on].flatMap((outline) => {
    const places = onSkin(carried.map, on, outline);
    // The viewer stands at a quarter turn before the axis: what lies behind it is hidden.
    const front = places.every(({ angle }) => Math.sin(angle) < 0.05);
    return front
      ? [
          places
            .map(({ radius, angle, height }, i) => {
              const x = toX(sheet, 1, radius * Math.cos(angle)).toFixed(2);
              return `${i === 0 ? 'M' : 'L'}${x} ${toY(sheet, height).toFixed(2)}`;
            })
            .join(''),
        ]
      : [];
  });
  return (
    <g aria-hidden="true" className="pointer-events-none">
      <clipPath id={id}>
        <rect x={sheet.axis} y={-1e4} width={2e4} height={2e4} />
      </clipPath>
      <path
        d={seen.map((d) => `${d}Z`).join('')}
        clipPath={`url(#${id})`}
        fill="var(--color-primary)"
        fillOpacity={0.35}
        stroke="var(--color-primary)"
        strokeWidth={1.2}
      />
    </g>
  );
}
