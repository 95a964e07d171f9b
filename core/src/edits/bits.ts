// Bits added, copied and taken away.
import { tr } from '../words/tr';
import type { Shape } from '../form/measure';
import type { Bit, BitShape } from '../form/bit';
import { newBit, type BitPreset } from '../form/presets';
import { copyName } from './copyName';

/** A bit as edits see it. */
interface EditedBit {
  name: string;
}
interface WithBits<B extends EditedBit> {
  bits?: B[];
}

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
export const addBit = <B extends EditedBit, D extends WithBits<B>>(piece: D, bit: B): D => ({
  ...piece,
  bits: [...(piece.bits ?? []), bit],
});

/** A bit once more, at the end of the list. */
export function copyBit<B extends EditedBit, D extends WithBits<B>>(piece: D, at: number): D {
  const bit = piece.bits?.[at];
  if (!bit) return piece;
  return addBit(piece, { ...bit, name: copyName(bit.name) });
}

/** Without a bit; the file says nothing of bits where there are none. */
export function removeBit<D extends WithBits<EditedBit>>(piece: D, at: number): D {
  const rest = (piece.bits ?? []).filter((_, i) => i !== at);
  const without = { ...piece, bits: rest };
  if (rest.length === 0) delete (without as { bits?: unknown }).bits;
  return without;
}
