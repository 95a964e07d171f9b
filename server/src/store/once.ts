// Work that is done the first time it is asked for, and not again.

/** The same promise to everyone; what failed is tried anew. */
export function onceAtATime(work: () => Promise<void>): () => Promise<void> {
  let done: Promise<void> | undefined;
  return () =>
    (done ??= work().catch((error: unknown) => {
      done = undefined;
      throw error;
    }));
}
