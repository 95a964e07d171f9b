/* global it */
// Tests that are long by nature: `long(…)` for `it(…)`. They run in npm run test:long; npm test passes them over and says how many.
const LONG = process.env.ZANFIRICO_LONG === '1';
globalThis.long = LONG ? it : it.skip;
/** So many rounds of a property: fewer where time counts. */
globalThis.rounds = (most) => (LONG ? most : Math.max(10, Math.ceil(most / 5)));
