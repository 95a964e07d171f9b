// The face of this room: layers of a wall, both schools.
export { FIT_PLACES, formAt, judgePart, type PartFit, type PlaceFit } from './along';
export { bulkOf, lookThrough, type LightBulk } from './bulk';
export type { Colour, ColourForm, GlassForm } from './colour';
export {
  BLACK,
  depthRemark,
  lightOf,
  hexOf,
  luminance,
  over,
  stackOver,
  throughAt,
  WHITE,
  seenFrom,
  toLinear,
  type Light,
} from './colourDepth';
export { judgeInclusion } from './inclusion';
export { interferenceColour, TINT_PLATE } from './interference';
export {
  baseOf,
  GOOD_TENSION,
  judgeStack,
  MOST_TENSION,
  NUMBER_TOLERANCE,
  remedies,
  setFall,
  type FitLayer,
  type Remedy,
  type FitGlass,
  type Schools,
  type StackFit,
} from './judgeStack';
export { amountVolume, asFitGlass, layWall, stackAt, type LaidColour, type WallShare } from './lay';
export { judgeOverlays, type BuildUp, type OverlayFit } from './overlays';
export { movesFirst, reaction, reactionFamily } from './reactions';
export { readExpansion } from './reading';
export { bowFor } from './thread';
