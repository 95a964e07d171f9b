// One long piece of work as a hook: begun at will, stopped at will and when the screen goes, its failures told.
import { useEffect, useState } from 'react';
import { sentenceOf } from '../api/client';
import { useNotices } from '../stores/notices';
import type { RunningWork } from './remote';

interface Working<Result> {
  readonly busy: boolean;
  /** Takes work that has been started; `onDone` has its result, unless it was stopped. */
  readonly take: (work: RunningWork<Result>, onDone: (result: Result) => void) => void;
  readonly stop: () => void;
}

/** A long piece of work, with its progress and a way to stop it. */
export function useWork<Result>(): Working<Result> {
  const [work, setWork] = useState<RunningWork<Result>>();
  useEffect(() => () => work?.stop(), [work]);
  return {
    busy: work !== undefined,
    take: (started, onDone) => {
      setWork(started);
      started.done.then(
        (result) => {
          setWork(undefined);
          if (result !== undefined) onDone(result);
        },
        (error: unknown) => {
          setWork(undefined);
          useNotices.getState().trouble(sentenceOf(error));
        },
      );
    },
    stop: () => {
      work?.stop();
      setWork(undefined);
    },
  };
}
