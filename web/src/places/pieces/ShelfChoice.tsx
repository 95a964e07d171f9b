// In which order the shelf stands, and of which glass, way of work, size and tag.
import { SIZE_BOUNDS, type ShelfMade, type ShelfOrder, type ShelfSize } from '@zanfirico/contract';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import type { ReactNode } from 'react';
import { useTags } from '../../api/queries';
import { GlassOptions } from '../../fields/GlassField';
import { useDisplay } from '../../stores/display';

/** What is chosen of the shelf; nothing chosen is everything, the newest first. */
export interface ShelfChosen {
  readonly by?: ShelfOrder;
  readonly glass?: string;
  readonly way?: 'furnace' | 'torch' | 'kiln';
  readonly size?: ShelfSize;
  readonly made?: ShelfMade;
  readonly tag?: string;
}
/** Everything on the shelf. */
export const NO_CHOICE: ShelfChosen = {};

const ORDERS: Readonly<Record<ShelfOrder, string>> = {
  newest: tr`newest first`,
  name: tr`by name`,
  tallest: tr`tallest first`,
  heaviest: tr`heaviest first`,
};

export function ShelfChoice({
  choice,
  onChange,
}: {
  readonly choice: ShelfChosen;
  readonly onChange: (choice: ShelfChosen) => void;
}) {
  const put = (change: { readonly [K in keyof ShelfChosen]: ShelfChosen[K] | undefined }): void => {
    const next = Object.fromEntries(
      Object.entries({ ...choice, ...change }).filter(([, v]) => v !== undefined),
    ) as ShelfChosen;
    onChange(Object.keys(next).length === 0 ? NO_CHOICE : next);
  };
  const units = useDisplay((s) => s.units);
  const tags = useTags();
  const [low, high] = SIZE_BOUNDS.map((b) => printText(b, 'length', units)) as [string, string];
  return (
    <div
      className="flex flex-wrap gap-4"
      role="group"
      aria-label={tr`Which pieces, in which order`}
    >
      <select
        className="select w-28"
        aria-label={tr`Order`}
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
      <Pick
        label={tr`Of which glass`}
        any={tr`any glass`}
        value={choice.glass}
        onPick={(glass) => {
          put({ glass });
        }}
      >
        <GlassOptions value={choice.glass} />
      </Pick>
      <Pick
        label={tr`Made where`}
        any={tr`made anywhere`}
        wide="w-32"
        value={choice.way}
        onPick={(way) => {
          put({ way });
        }}
      >
        <option value="furnace">{tr`at the furnace`}</option>
        <option value="torch">{tr`at the torch`}</option>
        <option value="kiln">{tr`in the kiln`}</option>
      </Pick>
      <Pick
        label={tr`How tall`}
        any={tr`of any size`}
        wide="w-32"
        value={choice.size}
        onPick={(size) => {
          put({ size });
        }}
      >
        <option value="small">{tr`up to ${low}`}</option>
        <option value="middle">{tr`${low} to ${high}`}</option>
        <option value="large">{tr`above ${high}`}</option>
      </Pick>
      <Pick
        label={tr`Made before`}
        any={tr`made or never`}
        wide="w-32"
        value={choice.made}
        onPick={(made) => {
          put({ made });
        }}
      >
        <option value="made">{tr`made before`}</option>
        <option value="never">{tr`never made`}</option>
      </Pick>
      {(tags.length > 0 || choice.tag !== undefined) && (
        <Pick
          label={tr`With the tag`}
          any={tr`any tag`}
          value={choice.tag}
          onPick={(tag) => {
            put({ tag });
          }}
        >
          {choice.tag !== undefined && !tags.some((t) => t.tag === choice.tag) && (
            <option value={choice.tag}>{choice.tag}</option>
          )}
          {tags.map(({ tag, pieces }) => (
            <option key={tag} value={tag}>
              {tag} ({pieces})
            </option>
          ))}
        </Pick>
      )}
    </div>
  );
}

interface PickProps<V extends string> {
  readonly label: string;
  /** What is said where nothing is chosen. */
  readonly any: string;
  readonly wide?: string;
  readonly value: V | undefined;
  readonly onPick: (value: V | undefined) => void;
  /** The options beside "any"; their values are those of `V`. */
  readonly children: ReactNode;
}

/** One thing the shelf is chosen by, or any. */
function Pick<V extends string>(props: PickProps<V>) {
  const { label, any, wide = 'w-28', value, onPick, children } = props;
  return (
    <select
      className={`select ${wide}`}
      aria-label={label}
      value={value ?? ''}
      onChange={(e) => {
        onPick(e.target.value === '' ? undefined : (e.target.value as V));
      }}
    >
      <option value="">{any}</option>
      {children}
    </select>
  );
}
