// Holes through the part in hand, each in numbers.
import { tr } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import type { PiecePart } from '@zanfirico/contract/piece';
import { Plus, X } from 'lucide-react';
import { QuantityField } from '../../../fields/QuantityField';
import { IconButton } from '../../../shell/IconButton';
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
  const change = (i: number, to: Partial<Hole>): void => {
    put(holes.map((h, k) => (k === i ? { ...h, ...to } : h)));
  };
  return (
    <section aria-label={tr`Holes`} className="mt-4">
      {holes.length > 0 && <h2 className="text-lg">{tr`Holes`}</h2>}
      <ul>
        {holes.map((hole, i) => {
          const said = (what: string): string => tr`Hole ${i + 1} ${what}`;
          return (
            <li key={i} className="flex items-end gap-3">
              {(
                [
                  ['height', tr`up`, 'length', LIMITS.coordinate],
                  ['diameter', tr`across`, 'length', LIMITS.measure],
                  ['around', tr`round it`, 'angle', LIMITS.angle],
                ] as const
              ).map(([field, what, kind, within]) => (
                <div key={field} className="flex-1">
                  <QuantityField
                    label={said(what)}
                    kind={kind}
                    value={hole[field]}
                    within={within}
                    onCommit={(v) => {
                      change(i, { [field]: v });
                    }}
                  />
                </div>
              ))}
              <IconButton
                small
                label={tr`Close hole ${i + 1}`}
                onClick={() => {
                  put(holes.filter((_, k) => k !== i));
                }}
              >
                <X className="size-4" />
              </IconButton>
            </li>
          );
        })}
      </ul>
      <button
        type="button"
        className="btn btn-ghost btn-sm mt-1"
        onClick={() => {
          put([...holes, { height: middle, around: 0.8, diameter: FIRST }]);
        }}
      >
        <Plus className="size-4" /> {tr`A hole through the wall`}
      </button>
    </section>
  );
}
