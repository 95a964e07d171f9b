// The face of this room: quantities, read and printed.
export { inWords } from './inWords';
export { readQuantity } from './parse';
export { writtenWith, printDuration, printForField, printQuantity, printText } from './print';
export {
  displayUnit,
  fromSI,
  METRIC,
  type DisplayUnits,
  type QuantityKind,
  type TypedKind,
  METRES_PER_INCH,
} from './quantity';
export { GRADE, type Figure, type Verdict, type Why } from './why';
