// The blocks, by their inside diameters.
import { tr } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import { Gone, MeasureField } from './rows';
import { ShopSection } from './ShopSection';
import { MOST, type ShopLists } from './useShopLists';

const FRESH_BLOCK = 0.1;

export function Blocks({ lists }: { readonly lists: ShopLists }) {
  const { document } = lists;
  return (
    <ShopSection
      title={tr`Blocks`}
      says={tr`wet fruit wood, inside diameters`}
      count={document.blocks.length}
      most={MOST.blocks}
      onAdd={() => {
        lists.keep({ ...document, blocks: [...document.blocks, FRESH_BLOCK] });
      }}
    >
      <ul className="mt-1 flex flex-wrap gap-x-4">
        {document.blocks.map((block, i) => (
          <li key={i} className="flex items-center">
            <MeasureField
              label={tr`Block ${i + 1}, inside`}
              shows="⌀"
              value={block}
              within={LIMITS.blockInside}
              onCommit={(v) => {
                lists.keep({
                  ...document,
                  blocks: document.blocks.map((b, k) => (k === i ? v : b)),
                });
              }}
            />
            <Gone
              name={`block ${String(i + 1)}`}
              onClick={() => {
                lists.keep(
                  { ...document, blocks: document.blocks.filter((_, k) => k !== i) },
                  tr`That block`,
                );
              }}
            />
          </li>
        ))}
      </ul>
    </ShopSection>
  );
}
