// What people do instead where a pair of hands is missing. Common practice, no source (TRADE §15).
import type { Skill } from '@zanfirico/contract/order';
import { tr, type Said } from '../words/tr';

/** By what the missing hands would do: what is done instead, or what is given up. */
export const INSTEAD: Readonly<Record<Skill, Said>> = {
  gaff: () => tr`nobody here leads: call someone in`,
  gather: () => tr`the piece lies on the rack while the leader gathers`,
  bit: () => tr`the piece hangs in the yoke and the leader brings the bit or the punty alone`,
  blow: () => tr`a hose blows, both hands stay on the tools`,
  shield: () => tr`done without: flash sooner, and keep the arm out of the glare`,
  door: () => tr`the door is left ajar and pushed open with a foot`,
  torch: () => tr`nobody here works the torch: call someone in`,
};
