// Migrations, in order. Never edit one that has shipped; add the next.
import type { PieceDocument } from '@zanfirico/contract';
import type { Kysely, Migration } from 'kysely';
import type { Tables } from './tables';
import { usesOf } from './uses';

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
  '003_rack': {
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('rack_entries')
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('revision', 'integer', (c) => c.notNull())
        .addColumn('saved_at', 'text', (c) => c.notNull())
        .addColumn('kind', 'text', (c) => c.notNull())
        .addColumn('name', 'text', (c) => c.notNull())
        .addColumn('retired', 'integer', (c) => c.notNull().defaultTo(0))
        .execute();
      await db.schema
        .createTable('rack_revisions')
        .addColumn('entry_id', 'text', (c) =>
          c.notNull().references('rack_entries.id').onDelete('cascade'),
        )
        .addColumn('revision', 'integer', (c) => c.notNull())
        .addColumn('saved_at', 'text', (c) => c.notNull())
        .addColumn('document', 'text', (c) => c.notNull())
        .addPrimaryKeyConstraint('rack_revisions_key', ['entry_id', 'revision'])
        .execute();
      await db.schema
        .createTable('fit_tests')
        .addColumn('id', 'integer', (c) => c.primaryKey().autoIncrement())
        .addColumn('at', 'text', (c) => c.notNull())
        .addColumn('first', 'text', (c) => c.notNull())
        .addColumn('second', 'text', (c) => c.notNull())
        .addColumn('lot', 'text')
        .addColumn('reading', 'text', (c) => c.notNull())
        .addColumn('counts', 'integer', (c) => c.notNull().defaultTo(1))
        .execute();
      await db.schema
        .createIndex('fit_tests_by_pair')
        .on('fit_tests')
        .columns(['first', 'second'])
        .execute();
      await db.schema
        .createTable('piece_uses')
        .addColumn('piece_id', 'text', (c) =>
          c.notNull().references('pieces.id').onDelete('cascade'),
        )
        .addColumn('revision', 'integer', (c) => c.notNull())
        .addColumn('entry_id', 'text', (c) => c.notNull())
        .addPrimaryKeyConstraint('piece_uses_key', ['piece_id', 'revision', 'entry_id'])
        .execute();
      await db.schema
        .createIndex('piece_uses_by_entry')
        .on('piece_uses')
        .column('entry_id')
        .execute();
      // What pieces saved before this table use, read out of their documents.
      const revisions = await (db as Kysely<Pick<Tables, 'revisions'>>)
        .selectFrom('revisions')
        .select(['piece_id', 'revision', 'document'])
        .execute();
      for (const { piece_id, revision, document } of revisions) {
        const uses = usesOf(JSON.parse(document) as PieceDocument);
        if (uses.length > 0)
          await (db as Kysely<Pick<Tables, 'piece_uses'>>)
            .insertInto('piece_uses')
            .values(uses.map((entry_id) => ({ piece_id, revision, entry_id })))
            .execute();
      }
    },
  },
};
