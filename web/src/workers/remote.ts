// Work away from the page, over comlink: a worker that stays and answers, or one that is started for one long piece of work.
import { wrap, type Remote } from 'comlink';

/** What a worker's calls are made on. */
export type Calls<Api> = Remote<Api>;

const STOPPED = 'The computation stopped unexpectedly; change anything to try again.';

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
export function standing<Api>(start: () => Worker): Ask<Api> {
  let here: Running<Api> | undefined;
  const put = (question: (calls: Calls<Api>) => Promise<unknown>): Promise<unknown> => {
    here ??= run<Api>(start, () => {
      here = undefined;
    });
    return Promise.race([question(here.calls), here.fell]);
  };
  return put as Ask<Api>;
}

/** Work under way. */
export interface Work<Result> {
  /** Undefined when it was stopped. */
  readonly done: Promise<Result | undefined>;
  readonly stop: () => void;
}

/** One long piece of work in a worker of its own, stopped at any moment. Rejects with a sentence when it fails. */
export function once<Api, Result>(
  start: () => Worker,
  work: (calls: Calls<Api>) => Promise<Result>,
): Work<Result> {
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
