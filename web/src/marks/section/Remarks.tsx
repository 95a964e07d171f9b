// Marks on the drawing where something needs a look; the sentences stand beside it.
import type { Remark } from '@zanfirico/core/piece';
import { toX, toY, type FittedSheet } from '../outline';

/** What wants a look, at its place. */
export function Remarks({
  remarks,
  sheet,
}: {
  readonly remarks: readonly Remark[];
  readonly sheet: FittedSheet;
}) {
  return (
    <g aria-hidden="true" className="pointer-events-none">
      {remarks.map((r, i) => {
        const x = toX(sheet, r.bit === undefined ? -1 : 1, r.at.r);
        const y = toY(sheet, r.at.z);
        return (
          <g key={i}>
            <path
              d={`M${String(x)} ${String(y - 13)}l12 21h-24z`}
              fill="var(--color-warning)"
              stroke="var(--board)"
              strokeWidth={1.5}
              strokeLinejoin="round"
            />
            <text
              x={x}
              y={y + 6}
              textAnchor="middle"
              fontSize={14}
              fontWeight={800}
              fill="var(--color-warning-content)"
            >
              !
            </text>
          </g>
        );
      })}
    </g>
  );
}
