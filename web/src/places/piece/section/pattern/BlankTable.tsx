// The blank in numbers.
import { LIMITS, type PiecePattern } from '@zanfirico/contract';
import { QuantityField } from '../../../../fields/QuantityField';

const TENTH = 1e-4;

export function BlankTable({
  pattern,
  set,
}: {
  readonly pattern: PiecePattern;
  readonly set: (change: Partial<PiecePattern>) => void;
}) {
  return (
    <details className="mt-1">
      <summary className="quiet cursor-pointer text-sm">The blank in numbers</summary>
      <table className="table w-full table-fixed">
        <thead className="sr-only">
          <tr>
            <th scope="col">Point</th>
            <th scope="col">Height</th>
            <th scope="col">Radius</th>
            <th scope="col">Wall</th>
          </tr>
        </thead>
        <tbody>
          {pattern.blank
            .map((p, i) => [p, i] as const)
            .reverse()
            .map(([p, i]) => (
              <tr key={i}>
                <th scope="row" className="num w-6 text-left text-sm">
                  {i + 1}
                </th>
                {(['height', 'radius', 'wall'] as const).map((field) => (
                  <td key={field} className="pl-2">
                    <QuantityField
                      bare
                      label={`Blank point ${String(i + 1)} ${field}`}
                      kind="length"
                      value={p[field]}
                      within={field === 'height' ? LIMITS.coordinate : LIMITS[field]}
                      nudge={TENTH}
                      onCommit={(value) => {
                        set({
                          blank: pattern.blank.map((q, k) =>
                            k === i ? { ...q, [field]: value } : q,
                          ),
                        });
                      }}
                    />
                  </td>
                ))}
              </tr>
            ))}
        </tbody>
      </table>
    </details>
  );
}
