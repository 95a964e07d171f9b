// What a shelf says of a piece without opening it: its small drawing and its few telling figures, few enough to keep beside it.
import type { ScheduleInput } from '../night/scheduleInput';
import type { Glass } from '../glass/glass';
import { derive, type PieceInput, type ShopFacts } from './derive';
import { firesOf, type FiresOf } from './firings';
import { lyingBits } from './followed';
import { glyphOf, type Glyph } from './glyph';

/** A piece as its shelf shows it, or that its drawing has to be mended first. SI. */
export type ShelfFacts =
  /** Without a glass's name where the rack has none of its id. */
  | { readonly ok: false; readonly glassName?: string }
  | {
      readonly ok: true;
      readonly glassName: string;
      readonly glyph: Glyph;
      readonly mass: number;
      /** Gathers of its main part at the furnace. */
      readonly gathers?: number;
      /** Stock of its main part at the torch, m. */
      readonly stock?: number;
      /** Made in the kiln: so many sheets deep, in so many firings. */
      readonly kiln?: {
        readonly layers: number;
        readonly firings: number;
        readonly fires: FiresOf;
      };
      /** Across all of it, handles and spouts too, m: the room it takes in a box. */
      readonly across: number;
      /** What its night is worked out from. */
      readonly night: ScheduleInput;
    };

/** Reads a piece for the shelf. Pure, as long as `derive` and the silhouettes of its bits take. */
export function shelfFacts(piece: PieceInput, glass: Glass, shop: ShopFacts): ShelfFacts {
  const d = derive(piece, glass, shop);
  if (!d.ok) return { ok: false, glassName: glass.name };
  return {
    ok: true,
    glassName: glass.name,
    glyph: glyphOf(
      d.parts.map((p) => p.shape),
      lyingBits(d, piece.bits ?? []),
      d.whole,
    ),
    mass: d.readings.mass.value,
    ...(d.gathers && { gathers: d.gathers.gathers.length }),
    ...(d.stock && { stock: d.stock.length.value }),
    ...(piece.kiln && {
      kiln: {
        layers: d.fired?.layers ?? 0,
        firings: piece.kiln.firings.length,
        fires: firesOf(piece.kiln, d.fired, d.whole.thickest.wall),
      },
    }),
    across: 2 * d.whole.widest,
    night: d.night,
  };
}
