// What is said under every night.
import { tr } from '@zanfirico/core/words';
export const Caution = () => (
  <p className="quiet mt-3 text-sm leading-snug">{tr`A calculation, not a promise: your supplier’s sheet and your own box come first. Power off before reaching in.`}</p>
);
