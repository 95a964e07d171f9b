// The profile in numbers: one row a point, lip at the top as in the drawing.
import { trNodes } from '../../../words/trNodes';
import type { ProfilePoint } from '@zanfirico/contract/piece';
import { mirrorAfter } from '@zanfirico/core/edits';
import { LEAST_WALL, MOST_LENGTH, MOST_WALL } from '@zanfirico/core/form';
import { tr, trWord } from '@zanfirico/core/words';
import { Plus, X } from 'lucide-react';
import { memo } from 'react';
import { QuantityField } from '../../../fields/QuantityField';
import { useDisplay } from '../../../stores/display';
import { changePoint, setProfile, useDraft } from '../../../stores/draft';

interface Props {
  readonly part: number;
  readonly points: readonly ProfilePoint[];
  /** Solid work has no walls. */
  readonly solid: boolean;
  readonly mirrored: boolean;
  readonly selected: number | undefined;
  /** Points chosen to go together. */
  readonly several: readonly number[];
  readonly onChoose: (index: number, how: 'one' | 'through') => void;
  readonly onSelect: (index: number) => void;
  readonly onRemove: (index: number) => void;
  readonly onInsertAfter: (index: number) => void;
}

const TENTH = 1e-4;
const FIELDS = ['height', 'radius', 'wall'] as const;
const SOLID_FIELDS = ['height', 'radius'] as const;
const LEAST = { height: -MOST_LENGTH, radius: 0, wall: LEAST_WALL } as const;
const MOST = { height: MOST_LENGTH, radius: MOST_LENGTH, wall: MOST_WALL } as const;

export function PointTable(props: Props) {
  const { part, points, solid, mirrored, selected, several } = props;
  const { onSelect, onChoose, onRemove, onInsertAfter } = props;
  const length = useDisplay((s) => s.units.length);
  const rows = points.map((p, i) => [p, i] as const).reverse();
  return (
    <table className="table w-full table-fixed">
      <caption className="font-display mb-1 text-left text-xl font-semibold">
        {trNodes`Profile ${(<span className="quiet font-sans text-sm font-normal">{tr`lip at the top, ${length}`}</span>)}`}
      </caption>
      <thead>
        <tr className="quiet text-right text-sm">
          <th scope="col" className="w-7 text-left font-normal">
            <span className="sr-only">{tr`Point`}</span>
          </th>
          <th scope="col" className="font-normal">{tr`height`}</th>
          <th scope="col" className="font-normal">{tr`radius`}</th>
          {!solid && <th scope="col" className="font-normal">{tr`wall`}</th>}
          <th scope="col" className="w-13 text-center font-normal">{tr`edge`}</th>
          <th scope="col" className="w-16">
            <span className="sr-only">{tr`Add or remove`}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([p, i]) => (
          <Row
            key={i}
            part={part}
            solid={solid}
            mirrored={mirrored}
            point={p}
            index={i}
            count={points.length}
            lit={i === selected}
            together={several.includes(i)}
            onChoose={onChoose}
            onSelect={onSelect}
            onRemove={onRemove}
            onInsertAfter={onInsertAfter}
          />
        ))}
      </tbody>
    </table>
  );
}

interface RowProps extends Pick<
  Props,
  'part' | 'solid' | 'mirrored' | 'onSelect' | 'onChoose' | 'onRemove' | 'onInsertAfter'
> {
  readonly point: ProfilePoint;
  readonly index: number;
  readonly count: number;
  readonly lit: boolean;
  readonly together: boolean;
}

/** One point; drawn again only when it is the one that changed. */
const Row = memo(function Row(props: RowProps) {
  const { point, index, count, lit, together, onSelect, onChoose, onRemove, onInsertAfter } = props;
  const set = (change: Partial<ProfilePoint>): void => {
    if (!props.mirrored) {
      changePoint(props.part, index, change);
      return;
    }
    const before = useDraft.getState().document?.parts[props.part]?.profile ?? [];
    const after = before.map((p, i) => (i === index ? { ...p, ...change } : p));
    setProfile(props.part, mirrorAfter(before, after, index));
  };
  const name = tr`Point ${index + 1}`;
  const inner = index > 0 && index < count - 1;
  return (
    <tr
      className={lit || together ? 'bg-primary/12' : ''}
      onFocus={() => {
        onSelect(index);
      }}
    >
      <th scope="row" className="num text-left text-sm">
        <button
          type="button"
          className={`size-6 cursor-pointer ${together ? 'outline-primary outline-2 -outline-offset-2 outline-dashed' : ''}`}
          aria-pressed={together}
          aria-label={tr`${name}, together with others`}
          title={tr`Choose it with others`}
          onMouseDown={(e) => {
            // What is in hand stays so until it is chosen with this one.
            e.preventDefault();
          }}
          onClick={(e) => {
            onChoose(index, e.shiftKey ? 'through' : 'one');
          }}
        >
          {index + 1}
        </button>
      </th>
      {(props.solid ? SOLID_FIELDS : FIELDS).map((field) => (
        <td key={field} className="pl-2">
          <QuantityField
            bare
            label={`${name} ${trWord(field)}`}
            kind="length"
            value={point[field]}
            min={field === 'radius' && inner ? 0.0005 : LEAST[field]}
            max={MOST[field]}
            nudge={TENTH}
            onCommit={(value) => {
              set({ [field]: value });
            }}
          />
        </td>
      ))}
      <td className="text-center">
        {inner && (
          <input
            type="checkbox"
            className="checkbox checkbox-xs"
            aria-label={tr`${name} is a crisp edge`}
            checked={point.corner === true}
            onChange={(e) => {
              set({ corner: e.target.checked });
            }}
          />
        )}
      </td>
      <td className="text-right whitespace-nowrap">
        {index < count - 1 && (
          <button
            type="button"
            className="btn btn-ghost btn-xs btn-square"
            aria-label={tr`Add a point above point ${index + 1}`}
            title={tr`Add a point above`}
            onClick={() => {
              onInsertAfter(index);
            }}
          >
            <Plus className="size-3.5" />
          </button>
        )}
        {count > 3 && inner && (
          <button
            type="button"
            className="btn btn-ghost btn-xs btn-square"
            aria-label={tr`Remove point ${index + 1}`}
            title={tr`Remove this point`}
            onClick={() => {
              onRemove(index);
            }}
          >
            <X className="size-3.5" />
          </button>
        )}
      </td>
    </tr>
  );
});
