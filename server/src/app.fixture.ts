// What a test's application is made of: the stores of one database, and a log that says nothing.
import { pino } from 'pino';
import type { Response } from 'supertest';
import type { AppParts } from './app';
import { classStore } from './class/classStore';
import type { Database } from './store/database';
import { logStore } from './log/logStore';
import { makingStore } from './making/makingStore';
import { potStore } from './pot/potStore';
import { pieceStore } from './piece/pieceStore';
import { rackStore } from './rack/rackStore';
import { shopStore } from './shop/shopStore';
import { wantedStore } from './orders/wantedStore';

/** Reads an answer's bytes, for supertest's `parse`. */
export const asBytes = (res: Response, done: (error: Error | null, body: Buffer) => void): void => {
  const chunks: Buffer[] = [];
  res.on('data', (c: Buffer) => chunks.push(c));
  res.on('end', () => {
    done(null, Buffer.concat(chunks));
  });
};

/** The parts of an application over an open database. */
export const partsOver = (db: Database): AppParts => ({
  store: pieceStore(db),
  shop: shopStore(db),
  makings: makingStore(db),
  logged: logStore(db),
  pots: potStore(db),
  rack: rackStore(db),
  wanted: wantedStore(db),
  classes: classStore(db),
  log: pino({ level: 'silent' }),
});
