// In which order the shelf stands, and of which glass, way of work, size and tag.
import { SIZE_BOUNDS, type ShelfOrder, type ShelfSize } from '@zanfirico/contract';
import { printText } from '@zanfirico/core';
import { useTags } from '../../api/queries';
import { GlassOptions } from '../../fields/GlassField';
import { useDisplay } from '../../stores/display';

/** What is chosen of the shelf; nothing chosen is everything, the newest first. */
export interface Choice {
  readonly by?: ShelfOrder;
  readonly glass?: string;
  readonly way?: 'furnace' | 'torch';
  readonly size?: ShelfSize;
  readonly tag?: string;
}
export const NO_CHOICE: Choice = {};

const ORDERS: Readonly<Record<ShelfOrder, string>> = {
  newest: 'newest first',
  name: 'by name',
  tallest: 'tallest first',
  heaviest: 'heaviest first',
};

export function ShelfChoice({
  choice,
  onChange,
}: {
  readonly choice: Choice;
  readonly onChange: (choice: Choice) => void;
}) {
  const put = (change: { readonly [K in keyof Choice]: Choice[K] | undefined }): void => {
    const next = Object.fromEntries(
      Object.entries({ ...choice, ...change }).filter(([, v]) => v !== undefined),
    ) as Choice;
    onChange(Object.keys(next).length === 0 ? NO_CHOICE : next);
  };
  const units = useDisplay((s) => s.units);
  const tags = useTags();
  const [low, high] = SIZE_BOUNDS.map((b) => printText(b, 'length', units)) as [string, string];
  return (
    <div className="flex flex-wrap gap-4" role="group" aria-label="Which pieces, in which order">
      <select
        className="select w-28"
        aria-label="Order"
        value={choice.by ?? 'newest'}
        onChange={(e) => {
          const by = e.target.value as ShelfOrder;
          put({ by: by === 'newest' ? undefined : by });
        }}
      >
        {Object.entries(ORDERS).map(([by, says]) => (
          <option key={by} value={by}>
            {says}
          </option>
        ))}
      </select>
      <select
        className="select w-28"
        aria-label="Of which glass"
        value={choice.glass ?? ''}
        onChange={(e) => {
          put({ glass: e.target.value === '' ? undefined : e.target.value });
        }}
      >
        <option value="">any glass</option>
        <GlassOptions value={choice.glass} />
      </select>
      <select
        className="select w-32"
        aria-label="Made where"
        value={choice.way ?? ''}
        onChange={(e) => {
          const { value } = e.target;
          put({ way: value === 'furnace' || value === 'torch' ? value : undefined });
        }}
      >
        <option value="">made anywhere</option>
        <option value="furnace">at the furnace</option>
        <option value="torch">at the torch</option>
      </select>
      <select
        className="select w-32"
        aria-label="How tall"
        value={choice.size ?? ''}
        onChange={(e) => {
          const { value } = e.target;
          put({ size: value === '' ? undefined : (value as ShelfSize) });
        }}
      >
        <option value="">of any size</option>
        <option value="small">up to {low}</option>
        <option value="middle">
          {low} to {high}
        </option>
        <option value="large">above {high}</option>
      </select>
      {(tags.length > 0 || choice.tag !== undefined) && (
        <select
          className="select w-28"
          aria-label="With the tag"
          value={choice.tag ?? ''}
          onChange={(e) => {
            put({ tag: e.target.value === '' ? undefined : e.target.value });
          }}
        >
          <option value="">any tag</option>
          {choice.tag !== undefined && !tags.some((t) => t.tag === choice.tag) && (
            <option value={choice.tag}>{choice.tag}</option>
          )}
          {tags.map(({ tag, pieces }) => (
            <option key={tag} value={tag}>
              {tag} ({pieces})
            </option>
          ))}
        </select>
      )}
    </div>
  );
}
