// The heat that is really there, asked of the worker a few times a second for as long as somebody looks.
import type { Fires, HeatPart } from '@zanfirico/core/iron';
import type { GlassNow, HeatWanted, MadePlan } from '@zanfirico/core/making';
import { useEffect, useState } from 'react';
import { braid } from '../workers/workers';

/** Asked so often, ms. */
const EVERY = 250;

/** Empty until the first answer, and where there is no glass yet. */
export function useLiveHeat(
  made: MadePlan,
  parts: readonly HeatPart[] | undefined,
  fires: Fires | undefined,
  now: () => number,
  every = EVERY,
): readonly GlassNow[] {
  const [told, setTold] = useState<readonly GlassNow[]>([]);
  useEffect(() => {
    if (!parts || !fires) return undefined;
    let live = true;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const ask = (): void => {
      // Nobody looks at a window that is hidden.
      if (document.hidden) {
        timer = setTimeout(ask, every);
        return;
      }
      braid((w) => w.heatNow(parts, made, now(), fires)).then(
        (heat) => {
          if (!live) return;
          setTold(heat);
          timer = setTimeout(ask, every);
        },
        () => {
          // The estimate is no reason to stop the work: it is asked for again.
          if (live) timer = setTimeout(ask, 10 * every);
        },
      );
    };
    ask();
    return () => {
      live = false;
      clearTimeout(timer);
    };
  }, [made, parts, fires, now, every]);
  return told;
}

/** How long the heat in hand should last; undefined where none is, and until it is worked out. */
export function useHeatWanted(
  made: MadePlan,
  parts: readonly HeatPart[] | undefined,
  fires: Fires | undefined,
): HeatWanted | undefined {
  const [told, setTold] = useState<{ readonly of: MadePlan; readonly wanted: HeatWanted }>();
  useEffect(() => {
    if (!parts || !fires) return undefined;
    let live = true;
    braid((w) => w.heatWanted(parts, made, fires)).then(
      (wanted) => {
        if (live && wanted) setTold({ of: made, wanted });
      },
      () => undefined,
    );
    return () => {
      live = false;
    };
  }, [made, parts, fires]);
  return told?.of === made ? told.wanted : undefined;
}
