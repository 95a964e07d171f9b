// A bit's mesh in its place, kept for as long as neither changes.
import { bitMesh } from '../form/bitMesh';
import type { FacetTree } from '../form/facetTree';
import type { Mesh } from '../form/mesh';
import type { BitInput } from './bits';

/** A bit as it is made: its glass and how it comes to the piece. */
export interface MadeBit {
  readonly shape: BitInput['shape'];
  /** One copy, in its place. */
  readonly one: Mesh;
  tree?: FacetTree;
}
/** Kept with the very place they were made for: while one bit is moved the others are made no second time. */
const madeBits = new WeakMap<BitInput['place'], MadeBit>();

/** The mesh of one copy. */
export function madeOf({ shape, place }: BitInput): MadeBit {
  const before = madeBits.get(place);
  if (before?.shape === shape) return before;
  const made: MadeBit = { shape, one: bitMesh({ shape, place: { ...place, copies: 1 } }) };
  madeBits.set(place, made);
  return made;
}
