// What a log of a night taught about a box: kept within what a shop's document holds, and told.
import { ANNEALER_LIMITS } from '@zanfirico/contract';
import type { LearntBox } from '@zanfirico/core/night/asked';
import { printDuration } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import type { BoxChange } from '../../night/BoxFields';

/** What a log taught, within what a shop's document keeps. */
export const kept = ({ cooling, capacity, unevenness }: LearntBox): BoxChange => ({
  ...(cooling && { coolingTime: Math.round(within('coolingTime', cooling.coolingTime)) }),
  ...(capacity !== undefined && { capacity: Math.round(within('capacity', capacity)) }),
  ...(unevenness !== undefined && { unevenness: within('unevenness', unevenness) }),
});
const within = (of: keyof typeof ANNEALER_LIMITS, v: number): number =>
  Math.min(ANNEALER_LIMITS[of].maximum, Math.max(ANNEALER_LIMITS[of].minimum, v));

/** The same in words; undefined where nothing was learned. */
export function toldOf({ cooling, capacity, unevenness }: LearntBox): string | undefined {
  const told = [
    cooling &&
      tr`cools to a third in ${printDuration(cooling.coolingTime)} (the log lies ${cooling.misfit.toFixed(1)} K from that)`,
    capacity !== undefined && tr`takes ${(capacity / 1000).toFixed(0)} kJ a kelvin`,
    unevenness !== undefined && tr`is uneven by ${unevenness.toFixed(0)} K`,
  ].filter((w) => typeof w === 'string');
  return told.length === 0 ? undefined : told.join(', ');
}
