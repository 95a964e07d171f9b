// How long a piece keeps its box, by nights that are checked in the worker and kept.
import type { Schedule, ScheduleInput } from '@zanfirico/core/night';
import { firingsAsked, hoursInBox, type FiresOf } from '@zanfirico/core/piece';
import { checkedNight } from './nights';

/** By the core's `hoursInBox`, s. */
export async function hoursChecked(
  night: ScheduleInput,
  fires: FiresOf | undefined,
): Promise<number> {
  const known = new Map<ScheduleInput, Schedule>();
  const check = async (asked: ScheduleInput | undefined): Promise<void> => {
    if (asked) known.set(asked, (await checkedNight(asked)).schedule);
  };
  const earlier = fires && firingsAsked(fires, night).earlier;
  await Promise.all([check(night), check(earlier)]);
  return hoursInBox(
    night,
    fires,
    (asked) => known.get(asked) ?? (known.get(earlier ?? night) as Schedule),
  );
}
