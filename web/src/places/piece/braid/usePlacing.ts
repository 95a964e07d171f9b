// Placing the heats in a worker, one at a time, stopped at will.
import type { PlacedHeats } from '@zanfirico/core/iron';
import { inWords } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../../../stores/display';
import { useNotices } from '../../../stores/notices';
import { startPlacing } from '../../../workers/workers';
import { useWork } from '../../../workers/useWork';
import type { Braid } from './useBraid';

/** Places the heats of the order in hand, in the worker. */
export function usePlacing(
  braid: Braid,
  onReasons: (reasons: ReadonlyMap<string, string>) => void,
): { readonly placing: boolean; readonly place: () => void; readonly stop: () => void } {
  const { busy, take, stop } = useWork<PlacedHeats>();
  const { say, trouble } = useNotices.getState();
  const place = (): void => {
    const started = startPlacing(
      braid.parts,
      braid.steps,
      { main: braid.main, helpers: braid.helpers },
      braid.fires,
    );
    take(started, (placed) => {
      braid.change(placed.steps);
      onReasons(placed.reasons);
      if (placed.ok) {
        say(tr`The heats are placed; each says why. Undo puts them back as they were.`);
        return;
      }
      const i = placed.steps.findIndex((s) => s.id === placed.step);
      trouble(
        tr`Step ${i + 1} is ${placed.seconds} s too long for any heat before it. ${inWords(placed.because, useDisplay.getState().units)} Make it shorter, thicker, or with more hands.`,
      );
    });
  };
  return { placing: busy, place, stop };
}
