// The face of this room: the drawn section, by finite elements.
export { elasticBalance } from './elastic';
export { MeshProblem, type SectionMesh } from './mesh';
export { sectionNight, type Moment, type SectionNight } from './night';
export { placeName } from './placeName';
export { seenThrough, type SeenThrough } from './polarised';
export {
  meshProblem,
  putSection,
  NightStopped,
  type ArrivingBody,
  type DrawnSection,
  type SectionOutcome,
  type Somewhere,
} from './putSection';
export {
  grown,
  isNarrow,
  meshOfSection,
  ORDINARY_STANDING,
  seesOf,
  sightOf,
  type RealSection,
  type SectionStanding,
} from './realSection';
