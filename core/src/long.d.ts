// What scripts/jestLong.cjs gives every test.

/** `it`, for what is long by nature: npm run test:long runs it, npm test passes it over. */
declare const long: jest.It;
/** So many rounds of a property in npm run test:long; a fifth of them in npm test. */
declare const rounds: (most: number) => number;
