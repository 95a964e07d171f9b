// The firings of the piece on the board as programmes: up from cold, a pause, the process, down as its night was checked; and each judged.
import { firingLines, judgeFiring } from '@zanfirico/core/kiln';
import type { ScheduleInput } from '@zanfirico/core/night';
import { follow, warming } from '@zanfirico/core/night/asked';
import { boxFor, kilnWall } from '@zanfirico/core/piece';
import type { PieceFiring } from '@zanfirico/contract/kiln';
import { useMemo } from 'react';
import { clockWords } from '../../../clock/clockWords';
import { momentOn } from '../../../clock/days';
import { useNight } from '../../../night/useNight';
import type { NightAnswer } from '../../../night/nights';
import { useBoard } from '../../../stores/board';
import type { AsRead } from '../usePiece';
import type { Bears, Firings, Programmed } from './firings';

/** A mullite or cordierite shelf under paper or primer, °C; common practice, no source: the supplier's sheet decides. */
export const SHELF_BEARS = 900;

/** Worked out once for the piece on the board, and handed to its sheets with it. */
export function useFirings({ document, glass, facts, derived, last, night }: AsRead): Firings {
  const { kiln, firing } = document;
  const moving = useBoard((s) => s.moving);
  const box = useMemo(() => boxFor(firing, facts), [firing, facts]);
  const fired = derived.ok ? derived.fired : undefined;
  const inKiln = kiln !== undefined;
  const many = kiln?.firings.length ?? 0;
  const { practice, doorTemperature } = firing;
  const holdTemperature = firing.holdTemperature ?? glass.annealing;
  const asked = useMemo(
    () =>
      (wall: ScheduleInput['wall']): ScheduleInput => ({
        glass,
        wall,
        practice,
        holdTemperature,
        doorTemperature,
        box,
        holding: 0,
      }),
    [glass, practice, holdTemperature, doorTemperature, box],
  );
  // Up from cold it is as thick as it is laid. By its numbers: what is only moved about is not warmed anew.
  const body = kiln?.cast ? 'slab' : 'oneSided';
  const laid = fired ? Math.max(fired.thick, fired.laidThick) : (last?.whole.thickest.wall ?? 0.01);
  const up = useMemo(() => {
    if (!inKiln) return undefined;
    try {
      const cold = asked({ thickest: laid, stepThick: laid, stepThin: laid, body });
      return warming(cold, box, box.room, holdTemperature);
    } catch {
      return undefined;
    }
  }, [inKiln, asked, laid, body, box, holdTemperature]);
  // What comes down of the firings before the last is a flat one on its shelf.
  const { stepThick = laid, stepThin = laid } = fired && many > 1 ? kilnWall(fired, many - 1) : {};
  const earlier = useMemo(
    () => (many > 1 ? asked({ thickest: stepThick, stepThick, stepThin, body }) : undefined),
    [many, asked, stepThick, stepThin, body],
  );
  const before = useNight(earlier, { settled: !moving });
  return useMemo(() => {
    if (!kiln || !up || !night) return { ...NONE, box };
    const programmed = kiln.firings.map((f, i): Programmed => {
      const n = (i < kiln.firings.length - 1 ? before : undefined) ?? night;
      const down = n.schedule.rows.filter((r) => r.start >= -1e-6);
      const lines = firingLines({ climb: up.rate, air: f.air, process: f.process, down });
      const { seconds, curve, remarks } = judgeFiring({
        glass,
        lines,
        start: box.room,
        box,
        // Once fused it is one.
        layers: i === 0 ? (fired?.layers ?? 1) : 1,
        ...bearsOf(up.rate, n),
        limit: kiln.limit ?? SHELF_BEARS,
      });
      return { lines, seconds, energy: follow(curve, box).energy, remarks, night: n };
    });
    return { box, programmed, bears: bearsOf(up.rate, night), passes: up.outcome.worst.stress };
  }, [kiln, up, night, before, box, glass, fired]);
}

const NONE = { programmed: [], bears: undefined, passes: undefined } as const;

/** What a night says its thickness bears. */
function bearsOf(climb: number, { schedule }: NightAnswer): Bears {
  const after = schedule.rows.filter((r) => r.start >= -1e-6);
  const fall = after.find((r) => r.from > r.to);
  return {
    climb,
    soak: after.find((r) => r.from === r.to)?.duration ?? 0,
    until: fall?.to ?? 0,
    // At the box's own pace: it cannot fall faster than it may.
    fall: fall?.rate ?? Infinity,
  };
}

/** The clock a firing is begun at until somebody says otherwise. */
export const BEGUN = '18:00';

/** When a firing begins; undefined without a day. */
export const beginsOf = ({ day, at = BEGUN }: PieceFiring): Date | undefined =>
  day === undefined ? undefined : momentOn(day, at);

/** The clock at which the last firing's soak begins: there the night's sheets begin, for nobody brings it to a hot box. */
export function soaksAt({ document, last }: AsRead, { programmed }: Firings): string | undefined {
  const firing = document.kiln?.firings.at(-1);
  const whole = programmed.at(-1);
  return firing && whole && last
    ? clockWords(firing.at ?? BEGUN, whole.seconds - last.schedule.total.value).time
    : undefined;
}
