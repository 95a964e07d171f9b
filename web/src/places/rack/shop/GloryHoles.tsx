// The glory holes.
import { LIMITS } from '@zanfirico/contract';
import { Item, Measure, Name } from './rows';
import { ShopList } from './ShopSection';
import type { ShopLists } from './useShopLists';

export function GloryHoles({ lists }: { readonly lists: ShopLists }) {
  const { document } = lists;
  return (
    <ShopList
      lists={lists}
      list="gloryHoles"
      title="Glory holes"
      says="what passes the mouth, and how far in it reaches"
    >
      {document.gloryHoles.map((hole, i) => (
        <Item
          key={i}
          gone={() => {
            lists.remove('gloryHoles', i, hole.name);
          }}
          name={hole.name}
        >
          <Name
            value={hole.name}
            onCommit={(name) => {
              lists.change('gloryHoles', i, { name });
            }}
          />
          {(['mouth', 'reach'] as const).map((field) => (
            <Measure
              key={field}
              label={`${hole.name}, ${field}`}
              shows={field}
              value={hole[field]}
              within={field === 'mouth' ? LIMITS.gloryMouth : LIMITS.gloryReach}
              onCommit={(v) => {
                lists.change('gloryHoles', i, { [field]: v });
              }}
            />
          ))}
        </Item>
      ))}
    </ShopList>
  );
}
