// The sheets there are and their rests; each figure is kept with the shop.
import { tr } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import type { StockSheet as Sheets } from '@zanfirico/contract/shop';
import { CountField } from '../../../fields/CountField';
import { QuantityField } from '../../../fields/QuantityField';
import { changeShop } from '../../../stores/changeShop';
import { useNotices } from '../../../stores/notices';

/** Keeps the shop’s sheets. */
export function keepSheets(sheets: readonly Sheets[], told?: string): void {
  changeShop(() => ({ sheets: sheets.map((s) => ({ ...s })) }));
  if (told !== undefined) useNotices.getState().say(told);
}

/** The sheets there are; each figure is kept with the shop. */
export function SheetStockFields({
  sheets,
  here,
  nameOf,
  glass,
}: {
  readonly sheets: readonly Sheets[];
  readonly here: boolean;
  readonly nameOf: (id: string) => string;
  readonly glass: string;
}) {
  const put = (i: number, change: Partial<Sheets>): void => {
    keepSheets(sheets.map((s, k) => (k === i ? { ...s, ...change } : s)));
  };
  return (
    <fieldset className="fieldset mt-4" disabled={!here}>
      <legend className="font-display text-xl font-semibold">{tr`Sheets there are`}</legend>
      <ul className="flex flex-col gap-2">
        {sheets.map((s, i) => (
          <li key={i} className="border-base-300 border-b pb-1">
            <div className="flex items-baseline justify-between gap-2">
              <span className="truncate">{nameOf(s.of)}</span>
              <button
                type="button"
                className="btn btn-ghost btn-xs"
                aria-label={tr`No more of sheet ${i + 1}`}
                onClick={() => {
                  keepSheets(sheets.filter((_, k) => k !== i));
                }}
              >
                {tr`take off the list`}
              </button>
            </div>
            <div className="grid grid-cols-4 gap-x-3">
              <QuantityField
                label={tr`wide`}
                kind="length"
                value={s.width}
                within={LIMITS.laidSize}
                onCommit={(width) => {
                  put(i, { width });
                }}
              />
              <QuantityField
                label={tr`deep`}
                kind="length"
                value={s.deep}
                within={LIMITS.laidSize}
                onCommit={(deep) => {
                  put(i, { deep });
                }}
              />
              <QuantityField
                label={tr`thick`}
                kind="length"
                value={s.thickness}
                within={LIMITS.laidThick}
                onCommit={(thickness) => {
                  put(i, { thickness });
                }}
              />
              <CountField
                label={tr`so many`}
                value={s.count}
                min={0}
                max={1000}
                onCommit={(count) => {
                  put(i, { count });
                }}
              />
            </div>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-ghost btn-sm mt-2"
        disabled={sheets.length >= 300}
        onClick={() => {
          keepSheets([
            ...sheets,
            { of: glass, thickness: 0.003, width: 0.5, deep: 0.43, count: 1 },
          ]);
        }}
      >
        {tr`Another sheet of this glass`}
      </button>
    </fieldset>
  );
}
