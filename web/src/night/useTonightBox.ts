// The annealer chosen for tonight: the shop's, with its figures, or a studio box where the shop has none.
import type { ShopDocument } from '@zanfirico/contract/shop';
import { boxOf, type Box } from '@zanfirico/core/night';
import { ORDINARY_SHOP } from '@zanfirico/core/piece';
import { useMemo } from 'react';
import { sentenceOf } from '../api/client';
import { useNotices } from '../stores/notices';
import { useShop } from '../stores/theShop';
import { useTonight } from '../stores/tonight';
import type { BoxChange } from './BoxFields';

type Annealer = ShopDocument['annealers'][number];

const NO_BOXES: readonly Annealer[] = ORDINARY_SHOP.annealers;

/** The shop's annealers; an ordinary shop's until it is here. */
export const useAnnealers = (): readonly Annealer[] =>
  useShop((s) => s.shop?.document.annealers) ?? NO_BOXES;

interface TonightBox {
  readonly all: readonly Annealer[];
  readonly chosen: Annealer | undefined;
  readonly box: Box;
  /** Keeps figures with the shop, and tells a sentence when that is done. */
  readonly keep: (change: BoxChange, told?: string) => void;
}

/** The box tonight is planned for. */
export function useTonightBox(): TonightBox {
  const all = useAnnealers();
  const { annealer, coolingTime, set } = useTonight();
  const chosen = all.find((b) => b.name === annealer) ?? all[0];
  const box = useMemo(() => boxOf({ coolingTime, ...chosen }), [chosen, coolingTime]);
  const keep = (change: BoxChange, told?: string): void => {
    const { say, trouble } = useNotices.getState();
    keepWithShop(annealer, change).then(
      (kept) => {
        if (!kept && change.coolingTime !== undefined) set({ coolingTime: change.coolingTime });
        if (told !== undefined) say(told);
      },
      (error: unknown) => {
        trouble(sentenceOf(error));
      },
    );
  };
  return { all, chosen, box, keep };
}

/** Keeps figures of an annealer, or of the first, with the shop, which is waited for; false where the shop has none. */
async function keepWithShop(annealer: string | undefined, change: BoxChange): Promise<boolean> {
  if (!useShop.getState().shop) await useShop.getState().load();
  const { shop, save } = useShop.getState();
  const known = shop?.document.annealers ?? [];
  const chosen = known.find((b) => b.name === annealer) ?? known[0];
  if (!shop || !chosen) return false;
  await save({
    ...shop.document,
    annealers: known.map((b) => (b === chosen ? { ...b, ...change } : b)),
  });
  return true;
}
