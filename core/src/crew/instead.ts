// What people do instead where a pair of hands is missing. Common practice, no source (TRADE §15).
import type { Skill } from '../work/facts';

/** By what the missing hands would do: what is done instead, or what is given up. */
export const INSTEAD: Readonly<Record<Skill, string>> = {
  gaff: 'nobody here leads: call someone in',
  gather: 'the piece lies on the rack while the leader gathers',
  bit: 'the piece hangs in the yoke and the leader brings the bit or the punty alone',
  blow: 'a hose blows, both hands stay on the tools',
  shield: 'done without: flash sooner, and keep the arm out of the glare',
  door: 'the door is left ajar and pushed open with a foot',
  torch: 'nobody here works the torch: call someone in',
};
