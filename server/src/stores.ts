// Every store over one database: a line a room.
import { classStore } from './class/classStore';
import { logStore } from './log/logStore';
import { makingStore } from './making/makingStore';
import { pieceStore } from './piece/pieceStore';
import { potStore } from './pot/potStore';
import { rackStore } from './rack/rackStore';
import { shopStore } from './shop/shopStore';
import type { Database } from './store/database';
import { wantedStore } from './orders/wantedStore';

/** The stores over an open database. */
export const storesOver = (db: Database) => ({
  store: pieceStore(db),
  shop: shopStore(db),
  makings: makingStore(db),
  logged: logStore(db),
  pots: potStore(db),
  rack: rackStore(db),
  wanted: wantedStore(db),
  classes: classStore(db),
});

/** Every store there is. */
export type Stores = Readonly<ReturnType<typeof storesOver>>;
