// The face of this room: the door every word goes through.
export { isPlain, mark, messageOf, speak, tr, trSense, trWord, type Tongue } from './tr';
