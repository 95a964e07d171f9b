// In which order the shelf stands, and of which glass and way of work.
import type { ShelfOrder } from '@zanfirico/contract';
import { GlassOptions } from '../../fields/GlassField';

/** What is chosen of the shelf; nothing chosen is everything, the newest first. */
export interface Choice {
  readonly by?: ShelfOrder;
  readonly glass?: string;
  readonly way?: 'furnace' | 'torch';
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
    </div>
  );
}
