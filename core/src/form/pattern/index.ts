// The face of this room: figures carried between blank and form.
export { LEAST_BLANK, MOST_BLANK, shrunkBlank } from './blank';
export { arcAt, carry, flattened, onSkin, type Carried, type OnForm, type OnSkin } from './figure';
export { across, stretchMap, type StretchMap } from './stretchMap';
