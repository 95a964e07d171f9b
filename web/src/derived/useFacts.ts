// What the shop, its scale and the rack add to a plan, as a hook.
import { ANYBODY, NO_SHOP, shopFacts, type ShopFacts } from '@zanfirico/core/piece';
import { useMemo } from 'react';
import { useRack } from '../stores/theRack';
import { useShop } from '../stores/theShop';
import { useShopHere } from '../stores/useShopHere';

/** What the shop and its scale add to the plan; the shop is fetched once. */
export function useFacts(gatherer: string | undefined, glassId: string | undefined): ShopFacts {
  const shop = useShop((s) => s.shop);
  const log = useShop((s) => s.weighIns);
  useShopHere();
  const rack = useRack((s) => s.rack);
  return useMemo(() => {
    const glass = rack.glass(glassId ?? '');
    return glass ? shopFacts(shop?.document, log, gatherer ?? ANYBODY, rack) : { ...NO_SHOP, rack };
  }, [shop, log, gatherer, glassId, rack]);
}
