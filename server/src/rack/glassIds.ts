// Glasses of a rack, by their ids, as a refusal names them.
import type { Rack } from '@zanfirico/core/rack';
import { tr } from '@zanfirico/core/words';

/** Ids idsTold in a refusal at most. */
const TOLD = 30;
/** Ids as a refusal tells them. */
export const idsTold = (ids: readonly string[]): string =>
  ids.length <= TOLD
    ? ids.join(', ')
    : tr`${ids.slice(0, TOLD).join(', ')} and ${ids.length - TOLD} more`;

/** Ids of the glasses a rack has, as a refusal tells them. */
export const glassIds = (rack: Rack): string =>
  idsTold(rack.lines.flatMap((l) => (l.glass ? [l.glass.id] : [])));
