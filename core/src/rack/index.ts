// The face of this room: glasses and colours.
export { checkEntry, type EntryProblem } from './checkEntry';
export { LEAF, REPRESENTATIVE_COLOURS } from './colours';
export { doubtsOf } from './doubts';
export { QUANTITIES } from './entry';
export { expectedHalo, testedDifference, type FitTest, type TestGlass } from './fitTest';
export { findGlass, REPRESENTATIVE_GLASSES } from './glasses';
export { rackLine, rackOf, SHIPPED_RACK, type Rack, type RackLine } from './rack';
export { SPEAKERS, type Speaker, type Spoken } from './resolve';
export { amountKindsFor, stockFor } from './stockFor';
