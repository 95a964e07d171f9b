// The profile in numbers: one row a point, lip at the top as in the drawing.
import type { PiecePoint } from '@zanfirico/contract';
import { Plus, X } from 'lucide-react';
import { QuantityField } from '../../../fields/QuantityField';
import { withPoint } from '../../../marks/section/moves';
import { useDisplay } from '../../../stores/display';
import { setProfile } from '../../../stores/draft';

interface Props {
  readonly points: readonly PiecePoint[];
  readonly selected: number | undefined;
  readonly onSelect: (index: number) => void;
  readonly onRemove: (index: number) => void;
  readonly onInsertAfter: (index: number) => void;
}

const TENTH = 1e-4;
/** What the schema allows, m. */
const LEAST = { height: -2, radius: 0, wall: 0.0003 } as const;
const MOST = { height: 2, radius: 2, wall: 0.5 } as const;

export function PointTable({ points, selected, onSelect, onRemove, onInsertAfter }: Props) {
  const length = useDisplay((s) => s.units.length);
  const rows = points.map((p, i) => [p, i] as const).reverse();
  return (
    <table className="w-full table-fixed">
      <caption className="font-display mb-1 text-left text-xl font-semibold">
        Profile{' '}
        <span className="quiet font-sans text-sm font-normal">lip at the top, {length}</span>
      </caption>
      <thead>
        <tr className="quiet text-right text-sm">
          <th scope="col" className="w-7 text-left font-normal">
            <span className="sr-only">Point</span>
          </th>
          <th scope="col" className="font-normal">
            height
          </th>
          <th scope="col" className="font-normal">
            radius
          </th>
          <th scope="col" className="font-normal">
            wall
          </th>
          <th scope="col" className="w-13 text-center font-normal">
            edge
          </th>
          <th scope="col" className="w-16">
            <span className="sr-only">Add or remove</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([p, i]) => {
          const set = (change: Partial<PiecePoint>): void => {
            setProfile(withPoint(points, i, change));
          };
          const name = `Point ${String(i + 1)}`;
          const inner = i > 0 && i < points.length - 1;
          return (
            <tr
              key={i}
              className={i === selected ? 'bg-primary/12' : ''}
              onFocus={() => {
                onSelect(i);
              }}
            >
              <th scope="row" className="num text-left text-sm">
                {i + 1}
              </th>
              {(['height', 'radius', 'wall'] as const).map((field) => (
                <td key={field} className="pl-2">
                  <QuantityField
                    bare
                    label={`${name} ${field}`}
                    kind="length"
                    value={p[field]}
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
                    aria-label={`${name} is a crisp edge`}
                    checked={p.corner === true}
                    onChange={(e) => {
                      set({ corner: e.target.checked });
                    }}
                  />
                )}
              </td>
              <td className="text-right whitespace-nowrap">
                {i < points.length - 1 && (
                  <button
                    type="button"
                    className="btn btn-ghost btn-xs btn-square"
                    aria-label={`Add a point above point ${String(i + 1)}`}
                    title="Add a point above"
                    onClick={() => {
                      onInsertAfter(i);
                    }}
                  >
                    <Plus className="size-3.5" />
                  </button>
                )}
                {points.length > 3 && inner && (
                  <button
                    type="button"
                    className="btn btn-ghost btn-xs btn-square"
                    aria-label={`Remove point ${String(i + 1)}`}
                    title="Remove this point"
                    onClick={() => {
                      onRemove(i);
                    }}
                  >
                    <X className="size-3.5" />
                  </button>
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
