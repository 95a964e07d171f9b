// The irons: pipes and punties.
import { tr } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import { Item, MeasureField, Name } from './rows';
import { ShopListRows } from './ShopSection';
import type { ShopLists } from './useShopLists';

export function Irons({ lists }: { readonly lists: ShopLists }) {
  const { document } = lists;
  return (
    <ShopListRows
      lists={lists}
      list="irons"
      title={tr`Irons`}
      says={tr`pipes to blow, solid irons for solid work and bits`}
    >
      {document.irons.map((iron, i) => (
        <Item
          key={i}
          gone={() => {
            lists.remove('irons', i, iron.name);
          }}
          name={iron.name}
        >
          <Name
            value={iron.name}
            onCommit={(name) => {
              lists.change('irons', i, { name });
            }}
          />
          <MeasureField
            label={tr`${iron.name}, across`}
            shows="⌀"
            value={iron.diameter}
            within={LIMITS.iron}
            onCommit={(diameter) => {
              lists.change('irons', i, { diameter });
            }}
          />
          <select
            className="select !w-24"
            aria-label={tr`${iron.name}, hollow or solid`}
            value={iron.hollow ? 'hollow' : 'solid'}
            onChange={(e) => {
              lists.change('irons', i, { hollow: e.target.value === 'hollow' });
            }}
          >
            <option value="hollow">{tr`hollow`}</option>
            <option value="solid">{tr`solid`}</option>
          </select>
        </Item>
      ))}
    </ShopListRows>
  );
}
