// Tubing and rod for the torch.
import { tr } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import { GlassOptions } from '../../../fields/GlassField';
import { Item, MeasureField } from './rows';
import { ShopListRows } from './ShopSection';
import type { ShopLists } from './useShopLists';

export function TorchStockFields({ lists }: { readonly lists: ShopLists }) {
  const { document } = lists;
  return (
    <ShopListRows
      lists={lists}
      list="stock"
      title={tr`Torch stock`}
      says={tr`tubing and rod, by the stick`}
    >
      {document.stock.map((s, i) => (
        <Item
          key={i}
          gone={() => {
            lists.remove('stock', i, s.wall === undefined ? 'That rod' : 'That tubing');
          }}
          name={`stock ${String(i + 1)}`}
        >
          <select
            className="select !w-24 shrink-0"
            aria-label={tr`Stock ${i + 1}, tube or rod`}
            value={s.wall === undefined ? 'rod' : 'tube'}
            onChange={(e) => {
              const rod = { ...s };
              delete rod.wall;
              const next =
                e.target.value === 'rod' ? rod : { ...rod, wall: Math.min(0.002, s.diameter / 4) };
              lists.keep({
                ...document,
                stock: document.stock.map((r, k) => (k === i ? next : r)),
              });
            }}
          >
            <option value="tube">{tr`tube`}</option>
            <option value="rod">{tr`rod`}</option>
          </select>
          <select
            className="select"
            aria-label={tr`Stock ${i + 1}, glass`}
            value={s.glass}
            onChange={(e) => {
              lists.change('stock', i, { glass: e.target.value });
            }}
          >
            <GlassOptions value={s.glass} />
          </select>
          <MeasureField
            label={tr`Stock ${i + 1}, across`}
            shows="⌀"
            value={s.diameter}
            min={Math.max(LIMITS.stockAcross.minimum, 2 * (s.wall ?? 0) + 2e-4)}
            max={LIMITS.stockAcross.maximum}
            onCommit={(diameter) => {
              lists.change('stock', i, { diameter });
            }}
          />
          {s.wall !== undefined && (
            <MeasureField
              label={tr`Stock ${i + 1}, wall`}
              shows={tr`wall`}
              value={s.wall}
              min={LIMITS.tubeWall.minimum}
              max={Math.min(LIMITS.tubeWall.maximum, s.diameter / 2 - 1e-4)}
              onCommit={(wall) => {
                lists.change('stock', i, { wall });
              }}
            />
          )}
          <MeasureField
            label={tr`Stock ${i + 1}, stick length`}
            shows={tr`long`}
            value={s.length}
            within={LIMITS.stickLength}
            onCommit={(length) => {
              lists.change('stock', i, { length });
            }}
          />
        </Item>
      ))}
    </ShopListRows>
  );
}
