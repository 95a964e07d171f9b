/** Zooms, as a factor on the whole piece fitted in; the last shows ten seconds or so. */
export const ZOOMS = [1, 1.6, 2.5, 4, 7, 12, 25, 60];
