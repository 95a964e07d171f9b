// The face of this room: edits of the document, pure.
export { addBit, bitOn, copyBit, removeBit, sculptureOn } from './bits';
export { withChanges, type Changes } from './changed';
export { clashKey, merged, type Choices, type Clash } from './merge';
export {
  byId,
  byNumber,
  inHand,
  redraftedSteps,
  namedPlan,
  withPlan,
  withSteps,
  withVariant,
} from './order';
export { addPart, copyPart, removePart } from './parts';
export {
  insertAfter,
  insertNear,
  inwardAt,
  mirrorAfter,
  mirrorUpper,
  movePoint,
  raisedPart,
  removePoint,
  setPull,
  setWall,
} from './profile';
export { scaledTo, uprighted } from './reference';
export { scaledPart, scaledWhole, type Walls } from './scale';
export {
  copiedPoints,
  moveSeveral,
  pastePoints,
  removeSeveral,
  thickenSeveral,
} from './severalPoints';
export { copiedSteps, moveSteps, pasteSteps, removeSteps } from './severalSteps';
export { changeStep, insertStep, moveStep, removeStep, repeatStep } from './steps';
export { takeIn } from './takenIn';
export { wouldHelp, type WouldHelp } from './wouldHelp';
