// What an order of work is drafted from, of a piece that can be made: its parts as heat sees them, who helps, and its fires.
import type { PieceDocument, ShopDocument } from '@zanfirico/contract';
import {
  piecesFires,
  workOf,
  type Derived,
  type Glass,
  type Hole,
  type Verdict,
} from '@zanfirico/core';
import type { DraftAsked } from './placedDrafts';

export interface WorkAsked extends DraftAsked {
  /** The glory hole it goes to; undefined where the furnace's mouth serves. */
  readonly hole: Hole | undefined;
  readonly passes: Verdict | undefined;
}

/** Works it out. `helpers` is whether bits are made beside the main part. */
export function workAsked(
  document: Pick<PieceDocument, 'form' | 'way' | 'parts' | 'bits' | 'cane' | 'making' | 'sequence'>,
  derived: Extract<Derived, { ok: true }>,
  glass: Glass,
  holes: ShopDocument['gloryHoles'] | undefined,
): WorkAsked {
  const { form, way, parts, bits, cane, sequence } = document;
  const crew = sequence?.crew;
  const helpers = crew && crew.length > 0 ? crew.length > 1 : (sequence?.helpers ?? true);
  const lead = sequence?.lead;
  const main =
    derived.parts.find((p) => p.id === lead && p.role !== 'stopper')?.index ?? derived.main.index;
  const bulk = { height: derived.whole.height, across: 2 * derived.whole.widest };
  const { fires, hole, passes } = piecesFires(glass, document.making.potTemperature, bulk, holes);
  return {
    ...workOf({ form, way, parts, bits, cane }, { parts: derived.parts, bits: derived.bits }, main),
    working: { main, helpers },
    fires,
    hole,
    passes,
  };
}
