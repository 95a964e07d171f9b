// The week as it is meant: which pieces by when, and what loads that makes, worked out in the night's worker.
import { boxOf } from '@zanfirico/core/night';
import type { Week } from '@zanfirico/core/night/asked';
import { proxy } from 'comlink';
import { useMemo } from 'react';
import { useAnnealers } from '../../night/useTonightBox';
import { useTonight } from '../../stores/tonight';
import { useAnswer, type Answer } from '../../workers/useAnswer';
import type { WeekAsked } from '../../workers/nightWork';
import { loadNights } from '../../workers/workers';
import { useShelf, type ShelfForBox } from './useShelf';

const DAY = 86400;
const secondsOf = (field: string): number => new Date(field).getTime() / 1000;

/** The week as it is planned. */
export interface WeekPlan {
  readonly shelf: ShelfForBox;
  readonly boxes: ReturnType<typeof useAnnealers>;
  /** Nothing is meant yet, or there is no annealer. */
  readonly idle: boolean;
  readonly answer: Answer<Week>;
  readonly nameOf: (id: string) => string;
}

/** Plans the week, in the worker. */
export function useWeekPlan(): WeekPlan {
  const { week, practice, inHand, door, assumes } = useTonight();
  const boxes = useAnnealers();
  const ids = useMemo(() => Object.keys(week), [week]);
  const shelf = useShelf(ids);
  const { meant } = shelf;
  const chosen = useMemo(
    () =>
      meant.flatMap((p): WeekAsked['pieces'][number][] => {
        const wanted = week[p.id];
        if (!p.piece || !wanted) return [];
        const [ready, due] = [secondsOf(wanted.ready), secondsOf(wanted.due)];
        return Number.isFinite(ready) && Number.isFinite(due)
          ? [{ ...p.piece, fires: p.fires, count: wanted.count, ready, due }]
          : [];
      }),
    [meant, week],
  );
  const request = useMemo(() => {
    if (chosen.length === 0 || boxes.length === 0) return undefined;
    const free = Math.min(...chosen.map((p) => p.ready)) - DAY;
    return {
      pieces: chosen,
      annealers: boxes.map((b) => ({ id: b.name, inside: b, free, box: boxOf(b) })),
      input: { practice, inHand, doorTemperature: door, assumes, holding: 0 },
    };
  }, [chosen, boxes, practice, inHand, door, assumes]);
  const ask = useMemo(
    () =>
      request &&
      ((onShare: (share: number) => void) => loadNights((w) => w.week(request, proxy(onShare)))),
    [request],
  );
  const answer = useAnswer(ask);
  return {
    shelf,
    boxes,
    idle: !request,
    answer,
    nameOf: (id) => meant.find((p) => p.id === id)?.name ?? id,
  };
}
