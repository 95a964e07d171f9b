// Changing a part of the shop's document: kept at once; what the server would not have is said.
import type { ShopDocument } from '@zanfirico/contract/shop';
import { useShop } from './theShop';
import { troubled } from './troubled';

/** Nothing while the shop is still on its way. */
export function changeShop(change: (shop: ShopDocument) => Partial<ShopDocument>): void {
  const { shop, save } = useShop.getState();
  if (shop) save({ ...shop.document, ...change(shop.document) }).catch(troubled);
}
