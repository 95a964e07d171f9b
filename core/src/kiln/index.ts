// The face of this room: laid from sheet and fired.
export { PACKED_SHARE, reservoirTall } from './cast';
export { castFor, firePiece, type FiredOnce, type FiredPiece, type Hung } from './firedPiece';
export { firingLines, settlesAtHeight } from './firing';
export { rounds, type Fuse } from './flow';
export {
  freshFiring,
  freshKiln,
  KILN_STARTS,
  ORDINARY_MOULD,
  ORDINARY_SHEETS,
  SHEET,
  type KilnStart,
} from './fresh';
export { judgeFiring, type FiringRemark } from './judgeFiring';
export { AIMS } from './kilnWork';
export {
  areaOf,
  outlineBounds,
  cutAt,
  outlineOf,
  LAID_KINDS,
  SOLID,
  standsAt,
  volumeOf,
  type LaidCut,
} from './laid';
export { mouldDepth, mouldProblem, MOULDS, sheetFor } from './mould';
export { meetings, type Meeting } from './neighbours';
export { flowFor, flowOf, hotStretch, PROCESS, processFor } from './process';
export { hangsAt, slid, slump } from './slump';
export { warmTogether, type ToWarm, type WarmsTogether } from './warmTogether';
