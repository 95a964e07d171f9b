// Holes through the part in hand, each in numbers.
import { tr } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import type { PiecePart } from '@zanfirico/contract/piece';
import { QuantityField } from '../../../fields/QuantityField';
import { Rows } from '../../../fields/Rows';
import { changePart } from '../../../stores/draft';

type Hole = NonNullable<PiecePart['holes']>[number];

/** As a hose or a wick would go through. */
const FIRST = 0.01;

export function HoleFields({
  index,
  part,
  middle,
}: {
  readonly index: number;
  readonly part: PiecePart;
  /** Height half way up the part, m: where a new hole goes. */
  readonly middle: number;
}) {
  const holes = part.holes ?? [];
  const put = (next: readonly Hole[]): void => {
    changePart(index, { holes: next.length > 0 ? [...next] : undefined });
  };
  return (
    <section aria-label={tr`Holes`} className="mt-4">
      {holes.length > 0 && <h2 className="text-lg">{tr`Holes`}</h2>}
      <Rows
        items={holes}
        out={(_, i) => tr`Close hole ${i + 1}`}
        more={tr`A hole through the wall`}
        fresh={(): Hole => ({ height: middle, around: 0.8, diameter: FIRST })}
        onChange={put}
        row={(hole, i, change) =>
          (
            [
              ['height', tr`up`, 'length', LIMITS.coordinate],
              ['diameter', tr`across`, 'length', LIMITS.measure],
              ['around', tr`round it`, 'angle', LIMITS.angle],
            ] as const
          ).map(([field, what, kind, within]) => (
            <div key={field} className="flex-1">
              <QuantityField
                label={tr`Hole ${i + 1} ${what}`}
                kind={kind}
                value={hole[field]}
                within={within}
                onCommit={(v) => {
                  change({ ...hole, [field]: v });
                }}
              />
            </div>
          ))
        }
      />
    </section>
  );
}
