// What a test's application is made of: the stores of one database, and a log that says nothing.
import { pino } from 'pino';
import type { Response } from 'supertest';
import type { AppParts } from './app';
import { classStore } from './store/classStore';
import type { Database } from './store/database';
import { logStore } from './store/logStore';
import { makingStore } from './store/makingStore';
import { potStore } from './store/potStore';
import { pieceStore } from './store/pieceStore';
import { rackStore } from './store/rackStore';
import { shopStore } from './store/shopStore';
import { wantedStore } from './store/wantedStore';

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
