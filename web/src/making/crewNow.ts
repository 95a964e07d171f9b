// What each of a crew does next, by the plan timed anew: in how long, at it since when, or holding what for how long.
import type { Person } from '@zanfirico/contract/order';
import type { MakingBegin } from '@zanfirico/contract/making';
import type { Forecast, MakingState } from '@zanfirico/core/making';
import type { WorkStep } from '@zanfirico/core/work';

/** Somebody's next job. s. */
export interface Job {
  /** Its place in the making. */
  readonly i: number;
  readonly step: WorkStep;
  /** It runs beside the lead's, and is begun and done by whoever does it. */
  readonly own: boolean;
  /** They are at it, by their own tap or the lead's; where they tap nothing, by the plan. */
  readonly now: boolean;
  readonly assumed: boolean;
  /** In how long it begins; since how long they are at it. */
  readonly in: number;
}

/** Hot glass somebody holds longer than it may wait, and until when. */
export interface Holding {
  readonly part: number;
  readonly wantedIn: number;
}

/** What somebody does now, and next. */
export interface CrewNow {
  readonly person: Person;
  readonly job: Job | undefined;
  readonly holds: Holding | undefined;
}

/** Everybody with what they do; `at` s since the first gather. */
export function crewNow(
  begin: MakingBegin,
  state: MakingState<WorkStep>,
  told: Forecast,
  at: number,
): CrewNow[] {
  const has = (person: string, i: number): boolean => {
    const line = state.steps[i];
    // What was put in is the lead's.
    const hands =
      line?.putIn === true
        ? begin.crew?.slice(0, 1).map((p) => p.id)
        : begin.hands?.[line?.place ?? -1];
    return hands?.includes(person) === true;
  };
  return (begin.crew ?? []).map((person): CrewNow => {
    const mine = state.steps
      .flatMap((s, i) =>
        (s.state === 'now' || s.state === 'to come') && has(person.id, i) ? [i] : [],
      )
      .sort((a, b) => (told.starts[a] as number) - (told.starts[b] as number) || a - b);
    // What they are at comes first, of several what they lead.
    const i = mine.find((k) => state.steps[k]?.state === 'now') ?? mine[0];
    const line = i === undefined ? undefined : state.steps[i];
    const held = told.held.find(
      (h) => has(person.id, h.after) && h.since <= at && state.steps[h.after]?.state === 'done',
    );
    return {
      person,
      job:
        line && i !== undefined
          ? {
              i,
              step: line.step,
              own: line.lane > 0,
              now: line.state === 'now',
              assumed: line.assumed,
              in:
                line.state === 'now'
                  ? at - (told.starts[i] as number)
                  : Math.max(0, (told.starts[i] as number) - at),
            }
          : undefined,
      holds: held && {
        part: held.part,
        wantedIn: Math.max(0, (told.starts[held.before] as number) - at),
      },
    };
  });
}
