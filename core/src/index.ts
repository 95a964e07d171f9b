// The public face of the core: the glass science and the planning.
export { PRACTICES, type Practice } from './anneal/practice';
export type { Schedule } from './anneal/schedule';
export type { GatherPlan } from './gather/plan';
export { consistency } from './glass/consistency';
export type { Glass } from './glass/glass';
export { findGlass, REPRESENTATIVE_GLASSES } from './glass/rack';
export { fitVft, logViscosity, strainPoint } from './glass/viscosity';
export { clockAfter, minutesOfDay } from './piece/clock';
export { ORDINARY_FIRING, ORDINARY_MAKING } from './piece/ordinary';
export { hasBore } from './piece/stock';
export { derive, type Derived, type PieceInput } from './piece/derive';
export type { OrderedStep } from './sequence/order';
export type { ShapeProblem } from './shape/check';
export { FORMS, startingProfile, type Form } from './shape/forms';
export { measureShape, type Shape } from './shape/measure';
export type { Profile, ProfilePoint } from './shape/profile';
export { readQuantity } from './units/parse';
export { printDuration, printForField, printQuantity, printText } from './units/print';
export {
  displayUnit,
  METRIC,
  type DisplayUnits,
  type QuantityKind,
  type TypedKind,
} from './units/quantity';
export type { Figure, Verdict, Why } from './units/why';
