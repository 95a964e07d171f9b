// The face of this room: canes picked up and twisted.
export {
  billetFor,
  canesRound,
  pulledFrom,
  ribAfter,
  ribSpacing,
  turnsFor,
  twistAfter,
  twistAngle,
} from './pickUp';
