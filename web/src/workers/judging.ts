// Asking the judging worker, as a hook: the rack's colours against a base at a build-up.
import type { BuildUp, Colour, FitGlass, OverlayFit, Rack } from '@zanfirico/core';
import { useEffect, useState } from 'react';
import { asker } from './asking';

export interface JudgeRequest {
  readonly colours: readonly Colour[];
  readonly base: FitGlass;
  readonly build: BuildUp;
  readonly tolerance: number;
  /** Tested differences to the base, by id. */
  readonly tested: readonly (readonly [string, number])[];
}

export type JudgeAnswer = { readonly fits: readonly OverlayFit[] } | { readonly failed: string };

const ask = asker<JudgeRequest, JudgeAnswer>(
  () => new Worker(new URL('./judging.worker.ts', import.meta.url), { type: 'module' }),
  { failed: 'The rack could not be judged: its worker stopped.' },
);

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
    const tested = colours.flatMap((c) => {
      const d = rack.tested(c.id, base.id);
      return d ? [[c.id, d.value] as const] : [];
    });
    void ask({
      colours,
      base,
      build: { wall, overlay, form: { kind, inside } },
      tolerance,
      tested,
    }).then((answer) => {
      if (live && 'fits' in answer) setFits(new Map(answer.fits.map((f) => [f.id, f])));
    });
    return () => {
      live = false;
    };
  }, [rack, colours, base, wall, overlay, kind, inside, tolerance]);
  return fits;
}
