// A question to the night worker as a hook: the newest question's answer, what came of the others is dropped.
import { useEffect, useState } from 'react';
import { askNight, type NightAnswer, type NightQuestion } from '../workers/night';

/** Undefined while it is asked, or nothing is. Questions are told apart by identity: keep them in a memo. */
export function useNight(
  question: NightQuestion | undefined,
  /** How long a question has to stand before it is put, ms. */
  rest = 0,
): NightAnswer | undefined {
  const [kept, setKept] = useState<{ for: NightQuestion; answer: NightAnswer }>();
  useEffect(() => {
    if (!question) return undefined;
    let live = true;
    const put = setTimeout(() => {
      void askNight(question).then((answer) => {
        if (live) setKept({ for: question, answer });
      });
    }, rest);
    return () => {
      live = false;
      clearTimeout(put);
    };
  }, [question, rest]);
  return kept && kept.for === question ? kept.answer : undefined;
}

/** What went wrong, in a sentence; undefined where nothing did. */
export const failureOf = (answer: NightAnswer | undefined): string | undefined =>
  answer && 'failed' in answer ? answer.failed : undefined;
