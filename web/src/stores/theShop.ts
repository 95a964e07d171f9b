// The shop this page knows: its document, its scale's log, and what they teach a piece's plan.
import type { KeptWeighIn, NewWeighIn, SavedShop, ShopDocument } from '@zanfirico/contract';
import {
  boxOf,
  learnLayer,
  NO_SHOP,
  type Glass,
  type Learned,
  type Rack,
  type ShopFacts,
} from '@zanfirico/core';
import { create } from 'zustand';
import { logWeighIn, readShop, readWeighIns, resetWeighIns, saveShop } from '../api/client';
import { oneAfterOther } from './oneAfterOther';

interface ShopState {
  readonly shop: SavedShop | undefined;
  readonly weighIns: readonly KeptWeighIn[];
  readonly load: () => Promise<void>;
  readonly save: (document: ShopDocument) => Promise<void>;
  readonly weigh: (entry: NewWeighIn) => Promise<void>;
  readonly reset: (person: string, ironDiameter: number) => Promise<void>;
}

const keeping = oneAfterOther();
/** The last save the server would not have: what was still to be kept then was made on what it no longer is, and goes with it. */
let refused: Error | undefined;

/** The fetch under way: whoever else asks meanwhile waits for the same one. */
let loading: Promise<void> | undefined;

export const useShop = create<ShopState>()((set, get) => ({
  shop: undefined,
  weighIns: [],
  load: () => {
    loading ??= Promise.all([readShop(), readWeighIns()])
      .then(([shop, weighIns]) => {
        set({ shop, weighIns });
      })
      .finally(() => {
        loading = undefined;
      });
    return loading;
  },
  save: async (document) => {
    const { shop } = get();
    if (!shop) return;
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
  reset: async (person, ironDiameter) => {
    await resetWeighIns(person, ironDiameter);
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

/** Whoever gathers when nobody is named. */
export const ANYBODY = 'gaffer';
/** Irons nearer than this in diameter are the same iron, m. */
const SAME_IRON = 5e-4;

/** The log of one hand on one iron, newest first. */
export const ofHand = (
  log: readonly KeptWeighIn[],
  person: string,
  ironDiameter: number,
): KeptWeighIn[] =>
  log.filter((e) => e.person === person && Math.abs(e.ironDiameter - ironDiameter) < SAME_IRON);

/** What the log teaches about one hand on one iron. */
export const learnedBy = (
  log: readonly KeptWeighIn[],
  person: string,
  ironDiameter: number,
  glass: Glass,
): Learned =>
  learnLayer(
    ofHand(log, person, ironDiameter)
      .filter((e) => e.counts)
      .map((e) => ({
        planned: e.planned,
        got: e.got,
        factor: e.factor,
        dip: { ironDiameter: e.ironDiameter, depth: e.depth },
      })),
    glass,
  );

/** Finds a shop's annealers by their names, as boxes. */
export const annealerIn =
  (shop: SavedShop | undefined): ShopFacts['annealer'] =>
  (name) => {
    const known = shop?.document.annealers.find((a) => a.name === name);
    return known && boxOf(known);
  };

/** The facts a plan takes from the shop. */
export function shopFacts(
  shop: SavedShop | undefined,
  log: readonly KeptWeighIn[],
  person: string,
  glass: Glass,
  rack: Rack,
): ShopFacts {
  if (!shop) return { ...NO_SHOP, rack };
  return {
    rack,
    blocks: shop.document.blocks,
    annealer: annealerIn(shop),
    layerFactor: (ironDiameter) => learnedBy(log, person, ironDiameter, glass).factor,
  };
}
