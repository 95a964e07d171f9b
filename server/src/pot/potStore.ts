// What happened to the pots: an entry is kept once however often it is sent, and never changed; another strikes it.
import type { PotEventDocument } from '@zanfirico/contract/pot';
import type { Database } from '../store/database';
import { whoAsks } from '../store/who';

/** What happened to the pots. */
export interface PotStore {
  /** The oldest first; struck ones among them, with what struck them. */
  events(): Promise<PotEventDocument[]>;
  /** Keeps those that are not kept yet. */
  add(events: readonly PotEventDocument[]): Promise<void>;
}

/** Entries handed out at most: the newest. */
const MOST = 5000;

/** The store over an open database. */
export function potStore(db: Database): PotStore {
  return {
    async events() {
      const rows = await db
        .selectFrom('pot_events')
        .select('event')
        .orderBy('at', 'desc')
        .orderBy('id')
        .limit(MOST)
        .execute();
      return rows.map((r) => JSON.parse(r.event) as PotEventDocument).reverse();
    },

    async add(events) {
      await db
        .insertInto('pot_events')
        .values(
          events.map((e) => ({
            id: e.id,
            at: e.at,
            event: JSON.stringify(e),
            made_by: whoAsks(),
          })),
        )
        .onConflict((c) => c.column('id').doNothing())
        .execute();
    },
  };
}
