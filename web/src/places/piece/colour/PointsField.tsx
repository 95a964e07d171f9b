// The number school's tolerance, in the trade's points (×10⁻⁷/K).
import { tr } from '@zanfirico/core/words';
import { TypedField } from '../../../fields/TypedField';

const POINT = 1e-7;
const MOST = 20;

export function PointsField({
  value,
  onCommit,
}: {
  readonly value: number;
  readonly onCommit: (value: number) => void;
}) {
  const shown = String(Number((value / POINT).toFixed(1)));
  return (
    <TypedField
      label={tr`Numbers may differ by`}
      shown={shown}
      hint={tr`points, ×10⁻⁷/K`}
      read={(text) => {
        const n = Number(text.trim().replace(',', '.'));
        return text.trim() !== '' && n >= 0 && n <= MOST
          ? { ok: true, value: n * POINT }
          : {
              ok: false,
              problem: tr`Tolerance: given “${text}”; allowed 0 to ${MOST} points.`,
            };
      }}
      onCommit={onCommit}
    />
  );
}
