// The demo's pieces: files like anybody's, sound as they are, their orders as the core drafts them today.
import { entryProblem } from '../rack/checkRackEntry';
import { checker } from '../check/schema';
import { derive, NO_SHOP } from '@zanfirico/core/piece';
import { SHIPPED_RACK } from '@zanfirico/core/rack';
import { PIECE_VERSION } from '@zanfirico/contract';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { SaveEntryBody } from '@zanfirico/contract/rack';
import { openDatabase } from '../store/database';
import { rackStore } from '../rack/rackStore';
import { checkDocument } from '../piece/checkDocument';
import { demoFiles, demoPieces } from './demoPieces';
import { redraftedPiece } from './redrafted';
import { DEMO_ENTRIES } from './rackEntries';

const files = demoFiles();

describe('demo pieces', () => {
  it.each(files)(
    '$file passes the check a user’s file would, and is of today’s version',
    async ({ text }) => {
      const db = await openDatabase(':memory:');
      const rack = rackStore(db);
      await rack.keepAll(DEMO_ENTRIES);
      const checked = checkDocument(JSON.parse(text), await rack.rack());
      expect(checked).toMatchObject({ ok: true });
      expect(JSON.parse(text)).toMatchObject({ version: PIECE_VERSION });
      await db.destroy();
    },
  );

  it.each(files)('$file has nothing on its drawing that wants a look', async ({ text }) => {
    const db = await openDatabase(':memory:');
    const rack = rackStore(db);
    await rack.keepAll(DEMO_ENTRIES);
    const document = JSON.parse(text) as PieceDocument;
    const known = await rack.rack();
    const glass = known.glass(document.glass);
    const derived = glass && derive(document, glass, { ...NO_SHOP, rack: known });
    expect(derived?.ok === true ? derived.whole.remarks : derived).toEqual([]);
    await db.destroy();
  });

  it('are eleven, two of them with a revision before', () => {
    const pieces = demoPieces();
    expect(pieces).toHaveLength(11);
    expect(pieces.filter((p) => p.length > 1).map((p) => p[0]?.name)).toEqual([
      'Oil cruet',
      'Tide-pool bowl',
    ]);
    expect(new Set(pieces.map((p) => p[0]?.name)).size).toBe(pieces.length);
  });

  // Else: npm run demo:redraft.
  it.each(files.filter(({ text }) => text.includes('"variants"')))(
    '$file keeps the order the core drafts and heats today',
    ({ text }) => {
      const document = JSON.parse(text) as PieceDocument;
      expect(redraftedPiece(document)).toEqual(document);
    },
  );
});

describe('the rack that ships, and the demo studio’s', () => {
  const entries = [...SHIPPED_RACK.lines.map((l) => l.entry), ...DEMO_ENTRIES.map((e) => e)];
  const check = checker(SaveEntryBody);
  it.each(entries.map((entry) => ({ id: entry.id, entry })))(
    '$id passes the check every entry has to pass',
    ({ entry }) => {
      expect(check({ baseRevision: 0, entry })).toMatchObject({ ok: true });
      expect(entryProblem(entry)).toBeUndefined();
    },
  );
});
