// How a making that is followed stands now: its step, the next, the fire, what is coldest, who does what, and its place in the line at the hole.
import { fireNow, type AtHole, type GlassNow } from '@zanfirico/core/making';
import type { Derived } from '@zanfirico/core/piece';
import { factsOf, type WorkStep } from '@zanfirico/core/work';
import type { CrewNow } from './crewNow';
import type { FollowedMaking } from './followed';
import { useMakingNow } from './useMakingNow';

/** A wall asks for the heat so often, ms. */
const HEAT_EVERY = 1000;
const SECOND = 1000;

/** How a making that is followed stands. */
export interface MakingStanding {
  readonly derived: Extract<Derived, { ok: true }> | undefined;
  readonly step: WorkStep | undefined;
  readonly place: number | undefined;
  readonly of: number;
  readonly next: WorkStep | undefined;
  /** s at the step. */
  readonly since: number;
  readonly coldest: GlassNow | undefined;
  readonly crew: readonly CrewNow[];
  readonly behind: number | undefined;
  readonly hole: AtHole;
}

/** `shown` is the moment, ms; `now` the clock itself. */
export function useStanding(
  bench: string,
  making: FollowedMaking,
  shown: number,
  now: () => number,
): MakingStanding {
  const { state } = making;
  const { derived, heat, told, crew, at } = useMakingNow(making, shown, now, HEAT_EVERY);
  const current = state.now === undefined ? undefined : state.steps[state.now];
  const next = state.steps.find((s) => s.state === 'to come' && s.lane === 0)?.step;
  const [coldest] = heat;
  const isHeat = (s: WorkStep | undefined): boolean =>
    s !== undefined && factsOf(s).does === 'heat';
  // Its own order's next heat: how long it lasts, and in how long it begins.
  const heatAt = state.steps.findIndex(
    (s) => s.lane === 0 && isHeat(s.step) && (s.state === 'now' || s.state === 'to come'),
  );
  const coming = state.steps[heatAt];
  const fire = fireNow(state);
  const inFire = fire?.what === 'in';
  const inSince = fire ? Math.max(0, (shown - fire.since) / SECOND) : 0;
  const stays = coming?.step.seconds ?? 0;
  return {
    derived,
    step: current?.step,
    place: state.now,
    of: state.steps.length,
    next,
    since: current?.begun === undefined ? 0 : Math.max(0, (shown - current.begun) / SECOND),
    coldest,
    crew,
    behind: told?.behind,
    hole: {
      bench,
      fire: fire && { what: fire.what, since: inSince },
      brittleIn: coldest?.brittleIn,
      skin: coldest?.skin,
      heatIn:
        coming === undefined
          ? undefined
          : coming.state === 'now'
            ? 0
            : Math.max(0, (told?.starts[heatAt] ?? at) - at),
      stays: inFire ? Math.max(0, stays - inSince) : stays,
    },
  };
}
