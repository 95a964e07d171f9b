// The face of this room: a whole piece, read and derived.
export { arrivingFrom } from './arriving';
export { readBit, type BitInput } from './bits';
export { bodyOf, bodyShells, lookOf, type GlassBody, type PartShell, type ShellLook } from './body';
export { holdingSeconds, minutesOfDay } from './clock';
export {
  boxFor,
  derive,
  NO_SHOP,
  type Derived,
  type PieceInput,
  type PieceProblem,
  type PlannedBit,
  type PlannedPart,
  type ShopFacts,
} from './derive';
export { piecesFires } from './fires';
export { lyingBits } from './followed';
export { formPart, kilnWall } from './fromKiln';
export { GLYPH_UNIT, glyphOf, type Glyph, type GlyphLine } from './glyph';
export type { Remark } from './joins';
export { ORDINARY_FIRING, ORDINARY_MAKING, ORDINARY_SHOP } from './ordinary';
export { readPart, type Part } from './part';
export { realSectionOf } from './realSection';
export { shelfFacts, type ShelfFacts } from './shelfFacts';
export { annealerIn, ANYBODY, learnedBy, madeIn, ofHand, shopFacts } from './shopFacts';
export type { Whole } from './whole';
export { ruleParts, workOf } from './workPlan';
export {
  bearsOf,
  climbing,
  firesOf,
  firingsAsked,
  hoursInBox,
  programmedFirings,
  SHELF_BEARS,
  type Bears,
  type FiresOf,
  type Programmed,
} from './firings';
export { givenBack, takesOf, type Takes } from './takes';
export { ORDINARY_POT } from './ordinaryPot';
