// The firings of the piece on the board as programmes: up from cold, a pause, the process, down as its night was checked; and each judged.
import {
  bearsOf,
  boxFor,
  climbing,
  firesOf,
  firingsAsked,
  programmedFirings,
} from '@zanfirico/core/piece';
import type { ScheduleInput } from '@zanfirico/core/night';
import type { KilnFiring } from '@zanfirico/contract/kiln';
import { useMemo } from 'react';
import { clockWords } from '../../../clock/clockWords';
import { momentOn } from '../../../clock/days';
import { useNight } from '../../../night/useNight';
import { useBoard } from '../../../stores/board';
import type { AsRead } from '../usePiece';
import type { Firings } from './firings';

/** Worked out once for the piece on the board, and handed to its sheets with it. */
export function useFirings({ document, facts, derived, last, night }: AsRead): Firings {
  const { kiln, firing } = document;
  const moving = useBoard((s) => s.moving);
  const box = useMemo(() => boxFor(firing, facts), [firing, facts]);
  const fired = derived.ok ? derived.fired : undefined;
  const its = last?.night;
  const thickest = last?.whole.thickest.wall ?? 0.01;
  const fires = useMemo(() => kiln && firesOf(kiln, fired, thickest), [kiln, fired, thickest]);
  const input = useMemo((): ScheduleInput | undefined => its && { ...its, box }, [its, box]);
  const asked = useMemo(
    () => (fires && input ? firingsAsked(fires, input) : undefined),
    [fires, input],
  );
  const before = useNight(asked?.earlier, { settled: !moving });
  // By its numbers: what is only moved about is not warmed anew.
  const coldText = useMemo(() => asked && JSON.stringify(asked.cold), [asked]);
  const up = useMemo(
    () => (coldText === undefined ? undefined : climbing(JSON.parse(coldText) as ScheduleInput)),
    [coldText],
  );
  return useMemo(() => {
    if (!fires || !input || !up || !night) return { ...NONE, box };
    const earlier = before ?? night;
    const last = fires.firings.length - 1;
    return {
      box,
      programmed: programmedFirings(fires, input, up, night.schedule, earlier.schedule).map(
        (p, i) => ({
          ...p,
          night: i < last ? earlier : night,
        }),
      ),
      bears: bearsOf(up.rate, night.schedule),
      passes: up.outcome.worst.stress,
    };
  }, [fires, input, up, night, before, box]);
}

const NONE = { programmed: [], bears: undefined, passes: undefined } as const;

/** The clock a firing is begun at until somebody says otherwise. */
export const BEGUN = '18:00';

/** When a firing begins; undefined without a day. */
export const beginsOf = ({ day, at = BEGUN }: KilnFiring): Date | undefined =>
  day === undefined ? undefined : momentOn(day, at);

/** The clock at which the last firing's soak begins: there the night's sheets begin, for nobody brings it to a hot box. */
export function soaksAt({ document, last }: AsRead, { programmed }: Firings): string | undefined {
  const firing = document.kiln?.firings.at(-1);
  const whole = programmed.at(-1);
  return firing && whole && last
    ? clockWords(firing.at ?? BEGUN, whole.seconds - last.schedule.total.value).time
    : undefined;
}
