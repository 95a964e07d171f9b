// A file larger than can be read, in a sentence.
import { tr } from '@zanfirico/core/words';

/** What to say of a file over the limit (bytes), with its remedy; undefined when it fits. */
export const tooBig = (file: File, limit: number, remedy: string): string | undefined =>
  file.size > limit
    ? tr`“${file.name}” is ${Math.round(file.size / 1e6)} MB; at most ${limit / 1e6} MB can be read. ${remedy}`
    : undefined;
