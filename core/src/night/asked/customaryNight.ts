// The night most shops fire by: an hour's soak, then 100 °F an hour to the door. Common practice, no source (TRADE §10).
import type { Recipe } from '@zanfirico/contract/shop';
import { tr } from '../../words/tr';
import type { ScheduleInput } from '../scheduleInput';

/** 100 °F an hour, K/s. */
const RATE = 100 / 1.8 / 3600;
const SOAK = 3600;

/** The customary recipe from the hold of a night. */
export const customaryNight = ({
  holdTemperature: hold,
  doorTemperature: door,
}: Pick<ScheduleInput, 'holdTemperature' | 'doorTemperature'>): Recipe => ({
  name: tr`Overnight at 100 °F an hour`,
  start: hold,
  lines: [
    { to: hold, hold: SOAK },
    { to: door, rate: RATE },
  ],
});
