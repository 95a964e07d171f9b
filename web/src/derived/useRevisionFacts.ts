// What revisions nobody is working on are derived with: the rack, and the shop's annealers. Hands are not asked.
import { annealerIn, NO_SHOP, type ShopFacts } from '@zanfirico/core';
import { useEffect, useMemo } from 'react';
import { sentenceOf } from '../api/client';
import { useNotices } from '../stores/notices';
import { useRack } from '../stores/theRack';
import { useShop } from '../stores/theShop';

/** The shop is fetched when it is not here yet; until then every piece goes into a studio box. */
export function useRevisionFacts(): ShopFacts {
  const rack = useRack((s) => s.rack);
  const shop = useShop((s) => s.shop);
  useEffect(() => {
    if (useShop.getState().shop) return;
    useShop
      .getState()
      .load()
      .catch((error: unknown) => {
        useNotices.getState().say(sentenceOf(error));
      });
  }, []);
  return useMemo(() => ({ ...NO_SHOP, rack, annealer: annealerIn(shop?.document) }), [rack, shop]);
}
