// The blank with the figure on it, as it is laid before blowing out.
import { tr } from '@zanfirico/core/words';
import type { Shape } from '@zanfirico/core/form';
import { glassPath, halfPath, linePath, type FittedSheet } from '../../../../marks/outline';
import { PatternMark } from '../../../../marks/section/PatternMark';
import type { CarriedPattern } from '../../useCarried';

const WIDTH = 310;
const HEIGHT = 170;
const PAD = 8;

export function BlankDrawing({
  shape,
  carried,
}: {
  readonly shape: Shape;
  readonly carried: CarriedPattern | undefined;
}) {
  const scale = Math.min((WIDTH - 2 * PAD) / (2 * shape.widest), (HEIGHT - 2 * PAD) / shape.height);
  const sheet: FittedSheet = {
    axis: WIDTH / 2,
    table: HEIGHT - PAD + shape.lowest * scale,
    scale,
  };
  return (
    <svg
      viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
      className="w-full bg-(--board)"
      role="img"
      aria-label={tr`The blank in section, with the figure on its right half`}
    >
      <path d={halfPath(shape.outer, sheet, 1)} fill="var(--glass)" fillOpacity={0.22} />
      <path d={linePath(shape.outer, sheet, 1)} fill="none" stroke="var(--chalk)" />
      <path
        d={glassPath(shape, sheet, -1)}
        fill="var(--glass)"
        fillOpacity={0.5}
        stroke="var(--chalk)"
      />
      {carried && <PatternMark carried={carried} sheet={sheet} on="blank" />}
    </svg>
  );
}
