// Puts the demo pieces on an empty shelf and the studio's own entries in its rack; a shelf with anything on it is left alone.
import { checkDocument } from '../piece/checkDocument';
import type { PieceStore } from '../piece/pieceStore';
import type { RackStore } from '../rack/rackStore';
import { demoPieces } from './demoPieces';
import { DEMO_ENTRIES, DEMO_TESTS } from './rackEntries';

/** Stocks the shelf; says how many pieces it put there. Each file passes the check a user's would, or this throws its sentence. */
export async function stockDemo(store: PieceStore, rack: RackStore): Promise<number> {
  const there = await Promise.all([false, true].map((putAway) => store.page({ putAway })));
  if (there.some((p) => p.total > 0)) return 0;
  const { entries, tests } = await rack.saved();
  if (entries.length === 0) await rack.keepAll(DEMO_ENTRIES);
  if (tests.length === 0) for (const test of DEMO_TESTS) await rack.test(test);
  const known = await rack.rack();
  const pieces = demoPieces();
  for (const revisions of pieces) {
    let id: string | undefined;
    for (const [i, document] of revisions.entries()) {
      const checked = checkDocument(document, known);
      if (!checked.ok) throw new Error(`Demo piece “${document.name}”: ${checked.error}`);
      if (id === undefined) ({ id } = await store.create(checked.document));
      else await store.save(id, i, checked.document);
    }
  }
  return pieces.length;
}
