// Planning the crew in a worker, stopped at will; what comes of it is kept with the piece.
import { useState } from 'react';
import type { CrewResult } from '../../../workers/braidWork';
import { startCrew } from '../../../workers/workers';
import { useWork } from '../../../workers/useWork';
import type { Braid } from './useBraid';

/** A result, and the crew and stations it is for. */
interface For {
  readonly result: CrewResult;
  readonly crew: unknown;
  readonly stations: unknown;
}

interface Crewing {
  readonly planning: boolean;
  /** The best so far, s. */
  readonly best: number | undefined;
  /** What was found last, for as long as it is for this crew. */
  readonly result: CrewResult | undefined;
  readonly plan: () => void;
  readonly stop: () => void;
}

/** Plans the order for who is there, in the worker. */
export function useCrewing(braid: Braid): Crewing {
  const { busy, take, stop } = useWork<CrewResult>();
  const [best, setBest] = useState<number>();
  const [found, setFound] = useState<For>();
  const { crew, stations } = braid.sequence ?? {};
  return {
    planning: busy,
    best,
    stop,
    result:
      braid.plan && found?.crew === crew && found?.stations === stations
        ? found?.result
        : undefined,
    plan: () => {
      const { steps, parts, fires } = braid;
      setBest(undefined);
      const started = startCrew(
        {
          steps,
          parts,
          people: crew ?? [],
          working: { main: braid.main, helpers: braid.helpers },
          stations: stations ?? {},
          fires,
        },
        setBest,
      );
      take(started, (result) => {
        setFound({ result, crew, stations });
        braid.keepPlan(result.steps, result.plan);
      });
    },
  };
}
