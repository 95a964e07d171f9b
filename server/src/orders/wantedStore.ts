// Orders as they are kept: each replaced as a whole.
import type { WantedDocument } from '@zanfirico/contract/orders';
import type { Database } from '../store/database';
import { whoAsks } from '../store/who';

/** What customers want. */
export interface WantedStore {
  all(): Promise<WantedDocument[]>;
  keep(wanted: WantedDocument): Promise<void>;
  drop(id: string): Promise<void>;
}

/** The store over an open database. */
export function wantedStore(db: Database): WantedStore {
  return {
    async all() {
      const rows = await db.selectFrom('wanted').select('wanted').execute();
      return rows
        .map((r) => JSON.parse(r.wanted) as WantedDocument)
        .sort((a, b) => a.due.localeCompare(b.due) || a.id.localeCompare(b.id));
    },
    async keep(wanted) {
      const text = JSON.stringify(wanted);
      await db
        .insertInto('wanted')
        .values({ id: wanted.id, wanted: text, made_by: whoAsks() })
        .onConflict((c) => c.column('id').doUpdateSet({ wanted: text, made_by: whoAsks() }))
        .execute();
    },
    async drop(id) {
      await db.deleteFrom('wanted').where('id', '=', id).execute();
    },
  };
}
