// The blank in numbers.
import { tr, trWord } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import type { PiecePattern } from '@zanfirico/contract/piece';
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
      <summary className="quiet cursor-pointer text-sm">{tr`The blank in numbers`}</summary>
      <table className="table w-full table-fixed">
        <thead className="sr-only">
          <tr>
            <th scope="col">{tr`Point`}</th>
            <th scope="col">{tr`Height`}</th>
            <th scope="col">{tr`Radius`}</th>
            <th scope="col">{tr`Wall`}</th>
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
                      label={tr`Blank point ${i + 1} ${trWord(field)}`}
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
