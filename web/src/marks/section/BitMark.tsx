// A bit in the section: its outlines, in front of the axis full, behind it faint.
import type { PieceBit } from '@zanfirico/contract/piece';
import { silhouettes, type Bit, type Silhouette } from '@zanfirico/core/form';
import { memo } from 'react';
import { toX, toY, type FittedSheet } from '../outline';

interface Props {
  readonly bit: PieceBit;
  readonly index: number;
  readonly sheet: FittedSheet;
  readonly lit: boolean;
}

export const BitMark = memo(function BitMark({ bit, index, sheet, lit }: Props) {
  return (
    <g aria-hidden="true" data-bit={index} className="cursor-pointer">
      <BitShapes bit={bit} sheet={sheet} stroke={lit ? 'var(--color-primary)' : 'var(--chalk)'} />
    </g>
  );
});

/** All outlines of a bit, for any drawing of a piece. */
export function BitShapes({
  bit,
  sheet,
  stroke,
}: {
  readonly bit: Bit;
  readonly sheet: FittedSheet;
  readonly stroke: string;
}) {
  return silhouettes(bit).map((s, i) => (
    <SilhouetteShape key={i} silhouette={s} sheet={sheet} stroke={stroke} />
  ));
}

/** One outline. */
export function SilhouetteShape({
  silhouette: s,
  sheet,
  stroke,
}: {
  readonly silhouette: Silhouette;
  readonly sheet: FittedSheet;
  readonly stroke: string;
}) {
  const d = s.x
    .map(
      (x, k) =>
        `${k === 0 ? 'M' : 'L'}${toX(sheet, 1, x).toFixed(2)} ${toY(sheet, s.z[k] as number).toFixed(2)}`,
    )
    .join('');
  if (s.width === undefined)
    return (
      <path
        d={`${d}Z`}
        fill="var(--glass)"
        fillOpacity={s.behind ? 0.15 : 0.4}
        stroke={stroke}
        strokeOpacity={s.behind ? 0.35 : 1}
        strokeWidth={1.25}
      />
    );
  const wide = Math.max(1.5, s.width * sheet.scale);
  return (
    <g fill="none" strokeLinecap="butt" strokeLinejoin="round" opacity={s.behind ? 0.35 : 1}>
      <path d={d} stroke={stroke} strokeWidth={wide} />
      <path d={d} stroke="var(--board)" strokeWidth={Math.max(0.4, wide - 2.5)} />
      <path
        d={d}
        stroke="var(--glass)"
        strokeOpacity={0.45}
        strokeWidth={Math.max(0.4, wide - 2.5)}
      />
    </g>
  );
}
