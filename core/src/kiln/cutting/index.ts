// The face of this room: cut lists.
export {
  cutSheets,
  KEEPS,
  stockAfter,
  type SheetBlank,
  type CutSheet,
  type StockSheet,
} from './sheets';
