// The rack this page knows: shipped entries, the shop's own over them, and what its tests say.
import type { KeptEntry, KeptTest, NewTest, RackEntry, SavedRack } from '@zanfirico/contract/rack';
import { rackOf, SHIPPED_RACK, type Rack } from '@zanfirico/core/rack';
import { create } from 'zustand';
import { countTest, dropEntry, importEntries, keepEntry, keepTest, readRack } from '../api/client';
import { batches } from './batches';
import { oneAfterOther } from './oneAfterOther';

interface RackState {
  /** False until the shop's own entries are here. */
  readonly loaded: boolean;
  readonly rack: Rack;
  /** The shop's own, by id. */
  readonly own: ReadonlyMap<string, KeptEntry>;
  /** All tests, newest first. */
  readonly tests: readonly KeptTest[];
  readonly load: () => Promise<void>;
  /** Keeps an entry over whatever has its id; `fresh` refuses an id that is taken. */
  readonly keep: (entry: RackEntry, fresh?: boolean) => Promise<void>;
  readonly drop: (id: string) => Promise<void>;
  readonly takeIn: (entries: readonly RackEntry[]) => Promise<void>;
  /** Takes a table back: what it added goes, what it changed is as it was among the shop's own before. */
  readonly undoTakeIn: (
    taken: readonly RackEntry[],
    before: ReadonlyMap<string, KeptEntry>,
  ) => Promise<void>;
  readonly keepTest: (test: NewTest) => Promise<KeptTest>;
  readonly count: (id: number, counts: boolean) => Promise<void>;
}

const put = (
  own: ReadonlyMap<string, KeptEntry>,
  tests: readonly KeptTest[],
): Pick<RackState, 'own' | 'tests' | 'rack'> => ({
  own,
  tests,
  rack: rackOf(
    [...own.values()].map((e) => e.entry),
    tests,
  ),
});

const fromSaved = (saved: SavedRack): Pick<RackState, 'own' | 'tests' | 'rack'> =>
  put(new Map(saved.entries.map((e) => [e.entry.id, e])), saved.tests);

const keeping = oneAfterOther();

/** The rack, edited in place. */
export const useRack = create<RackState>()((set, get) => ({
  loaded: false,
  rack: SHIPPED_RACK,
  own: new Map(),
  tests: [],
  load: async () => {
    set({ ...fromSaved(await readRack()), loaded: true });
  },
  keep: (entry, fresh = false) => {
    // Seen at once; kept one after the other, each on the revision the one before made.
    const { own, tests } = get();
    if (!fresh)
      set(
        put(
          new Map(own).set(entry.id, {
            revision: own.get(entry.id)?.revision ?? 0,
            savedAt: '',
            entry: entry,
          }),
          tests,
        ),
      );
    return keeping.add(() => keepNow(entry, fresh));
  },
  drop: async (id) => {
    await keeping.done();
    await dropEntry(id);
    const own = new Map(get().own);
    own.delete(id);
    set(put(own, get().tests));
  },
  takeIn: async (entries) => {
    const kept = await importEntries(entries);
    const own = new Map(get().own);
    for (const e of kept) own.set(e.entry.id, e);
    set(put(own, get().tests));
  },
  undoTakeIn: async (taken, before) => {
    const changed = taken.flatMap((e) => before.get(e.id)?.entry ?? []);
    for (const lot of batches(changed)) await get().takeIn(lot);
    const added = taken.filter((e) => !before.has(e.id));
    await keeping.done();
    const gone = new Set<string>();
    try {
      for (const e of added) {
        await dropEntry(e.id);
        gone.add(e.id);
      }
    } finally {
      // Put together once for all of them.
      set(put(new Map([...get().own].filter(([id]) => !gone.has(id))), get().tests));
    }
  },
  keepTest: async (test) => {
    const kept = await keepTest(test);
    set(put(get().own, [kept, ...get().tests]));
    return kept;
  },
  count: async (id, counts) => {
    const mark = (value: boolean): void => {
      set(
        put(
          get().own,
          get().tests.map((t) => (t.id === id ? { ...t, counts: value } : t)),
        ),
      );
    };
    // Seen at once, and put back if the server will not have it.
    mark(counts);
    try {
      await countTest(id, counts);
    } catch (error) {
      mark(!counts);
      throw error;
    }
  },
}));

async function keepNow(entry: RackEntry, fresh: boolean): Promise<void> {
  const { own: before, load } = useRack.getState();
  const baseRevision = fresh ? 0 : (before.get(entry.id)?.revision ?? 0);
  try {
    const kept = await keepEntry({ baseRevision, entry: entry });
    const { own, tests } = useRack.getState();
    // What was changed since is newer than the answer: only its revision is taken over.
    const newer = own.get(entry.id)?.entry;
    const shown = newer === undefined || newer === entry ? kept : { ...kept, entry: newer };
    useRack.setState(put(new Map(own).set(entry.id, shown), tests));
  } catch (error) {
    // What the server holds is shown again; the caller says why.
    await load().catch(() => undefined);
    throw error;
  }
}
