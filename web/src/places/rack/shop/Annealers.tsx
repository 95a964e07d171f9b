// The annealers: inside, and as devices.
import { LIMITS } from '@zanfirico/contract';
import { boxOf } from '@zanfirico/core/night';
import { tr, trWord } from '@zanfirico/core/words';
import { BoxFields } from '../../../night/BoxFields';
import { Item, MeasureField, Name } from './rows';
import { ShopListRows } from './ShopSection';
import type { ShopLists } from './useShopLists';

/** What the figures are told for, °C. Common practice, no source. */
const CUSTOMARY_HOLD = 510;

export function Annealers({ lists }: { readonly lists: ShopLists }) {
  const { document } = lists;
  return (
    <ShopListRows
      lists={lists}
      list="annealers"
      title={tr`Annealers`}
      says={tr`inside wide × deep × high; what it has and loses`}
    >
      {document.annealers.map((box, i) => (
        <Item
          key={i}
          gone={() => {
            lists.remove('annealers', i, box.name);
          }}
          name={box.name}
          below={
            <details className="pb-1">
              <summary className="quiet cursor-pointer text-sm">
                {box.power === undefined
                  ? tr`its power and losses: a studio box’s, from memory`
                  : tr`its power and losses`}
              </summary>
              <BoxFields
                name={box.name}
                box={boxOf(box)}
                hold={CUSTOMARY_HOLD}
                onChange={(change) => {
                  lists.change('annealers', i, change);
                }}
              />
            </details>
          }
        >
          <Name
            value={box.name}
            onCommit={(name) => {
              lists.change('annealers', i, { name });
            }}
          />
          {(['width', 'depth', 'height'] as const).map((field) => (
            <MeasureField
              key={field}
              label={`${box.name}, ${trWord(field)}`}
              shows={trWord(field)}
              value={box[field]}
              within={LIMITS.annealerSize}
              onCommit={(v) => {
                lists.change('annealers', i, { [field]: v });
              }}
            />
          ))}
        </Item>
      ))}
    </ShopListRows>
  );
}
