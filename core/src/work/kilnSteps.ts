// Steps of a piece made in the kiln, from the sheet to the shelf. Common practice, no source.
import { tr } from '../words/tr';
import { step, type StepKind } from './step';

const EDGES = () =>
  tr`Cold edges cut: eyes covered, gloves where it is carried, the bench swept wet.`;
const DUST = () =>
  tr`Frit, powder and separator dust: hood on or mask, wet cloth, never a dry broom.`;

/** Cut, laid up, a mould filled. */
export const KILN_STEPS: readonly StepKind[] = [
  step(
    'cutSheet',
    () => tr`Cut the sheet`,
    'cold bench',
    'wheel, running pliers',
    () => tr`One score, one direction, steady; run it at once, right through what is in hand.`,
    { caution: EDGES },
  ),
  step(
    'layUp',
    () => tr`Lay it up`,
    'cold bench',
    'shelf, separator',
    () => tr`Clean and dry, on paper or primer; glue burns out, fingerprints do not.`,
    { caution: DUST },
  ),
  step(
    'fillMould',
    () => tr`Fill the mould`,
    'cold bench',
    'scales, mould',
    () => tr`Weigh it in: its water times two and a half; the mould bone dry first.`,
    { caution: DUST },
  ),
];
