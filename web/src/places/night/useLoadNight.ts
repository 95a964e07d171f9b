// The night of a load: its pieces from the shelf, put through one night together; whose wall sets the clock.
import type { Practice } from '@zanfirico/contract/piece';
import type { Assumed, Box, ScheduleInput } from '@zanfirico/core/night';
import type { Loaded, LoadNight, LoadPiece } from '@zanfirico/core/night/asked';
import { proxy } from 'comlink';
import { useMemo } from 'react';
import { useAnswer, type Answer } from '../../workers/useAnswer';
import type { loadNights } from '../../workers/workers';
import { useShelf, type ShelfForBox } from './useShelf';

/** A load as it is meant. °C, s. */
export interface LoadMeant {
  readonly inBox: Readonly<Record<string, number>>;
  readonly practice: Practice;
  readonly inHand: number;
  /** The annealing point of the hardest glass where undefined. */
  readonly hold: number | undefined;
  readonly door: number;
  readonly assumes: Assumed;
  readonly box: Box;
  readonly holding: number;
}

type Counted = LoadPiece & { readonly count: number };

/** The night of what stands in the box together. */
export interface LoadsNight {
  readonly shelf: ShelfForBox;
  readonly load: readonly Counted[];
  /** The hardest glass of it. */
  readonly hottest: LoadPiece['glass'] | undefined;
  readonly answer: Answer<Loaded>;
  readonly night: LoadNight | undefined;
  /** The piece that sets the clock, and the night as it is asked for it. */
  readonly rules: Counted | undefined;
  readonly input: ScheduleInput | undefined;
}

/** Asks a worker for it, again when what it is made of changes. */
export function useLoadNight(meant: LoadMeant, worker: typeof loadNights): LoadsNight {
  const { inBox, practice, inHand, hold, door, assumes, box, holding } = meant;
  const ids = useMemo(() => Object.keys(inBox), [inBox]);
  const shelf = useShelf(ids);
  const load = useMemo(
    () => shelf.meant.flatMap((p) => (p.piece ? [{ ...p.piece, count: inBox[p.id] ?? 1 }] : [])),
    [shelf.meant, inBox],
  );
  const hottest = load.reduce<LoadPiece['glass'] | undefined>(
    (g, p) => (!g || p.glass.annealing > g.annealing ? p.glass : g),
    undefined,
  );
  const request = useMemo(
    () =>
      load.length === 0 || !hottest
        ? undefined
        : {
            pieces: load,
            input: {
              practice,
              inHand,
              holdTemperature: hold ?? hottest.annealing,
              doorTemperature: door,
              assumes,
              box,
              holding,
            },
          },
    [load, hottest, practice, inHand, hold, door, assumes, box, holding],
  );
  const ask = useMemo(
    () =>
      request &&
      ((onShare: (share: number) => void) =>
        worker((w) => w.load(request.pieces, request.input, proxy(onShare)))),
    [request, worker],
  );
  const answer = useAnswer(ask);
  const night = answer.state === 'here' && answer.value.ok ? answer.value.night : undefined;
  const rules = load.find((p) => p.id === night?.rules);
  // One input for as long as the load is one: what is below asks again when it changes.
  const input = useMemo(
    () =>
      request &&
      rules && {
        ...request.input,
        glass: rules.glass,
        wall: rules.wall,
        drawn: rules.drawn,
        apart: rules.apart,
        beside: rules.beside,
      },
    [request, rules],
  );
  return { shelf, load, hottest, answer, night, rules, input };
}
