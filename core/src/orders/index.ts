// The face of this room: days planned for what is wanted.
export {
  planDays,
  type OrderOutcome,
  type PotFor,
  type DaysAsked,
  type DaysPlan,
  type WantedPiece,
} from './planDays';
