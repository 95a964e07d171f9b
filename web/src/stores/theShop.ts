// The shop this page knows: its document, its scale's log, and what they teach a piece's plan.
import type { SavedShop } from '@zanfirico/contract';
import type { KeptWeighIn, NewWeighIn, ShopDocument } from '@zanfirico/contract/shop';
import { create } from 'zustand';
import { logWeighIn, readShop, readWeighIns, resetWeighIns, saveShop } from '../api/client';
import { oneAfterOther } from './oneAfterOther';

interface ShopState {
  readonly shop: SavedShop | undefined;
  readonly weighIns: readonly KeptWeighIn[];
  readonly load: () => Promise<void>;
  readonly save: (document: ShopDocument) => Promise<void>;
  readonly weigh: (entry: NewWeighIn) => Promise<void>;
  readonly reset: (person: string, ironDiameter: number, glass: string) => Promise<void>;
}

const keeping = oneAfterOther();
/** The last save the server would not have: what was still to be kept then was made on what it no longer is, and goes with it. */
let refused: Error | undefined;

/** How many changes this page has made to the shop. */
let changes = 0;

/** The fetch under way: whoever else asks meanwhile waits for the same one. */
let loading: Promise<void> | undefined;

/** The shop, edited in place. */
export const useShop = create<ShopState>()((set, get) => ({
  shop: undefined,
  weighIns: [],
  load: () => {
    const since = changes;
    loading ??= Promise.all([readShop(), readWeighIns()])
      .then(([shop, weighIns]) => {
        // Read before a change that was made meanwhile: the change is newer, and its own answer brings the revision.
        set(since === changes ? { shop, weighIns } : { weighIns });
      })
      .finally(() => {
        loading = undefined;
      });
    return loading;
  },
  save: async (document) => {
    const { shop } = get();
    if (!shop) return;
    changes += 1;
    // Seen at once; kept one after the other, each on the revision the one before made.
    set({ shop: { ...shop, document } });
    const since = refused;
    await keeping.add(async () => {
      if (refused && refused !== since) throw refused;
      await keepNow(document);
    });
  },
  weigh: async (entry) => {
    const kept = await logWeighIn(entry);
    set((s) => ({ weighIns: [kept, ...s.weighIns] }));
  },
  reset: async (person, ironDiameter, glass) => {
    await resetWeighIns(person, ironDiameter, glass);
    set({ weighIns: await readWeighIns() });
  },
}));

async function keepNow(document: ShopDocument): Promise<void> {
  const { shop: before } = useShop.getState();
  if (!before) return;
  try {
    const kept = await saveShop({ baseRevision: before.revision, document });
    // What was changed since is newer than the answer: only its revision is taken over.
    const newer = useShop.getState().shop?.document;
    useShop.setState({
      shop: newer === undefined || newer === document ? kept : { ...kept, document: newer },
    });
  } catch (error) {
    refused = error instanceof Error ? error : new Error(String(error));
    // What the server holds is shown again; the caller says why.
    useShop.setState({ shop: await readShop().catch(() => before) });
    throw error;
  }
}
