// Placing the heats in a worker, one at a time, stopped at will.
import { useNotices } from '../../../stores/notices';
import { startPlacing } from '../../../workers/placing';
import { useWork } from '../../../workers/useWork';
import type { Braid } from './useBraid';

type Placed = Awaited<ReturnType<typeof startPlacing>['done']>;

export function usePlacing(
  braid: Braid,
  onReasons: (reasons: ReadonlyMap<string, string>) => void,
): { readonly placing: boolean; readonly place: () => void; readonly stop: () => void } {
  const { busy, take, stop } = useWork<NonNullable<Placed>>();
  const { say, trouble } = useNotices.getState();
  const place = (): void => {
    const started = startPlacing({
      parts: braid.parts,
      steps: braid.steps,
      working: { main: braid.main, helpers: braid.helpers },
    });
    take(started, (placed) => {
      braid.change(placed.steps);
      onReasons(new Map(placed.reasons));
      if (placed.ok) {
        say('The heats are placed; each says why. Undo puts them back as they were.');
        return;
      }
      const i = placed.steps.findIndex((s) => s.id === placed.step);
      trouble(
        `Step ${String(i + 1)} is ${String(placed.seconds)} s too long for any heat before it. ${placed.because} Make it shorter, thicker, or with more hands.`,
      );
    });
  };
  return { placing: busy, place, stop };
}
