// What a test's application is made of: the stores of one database, and a log that says nothing.
import { pino } from 'pino';
import type { AppParts } from './app';
import type { Database } from './store/database';
import { pieceStore } from './store/pieceStore';
import { rackStore } from './store/rackStore';
import { shopStore } from './store/shopStore';

/** The parts of an application over an open database. */
export const partsOver = (db: Database): AppParts => ({
  store: pieceStore(db),
  shop: shopStore(db),
  rack: rackStore(db),
  log: pino({ level: 'silent' }),
});
