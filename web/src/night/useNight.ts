// The night of an input as a hook: the first guess at once, the checked one as soon as it is there.
import type { ScheduleInput, Tuned } from '@zanfirico/core/night';
import { useEffect, useMemo, useState } from 'react';
import {
  asNight,
  checkedNight,
  checkedOnBoard,
  useKnownNight,
  useNightGoing,
  type NightAnswer,
} from './nights';

/** Changes closer together than this are one, ms. */
const REST = 220;

interface Asking {
  /** False while a hand is still moving what it is made of: the guess is enough then. */
  readonly settled?: boolean;
  /** It is the piece on the board: what was asked of it before and is not there yet is dropped. */
  readonly onBoard?: boolean;
}

/** The night as it stands. Undefined without an input. */
export function useNight(input: ScheduleInput, asking?: Asking): NightAnswer;
export function useNight(
  input: ScheduleInput | undefined,
  asking?: Asking,
): NightAnswer | undefined;
export function useNight(
  input: ScheduleInput | undefined,
  { settled = true, onBoard = false }: Asking = {},
): NightAnswer | undefined {
  const known = useKnownNight(input);
  const under = useNightGoing(input);
  // Where this piece's last night ended, the next one's guess begins.
  const [tuned, setTuned] = useState<Tuned>();
  const found = known && 'answer' in known ? known.answer.tuned : undefined;
  if (found && found !== tuned) setTuned(found);
  useEffect(() => {
    if (!input || !settled || known) return undefined;
    const timer = setTimeout(() => {
      // What went wrong is kept with the night, and said there.
      (onBoard ? checkedOnBoard : checkedNight)(input).catch(() => undefined);
    }, REST);
    return () => {
      clearTimeout(timer);
    };
  }, [input, settled, known, onBoard]);
  return useMemo(
    () => input && asNight(input, known, under, onBoard ? tuned : undefined),
    [input, known, under, tuned, onBoard],
  );
}
