// Who asks, for as long as a request is worked on: every row that is written says whose it is.
import { AsyncLocalStorage } from 'node:async_hooks';

const asking = new AsyncLocalStorage<string>();

/** Does the work as somebody. */
export const asWho = <T>(name: string, work: () => T): T => asking.run(name, work);

/** Their name; null where the server works by itself. */
export const whoAsks = (): string | null => asking.getStore() ?? null;
