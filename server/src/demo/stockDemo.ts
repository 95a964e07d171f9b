// Puts the demo pieces on an empty shelf and the studio's own entries in its rack; a shelf with anything on it is left alone.
import type { PieceStore } from '../store/pieceStore';
import type { RackStore } from '../store/rackStore';
import { withOrder } from './order';
import { DEMO_PIECES } from './pieces';
import { DEMO_ENTRIES, DEMO_TESTS } from './rackEntries';

/** Stocks the shelf; says how many pieces it put there. */
export async function stockDemo(store: PieceStore, rack: RackStore): Promise<number> {
  const there = [...(await store.list(false)), ...(await store.list(true))];
  if (there.length > 0) return 0;
  const { entries, tests } = await rack.saved();
  if (entries.length === 0) await rack.keepAll(DEMO_ENTRIES);
  if (tests.length === 0) for (const test of DEMO_TESTS) await rack.test(test);
  for (const [first, ...later] of DEMO_PIECES) {
    if (!first) continue;
    const { id } = await store.create(later.length === 0 ? withOrder(first) : first);
    let revision = 1;
    for (const document of later) {
      await store.save(id, revision, withOrder(document));
      revision += 1;
    }
  }
  return DEMO_PIECES.length;
}
