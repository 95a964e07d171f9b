// The bench's clock: the machine's own, steady, or in a rehearsal one that may run faster, going on from what happened last.
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useServer } from '../api/server';
import { MACHINE, steadyTime } from './steadyTime';

/** How often what is shown follows it, ms. */
const EVERY = 250;

/** The bench's clock: the studio's, or a rehearsal's. */
export interface BenchClock {
  /** ms since 1970 on the bench's clock. */
  readonly now: () => number;
  /** The same, as of the last tick. */
  readonly shown: number;
  readonly speed: number;
  readonly setSpeed: (speed: number) => void;
  /** A rehearsal goes on from here. */
  readonly goOn: (from: number) => void;
}

/** The bench's clock, redrawn while it is looked at. */
export function useBenchClock(): BenchClock {
  // Set by the studio's clock where this screen's is wrong: events of several screens are on one clock.
  const ahead = useServer((s) => s.ahead);
  const real = useMemo(
    () => steadyTime({ ...MACHINE, wall: () => MACHINE.wall() + ahead }),
    [ahead],
  );
  // Real time less bench time at speed 1 is nothing: it begins as the real clock.
  const base = useRef({ real: 0, bench: 0, speed: 1 });
  const [speed, setShownSpeed] = useState(1);
  const [shown, setShown] = useState(real);
  const now = useCallback((): number => {
    const { real: since, bench, speed: by } = base.current;
    return bench + by * (real() - since);
  }, [real]);
  useEffect(() => {
    const timer = setInterval(() => {
      setShown(now());
    }, EVERY);
    return () => {
      clearInterval(timer);
    };
  }, [now]);
  const setSpeed = useCallback(
    (by: number): void => {
      base.current = { real: real(), bench: now(), speed: by };
      setShownSpeed(by);
    },
    [now, real],
  );
  const goOn = useCallback(
    (from: number): void => {
      base.current = { ...base.current, real: real(), bench: from };
      setShown(from);
    },
    [real],
  );
  return { now, shown, speed, setSpeed, goOn };
}
