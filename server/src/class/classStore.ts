// Classes as they are kept, each replaced as a whole; and the makings that were made in one.
import type { ClassDocument } from '@zanfirico/contract/class';
import type { ClassMaking } from '@zanfirico/contract/making';
import { sql } from 'kysely';
import type { Database } from '../store/database';
import { whoAsks } from '../store/who';

/** Classes, and the makings of each. */
export interface ClassStore {
  /** By name. */
  all(): Promise<ClassDocument[]>;
  get(id: string): Promise<ClassDocument | undefined>;
  keep(given: ClassDocument): Promise<void>;
  drop(id: string): Promise<void>;
  /** What was made and rehearsed in it, the newest first. */
  makings(id: string): Promise<ClassMaking[]>;
}

/** Makings told of one class: the newest. */
const MOST = 400;

/** The store over an open database. */
export function classStore(db: Database): ClassStore {
  return {
    async all() {
      const rows = await db.selectFrom('classes').select('class').orderBy('name').execute();
      return rows.map((r) => JSON.parse(r.class) as ClassDocument);
    },
    async get(id) {
      const row = await db
        .selectFrom('classes')
        .select('class')
        .where('id', '=', id)
        .executeTakeFirst();
      return row && (JSON.parse(row.class) as ClassDocument);
    },
    async keep(given) {
      const line = { name: given.name, class: JSON.stringify(given), made_by: whoAsks() };
      await db
        .insertInto('classes')
        .values({ id: given.id, ...line })
        .onConflict((c) => c.column('id').doUpdateSet(line))
        .execute();
    },
    async drop(id) {
      await db.deleteFrom('classes').where('id', '=', id).execute();
    },
    async makings(id) {
      const rows = await db
        .selectFrom('makings')
        .select([
          'id',
          'begun_at as begunAt',
          sql<string>`json_extract(begin, '$.lesson.student')`.as('student'),
          sql<string | null>`json_extract(begin, '$.lesson.bench')`.as('bench'),
          sql<number | null>`json_extract(begin, '$.rehearsal')`.as('rehearsal'),
        ])
        .where(sql`json_extract(begin, '$.lesson.class')`, '=', id)
        .orderBy('begun_at', 'desc')
        .limit(MOST)
        .execute();
      return rows.map((r) => ({
        ...r,
        bench: r.bench ?? undefined,
        rehearsal: r.rehearsal === 1,
      }));
    },
  };
}
