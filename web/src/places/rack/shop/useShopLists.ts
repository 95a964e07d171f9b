// Changing the shop's lists: kept at once, what was removed can be had back.
import { tr } from '@zanfirico/core/words';
import type { ShopDocument } from '@zanfirico/contract/shop';
import { sentenceOf } from '../../../api/client';
import { useNotices } from '../../../stores/notices';
import { useShop } from '../../../stores/theShop';

/** One of the shop's lists. */
export type List = 'irons' | 'gloryHoles' | 'annealers' | 'stock';
/** A row of it. */
export type Row<L extends List> = ShopDocument[L][number];

/** Most of each that the shop's document keeps. */
export const MOST: Readonly<Record<List | 'blocks', number>> = {
  irons: 40,
  gloryHoles: 20,
  annealers: 20,
  stock: 200,
  blocks: 40,
};

const FRESH: { readonly [L in List]: Row<L> } = {
  irons: { name: tr`another iron`, diameter: 0.0254, hollow: true },
  gloryHoles: { name: tr`another glory hole`, mouth: 0.3, reach: 0.4 },
  annealers: { name: tr`another annealer`, width: 0.5, depth: 0.5, height: 0.4 },
  stock: { glass: 'borosilicate-33', diameter: 0.025, wall: 0.002, length: 1.5 },
};

/** The shop's document and what can be done to it. */
export interface ShopLists {
  readonly document: ShopDocument;
  /** Keeps a document; `gone` names what was removed from it. */
  readonly keep: (next: ShopDocument, gone?: string) => void;
  readonly change: <L extends List>(list: L, at: number, row: Partial<Row<L>>) => void;
  readonly add: (list: List) => void;
  readonly remove: (list: List, at: number, name: string) => void;
}

/** Undefined until the shop is here. */
export function useShopLists(): ShopLists | undefined {
  const { shop, save } = useShop();
  const { say, trouble } = useNotices();
  if (!shop) return undefined;
  const { document } = shop;
  const failed = (error: unknown): void => {
    trouble(sentenceOf(error));
  };
  const keep: ShopLists['keep'] = (next, gone) => {
    save(next).then(() => {
      if (gone !== undefined)
        say(tr`${gone} is gone.`, {
          label: tr`Undo`,
          run: () => {
            save(document).catch(failed);
          },
        });
    }, failed);
  };
  return {
    document,
    keep,
    change: (list, at, row) => {
      const rows = document[list] as Row<typeof list>[];
      keep({ ...document, [list]: rows.map((r, i) => (i === at ? { ...r, ...row } : r)) });
    },
    add: (list) => {
      keep({ ...document, [list]: [...document[list], FRESH[list]] });
    },
    remove: (list, at, name) => {
      keep({ ...document, [list]: (document[list] as unknown[]).filter((_, i) => i !== at) }, name);
    },
  };
}
