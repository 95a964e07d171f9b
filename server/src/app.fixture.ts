// What a test's application is made of: the stores of one database, and a log that says nothing.
import { pino } from 'pino';
import type { Response } from 'supertest';
import type { AppParts } from './app';
import type { Database } from './store/database';
import { storesOver } from './stores';

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
  ...storesOver(db),
  log: pino({ level: 'silent' }),
});
