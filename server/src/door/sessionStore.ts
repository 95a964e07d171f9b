// Devices that were let in: each once, by the digest of its cookie; ended, they stay as a line of what was.
import { randomUUID } from 'node:crypto';
import type { ChangeLine, May } from '@zanfirico/contract/door';
import type { Database } from '../store/database';

/** A device that was let in, as it is kept. */
export interface Session {
  readonly id: string;
  readonly tokenHash: string;
  readonly name: string;
  readonly may: May;
  readonly device: string;
  readonly madeAt: number;
  readonly seenAt: number;
  readonly pin: string | undefined;
  /** Wrong PINs since the last right one. */
  readonly wrong: number;
}

type Changed = Partial<
  Pick<Session, 'tokenHash' | 'name' | 'may' | 'device' | 'seenAt' | 'pin' | 'wrong'>
>;

/** Sessions, the switch, and what was changed by whom. */
export interface SessionStore {
  open(): Promise<Session[]>;
  add(session: Omit<Session, 'id'>): Promise<Session>;
  change(id: string, changed: Changed): Promise<void>;
  end(id: string, why: string): Promise<void>;
  endAll(why: string): Promise<void>;
  setting(key: string): Promise<string | undefined>;
  set(key: string, value: string): Promise<void>;
  noteChange(by: string, what: string): Promise<void>;
  changes(): Promise<ChangeLine[]>;
}

/** Changes told at once: the newest. */
const MOST_CHANGES = 200;

/** The store over an open database. */
export function sessionStore(db: Database): SessionStore {
  return {
    async open() {
      const rows = await db
        .selectFrom('sessions')
        .selectAll()
        .where('ended_at', 'is', null)
        .orderBy('made_at')
        .execute();
      return rows.map((r) => ({
        id: r.id,
        tokenHash: r.token_hash,
        name: r.name,
        may: r.may as May,
        device: r.device,
        madeAt: r.made_at,
        seenAt: r.seen_at,
        pin: r.pin ?? undefined,
        wrong: r.wrong,
      }));
    },

    async add(session) {
      const id = randomUUID();
      await db
        .insertInto('sessions')
        .values({
          id,
          token_hash: session.tokenHash,
          name: session.name,
          may: session.may,
          device: session.device,
          made_at: session.madeAt,
          seen_at: session.seenAt,
          pin: session.pin ?? null,
          wrong: session.wrong,
          ended_at: null,
          ended_why: null,
        })
        .execute();
      return { id, ...session };
    },

    async change(id, { tokenHash, seenAt, ...same }) {
      await db
        .updateTable('sessions')
        .set({
          ...same,
          ...(tokenHash !== undefined && { token_hash: tokenHash }),
          ...(seenAt !== undefined && { seen_at: seenAt }),
        })
        .where('id', '=', id)
        .execute();
    },

    async end(id, why) {
      await db
        .updateTable('sessions')
        .set({ ended_at: Date.now(), ended_why: why })
        .where('id', '=', id)
        .execute();
    },

    async endAll(why) {
      await db
        .updateTable('sessions')
        .set({ ended_at: Date.now(), ended_why: why })
        .where('ended_at', 'is', null)
        .execute();
    },

    async setting(key) {
      const row = await db
        .selectFrom('settings')
        .select('value')
        .where('key', '=', key)
        .executeTakeFirst();
      return row?.value;
    },

    async set(key, value) {
      await db
        .insertInto('settings')
        .values({ key, value })
        .onConflict((c) => c.column('key').doUpdateSet({ value }))
        .execute();
    },

    async noteChange(by, what) {
      await db.insertInto('changes').values({ at: Date.now(), by, what }).execute();
    },

    changes: () =>
      db.selectFrom('changes').selectAll().orderBy('id', 'desc').limit(MOST_CHANGES).execute(),
  };
}
