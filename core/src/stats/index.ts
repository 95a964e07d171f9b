// The face of this room: robust figures.
export { grouped } from './grouped';
export { robust, type Robust } from './robust';
