// What a copy is called: after what it was copied from, no longer than the file takes.

/** Longest name the file takes. */
const LONGEST_NAME = 40;

/** "foot" copied is "foot again". */
export const copyName = (name: string): string => `${name} again`.slice(0, LONGEST_NAME);
