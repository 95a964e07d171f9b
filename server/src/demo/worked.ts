// A demo piece as its order of work is made from: derived, its parts as heat sees them, its fires in an ordinary shop.
import type { PieceDocument } from '@zanfirico/contract/piece';
import { derive, ORDINARY_SHOP, piecesFires, workOf, type Derived } from '@zanfirico/core/piece';
import { SHIPPED_RACK } from '@zanfirico/core/rack';

interface Worked extends ReturnType<typeof workOf>, ReturnType<typeof piecesFires> {
  readonly derived: Extract<Derived, { ok: true }>;
}

/** Undefined where it cannot be made. */
export function worked(document: PieceDocument): Worked | undefined {
  const glass = SHIPPED_RACK.glass(document.glass);
  const derived = glass && derive(document, glass);
  if (!glass || derived?.ok !== true) return undefined;
  const { whole } = derived;
  return {
    derived,
    ...workOf(document, derived, derived.main.index),
    ...piecesFires(
      glass,
      document.making.potTemperature,
      { height: whole.height, across: 2 * whole.widest },
      ORDINARY_SHOP.gloryHoles,
    ),
  };
}
