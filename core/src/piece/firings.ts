// What a firing of a piece made in the kiln is: up from cold, a pause, the process, down as its night was checked. Bench, orders, week,
// cost, card and files have its hours from here.
import type { KilnWork } from '@zanfirico/contract/kiln';
import type { RecipeLine } from '@zanfirico/contract/shop';
import { firingLines } from '../kiln/firing';
import type { FiredPiece } from '../kiln/firedPiece';
import { judgeFiring, type FiringRemark } from '../kiln/judgeFiring';
import { follow } from '../night/asked/kiln';
import { warming, type Warming } from '../night/asked/warming';
import type { Schedule, ScheduleInput } from '../night/scheduleInput';
import { kilnWall } from './fromKiln';

/** A mullite or cordierite shelf under paper or primer, °C; common practice, no source: the supplier's sheet decides. */
export const SHELF_BEARS = 900;

/** One firing as it is programmed. */
export interface Programmed {
  readonly lines: readonly RecipeLine[];
  /** From cold to the door, s. */
  readonly seconds: number;
  /** What it takes, J. */
  readonly energy: number;
  readonly remarks: readonly FiringRemark[];
}

/** What others' lines are held against: what its thickness bears. */
export interface Bears {
  readonly climb: number;
  readonly fall: number;
  readonly soak: number;
  /** It falls slowly until here, °C. */
  readonly until: number;
}

/** What the firings of a piece are worked out from beside its night: few enough to keep with it on its shelf. */
export interface FiresOf {
  readonly firings: KilnWork['firings'];
  /** The most its shelf bears, °C, where the piece says so. */
  readonly limit?: number;
  /** Sheets deep, until it is fused. */
  readonly layers: number;
  /** As thick as it climbs from cold. */
  readonly cold: ScheduleInput['wall'];
  /** As it comes down before its last firing: flat on its shelf; nothing where there is one firing. */
  readonly earlier?: ScheduleInput['wall'];
}

/** What has to be known before its firings are programmed: as what it climbs, and the night of those before the last. */
export interface FiringsAsked {
  readonly cold: ScheduleInput;
  readonly earlier: ScheduleInput | undefined;
}

/**
 * What a piece's firings are worked out from: up from cold it is as thick as it is laid; what comes down before the last firing is a flat
 * one on its shelf. `thickest` is as thick as it is drawn, m, where nothing is laid.
 */
export function firesOf(
  kiln: KilnWork & { readonly limit?: number | undefined },
  fired: FiredPiece | undefined,
  thickest: number,
): FiresOf {
  const body = kiln.cast ? 'slab' : 'oneSided';
  const laid = fired ? Math.max(fired.thick, fired.laidThick) : thickest;
  const many = kiln.firings.length;
  const { stepThick, stepThin } =
    fired && many > 1 ? kilnWall(fired, many - 1) : { stepThick: laid, stepThin: laid };
  return {
    firings: kiln.firings,
    ...(kiln.limit !== undefined && { limit: kiln.limit }),
    layers: fired?.layers ?? 1,
    cold: { thickest: laid, stepThick: laid, stepThin: laid, body },
    ...(many > 1 && { earlier: { thickest: stepThick, stepThick, stepThin, body } }),
  };
}

/** What has to be asked for its firings. `night` is its night as it is asked; box, practice and hold are those of every firing. */
export function firingsAsked({ cold, earlier }: FiresOf, night: ScheduleInput): FiringsAsked {
  const asked = (wall: FiresOf['cold']): ScheduleInput => ({
    glass: night.glass,
    wall,
    practice: night.practice,
    holdTemperature: night.holdTemperature,
    doorTemperature: night.doorTemperature,
    box: night.box,
    holding: 0,
  });
  return { cold: asked(cold), earlier: earlier && asked(earlier) };
}

/** How it climbs from cold to its hold, simulated; undefined where no climb of this box brings it up whole. */
export function climbing(cold: ScheduleInput): Warming | undefined {
  try {
    return warming(cold, cold.box, cold.box.room, cold.holdTemperature);
  } catch {
    return undefined;
  }
}

/**
 * Its firings, each with what it takes and what speaks against it. The last comes down by `night`, those before by the night of
 * `firingsAsked`, `earlier`; by `night` too where there is none.
 */
export const programmedFirings = (
  { firings, layers, limit }: FiresOf,
  { glass, box }: Pick<ScheduleInput, 'glass' | 'box'>,
  up: Warming,
  night: Schedule,
  earlier = night,
): Programmed[] =>
  firings.map((f, i): Programmed => {
    const schedule = i < firings.length - 1 ? earlier : night;
    const rows = schedule.rows.filter((r) => r.start >= -1e-6);
    const lines = firingLines({ climb: up.rate, air: f.air, process: f.process, down: rows });
    const { seconds, curve, remarks } = judgeFiring({
      glass,
      lines,
      start: box.room,
      box,
      // Once fused it is one.
      layers: i === 0 ? layers : 1,
      ...bearsOf(up.rate, schedule),
      limit: limit ?? SHELF_BEARS,
    });
    return { lines, seconds, energy: follow(curve, box).energy, remarks };
  });

/** What a night says its thickness bears. */
export function bearsOf(climb: number, schedule: Schedule): Bears {
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

/**
 * How long a piece keeps its box, s: what comes from the bench from the last piece in to the door; what is fired in the kiln every
 * firing from cold. `schedule` is the checked night of `night`, `earlier` that of `firingsAsked`, where it asks for one.
 *
 * @example
 * hoursInBox(night, undefined, schedule) // the night's total
 */
export function hoursInBox(
  night: ScheduleInput,
  fires: FiresOf | undefined,
  schedule: Schedule,
  earlier?: Schedule,
): number {
  const up = fires && climbing(firingsAsked(fires, night).cold);
  // Where no climb of this box brings it up whole, what is known is its way down.
  if (!up) return schedule.total.value;
  return programmedFirings(fires, night, up, schedule, earlier).reduce((s, f) => s + f.seconds, 0);
}
