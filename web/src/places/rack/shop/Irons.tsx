// The irons: pipes and punties.
import { Item, Measure, Name } from './rows';
import { ShopSection } from './ShopSection';
import { MOST, type ShopLists } from './useShopLists';

export function Irons({ lists }: { readonly lists: ShopLists }) {
  const { document } = lists;
  return (
    <ShopSection
      title="Irons"
      says="pipes to blow, solid irons for solid work and bits"
      count={document.irons.length}
      most={MOST.irons}
      onAdd={() => {
        lists.add('irons');
      }}
    >
      <ul className="mt-1">
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
            <Measure
              label={`${iron.name}, across`}
              shows="⌀"
              value={iron.diameter}
              min={0.004}
              max={0.08}
              onCommit={(diameter) => {
                lists.change('irons', i, { diameter });
              }}
            />
            <select
              className="line-field !w-24"
              aria-label={`${iron.name}, hollow or solid`}
              value={iron.hollow ? 'hollow' : 'solid'}
              onChange={(e) => {
                lists.change('irons', i, { hollow: e.target.value === 'hollow' });
              }}
            >
              <option value="hollow">hollow</option>
              <option value="solid">solid</option>
            </select>
          </Item>
        ))}
      </ul>
    </ShopSection>
  );
}
