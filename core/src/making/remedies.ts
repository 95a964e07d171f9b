// What is usually done about a mishap: the steps that save the piece, in order. Common practice, no source (TRADE §15).
import type { StepId } from '../work/step';

/** By the mishap's name; none where there is nothing usual to do but go on, or give up. */
export const REMEDIES: Readonly<Record<string, readonly StepId[]>> = {
  'off centre': ['flash', 'straight'],
  // A rim is cut only when it is soft: fresh from the pipe it is stiff, and a flash does not reach it.
  'ragged break': ['longReheat', 'trim', 'firePolish'],
  'trimmed to save it': ['firePolish'],
  'too cold at the marver': ['reheat'],
  'blew thin': ['reheat', 'shapeBit'],
  'trapped bubble': ['spotHeat', 'blowHole'],
  cracked: ['flash'],
  'stuck to the mould': ['reheat'],
  slumped: ['swing', 'straight'],
  'wrong colour': [],
  // Take more at the second dip; what ran off is nobody's.
  'half a gather': ['gather'],
  'gathered too much': [],
  fell: [],
};
