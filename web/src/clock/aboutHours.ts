// How long a piece is in the box, for those who only look along the shelf: the first guess, not put through the simulation.
import { printDuration } from '@zanfirico/core';

const HOUR = 3600;

/** "about 14 h". */
export const aboutHours = (seconds: number): string =>
  `about ${printDuration(HOUR * Math.max(1, Math.round(seconds / HOUR)))}`;
