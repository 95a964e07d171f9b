// The measures of a bit, by kind.
import { tr, trWord } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import type { PieceBit, PieceBitShape } from '@zanfirico/contract/piece';
import { Plus, X } from 'lucide-react';
import { CountField } from '../../../fields/CountField';
import { QuantityField } from '../../../fields/QuantityField';
import { IconButton } from '../../../shell/IconButton';
import { changeBit } from '../../../stores/draft';

const TENTH = 1e-4;
/** What the file takes for any measure of a bit, m. */
const LEAST = LIMITS.measure.minimum;

/** Measures of each kind that are simple lengths, in the trade's words. */
const LENGTHS: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
  rod: [
    ['diameter', tr`Across`],
    ['length', tr`Long`],
  ],
  ball: [['diameter', tr`Across`]],
  ellipsoid: [
    ['x', tr`Out`],
    ['y', tr`Round`],
    ['z', tr`Up`],
  ],
  box: [
    ['x', tr`Out`],
    ['y', tr`Round`],
    ['z', tr`Up`],
  ],
  dot: [
    ['diameter', tr`Across`],
    ['rise', tr`Rises`],
  ],
  bent: [['diameter', tr`Across`]],
  wrap: [['diameter', tr`Thread, across`]],
  pulled: [
    ['width', tr`Wide`],
    ['reach', tr`Out`],
    ['rise', tr`Up`],
    ['drop', tr`Down the wall`],
  ],
  mesh: [],
};

interface Props {
  readonly shape: PieceBit['shape'];
  readonly index: number;
}

export function BitMeasures({ shape, index }: Props) {
  const measure = (field: string): number =>
    (shape as unknown as Record<string, number>)[field] ?? 0;

  return (
    <>
      <div className="mt-2 grid grid-cols-3 gap-x-4 gap-y-2">
        {(LENGTHS[shape.kind] ?? []).map(([field, label]) => (
          <QuantityField
            key={field}
            label={label}
            kind="length"
            value={measure(field)}
            within={LIMITS.measure}
            nudge={TENTH}
            onCommit={(value) => {
              changeBit(index, { shape: { ...shape, [field]: value } });
            }}
          />
        ))}
        {shape.kind === 'wrap' && (
          <>
            <CountField
              label={tr`Turns`}
              value={shape.turns}
              min={0.25}
              max={LIMITS.wrapTurns.maximum}
              step={0.25}
              onCommit={(turns) => {
                changeBit(index, { shape: { ...shape, turns } });
              }}
            />
            <QuantityField
              label={tr`Rise a turn`}
              kind="length"
              value={shape.pitch}
              within={LIMITS.wrapPitch}
              nudge={TENTH}
              onCommit={(pitch) => {
                changeBit(index, { shape: { ...shape, pitch } });
              }}
            />
          </>
        )}
        {shape.kind === 'bent' && shape.wall !== undefined && (
          <QuantityField
            label={tr`Wall`}
            kind="length"
            value={shape.wall}
            min={LEAST}
            max={Math.max(LEAST, shape.diameter / 2 - TENTH)}
            nudge={TENTH}
            onCommit={(wall) => {
              changeBit(index, { shape: { ...shape, wall } });
            }}
          />
        )}
      </div>
      {shape.kind === 'bent' && <PathTable shape={shape} index={index} />}
      {shape.kind === 'mesh' && (
        <p className="quiet mt-1 text-sm">
          {tr`${shape.triangles.length / 3} facets, read from a file. Its thickness is taken as twice a ball’s of the same volume to surface.`}
        </p>
      )}
    </>
  );
}

type Bent = Extract<PieceBitShape, { kind: 'bent' }>;

function PathTable({ shape, index }: { readonly shape: Bent; readonly index: number }) {
  const set = (path: Bent['path']): void => {
    changeBit(index, { shape: { ...shape, path } });
  };
  return (
    <table className="table mt-3 w-full table-fixed">
      <caption className="quiet text-left text-sm">{tr`Path of its middle, from where it is stuck on`}</caption>
      <thead>
        <tr className="quiet text-right text-sm">
          <th scope="col" className="w-7">
            <span className="sr-only">{tr`Point`}</span>
          </th>
          <th scope="col" className="font-normal">{tr`out`}</th>
          <th scope="col" className="font-normal">{tr`up`}</th>
          <th scope="col" className="w-18">
            <span className="sr-only">{tr`Add or remove`}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {shape.path.map((p, i) => (
          <tr key={i}>
            <th scope="row" className="num text-left text-sm">
              {i + 1}
            </th>
            {(['out', 'up'] as const).map((field) => (
              <td key={field} className="pl-2">
                <QuantityField
                  bare
                  label={tr`Path point ${i + 1} ${trWord(field)}`}
                  kind="length"
                  value={p[field]}
                  within={LIMITS.coordinate}
                  nudge={TENTH}
                  onCommit={(value) => {
                    set(shape.path.map((q, k) => (k === i ? { ...q, [field]: value } : q)));
                  }}
                />
              </td>
            ))}
            <td className="text-right whitespace-nowrap">
              <IconButton
                label={tr`Add a path point after ${i + 1}`}
                onClick={() => {
                  const next = shape.path[i + 1];
                  const before = shape.path[i - 1] ?? p;
                  const added = next
                    ? { out: (p.out + next.out) / 2, up: (p.up + next.up) / 2 }
                    : { out: 2 * p.out - before.out, up: 2 * p.up - before.up };
                  if (shape.path.length < 40)
                    set([...shape.path.slice(0, i + 1), added, ...shape.path.slice(i + 1)]);
                }}
              >
                <Plus className="size-3.5" />
              </IconButton>
              {shape.path.length > 2 && (
                <IconButton
                  label={tr`Remove path point ${i + 1}`}
                  onClick={() => {
                    set(shape.path.filter((_, k) => k !== i));
                  }}
                >
                  <X className="size-3.5" />
                </IconButton>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
