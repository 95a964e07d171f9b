// The picture under the drawing.
import type { PieceReference } from '@zanfirico/contract/piece';
import { toX, toY, type FittedSheet } from '../outline';

/** The picture that is traced. */
export function ReferenceMark({
  reference,
  sheet,
}: {
  readonly reference: PieceReference;
  readonly sheet: FittedSheet;
}) {
  const { picture, left, bottom, width, tall, turn, fade } = reference;
  const wide = width * sheet.scale;
  return (
    <image
      href={picture}
      aria-hidden="true"
      className="pointer-events-none"
      width={wide}
      height={wide * tall}
      y={-wide * tall}
      opacity={1 - fade}
      preserveAspectRatio="none"
      transform={`translate(${String(toX(sheet, 1, left))} ${String(toY(sheet, bottom))}) rotate(${String((-turn * 180) / Math.PI)})`}
    />
  );
}
