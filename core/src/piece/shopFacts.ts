// What a shop's list and its scale's log add to the plan of a piece: the same for its own screen, the shelf and the server.
import { boxOf, type Box } from '../night/box';
import { learnLayer, type Learned } from '../gather/learnLayer';
import type { Glass } from '../glass/glass';
import type { Rack } from '../rack/rack';
import { NO_SHOP, type ShopFacts } from './derive';

/** An annealer of the shop's list: its name and what is known of it. */
type Annealer = Parameters<typeof boxOf>[0] & { readonly name: string };

/** What is asked of the shop's list. */
export interface ShopListFacts {
  readonly blocks: readonly number[];
  readonly annealers: readonly Annealer[];
  readonly potDepth?: number | undefined;
  readonly learnt?: {
    readonly wall?: { readonly factor: number } | undefined;
    readonly weight?: { readonly factor: number } | undefined;
  };
}

/** A gather that was planned, taken and weighed; kg, m. */
export interface Weighed {
  readonly person: string;
  /** Id of the glass it was. */
  readonly glass: string;
  readonly ironDiameter: number;
  readonly depth: number;
  readonly planned: number;
  readonly got: number;
  readonly factor: number;
  readonly counts: boolean;
}

/** Whoever gathers when nobody is named. */
export const ANYBODY = 'gaffer';
/** Irons nearer than this in diameter are the same iron, m. */
const SAME_IRON = 5e-4;

/** The log of one hand on one iron in one glass, in the log's order. */
export const ofHand = <W extends Weighed>(
  log: readonly W[],
  person: string,
  ironDiameter: number,
  glass: Pick<Glass, 'id'>,
): W[] =>
  log.filter(
    (e) =>
      e.person === person &&
      e.glass === glass.id &&
      Math.abs(e.ironDiameter - ironDiameter) < SAME_IRON,
  );

/** What the log teaches about one hand on one iron in one glass; of any other nothing. */
export const learnedBy = (
  log: readonly Weighed[],
  person: string,
  ironDiameter: number,
  glass: Glass,
): Learned =>
  learnLayer(
    ofHand(log, person, ironDiameter, glass)
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
  (shop: Pick<ShopListFacts, 'annealers'> | undefined) =>
  (name: string): Box | undefined => {
    const known = shop?.annealers.find((a) => a.name === name);
    return known && boxOf(known);
  };

/** What a shop makes of a drawing, as far as it has learnt that. */
export const madeIn = (
  shop: Pick<ShopListFacts, 'learnt'> | undefined,
): NonNullable<ShopFacts['made']> => ({
  wall: shop?.learnt?.wall?.factor,
  weight: shop?.learnt?.weight?.factor,
});

/** The facts a plan takes from the shop for whoever gathers; without a shop only the rack is known. */
export function shopFacts(
  shop: ShopListFacts | undefined,
  log: readonly Weighed[],
  person: string,
  rack: Pick<Rack, 'glass' | 'colour'>,
): ShopFacts {
  if (!shop) return { ...NO_SHOP, rack };
  return {
    rack,
    blocks: shop.blocks,
    potDepth: shop.potDepth,
    made: madeIn(shop),
    annealer: annealerIn(shop),
    layerFactor: (ironDiameter, glass) => learnedBy(log, person, ironDiameter, glass).factor,
  };
}
