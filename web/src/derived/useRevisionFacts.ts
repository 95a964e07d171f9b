// What revisions nobody is working on are derived with: the rack, and the shop's annealers. Hands are not asked.
import { annealerIn, madeIn, NO_SHOP, type ShopFacts } from '@zanfirico/core/piece';
import { useMemo } from 'react';
import { useRack } from '../stores/theRack';
import { useShop } from '../stores/theShop';
import { useShopHere } from '../stores/useShopHere';

/** The shop is fetched when it is not here yet; until then every piece goes into a studio box. */
export function useRevisionFacts(): ShopFacts {
  const rack = useRack((s) => s.rack);
  const shop = useShop((s) => s.shop);
  useShopHere(false);
  return useMemo(
    () => ({
      ...NO_SHOP,
      rack,
      annealer: annealerIn(shop?.document),
      made: madeIn(shop?.document),
    }),
    [rack, shop],
  );
}
