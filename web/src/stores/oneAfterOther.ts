// Saves that must not overtake each other: each begins when the one before is done, however that went.

/** A queue of its own. */
export function oneAfterOther(): {
  readonly add: <T>(work: () => Promise<T>) => Promise<T>;
  /** Everything added so far is done. */
  readonly done: () => Promise<unknown>;
} {
  let last: Promise<unknown> = Promise.resolve();
  return {
    add: (work) => {
      const mine = last.then(work);
      last = mine.catch(() => undefined);
      return mine;
    },
    done: () => last,
  };
}
