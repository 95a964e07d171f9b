// Planning the crew in a worker, stopped at will.
import { useState } from 'react';
import type { CrewResult } from '../../../workers/braidWork';
import { startCrew } from '../../../workers/workers';
import { useWork } from '../../../workers/useWork';
import type { Braid, Planned } from './useBraid';

interface Crewing {
  readonly planning: boolean;
  /** The best so far, s. */
  readonly best: number | undefined;
  readonly plan: () => void;
  readonly stop: () => void;
}

export function useCrewing(braid: Braid, onPlanned: (planned: Planned) => void): Crewing {
  const { busy, take, stop } = useWork<CrewResult>();
  const [best, setBest] = useState<number>();
  return {
    planning: busy,
    best,
    stop,
    plan: () => {
      const { steps, parts } = braid;
      const { crew: people, stations } = braid.sequence ?? {};
      setBest(undefined);
      const started = startCrew(
        {
          steps,
          parts,
          people: people ?? [],
          working: { main: braid.main, helpers: braid.helpers },
          stations: stations ?? {},
        },
        setBest,
      );
      take(started, (result) => {
        onPlanned({ steps, people, stations, result });
      });
    },
  };
}
