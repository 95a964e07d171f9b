// A schedule put through the simulation, away from the page: asked a moment after the last change, the newest answer only.
import type { Checked, ScheduleInput } from '@zanfirico/core';
import { useEffect, useState } from 'react';
import { askNight } from '../../workers/night';

/** Changes closer together than this are one, ms. */
const REST = 220;

export type Believed =
  | { readonly state: 'asked' }
  | { readonly state: 'here'; readonly checked: Checked }
  | { readonly state: 'failed'; readonly says: string };

const ASKED: Believed = { state: 'asked' };

/** The checked schedule of an input, with the picture through the wall if wanted; `asked` until it is there. */
export function useChecked(input: ScheduleInput | undefined, picture = false): Believed {
  const [answer, setAnswer] = useState<{ for: ScheduleInput; believed: Believed }>();
  useEffect(() => {
    if (!input) return undefined;
    let live = true;
    const rest = setTimeout(() => {
      void askNight({ kind: 'check', input, picture }).then((a) => {
        if (!live) return;
        setAnswer({
          for: input,
          believed:
            'checked' in a
              ? { state: 'here', checked: a.checked }
              : { state: 'failed', says: 'failed' in a ? a.failed : 'No answer came.' },
        });
      });
    }, REST);
    return () => {
      live = false;
      clearTimeout(rest);
    };
  }, [input, picture]);
  return answer && answer.for === input ? answer.believed : ASKED;
}
