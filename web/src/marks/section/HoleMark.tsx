// A hole as it is seen from the front: on the whole side where it is; behind the piece it is dashed.
import type { WallHole as Hole } from '@zanfirico/contract/piece';
import { widestAt, type Shape } from '@zanfirico/core/form';
import { toX, toY, type FittedSheet } from '../outline';

interface Props {
  readonly hole: Hole;
  readonly shape: Shape;
  readonly sheet: FittedSheet;
}

/** Edge on it is still a line one can see, of its width. */
const EDGE_ON = 0.16;

/** A hole through the wall. */
export function HoleMark({ hole, shape, sheet }: Props) {
  const out = widestAt(shape.outer, hole.height) ?? shape.widest;
  const x = out * Math.cos(hole.around);
  const behind = Math.sin(hole.around) < 0;
  const half = (hole.diameter / 2) * sheet.scale;
  return (
    <ellipse
      cx={toX(sheet, x < 0 ? -1 : 1, Math.abs(x))}
      cy={toY(sheet, hole.height)}
      rx={half * Math.max(EDGE_ON, Math.abs(Math.sin(hole.around)))}
      ry={half}
      fill="var(--board)"
      fillOpacity={behind ? 0.25 : 0.75}
      stroke="var(--chalk)"
      strokeWidth={1.5}
      strokeDasharray={behind ? '3 3' : undefined}
    />
  );
}
