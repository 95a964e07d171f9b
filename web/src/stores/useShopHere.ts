// Whoever needs the shop has it fetched; what keeps it from coming is said.
import { useEffect } from 'react';
import { sentenceOf } from '../api/client';
import { useNotices } from './notices';
import { useShop } from './theShop';

/** Asks for it when the place is opened: once for all who ask meanwhile; `anew` also where it is here already. */
export function useShopHere(anew = true): void {
  useEffect(() => {
    if (!anew && useShop.getState().shop) return;
    useShop
      .getState()
      .load()
      .catch((error: unknown) => {
        useNotices.getState().say(sentenceOf(error));
      });
  }, [anew]);
}
