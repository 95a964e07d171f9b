// Words pieces are found by on the shelf.
import { Type } from '@sinclair/typebox';

/** Tags a piece has at most, and letters of one. */
export const MOST_TAGS = 12;
/** A tag has at most so many letters. */
export const TAG_LETTERS = 24;

/** A tag: no comma in it, no space at its ends. */
export const tagWord = () =>
  Type.String({ minLength: 1, maxLength: TAG_LETTERS, pattern: '^[^\\s,](?:[^,]*[^\\s,])?$' });
