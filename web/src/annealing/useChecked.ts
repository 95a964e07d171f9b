// A schedule put through the simulation, away from the page: asked a moment after the last change, the newest answer only.
import type { Checked, ScheduleInput } from '@zanfirico/core';
import { useMemo } from 'react';
import { failureOf, useNight } from './useNight';

/** Changes closer together than this are one, ms. */
const REST = 220;

export type Believed =
  | { readonly state: 'asked' }
  | { readonly state: 'here'; readonly checked: Checked }
  | { readonly state: 'failed'; readonly says: string };

const ASKED: Believed = { state: 'asked' };

/** The checked schedule of an input, with the picture through the wall if wanted; `asked` until it is there. */
export function useChecked(input: ScheduleInput | undefined, picture = false): Believed {
  const question = useMemo(
    () => input && ({ kind: 'check', input, picture } as const),
    [input, picture],
  );
  const answer = useNight(question, REST);
  return useMemo((): Believed => {
    if (!answer) return ASKED;
    return 'checked' in answer
      ? { state: 'here', checked: answer.checked }
      : { state: 'failed', says: failureOf(answer) ?? 'No answer came.' };
  }, [answer]);
}
