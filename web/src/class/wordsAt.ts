// What a class says at a step: the teacher's words, and the two words explained where they come up.
import type { ClassDocument } from '@zanfirico/contract/class';
import { TWO_WORDS } from '@zanfirico/core/class';

/** The teacher's own, in the order they are said. */
export const ownWordsAt = (lesson: ClassDocument, kind: string): string[] =>
  lesson.words.flatMap((w) => (w.kind === kind ? [w.says] : []));

/** All that is said at a step of a kind. */
export const wordsAt = (lesson: ClassDocument, kind: string): string[] => {
  const two = TWO_WORDS[kind];
  return [...ownWordsAt(lesson, kind), ...(two ? [two()] : [])];
};
