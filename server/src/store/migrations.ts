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
};
