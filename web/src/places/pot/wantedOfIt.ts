// What is wanted of a pot: a line each.
import type { ComponentType } from 'react';
import { PotWeek } from '../orders/PotWeek';
import type { WantedOfPot } from '../../pot/wantedOfPot';

/** In their order. */
export const WANTED_OF_IT: readonly ComponentType<WantedOfPot>[] = [PotWeek];
