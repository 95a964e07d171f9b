// Many entries in lots that the server takes at once.
import { BODY_LIMIT } from '@zanfirico/contract';
import { IMPORT_BATCH } from '@zanfirico/contract/rack';

/** Of what a request may hold, so much is filled: letters outside ASCII take more than one byte, and are counted. */
const FILLED = 0.9 * BODY_LIMIT;

/** The same entries in order, in lots of at most so many and so many bytes of JSON; one too large alone is a lot of its own. */
export function batches<E>(entries: readonly E[]): readonly (readonly E[])[] {
  const lots: E[][] = [];
  let bytes = Infinity;
  for (const entry of entries) {
    const size = new TextEncoder().encode(JSON.stringify(entry)).length + 1;
    if (bytes + size > FILLED || (lots.at(-1)?.length ?? 0) >= IMPORT_BATCH) {
      lots.push([]);
      bytes = 0;
    }
    lots.at(-1)?.push(entry);
    bytes += size;
  }
  return lots;
}
