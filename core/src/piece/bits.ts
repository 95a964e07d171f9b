// The bits of a piece, read: each with its glass and its weight.
import type { PieceBit } from '@zanfirico/contract/piece';
import type { Glass } from '../glass/glass';
import type { Bit } from '../form/bit';
import { bitProblem, measureBit, type BitMeasure } from '../form/bitMeasure';

/** A bit as the document has it; of one that goes by the wall, how the wall runs there. */
export type BitInput = Omit<PieceBit, 'shape'> & Bit;

/** A bit read. */
export interface ReadBit {
  readonly index: number;
  readonly name: string;
  readonly glass: Glass;
  readonly measure: BitMeasure;
  readonly mass: number;
}

/** Reads a bit, or says what is wrong with it. */
export function readBit(
  input: BitInput,
  index: number,
  glass: Glass,
):
  | { readonly ok: true; readonly bit: ReadBit & { readonly input: BitInput } }
  | { readonly ok: false; readonly message: string } {
  const message = bitProblem(input, input.name);
  if (message !== undefined) return { ok: false, message };
  const measure = keptMeasure(input);
  return {
    ok: true,
    bit: { index, name: input.name, glass, measure, mass: measure.volume * glass.density, input },
  };
}

const measures = new WeakMap<object, { readonly place: object; readonly measure: BitMeasure }>();
function keptMeasure(input: BitInput): BitMeasure {
  const before = measures.get(input.shape);
  if (before?.place === input.place) return before.measure;
  const measure = measureBit(input);
  measures.set(input.shape, { place: input.place, measure });
  return measure;
}
