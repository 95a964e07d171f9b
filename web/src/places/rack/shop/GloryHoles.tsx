// The glory holes.
import { LIMITS } from '@zanfirico/contract';
import { STUDIO_FIRES } from '@zanfirico/core/iron';
import { tr, trWord } from '@zanfirico/core/words';
import { Item, MeasureField, Name } from './rows';
import { ShopListRows } from './ShopSection';
import type { ShopLists } from './useShopLists';

export function GloryHoles({ lists }: { readonly lists: ShopLists }) {
  const { document } = lists;
  return (
    <ShopListRows
      lists={lists}
      list="gloryHoles"
      title={tr`Glory holes`}
      says={tr`mouth, reach, heat; with none the furnace’s mouth serves`}
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
            <MeasureField
              key={field}
              label={`${hole.name}, ${trWord(field)}`}
              shows={trWord(field)}
              value={hole[field]}
              within={field === 'mouth' ? LIMITS.gloryMouth : LIMITS.gloryReach}
              onCommit={(v) => {
                lists.change('gloryHoles', i, { [field]: v });
              }}
            />
          ))}
          <MeasureField
            label={tr`${hole.name}, heat`}
            shows={tr`heat`}
            kind="temperature"
            // As a shop would run it for soft glass, until this one says otherwise.
            value={hole.temperature ?? STUDIO_FIRES.gloryHole}
            within={LIMITS.gloryHeat}
            onCommit={(temperature) => {
              lists.change('gloryHoles', i, { temperature });
            }}
          />
        </Item>
      ))}
    </ShopListRows>
  );
}
