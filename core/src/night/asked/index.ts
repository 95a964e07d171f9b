// The face of this room: what is asked of a checked night: margins, accidents, loads, weeks, recipes.
export { judgeCurve, type Begun, type JudgedAccident } from './accident';
export { customaryHolds } from './customaryHolds';
export { customaryNight } from './customaryNight';
export { whatHelps, type Helped, type Tried } from './helps';
export { follow, type Mishap } from './kiln';
export { learnBox, type LearntBox } from './learnBox';
export {
  annealed,
  loadNight,
  stand,
  type PieceInside,
  type Loaded,
  type LoadNight,
  type LoadPiece,
  type StandingInside,
} from './load';
export { readLoggerCsv, type ReadLog } from './log';
export { nightMargins, type Margin, type NightMargins } from './margins';
export { asRecipe, boxLeaves, recipeCurve, recipeProblems } from './recipe';
export { shortestNight, type ShorterNight } from './shortest';
export { warming, type Warming } from './warming';
export { planWeek, type Week, type WeekAnnealer, type WeekLoad, type WeekPiece } from './week';
export { howMany } from './howMany';
