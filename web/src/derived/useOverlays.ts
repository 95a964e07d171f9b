// The rack's colours against a base at a build-up, judged in the rack worker.
import type { BuildUp, Colour, FitGlass, OverlayFit } from '@zanfirico/core/fit';
import type { Rack } from '@zanfirico/core/rack';
import { useEffect, useState } from 'react';
import { rack as rackWorker } from '../workers/workers';

/** What each colour would do, by id; the last answer stays until the next is there. */
export function useOverlays(
  rack: Rack,
  colours: readonly Colour[],
  base: FitGlass,
  build: BuildUp,
  tolerance: number,
): ReadonlyMap<string, OverlayFit> | undefined {
  const [fits, setFits] = useState<ReadonlyMap<string, OverlayFit>>();
  const { wall, overlay } = build;
  const { kind, inside } = build.form;
  useEffect(() => {
    let live = true;
    const tested = new Map(
      colours.flatMap((c) => {
        const d = rack.tested(c.id, base.id);
        return d ? [[c.id, d.value] as const] : [];
      }),
    );
    const asked = {
      colours,
      base,
      build: { wall, overlay, form: { kind, inside } },
      tolerance,
      tested,
    };
    rackWorker((w) => w.overlays(asked)).then(
      (answer) => {
        if (live) setFits(new Map(answer.map((f) => [f.id, f])));
      },
      // The list then shows no verdict rather than a wrong one.
      () => undefined,
    );
    return () => {
      live = false;
    };
  }, [rack, colours, base, wall, overlay, kind, inside, tolerance]);
  return fits;
}
