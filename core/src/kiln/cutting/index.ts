// The face of this room: cut lists.
export { cutSheets, KEEPS, stockAfter, type SheetBlank, type CutSheet } from './sheets';
