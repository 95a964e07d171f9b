// How long a piece keeps its box, by nights that are checked in the worker and kept.
import type { ScheduleInput } from '@zanfirico/core/night';
import { firingsAsked, hoursInBox, type FiresOf } from '@zanfirico/core/piece';
import { checkedNight } from './nights';

/** By the core's `hoursInBox`, s. */
export async function hoursChecked(
  night: ScheduleInput,
  fires: FiresOf | undefined,
): Promise<number> {
  const asked = fires && firingsAsked(fires, night).earlier;
  const [its, earlier] = await Promise.all([checkedNight(night), asked && checkedNight(asked)]);
  return hoursInBox(night, fires, its.schedule, earlier?.schedule);
}
