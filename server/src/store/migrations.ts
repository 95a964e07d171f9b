// Migrations, in order. Never edit one that has shipped; add the next.
import type { Kysely, Migration } from 'kysely';

export const migrations: Record<string, Migration> = {
  '001_pieces': {
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('pieces')
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('revision', 'integer', (c) => c.notNull())
        .addColumn('name', 'text', (c) => c.notNull())
        .addColumn('saved_at', 'text', (c) => c.notNull())
        .addColumn('put_away', 'integer', (c) => c.notNull().defaultTo(0))
        .execute();
      await db.schema
        .createTable('revisions')
        .addColumn('piece_id', 'text', (c) =>
          c.notNull().references('pieces.id').onDelete('cascade'),
        )
        .addColumn('revision', 'integer', (c) => c.notNull())
        .addColumn('saved_at', 'text', (c) => c.notNull())
        .addColumn('name', 'text', (c) => c.notNull())
        .addColumn('document', 'text', (c) => c.notNull())
        .addPrimaryKeyConstraint('revisions_key', ['piece_id', 'revision'])
        .execute();
    },
  },
  '002_shop': {
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('shop_revisions')
        .addColumn('revision', 'integer', (c) => c.primaryKey())
        .addColumn('saved_at', 'text', (c) => c.notNull())
        .addColumn('document', 'text', (c) => c.notNull())
        .execute();
      await db.schema
        .createTable('weigh_ins')
        .addColumn('id', 'integer', (c) => c.primaryKey().autoIncrement())
        .addColumn('at', 'text', (c) => c.notNull())
        .addColumn('person', 'text', (c) => c.notNull())
        .addColumn('glass', 'text', (c) => c.notNull())
        .addColumn('iron_diameter', 'real', (c) => c.notNull())
        .addColumn('depth', 'real', (c) => c.notNull())
        .addColumn('planned', 'real', (c) => c.notNull())
        .addColumn('got', 'real', (c) => c.notNull())
        .addColumn('factor', 'real', (c) => c.notNull())
        .addColumn('counts', 'integer', (c) => c.notNull().defaultTo(1))
        .execute();
      await db.schema
        .createIndex('weigh_ins_by_hand')
        .on('weigh_ins')
        .columns(['person', 'iron_diameter'])
        .execute();
    },
  },
};
