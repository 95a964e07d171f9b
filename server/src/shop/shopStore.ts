// The shop document (every save a new revision) and the weigh-ins (never deleted; a reset stops them counting).
import type { SavedShop } from '@zanfirico/contract';
import type { KeptWeighIn, NewWeighIn, ShopDocument } from '@zanfirico/contract/shop';
import { ORDINARY_SHOP } from '@zanfirico/core/piece';
import type { Database } from '../store/database';
import { whoAsks } from '../store/who';

/** What the shop has, and what its scale said. */
export interface ShopStore {
  shop(): Promise<SavedShop>;
  /** The saved shop, or undefined when someone saved first. */
  saveShop(baseRevision: number, document: ShopDocument): Promise<SavedShop | undefined>;
  weighIns(): Promise<KeptWeighIn[]>;
  weigh(entry: NewWeighIn): Promise<KeptWeighIn>;
  /** Of one glass, or of all where none is named. */
  reset(person: string, ironDiameter: number, glass?: string): Promise<void>;
}

/** Weigh-ins handed out at most: the newest. */
const MOST_WEIGH_INS = 2000;
/** Irons nearer than this in diameter are the same iron, m. */
const SAME_IRON = 5e-4;

/** The store over an open database. */
export function shopStore(db: Database): ShopStore {
  const newest = async (handle: Database = db): Promise<SavedShop> => {
    const row = await handle
      .selectFrom('shop_revisions')
      .select(['revision', 'document'])
      .orderBy('revision', 'desc')
      .limit(1)
      .executeTakeFirst();
    return row
      ? { revision: row.revision, document: JSON.parse(row.document) as ShopDocument }
      : { revision: 0, document: { format: 'zanfirico.shop', version: 1, ...ORDINARY_SHOP } };
  };
  return {
    shop: () => newest(),

    saveShop: (baseRevision, document) =>
      db.transaction().execute(async (tx) => {
        if ((await newest(tx)).revision !== baseRevision) return undefined;
        const revision = baseRevision + 1;
        await tx
          .insertInto('shop_revisions')
          .values({
            revision,
            saved_at: new Date().toISOString(),
            document: JSON.stringify(document),
            made_by: whoAsks(),
          })
          .execute();
        return { revision, document };
      }),

    async weighIns() {
      const rows = await db
        .selectFrom('weigh_ins')
        .select([
          'id',
          'at',
          'person',
          'glass',
          'iron_diameter',
          'depth',
          'planned',
          'got',
          'factor',
          'counts',
        ])
        .orderBy('id', 'desc')
        .limit(MOST_WEIGH_INS)
        .execute();
      return rows.map(({ counts, iron_diameter, ...row }) => ({
        ...row,
        ironDiameter: iron_diameter,
        counts: counts !== 0,
      }));
    },

    async weigh({ ironDiameter, ...entry }) {
      const at = new Date().toISOString();
      const { id } = await db
        .insertInto('weigh_ins')
        .values({ ...entry, iron_diameter: ironDiameter, at, counts: 1, made_by: whoAsks() })
        .returning('id')
        .executeTakeFirstOrThrow();
      return { ...entry, ironDiameter, id, at, counts: true };
    },

    async reset(person, ironDiameter, glass) {
      const all = db
        .updateTable('weigh_ins')
        .set({ counts: 0 })
        .where('person', '=', person)
        .where('iron_diameter', '>', ironDiameter - SAME_IRON)
        .where('iron_diameter', '<', ironDiameter + SAME_IRON);
      await (glass === undefined ? all : all.where('glass', '=', glass)).execute();
    },
  };
}
