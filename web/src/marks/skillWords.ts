// What hands can do, as it is said on screen.
import type { Skill } from '@zanfirico/core';

export const SKILL_WORDS: Readonly<Record<Skill, string>> = {
  gaff: 'leads',
  gather: 'gathers',
  bit: 'brings bits',
  blow: 'blows',
  shield: 'shields',
  door: 'doors',
  torch: 'torch',
};
