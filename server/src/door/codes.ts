// Pairing codes: shown once on a lead's screen, good for some minutes and for one device. They live in memory: a start of the server ends them.
import { randomInt } from 'node:crypto';
import { CODE_DIGITS, CODE_MS, type NewCode, type ShownCode } from '@zanfirico/contract/door';
import { newSalt, sameBytes, slowHash } from './secret';

/** Codes that stand at once. */
const MOST_CODES = 12;
/** Wrong guesses after which no code that stands is good any more: one in a million each, so 1 in 50 000 that any hit. */
const MOST_WRONG = 20;

interface Standing {
  readonly hash: Buffer;
  readonly whose: NewCode;
  readonly until: number;
}

/** The codes that stand. */
export interface CodeBook {
  /** A new one; undefined where too many stand. */
  issue(whose: NewCode): Promise<ShownCode | undefined>;
  /** Whose it is, once; undefined where it is none, or none any more. */
  take(code: string): Promise<NewCode | undefined>;
  /** Wrong guesses in all. */
  guessed(): { readonly times: number; readonly last: number } | undefined;
}

/** A book without codes. */
export function codeBook(now: () => number = Date.now): CodeBook {
  const salt = newSalt();
  let standing: Standing[] = [];
  let wrong = 0;
  let times = 0;
  let last = 0;
  const tidy = (): void => {
    standing = standing.filter((s) => s.until > now());
    if (standing.length === 0) wrong = 0;
  };
  return {
    async issue(whose) {
      tidy();
      if (standing.length >= MOST_CODES) return undefined;
      const code = String(randomInt(10 ** CODE_DIGITS)).padStart(CODE_DIGITS, '0');
      const hash = await slowHash(code, salt);
      const until = now() + CODE_MS;
      standing.push({ hash, whose, until });
      return { code, ...whose, until };
    },

    async take(code) {
      const hash = await slowHash(code, salt);
      // From here on nothing waits: of two who come with one code at once, one is let in.
      tidy();
      const found = standing.find((s) => sameBytes(s.hash, hash));
      if (found) {
        standing = standing.filter((s) => s !== found);
        return found.whose;
      }
      times += 1;
      last = now();
      wrong += 1;
      if (wrong >= MOST_WRONG) standing = [];
      return undefined;
    },

    guessed: () => (times === 0 ? undefined : { times, last }),
  };
}
