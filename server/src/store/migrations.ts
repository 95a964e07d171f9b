// Migrations, in order. What a shipped one does never changes; add the next. They import nothing that lives: what today's code makes of
// a document may be another thing tomorrow. Each may be run where a part of it was done already.
import { sql, type Kysely } from 'kysely';
import type { MigrationStep } from './migrate';
import { withIds } from './stepNamesThen';

/** Revisions read at once. */
const BATCH = 500;

/** As pieces were when uses were first kept: the entries of the rack a document of version 1 or 2 names, each once. */
interface OldPiece {
  readonly glass: string;
  readonly parts: readonly {
    readonly glass?: string;
    readonly colours?: readonly { readonly colour: string }[];
  }[];
  readonly bits?: readonly { readonly glass?: string }[];
}
const usesThen = (piece: OldPiece): string[] => [
  ...new Set([
    piece.glass,
    ...piece.parts.flatMap((p) => [
      ...(p.glass === undefined ? [] : [p.glass]),
      ...(p.colours ?? []).map((c) => c.colour),
    ]),
    ...(piece.bits ?? []).flatMap((b) => (b.glass === undefined ? [] : [b.glass])),
  ]),
];

/** Every step from an older database to today's, by name. */
export const migrations: Readonly<Record<string, MigrationStep>> = {
  '001_pieces': {
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('pieces')
        .ifNotExists()
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('revision', 'integer', (c) => c.notNull())
        .addColumn('name', 'text', (c) => c.notNull())
        .addColumn('saved_at', 'text', (c) => c.notNull())
        .addColumn('put_away', 'integer', (c) => c.notNull().defaultTo(0))
        .execute();
      await db.schema
        .createTable('revisions')
        .ifNotExists()
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
        .ifNotExists()
        .addColumn('revision', 'integer', (c) => c.primaryKey())
        .addColumn('saved_at', 'text', (c) => c.notNull())
        .addColumn('document', 'text', (c) => c.notNull())
        .execute();
      await db.schema
        .createTable('weigh_ins')
        .ifNotExists()
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
        .ifNotExists()
        .on('weigh_ins')
        .columns(['person', 'iron_diameter'])
        .execute();
    },
  },
  '003_rack': {
    async up(db: Kysely<unknown>, sqlite) {
      await db.schema
        .createTable('rack_entries')
        .ifNotExists()
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('revision', 'integer', (c) => c.notNull())
        .addColumn('saved_at', 'text', (c) => c.notNull())
        .addColumn('kind', 'text', (c) => c.notNull())
        .addColumn('name', 'text', (c) => c.notNull())
        .addColumn('retired', 'integer', (c) => c.notNull().defaultTo(0))
        .execute();
      await db.schema
        .createTable('rack_revisions')
        .ifNotExists()
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
        .ifNotExists()
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
        .ifNotExists()
        .on('fit_tests')
        .columns(['first', 'second'])
        .execute();
      await db.schema
        .createTable('piece_uses')
        .ifNotExists()
        .addColumn('piece_id', 'text', (c) =>
          c.notNull().references('pieces.id').onDelete('cascade'),
        )
        .addColumn('revision', 'integer', (c) => c.notNull())
        .addColumn('entry_id', 'text', (c) => c.notNull())
        .addPrimaryKeyConstraint('piece_uses_key', ['piece_id', 'revision', 'entry_id'])
        .execute();
      await db.schema
        .createIndex('piece_uses_by_entry')
        .ifNotExists()
        .on('piece_uses')
        .column('entry_id')
        .execute();
      // What pieces saved before this table use, read out of their documents.
      const some = sqlite.prepare<
        [number, number],
        { rowid: number; piece_id: string; revision: number; document: string }
      >(
        'select rowid, piece_id, revision, document from revisions where rowid > ? order by rowid limit ?',
      );
      const use = sqlite.prepare(
        'insert or ignore into piece_uses (piece_id, revision, entry_id) values (?, ?, ?)',
      );
      let last = 0;
      for (;;) {
        const rows = some.all(last, BATCH);
        for (const row of rows)
          for (const entry of usesThen(JSON.parse(row.document) as OldPiece))
            use.run(row.piece_id, row.revision, entry);
        const end = rows.at(-1);
        if (!end) break;
        last = end.rowid;
      }
    },
  },
  '004_creations': {
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('creations')
        .ifNotExists()
        .addColumn('key', 'text', (c) => c.primaryKey())
        .addColumn('piece_id', 'text', (c) =>
          c.notNull().references('pieces.id').onDelete('cascade'),
        )
        .addColumn('at', 'text', (c) => c.notNull())
        .execute();
    },
  },
  '005_shelf': {
    // What the shelf says of a piece: worked out when it is next asked for, and at every save from now on.
    async up(db: Kysely<unknown>, sqlite) {
      const there = new Set(
        (sqlite.pragma('table_info(pieces)') as { readonly name: string }[]).map((c) => c.name),
      );
      for (const [column, type] of [
        ['sought', 'text'],
        ['tall', 'real'],
        ['facts', 'text'],
        ['facts_of', 'text'],
      ] as const)
        if (!there.has(column))
          await db.schema.alterTable('pieces').addColumn(column, type).execute();
      await db.schema
        .createIndex('pieces_by_shelf')
        .ifNotExists()
        .on('pieces')
        .columns(['put_away', 'saved_at'])
        .execute();
      const named = sqlite.prepare<[], { id: string; name: string }>('select id, name from pieces');
      const seek = sqlite.prepare('update pieces set sought = ? where id = ?');
      for (const { id, name } of named.all()) seek.run(name.normalize('NFC').toLowerCase(), id);
    },
  },
  '006_gone': {
    // The last revision of entries that were dropped: made again they go on from there.
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('rack_gone')
        .ifNotExists()
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('revision', 'integer', (c) => c.notNull())
        .execute();
    },
  },
  '007_sorted': {
    // What the shelf is sorted and chosen by, from each piece's newest revision; how heavy it is comes with what the shelf says of it.
    async up(db: Kysely<unknown>, sqlite) {
      const there = new Set(
        (sqlite.pragma('table_info(pieces)') as { readonly name: string }[]).map((c) => c.name),
      );
      for (const [column, type] of [
        ['glass', 'text'],
        ['way', 'text'],
        ['heavy', 'real'],
      ] as const)
        if (!there.has(column))
          await db.schema.alterTable('pieces').addColumn(column, type).execute();
      sqlite.exec(`update pieces set (glass, way) = (
        select json_extract(document, '$.glass'), json_extract(document, '$.way') from revisions
        where revisions.piece_id = pieces.id and revisions.revision = pieces.revision)`);
    },
  },
  '008_tags': {
    // Words pieces are found by; no piece has had any before.
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('piece_tags')
        .ifNotExists()
        .addColumn('piece_id', 'text', (c) =>
          c.notNull().references('pieces.id').onDelete('cascade'),
        )
        .addColumn('tag', 'text', (c) => c.notNull())
        .addPrimaryKeyConstraint('piece_tags_key', ['piece_id', 'tag'])
        .execute();
      await db.schema
        .createIndex('piece_tags_by_tag')
        .ifNotExists()
        .on('piece_tags')
        .column('tag')
        .execute();
    },
  },
  '009_makings': {
    // What happened at the bench: a row a making, a row an event, none of which is ever changed.
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('makings')
        .ifNotExists()
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('piece_id', 'text', (c) => c.notNull())
        .addColumn('begun_at', 'integer', (c) => c.notNull())
        .addColumn('begin', 'text', (c) => c.notNull())
        .addColumn('boxed', 'integer', (c) => c.notNull().defaultTo(0))
        .execute();
      await db.schema
        .createIndex('makings_by_piece')
        .ifNotExists()
        .on('makings')
        .columns(['piece_id', 'boxed'])
        .execute();
      await db.schema
        .createIndex('makings_by_begun')
        .ifNotExists()
        .on('makings')
        .column('begun_at')
        .execute();
      await db.schema
        .createTable('making_events')
        .ifNotExists()
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('making_id', 'text', (c) =>
          c.notNull().references('makings.id').onDelete('cascade'),
        )
        .addColumn('place', 'integer', (c) => c.notNull())
        .addColumn('at', 'integer', (c) => c.notNull())
        .addColumn('event', 'text', (c) => c.notNull())
        .addUniqueConstraint('making_events_place', ['making_id', 'place'])
        .execute();
    },
  },
  '010_photos': {
    // Pictures taken at the bench, in the database so that a backup has them.
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('photos')
        .ifNotExists()
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('at', 'text', (c) => c.notNull())
        .addColumn('bytes', 'blob', (c) => c.notNull())
        .execute();
    },
  },
  '011_log': {
    // What the log lists and searches of each making; worked out from its events, empty until then.
    async up(db: Kysely<unknown>, sqlite) {
      const there = new Set(
        (sqlite.pragma('table_info(makings)') as { readonly name: string }[]).map((c) => c.name),
      );
      for (const [column, type] of [
        ['facts', 'text'],
        ['outcome', 'text'],
      ] as const)
        if (!there.has(column))
          await db.schema.alterTable('makings').addColumn(column, type).execute();
      sqlite.exec(
        'create virtual table if not exists making_words using fts5(making_id unindexed, words)',
      );
    },
  },
  '012_taught': {
    // What a making teaches beside what the log lists of it, so that a list need not read it.
    async up(db: Kysely<unknown>, sqlite) {
      const columns = sqlite.pragma('table_info(makings)') as { readonly name: string }[];
      if (!columns.some((c) => c.name === 'taught'))
        await db.schema.alterTable('makings').addColumn('taught', 'text').execute();
    },
  },
  '013_pots': {
    // What happened to the pots: a row an entry, none of which is ever changed.
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('pot_events')
        .ifNotExists()
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('at', 'integer', (c) => c.notNull())
        .addColumn('event', 'text', (c) => c.notNull())
        .execute();
    },
  },
  '014_devices': {
    // Controllers as they are set up, what was read from them, what was sent to them.
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('devices')
        .ifNotExists()
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('device', 'text', (c) => c.notNull())
        .execute();
      await db.schema
        .createTable('device_readings')
        .ifNotExists()
        .addColumn('device', 'text', (c) => c.notNull())
        .addColumn('at', 'integer', (c) => c.notNull())
        .addColumn('temperature', 'real')
        .addColumn('lower', 'real')
        .addColumn('set_point', 'real')
        .addColumn('output', 'real')
        .addColumn('state', 'text')
        .addColumn('step', 'integer')
        .addColumn('faults', 'text')
        .addColumn('elapsed', 'real')
        .addPrimaryKeyConstraint('device_readings_key', ['device', 'at'])
        .modifyEnd(sql`without rowid`)
        .execute();
      await db.schema
        .createTable('device_runs')
        .ifNotExists()
        .addColumn('id', 'integer', (c) => c.primaryKey().autoIncrement())
        .addColumn('device', 'text', (c) => c.notNull())
        .addColumn('sent_at', 'integer', (c) => c.notNull())
        .addColumn('started_at', 'integer')
        .addColumn('ended_at', 'integer')
        .addColumn('sent', 'text', (c) => c.notNull())
        .addColumn('words', 'text', (c) => c.notNull())
        .execute();
    },
  },
  '015_wanted': {
    // Orders: a row each, replaced as a whole.
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('wanted')
        .ifNotExists()
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('wanted', 'text', (c) => c.notNull())
        .execute();
    },
  },
  '016_door': {
    // Devices let in from the network, the switch, what was changed by whom; and whose each row is.
    async up(db: Kysely<unknown>, sqlite) {
      await db.schema
        .createTable('sessions')
        .ifNotExists()
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('token_hash', 'text', (c) => c.notNull().unique())
        .addColumn('name', 'text', (c) => c.notNull())
        .addColumn('may', 'text', (c) => c.notNull())
        .addColumn('device', 'text', (c) => c.notNull())
        .addColumn('made_at', 'integer', (c) => c.notNull())
        .addColumn('seen_at', 'integer', (c) => c.notNull())
        .addColumn('pin', 'text')
        .addColumn('wrong', 'integer', (c) => c.notNull())
        .addColumn('ended_at', 'integer')
        .addColumn('ended_why', 'text')
        .execute();
      await db.schema
        .createTable('settings')
        .ifNotExists()
        .addColumn('key', 'text', (c) => c.primaryKey())
        .addColumn('value', 'text', (c) => c.notNull())
        .execute();
      await db.schema
        .createTable('changes')
        .ifNotExists()
        .addColumn('id', 'integer', (c) => c.primaryKey().autoIncrement())
        .addColumn('at', 'integer', (c) => c.notNull())
        .addColumn('by', 'text', (c) => c.notNull())
        .addColumn('what', 'text', (c) => c.notNull())
        .execute();
      for (const table of [
        'revisions',
        'shop_revisions',
        'weigh_ins',
        'rack_revisions',
        'fit_tests',
        'makings',
        'making_events',
        'photos',
        'pot_events',
        'device_runs',
        'wanted',
      ]) {
        const columns = sqlite.pragma(`table_info(${table})`) as { readonly name: string }[];
        if (!columns.some((c) => c.name === 'made_by'))
          await db.schema.alterTable(table).addColumn('made_by', 'text').execute();
      }
    },
  },
  '017_classes': {
    // Classes: a row each, replaced as a whole; and the makings of one found by it.
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('classes')
        .ifNotExists()
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('name', 'text', (c) => c.notNull())
        .addColumn('class', 'text', (c) => c.notNull())
        .addColumn('made_by', 'text')
        .execute();
      await sql`create index if not exists makings_of_class on makings (json_extract(begin, '$.lesson.class'))`.execute(
        db,
      );
    },
  },
  '018_ids_in_events': {
    // What a making's events said in somebody's language is the id it stands for.
    up(_db, sqlite) {
      const put = sqlite.prepare('update making_events set event = ? where id = ?');
      const told = sqlite
        .prepare<[], { id: string; event: string }>(
          `select id, event from making_events where json_extract(event, '$.kind') in ('given up', 'reading', 'broke')`,
        )
        .all();
      for (const { id, event } of told) {
        const now = JSON.stringify(withIds(JSON.parse(event) as { readonly kind: string }));
        if (now !== event) put.run(now, id);
      }
      return Promise.resolve();
    },
  },
  '019_where_it_stands': {
    // Where a piece stands, in a word; a number said it, under the name of one of the three.
    async up(db: Kysely<unknown>, sqlite) {
      const columns = sqlite.pragma('table_info(pieces)') as { readonly name: string }[];
      if (!columns.some((c) => c.name === 'stands'))
        await db.schema
          .alterTable('pieces')
          .addColumn('stands', 'text', (c) => c.notNull().defaultTo('shelf'))
          .execute();
      if (columns.some((c) => c.name === 'put_away')) {
        sqlite.exec(
          `update pieces set stands = case put_away when 0 then 'shelf' when 1 then 'put away' else 'thrown away' end`,
        );
        await db.schema.dropIndex('pieces_by_shelf').ifExists().execute();
        await db.schema.alterTable('pieces').dropColumn('put_away').execute();
      }
      await db.schema
        .createIndex('pieces_by_shelf')
        .ifNotExists()
        .on('pieces')
        .columns(['stands', 'saved_at'])
        .execute();
    },
  },
};
