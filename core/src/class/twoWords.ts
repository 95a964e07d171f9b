// The two words a class mixes up, by what they do (TRADE §14).
import { tr, type Said } from '../words/tr';

/** Said at the step, by its kind. */
export const TWO_WORDS: Readonly<Record<string, Said>> = {
  flash: () => tr`Flash: a few seconds in the hole. Nothing moves; it only does not fall too cold.`,
  reheat: () => tr`Reheat: stay in until the colour comes back and it moves.`,
  longReheat: () =>
    tr`A long reheat: stay in until the colour comes back all through and it moves.`,
};
