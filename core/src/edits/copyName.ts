// What a copy is called: after what it was copied from, no longer than the file takes.
import { tr } from '../words/tr';

/** Longest name the file takes. */
const LONGEST_NAME = 40;

/**
 * "foot" copied is "foot again".
 *
 * @example
 * copyName('Bowl') // 'Bowl again'
 */
export const copyName = (name: string): string => tr`${name} again`.slice(0, LONGEST_NAME);
