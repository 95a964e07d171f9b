// The face of this room: profiles, parts and bits as shapes.
export { acrossProblem, cutOf, RAYS } from './across';
export type { Bit, BitShape } from './bit';
export { bitMesh } from './bitMesh';
export {
  LEAST_POINTS,
  LEAST_WALL,
  MOST_LENGTH,
  MOST_POINTS,
  MOST_WALL,
  type ShapeProblem,
} from './checkProfile';
export { bezierSpans, tangentAt } from './curve';
export { CUTS, cutFor, presetOf, type CutPreset } from './cutPresets';
export {
  fitsAnnealer,
  fitsGloryHole,
  OVAL_REJECT,
  type Annealer,
  type ClosureFit,
  type GloryHole,
} from './fits';
export { FORMS, startingParts, startingProfile } from './forms';
export { lineWithin } from './inner';
export { measurePart, measureShape, type Shape } from './measure';
export { joinedMesh, measureMesh, openEdges, turnedMesh, weldedMesh, type Mesh } from './mesh';
export { stlBytes } from './stl';
export {
  BIT_PRESETS,
  newBit,
  newPart,
  PART_PRESETS,
  type BitPreset,
  type PartPreset,
} from './presets';
export { ON_AXIS, profileSpan, type Line, type Profile } from './profile';
export { silhouettes, type Silhouette } from './silhouette';
export { restOn, snapTo } from './snap';
export { widestAt } from './widestAt';
