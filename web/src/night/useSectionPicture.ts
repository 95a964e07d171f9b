// The picture of a checked night's section as a hook.
import type { CheckedNight, ScheduleInput } from '@zanfirico/core/night';
import type { DrawnSection, SectionOutcome } from '@zanfirico/core/night/section';
import { useMemo } from 'react';
import { useAnswer, type Answer } from '../workers/useAnswer';
import { night } from '../workers/workers';

/** The bodies of a piece that are drawn: itself, and what stands apart from it. */
export const drawnBodies = ({
  drawn,
  apart = [],
}: Pick<ScheduleInput, 'drawn' | 'apart'>): readonly DrawnSection[] => [
  ...(drawn ? [drawn] : []),
  ...apart,
];

/** The picture of a checked night's section: asked for when it is looked at, for it is much to carry. */
export function useSectionPicture(
  input: ScheduleInput,
  checked: CheckedNight | undefined,
  drawn: DrawnSection | undefined,
): Answer<SectionOutcome | undefined> {
  const ask = useMemo(
    () =>
      checked?.outcome.section && drawn
        ? () =>
            night((w) =>
              w.where(
                input,
                drawn,
                checked.curve,
                checked.schedule.soak.value,
                checked.outcome.place,
              ),
            )
        : undefined,
    [input, checked, drawn],
  );
  return useAnswer(ask);
}
