// A piece made in the kiln, as its file has it: what is laid, its mould, its firings.

/** What a firing is for. */
export const AIMS = ['polish', 'tack', 'contour', 'full', 'slump', 'drape', 'cast'] as const;
