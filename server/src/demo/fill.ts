// The demo studio: an empty one is filled, room by room; one with a piece on its shelf is left alone.
import type { Stores } from '../stores';
import { demoClass } from './demoClass';
import { stockMakings } from './demoMakings';
import { demoOrders } from './demoOrders';
import { demoPot } from './demoPot';
import { demoShop } from './demoShop';
import { stockDemo } from './stockDemo';

/** Fills a studio as it would be now. */
export async function fillDemo(stores: Stores): Promise<void> {
  if ((await stockDemo(stores.store, stores.rack)) === 0) return;
  await demoShop(stores.shop);
  await stockMakings(stores.store, stores.makings);
  await stores.pots.add(demoPot(Date.now()));
  await demoOrders(stores.store, stores.wanted, new Date());
  await demoClass(stores.store, stores.classes, stores.makings);
}
