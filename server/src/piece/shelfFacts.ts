// What the shelf says of pieces, worked out by the core from the rack and the shop as they are now.
import { randomUUID } from 'node:crypto';
import type { PieceDocument } from '@zanfirico/contract/piece';
import type { KeptWeighIn, ShopDocument } from '@zanfirico/contract/shop';
import { ANYBODY, shelfFacts, shopFacts, type ShelfFacts } from '@zanfirico/core/piece';
import type { Rack } from '@zanfirico/core/rack';
import { sql } from 'kysely';
import type { Database } from '../store/database';
import { rackStore } from '../rack/rackStore';
import { shopStore } from '../shop/shopStore';

/** This start of the server. Another may be of another version, whose core says something else of the same piece. */
const START = randomUUID();

/** The columns of a piece that the shelf reads. */
export interface KeptFacts {
  readonly sought: string;
  readonly tall: number | null;
  readonly heavy: number | null;
  readonly glass: string;
  readonly way: string;
  readonly facts: string;
  readonly facts_of: string;
}

/** Reads pieces for the shelf. */
export interface Reader {
  /** What its answers are worked out from, as text: this start of the server, the rack, the shop. */
  readonly of: string;
  readonly read: (document: PieceDocument) => KeptFacts;
}

/** A name as it is searched: letters of any alphabet without their case. */
export const soughtAs = (name: string): string => name.normalize('NFC').toLowerCase();

/** Makes readers; one is used again for as long as rack and shop stay what they are. */
export function shelfReader(db: Database): () => Promise<Reader> {
  const shop = shopStore(db);
  let last: Reader | undefined;
  const stamp = async (): Promise<string> => {
    const { rows } = await sql<{ of: string }>`select
      (select coalesce(max(revision), 0) from shop_revisions) || '.' ||
      (select coalesce(max(id), 0) || '.' || coalesce(sum(counts), 0) from weigh_ins) || '.' ||
      (select count(*) || '.' || coalesce(sum(revision), 0) || '.' || coalesce(max(saved_at), '') from rack_entries)
      as "of"`.execute(db);
    return `${START}.${rows[0]?.of ?? ''}`;
  };
  return async () => {
    const of = await stamp();
    if (last?.of === of) return last;
    // A store of its own: what another one remembers of the rack may be older than what was just asked.
    const [rack, { document: list }, log] = await Promise.all([
      rackStore(db).rack(),
      shop.shop(),
      shop.weighIns(),
    ]);
    last = {
      of,
      read: (document) => {
        const found = factsIn(document, rack, list, log);
        return {
          sought: soughtAs(document.name),
          tall: found.ok ? found.glyph.height : null,
          heavy: found.ok ? found.mass : null,
          glass: document.glass,
          way: document.way,
          facts: JSON.stringify(found),
          facts_of: of,
        };
      },
    };
    return last;
  };
}

/** A piece that the core cannot read is told as one whose drawing needs mending; the shelf stands all the same. */
function factsIn(
  document: PieceDocument,
  rack: Rack,
  shop: ShopDocument,
  log: readonly KeptWeighIn[],
): ShelfFacts {
  const glass = rack.glass(document.glass);
  if (!glass) return { ok: false };
  try {
    const hand = document.making.gatherer ?? ANYBODY;
    return shelfFacts(document, glass, shopFacts(shop, log, hand, rack));
  } catch {
    return { ok: false, glassName: glass.name };
  }
}
