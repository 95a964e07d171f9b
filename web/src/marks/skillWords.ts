// What hands can do, as it is said on screen.
import type { Skill } from '@zanfirico/contract/order';
import { tr } from '@zanfirico/core/words';

/** What hands can do, in words. */
export const SKILL_WORDS: Readonly<Record<Skill, string>> = {
  gaff: tr`leads`,
  gather: tr`gathers`,
  bit: tr`brings bits`,
  blow: tr`blows`,
  shield: tr`shields`,
  door: tr`doors`,
  torch: tr`torch`,
};
