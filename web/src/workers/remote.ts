// Work away from the page, over comlink: a worker that stays and answers, or one that is started for one long piece of work.
import { tr } from '@zanfirico/core/words';
import { wrap, type Remote } from 'comlink';

/** What a worker's calls are made on. */
export type Calls<Api> = Remote<Api>;

const STOPPED = tr`The computation stopped unexpectedly; change anything to try again.`;

interface Running<Api> {
  readonly worker: Worker;
  readonly calls: Calls<Api>;
  /** Rejects when the worker falls: comlink itself would wait for ever. */
  readonly fell: Promise<never>;
}

function run<Api>(start: () => Worker, onFall: () => void): Running<Api> {
  const worker = start();
  const fell = new Promise<never>((_, no) => {
    worker.addEventListener('error', () => {
      worker.terminate();
      onFall();
      no(new Error(STOPPED));
    });
  });
  fell.catch(() => undefined);
  return { worker, calls: wrap<Api>(worker), fell };
}

/** No one answer takes a worker that stays longer than this, ms. */
const LONGEST_MS = 120_000;

/** A promise with an end: past it `onLate` clears up, and a sentence says so. */
function inTime<T>(work: Promise<T>, limitMs: number, onLate: () => void): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, no) => {
    timer = setTimeout(() => {
      onLate();
      no(
        new Error(
          tr`The computation was not done after ${Math.round(limitMs / 1000)} s and was stopped.`,
        ),
      );
    }, limitMs);
  });
  return Promise.race([work, late]).finally(() => {
    clearTimeout(timer);
  });
}

/** A question put to a worker's calls, and its answer. */
export type Ask<Api> = <Asked extends Promise<unknown>>(
  question: (calls: Calls<Api>) => Asked,
) => Promise<Awaited<Asked>>;

/**
 * A worker that stays: started when first asked. One that falls rejects what was open with a sentence, and the next question starts
 * another.
 *
 * @example
 * const night = standing<typeof nightWork>(() => new Worker(new URL('./night.worker.ts', import.meta.url), { type: 'module' }));
 * const checked = await night((w) => w.check(input));
 */
export function standing<Api>(start: () => Worker, limitMs = LONGEST_MS): Ask<Api> {
  let here: Running<Api> | undefined;
  const put = (question: (calls: Calls<Api>) => Promise<unknown>): Promise<unknown> => {
    const asked = (here ??= run<Api>(start, () => {
      here = undefined;
    }));
    return inTime(Promise.race([question(asked.calls), asked.fell]), limitMs, () => {
      // It hangs: what else it was asked hangs with it, and what comes next gets another.
      asked.worker.terminate();
      if (here === asked) here = undefined;
    });
  };
  return put as Ask<Api>;
}

/** A newer question was put: this one has no answer, and nothing went wrong. */
export class Overtaken extends Error {
  constructor() {
    super(tr`Asked anew.`);
  }
}

/**
 * A worker that answers the newest question alone: one that is being worked on when another comes is ended, and rejects as overtaken.
 * Answers that come fast keep the worker warm.
 */
export function newest<Api>(start: () => Worker, limitMs = LONGEST_MS): Ask<Api> {
  let here: Running<Api> | undefined;
  let end: (() => void) | undefined;
  const put = (question: (calls: Calls<Api>) => Promise<unknown>): Promise<unknown> => {
    end?.();
    const asked = (here ??= run<Api>(start, () => {
      here = undefined;
    }));
    const drop = (): void => {
      asked.worker.terminate();
      if (here === asked) here = undefined;
    };
    const overtaken = new Promise<never>((_, no) => {
      end = () => {
        drop();
        no(new Overtaken());
      };
    });
    const mine = end;
    return inTime(
      Promise.race([question(asked.calls), asked.fell, overtaken]),
      limitMs,
      drop,
    ).finally(() => {
      if (end === mine) end = undefined;
    });
  };
  return put as Ask<Api>;
}

/** Work under way. */
export interface RunningWork<Result> {
  /** Undefined when it was stopped. */
  readonly done: Promise<Result | undefined>;
  readonly stop: () => void;
}

/** The same work with an end: past it it is stopped and rejects with a sentence. */
export const withinLimit = <Result>(
  work: RunningWork<Result>,
  limitMs: number,
): RunningWork<Result> => ({
  done: inTime(work.done, limitMs, work.stop),
  stop: work.stop,
});

/** One long piece of work in a worker of its own, stopped at any moment. Rejects with a sentence when it fails. */
export function askOnce<Api, Result>(
  start: () => Worker,
  work: (calls: Calls<Api>) => Promise<Result>,
): RunningWork<Result> {
  const { worker, calls, fell } = run<Api>(start, () => undefined);
  let stop: () => void = () => undefined;
  const stopped = new Promise<undefined>((yes) => {
    stop = () => {
      worker.terminate();
      yes(undefined);
    };
  });
  const done = Promise.race([work(calls), fell, stopped]).finally(() => {
    worker.terminate();
  });
  return { done, stop };
}
