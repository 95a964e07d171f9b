// A question to a worker as a hook: the newest question's answer, what came of the others is dropped.
import { useEffect, useState } from 'react';
import { sentenceOf } from '../api/client';

/** How a question stands. */
export type Answer<T> =
  /** How far it is, 0 to 1, where that is told. */
  | { readonly state: 'asked'; readonly share?: number | undefined }
  | { readonly state: 'here'; readonly value: T }
  | { readonly state: 'failed'; readonly says: string };

/** A question; who is asked may tell how far it is. */
type Asking<T> = (onShare: (share: number) => void) => Promise<T>;

const ASKED: Answer<never> = { state: 'asked' };

/**
 * Asks; `asked` for as long as there is no answer, or no question. Questions are told apart by identity: keep them in a memo.
 * `rest` is how long a question has to stand before it is put, ms.
 */
export function useAnswer<T>(ask: Asking<T> | undefined, rest = 0): Answer<T> {
  const [kept, setKept] = useState<{ for: Asking<T>; answer: Answer<T> }>();
  useEffect(() => {
    if (!ask) return undefined;
    let live = true;
    const put = (answer: Answer<T>): void => {
      if (live) setKept({ for: ask, answer });
    };
    const timer = setTimeout(() => {
      ask((share) => {
        put({ state: 'asked', share });
      }).then(
        (value) => {
          put({ state: 'here', value });
        },
        (error: unknown) => {
          put({ state: 'failed', says: sentenceOf(error) });
        },
      );
    }, rest);
    return () => {
      live = false;
      clearTimeout(timer);
    };
  }, [ask, rest]);
  return kept && kept.for === ask ? kept.answer : ASKED;
}
