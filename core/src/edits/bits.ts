// Bits added, copied and taken away.
import type { PieceBit, PieceDocument } from '@zanfirico/contract/piece';
import { tr } from '../words/tr';
import type { Shape } from '../form/measure';
import type { Bit, BitShape } from '../form/bit';
import { newBit, type BitPreset } from '../form/presets';
import { withoutField } from './changed';
import { copyName } from './copyName';

type WithBits = Pick<PieceDocument, 'bits'>;

/** A body nobody has drawn yet, m. */
const NO_BODY = { height: 0.05, radius: 0.03, tall: 0.1 };
/** Where on the body's height a new bit goes. */
const WAIST = 0.55;

/** The body's skin where a new bit goes, m. */
export function skinPointsOf(shape: Shape | undefined): typeof NO_BODY {
  if (!shape) return NO_BODY;
  const wanted = shape.lowest + WAIST * shape.height;
  const { r, z } = shape.outer;
  let at = 0;
  z.forEach((v, i) => {
    if (Math.abs(v - wanted) < Math.abs((z[at] as number) - wanted)) at = i;
  });
  return { height: z[at] as number, radius: r[at] as number, tall: shape.height };
}

/** A new bit of a kind on the body's skin. */
export const bitOn = (
  preset: BitPreset,
  body: Shape | undefined,
): Bit & { readonly name: string } => newBit(preset, skinPointsOf(body));

/** A form read from a file as a bit on the body's skin. */
export function sculptureOn(
  shape: BitShape,
  body: Shape | undefined,
): Bit & { readonly name: string } {
  const { height, radius } = skinPointsOf(body);
  return {
    name: tr`sculpture`,
    shape,
    place: { height, out: radius, around: 0, tilt: 0, copies: 1 },
  };
}

/** With one more bit. */
export const addBit = <D extends WithBits>(piece: D, bit: PieceBit): D => ({
  ...piece,
  bits: [...(piece.bits ?? []), bit],
});

/** A bit once more, at the end of the list. */
export function copyBit<D extends WithBits>(piece: D, at: number): D {
  const bit = piece.bits?.[at];
  if (!bit) return piece;
  return addBit(piece, { ...bit, name: copyName(bit.name) });
}

/** Without a bit; the file says nothing of bits where there are none. */
export function removeBit<D extends WithBits>(piece: D, at: number): D {
  const rest = (piece.bits ?? []).filter((_, i) => i !== at);
  return rest.length > 0 ? { ...piece, bits: rest } : withoutField(piece, 'bits');
}
