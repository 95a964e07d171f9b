// The firings of the piece on the board as programmes: up from cold, a pause, the process, down as its night was checked; and each judged.
import {
  boxFor,
  follow,
  castFor,
  firingLines,
  judgeFiring,
  kilnWall,
  recipeCurve,
  warming,
  type Box,
  type FiringRemark,
  type RecipeLine,
  type ScheduleInput,
} from '@zanfirico/core';
import { useMemo } from 'react';
import { clockWords } from '../../../clock/clockWords';
import { useNight } from '../../../annealing/useNight';
import type { Night } from '../../../annealing/nights';
import { usePiece, type OnBoard } from '../usePiece';

/** A mullite or cordierite shelf under paper or primer, °C; common practice, no source: the supplier's sheet decides. */
export const SHELF_BEARS = 900;

/** One firing as it is programmed. */
export interface Programmed {
  readonly lines: readonly RecipeLine[];
  readonly curve: { readonly time: readonly number[]; readonly temperature: readonly number[] };
  readonly seconds: number;
  /** What it takes, J. */
  readonly energy: number;
  readonly remarks: readonly FiringRemark[];
  readonly night: Night;
}

/** What others' lines are held against: what its thickness bears. */
export interface Bears {
  readonly climb: number;
  readonly fall: number;
  readonly soak: number;
  /** It falls slowly until here, °C. */
  readonly until: number;
}

interface Firings {
  readonly box: Box;
  readonly programmed: readonly (Programmed | undefined)[];
  readonly bears: Bears | undefined;
  /** What passes through it on its way up, Pa. */
  readonly passes: number | undefined;
}

export function useFirings({ document, glass, facts, derived, last, night }: OnBoard): Firings {
  const { kiln, firing } = document;
  const box = useMemo(() => boxFor(firing, facts), [firing, facts]);
  const fired = derived.ok ? derived.fired : undefined;
  const cast = kiln?.cast !== undefined;
  const many = kiln?.firings.length ?? 1;
  const whole = last?.whole.thickest.wall ?? 0.01;
  // Up from cold it is as thick as it is laid; what comes down of the firings before the last is a flat one on its shelf.
  const [cold, flat] = useMemo((): readonly [ScheduleInput, ScheduleInput] => {
    const input = (wall: ScheduleInput['wall']): ScheduleInput => ({
      glass,
      wall,
      practice: firing.practice,
      holdTemperature: firing.holdTemperature ?? glass.annealing,
      doorTemperature: firing.doorTemperature,
      box,
      holding: 0,
    });
    const thick = fired ? Math.max(fired.thick, fired.laidThick) : whole;
    const body = cast ? 'slab' : 'oneSided';
    return [
      input({ thickest: thick, stepThick: thick, stepThin: thick, body }),
      input(
        fired
          ? kilnWall(fired, Math.max(1, many - 1))
          : { thickest: whole, stepThick: whole, stepThin: whole, body },
      ),
    ];
  }, [glass, fired, whole, many, cast, firing, box]);
  const before = useNight(kiln ? flat : undefined);
  const up = useMemo(() => {
    if (!kiln) return undefined;
    try {
      return warming(cold, box, box.room, cold.holdTemperature);
    } catch {
      return undefined;
    }
  }, [kiln, cold, box]);
  return useMemo(() => {
    if (!kiln || !up || !night || !before)
      return { box, programmed: [], bears: undefined, passes: undefined };
    const climb = up.rate;
    const bearsOf = (n: Night): Bears => {
      const rows = n.schedule.rows;
      const soak = rows.find((r) => r.start >= -1e-6 && r.from === r.to);
      const fall = rows.find((r) => r.start >= -1e-6 && r.from > r.to);
      return {
        climb,
        soak: soak?.duration ?? 0,
        until: fall?.to ?? 0,
        // At the box's own pace: it cannot fall faster than it may.
        fall: fall?.rate ?? Infinity,
      };
    };
    const programmed = kiln.firings.map((f, i): Programmed => {
      const n = i === kiln.firings.length - 1 || kiln.firings.length === 1 ? night : before;
      const down = n.schedule.rows.filter((r) => r.start >= -1e-6);
      const lines = firingLines({ climb, air: f.air, process: f.process, down });
      const { time, temperature } = recipeCurve({ name: '', start: box.room, lines }, box);
      const judged = judgeFiring({
        glass,
        lines,
        start: box.room,
        box,
        // Once fused it is one.
        layers: i === 0 ? (fired?.layers ?? 1) : 1,
        ...bearsOf(n),
        limit: kiln.limit ?? SHELF_BEARS,
      });
      return {
        lines,
        curve: { time, temperature },
        seconds: judged.seconds,
        energy: follow({ time, temperature }, box).energy,
        remarks: judged.remarks,
        night: n,
      };
    });
    return { box, programmed, bears: bearsOf(night), passes: up.outcome.worst.stress };
  }, [kiln, up, night, before, box, glass, fired]);
}

/**
 * The piece with the clock its last firing's soak begins at, as the night's sheets ask for it: nobody brings it to a hot box. Any other as it is.
 */
export function atItsSoak(board: OnBoard, programmed: Firings['programmed']): OnBoard {
  const { kiln, firing } = board.document;
  const last = programmed[programmed.length - 1];
  if (!kiln || !last || !board.last) return board;
  const before = last.seconds - board.last.schedule.total.value;
  const { time: text } = clockWords(kiln.firings[kiln.firings.length - 1]?.at ?? '18:00', before);
  return {
    ...board,
    document: { ...board.document, firing: { ...firing, firstIn: text, lastIn: text } },
  };
}

/** What a cast takes, from its drawn form. */
export function useCast() {
  const { document, glass, last } = usePiece();
  const { kiln } = document;
  const volume = last?.whole.volume;
  return useMemo(
    () => (kiln && volume !== undefined ? castFor(kiln, volume, glass) : undefined),
    [kiln, volume, glass],
  );
}
