// How much glass stands in the pot: a low pot lets no iron deep.
import { tr } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import { Item, MeasureField } from './rows';
import { ShopSection } from './ShopSection';
import type { ShopLists } from './useShopLists';

/** A pot that has just been measured for the first time stands so deep, m. */
const ORDINARY = 0.25;

export function PotDepth({ lists: { document, keep } }: { readonly lists: ShopLists }) {
  const { potDepth, ...rest } = document;
  return (
    <ShopSection
      title={tr`Pot`}
      says={tr`glass standing in it, by the dipstick; unmeasured it is deep enough`}
      count={potDepth === undefined ? 0 : 1}
      most={1}
      onAdd={() => {
        keep({ ...document, potDepth: ORDINARY });
      }}
    >
      {potDepth !== undefined && (
        <ul className="mt-1">
          <Item
            name="the pot’s depth"
            gone={() => {
              keep(rest, tr`the pot’s depth`);
            }}
          >
            <span className="flex-1">{tr`today’s depth`}</span>
            <MeasureField
              label={tr`Glass in the pot, deep`}
              shows={tr`deep`}
              value={potDepth}
              within={LIMITS.potDepth}
              onCommit={(v) => {
                keep({ ...document, potDepth: v });
              }}
            />
          </Item>
        </ul>
      )}
    </ShopSection>
  );
}
