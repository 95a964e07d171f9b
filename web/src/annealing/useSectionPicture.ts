// The picture of a checked night's section as a hook.
import type { Checked, ScheduleInput, SectionOutcome } from '@zanfirico/core';
import { useMemo } from 'react';
import { useAnswer, type Answer } from '../workers/useAnswer';
import { night } from '../workers/workers';

/** The picture of a checked night's section: asked for when it is looked at, for it is much to carry. */
export function useSectionPicture(
  input: ScheduleInput,
  checked: Checked | undefined,
): Answer<SectionOutcome | undefined> {
  const ask = useMemo(
    () =>
      checked?.outcome.section
        ? () =>
            night((w) =>
              w.where(input, checked.curve, checked.schedule.soak.value, checked.outcome.place),
            )
        : undefined,
    [input, checked],
  );
  return useAnswer(ask);
}
