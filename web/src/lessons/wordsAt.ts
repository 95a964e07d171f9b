// What a class says at a step: the teacher's words, and the two words explained where they come up.
import type { ClassDocument } from '@zanfirico/contract';
import { TWO_WORDS } from '@zanfirico/core';

/** In the order they are said. */
export const wordsAt = (lesson: ClassDocument, kind: string): string[] => [
  ...lesson.words.flatMap((w) => (w.kind === kind ? [w.says] : [])),
  ...(TWO_WORDS[kind] === undefined ? [] : [TWO_WORDS[kind]]),
];
