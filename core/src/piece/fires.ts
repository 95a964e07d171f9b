// The fires a piece is made with: its pot, and the glory hole of the shop that takes it.
import type { NamedHole } from '@zanfirico/contract/shop';
import type { Glass } from '../glass/glass';
import { firesFor, type AirExchange, type Fires } from '../iron/surroundings';
import { fitsGloryHole, type Bulk } from '../form/fits';
import type { Verdict } from '../units/why';

/** What a piece is heated in. */
export interface PieceFires {
  readonly fires: Fires;
  /** The hole it goes to; undefined where the shop has none and the furnace's mouth serves. */
  readonly hole: NamedHole | undefined;
  /** Whether it passes that hole's mouth. */
  readonly passes: Verdict | undefined;
}

/**
 * The narrowest hole whose mouth takes the piece, for it wastes least heat; the widest there is where none does. Without a hole the
 * mouth of the furnace serves as one, at the pot's heat. `exchange` is what the shop has learnt of its bench and hole.
 */
export function piecesFires(
  glass: Glass,
  pot: number,
  bulk: Bulk,
  holes: readonly NamedHole[] | undefined,
  exchange?: AirExchange,
): PieceFires {
  const as = (gloryHole: number | undefined): Fires => ({
    ...firesFor(glass, { pot, gloryHole }),
    ...(exchange && { exchange }),
  });
  if (holes?.length === 0) return { fires: as(pot), hole: undefined, passes: undefined };
  const byMouth = [...(holes ?? [])].sort((a, b) => a.mouth - b.mouth);
  const hole =
    byMouth.find((h) => fitsGloryHole(bulk, h).verdict !== 'no') ?? byMouth[byMouth.length - 1];
  return {
    fires: as(hole?.temperature),
    hole,
    passes: hole && fitsGloryHole(bulk, hole),
  };
}
