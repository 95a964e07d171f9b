// Where this package is, whether it runs from its source or from its bundle: both are one folder below it.
import { resolve } from 'node:path';

/** The server's own folder. */
export const SERVER = resolve(import.meta.dirname, '..');
/** The checkout. */
export const HOME = resolve(SERVER, '..');
