// A studio open to its network, for tests: https on a free port of the loopback address, with devices that are let in.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { May } from '@zanfirico/contract/door';
import type { MakingBegin } from '@zanfirico/contract/making';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { pino } from 'pino';
import request, { type Test } from 'supertest';
import { createApp, type AppParts } from '../app';
import { partsOver } from '../app.fixture';
import { demoPieces } from '../demo/demoPieces';
import { openDatabase, type Database } from '../store/database';
import { sessionStore } from './sessionStore';
import { doorOver, type Door } from './door';
import { COOKIE } from './guard';
import { openingOf, type NetworkOpening } from './opening';

/** A device's own hand: asks as it, with its cookie. */
export interface Device {
  readonly cookie: string;
  readonly ask: (method: Method, path: string) => Test;
}
export type Method = 'get' | 'post' | 'put' | 'delete';

/** A studio that is open. */
export interface OpenStudio {
  readonly url: string;
  readonly db: Database;
  readonly door: Door;
  readonly opening: NetworkOpening;
  readonly parts: AppParts;
  readonly data: string;
  /** Said to its log, at the most talkative. */
  readonly logged: string[];
  /** Asks without a cookie, or with one. */
  readonly ask: (method: Method, path: string, cookie?: string) => Test;
  /** Lets a device in. */
  readonly letIn: (may: May, name?: string, pin?: string) => Promise<Device>;
  readonly code: (may: May, name?: string) => Promise<string>;
  readonly close: () => Promise<void>;
}

/** The cookie an answer gives, as it is sent back. */
export const cookieOf = (res: { readonly headers: unknown }): string =>
  ((res.headers as { 'set-cookie'?: string[] })['set-cookie']?.[0] ?? '').split(';')[0] ?? '';

/** What a making begins with. */
export const beginOf = (id = '0f8fad5b-d9cb-469f-a165-70867728950e'): MakingBegin => ({
  id,
  piece: '1f8fad5b-d9cb-469f-a165-70867728950e',
  revision: 1,
  at: 1_800_000_000_000,
  number: 1,
  document: demoPieces()
    .flat()
    .find((d) => d.name === 'Quay goblet') as PieceDocument,
  steps: [{ id: 's1', kind: 'gather', part: 'p1', seconds: 12 }],
  starts: [0],
});

/** Opens one. `now` is its clock; `beside` parts besides the ordinary ones. */
export async function openStudio({
  now,
  beside = {},
  at = ':memory:',
}: {
  readonly now?: () => number;
  readonly beside?: Partial<AppParts>;
  readonly at?: string;
} = {}): Promise<OpenStudio> {
  const data = mkdtempSync(join(tmpdir(), 'zanfirico-door-'));
  const db = await openDatabase(at);
  const door = await doorOver(sessionStore(db), now);
  const names = () => ({ addresses: ['127.0.0.1'], hosts: ['localhost'] });
  const opening = openingOf({ data, port: 0, door, names, ...(now && { now }) });
  const logged: string[] = [];
  const parts: AppParts = {
    ...partsOver(db),
    ...beside,
    door: { door, opening, slowerMs: 1 },
    names,
    log: pino({ level: 'trace' }, { write: (line: string) => void logged.push(line) }),
  };
  opening.answer(createApp(parts));
  await opening.open('flag');
  const url = opening.state().addresses[0] ?? '';
  const ask: OpenStudio['ask'] = (method, path, cookie) => {
    const asked = request(url)[method](path).disableTLSCerts();
    return cookie === undefined ? asked : asked.set('Cookie', cookie);
  };
  const code = async (may: May, name: string = may): Promise<string> =>
    (await door.codes.issue({ name, may }))?.code ?? '';
  return {
    url,
    db,
    door,
    opening,
    parts,
    data,
    logged,
    ask,
    code,
    letIn: async (may, name, pin) => {
      const res = await ask('post', '/api/door/enter').send({
        code: await code(may, name),
        device: 'a tablet',
        ...(pin !== undefined && { pin }),
      });
      const cookie = cookieOf(res);
      return { cookie, ask: (method, path) => ask(method, path, cookie) };
    },
    close: async () => {
      await opening.stop();
      await db.destroy();
      rmSync(data, { recursive: true, force: true });
    },
  };
}

/** The name of the cookie and a value nobody was given. */
export const MADE_UP = `${COOKIE}=${'A'.repeat(43)}`;
