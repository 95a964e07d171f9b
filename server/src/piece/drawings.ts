// What the documents of makings come to, as drawn; the same piece made again is worked out once.
import type { PieceDocument } from '@zanfirico/contract/piece';
import { derive, NO_SHOP, type Derived } from '@zanfirico/core/piece';
import type { Rack } from '@zanfirico/core/rack';
import { sql } from 'kysely';
import type { Database } from '../store/database';
import { rackStore } from '../rack/rackStore';

type Good = Extract<Derived, { ok: true }>;

/** So many drawings are remembered. */
const MOST = 60;

/** What a document comes to; undefined where it cannot be made. */
export type DrawPiece = (document: PieceDocument) => Good | undefined;

/** Drawings by the rack as it is when they are asked for; asked through the transaction one is in. */
export function drawings(): (db: Database) => Promise<DrawPiece> {
  let rack: { readonly of: string; readonly rack: Rack } | undefined;
  const known = new Map<string, Good | undefined>();
  return async (db) => {
    const { rows } = await sql<{ of: string }>`select
      count(*) || '.' || coalesce(sum(revision), 0) || '.' || coalesce(max(saved_at), '') as "of"
      from rack_entries`.execute(db);
    const of = rows[0]?.of ?? '';
    if (rack?.of !== of) {
      known.clear();
      rack = { of, rack: await rackStore(db).rack() };
    }
    const now = rack.rack;
    return (document) => {
      const { form, way, glass, parts, bits, fillLine, closure, making } = document;
      const key = JSON.stringify([form, way, glass, parts, bits, fillLine, closure, making]);
      if (!known.has(key)) {
        if (known.size >= MOST) known.clear();
        known.set(key, drawnBy(now, document));
      }
      return known.get(key);
    };
  };
}

function drawnBy(rack: Rack, document: PieceDocument): Good | undefined {
  const glass = rack.glass(document.glass);
  try {
    const derived = glass && derive(document, glass, { ...NO_SHOP, rack });
    return derived?.ok === true ? derived : undefined;
  } catch {
    // What an older version could draw and this cannot has no figures; its making stands.
    return undefined;
  }
}
