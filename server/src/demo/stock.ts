// Puts the demo pieces on an empty shelf; a shelf with anything on it is left alone.
import type { PieceStore } from '../store/pieces';
import { DEMO_PIECES } from './pieces';

/** Stocks the shelf; says how many pieces it put there. */
export async function stockDemo(store: PieceStore): Promise<number> {
  const there = [...(await store.list(false)), ...(await store.list(true))];
  if (there.length > 0) return 0;
  for (const [first, ...later] of DEMO_PIECES) {
    if (!first) continue;
    const { id } = await store.create(first);
    let revision = 1;
    for (const document of later) {
      await store.save(id, revision, document);
      revision += 1;
    }
  }
  return DEMO_PIECES.length;
}
