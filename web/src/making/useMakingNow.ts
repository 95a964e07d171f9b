// How a making stands at a moment: its work, its heat, what is foretold, who does what. Bench, wall and class ask it alike.
import { forecast, takenOnTime, type Forecast, type GlassNow } from '@zanfirico/core/making';
import type { Derived } from '@zanfirico/core/piece';
import { useMemo } from 'react';
import { useWorkOf } from '../order/useWork';
import { firesThen } from './byParts';
import { crewNow, type CrewNow } from './crewNow';
import type { FollowedMaking } from './followed';
import { useLiveHeat } from './useLiveHeat';

const SECOND = 1000;

/** A making at a moment. */
export interface MakingNow {
  readonly derived: Extract<Derived, { ok: true }> | undefined;
  readonly parts: Parameters<typeof forecast>[2] | undefined;
  readonly fires: ReturnType<typeof firesThen> | undefined;
  readonly heat: readonly GlassNow[];
  /** Timed anew every second, and at every tap. */
  readonly told: Forecast | undefined;
  readonly crew: readonly CrewNow[];
  /** s from the first gather. */
  readonly at: number;
}

/** `shown` is the moment, ms; `now` the clock itself; heat is asked for every `every` ms. */
export function useMakingNow(
  { begin, made, state }: Pick<FollowedMaking, 'begin' | 'made' | 'state'>,
  shown: number,
  now: () => number,
  every?: number,
): MakingNow {
  const work = useWorkOf(begin.document);
  const parts = work.asked?.parts;
  const planned = work.asked?.fires;
  const fires = useMemo(() => planned && firesThen(begin, planned), [begin, planned]);
  const heat = useLiveHeat(made, parts, fires, now, every);
  const second = Math.floor(shown / SECOND);
  const told = useMemo(
    () => parts && forecast(state, made, parts, SECOND * second),
    [state, made, parts, second],
  );
  const at = (shown - begin.at) / SECOND;
  return {
    derived: work.derived?.ok === true ? work.derived : undefined,
    parts,
    fires,
    heat,
    told,
    crew: told ? crewNow(begin, takenOnTime(state, told, shown), told, at) : [],
    at,
  };
}
