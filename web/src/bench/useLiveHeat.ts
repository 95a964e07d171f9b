// The heat that is really there, asked of the worker a few times a second for as long as somebody looks.
import type { MakingBegin, MakingEvent } from '@zanfirico/contract';
import { byNumber, type Fires, type Happened, type HeatPart, type PartNow } from '@zanfirico/core';
import { useEffect, useMemo, useState } from 'react';
import { braid } from '../workers/workers';

/** Asked so often, ms. */
const EVERY = 250;

/** Empty until the first answer, and where there is no glass yet. */
export function useLiveHeat(
  begin: MakingBegin | undefined,
  events: readonly MakingEvent[],
  parts: readonly HeatPart[] | undefined,
  fires: Fires | undefined,
  now: () => number,
): readonly PartNow[] {
  const [told, setTold] = useState<readonly PartNow[]>([]);
  const ids = useMemo(() => begin?.document.parts.map((p) => p.id) ?? [], [begin]);
  const plan = useMemo(() => begin && byNumber(begin.steps, ids), [begin, ids]);
  const happened = useMemo(
    () =>
      events.map((e): Happened =>
        e.kind === 'put in'
          ? { ...e, step: byNumber([e.step], ids)[0] ?? e.step }
          : (e as Happened),
      ),
    [events, ids],
  );
  useEffect(() => {
    if (!plan || !parts || !fires || !begin) return undefined;
    let live = true;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const ask = (): void => {
      braid((w) => w.heatNow(parts, plan, begin.at, happened, now(), fires)).then(
        (heat) => {
          if (!live) return;
          setTold(heat);
          timer = setTimeout(ask, EVERY);
        },
        () => {
          // The estimate is no reason to stop the work: it is asked for again.
          if (live) timer = setTimeout(ask, 10 * EVERY);
        },
      );
    };
    ask();
    return () => {
      live = false;
      clearTimeout(timer);
    };
  }, [begin, plan, parts, fires, happened, now]);
  return told;
}
