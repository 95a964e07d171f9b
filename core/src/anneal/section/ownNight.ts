// The night a real section asks for: the programme of the joined walls, its falls quickened or slowed until the section itself keeps,
// and lets pass, what the practice allows. The residual is nearly proportional to the rate: a few nights tune it.
import { naturalRate } from '../box';
import { firstTuned, fromLastIn } from '../checked';
import { PRACTICES, SAFETY, WORKING_STRESS } from '../practice';
import { annealingSchedule } from '../schedule';
import type { Schedule, ScheduleInput } from '../scheduleInput';
import { ARRIVES_UNEVEN } from '../soak';
import { meshOfSection, seesOf, type RealSection, type SectionStanding } from './realSection';
import type { SectionMesh } from './mesh';
import { sectionNight, type SectionNight } from './night';

/** A section, its mesh, and what a night does to it. */
export interface SectionChecked {
  readonly mesh: SectionMesh;
  readonly night: SectionNight;
}

/** A programme of its own, and how far it was looked for. */
export interface OwnNight extends SectionChecked {
  readonly schedule: Schedule;
  /** Nothing is kept or passes that the practice does not allow. */
  readonly holds: boolean;
  readonly rounds: number;
}

/** Told which night of how many, and how far that is; asked whether to go on. */
export type OnNight = (round: number, share: number) => boolean;

const ROUNDS = 5;
const AIM = 0.95;
const ENOUGH = 0.88;
const MOST_MOVE = 4;

/** Puts a section through a schedule as it stands. Undefined where it was stopped; throws a MeshProblem where it cannot be meshed. */
export function sectionThrough(
  input: Pick<ScheduleInput, 'glass' | 'assumes'>,
  section: RealSection,
  standing: SectionStanding,
  schedule: Schedule,
  onStep?: (share: number) => boolean,
  mesh = meshOfSection(section, standing),
): SectionChecked | undefined {
  const night = sectionNight({
    mesh,
    glass: input.glass,
    curve: fromLastIn(schedule),
    sees: seesOf(section, standing),
    startUneven: ARRIVES_UNEVEN,
    countFrom: schedule.soak.value,
    liquidRatio: input.assumes?.liquidRatio,
    onStep,
  });
  return night && { mesh, night };
}

/** Looks for the shortest programme of the same shape that holds in the section itself. Undefined where it was stopped. */
export function ownNight(
  input: ScheduleInput,
  section: RealSection,
  standing: SectionStanding,
  onNight?: OnNight,
): OwnNight | undefined {
  const allows = PRACTICES[input.practice].allows;
  const passes = WORKING_STRESS / SAFETY;
  const mesh = meshOfSection(section, standing);
  let tuned = firstTuned;
  let best: OwnNight | undefined;
  for (let round = 1; round <= ROUNDS; round += 1) {
    const schedule = annealingSchedule({ ...input, tuned });
    const go = onNight && ((share: number): boolean => onNight(round, share));
    const through = sectionThrough(input, section, standing, schedule, go, mesh);
    if (!through) return best;
    const keeps = through.night.keeps.stress / allows;
    const passing = through.night.worst.stress / passes;
    const holds = Math.max(keeps, passing) <= 1;
    const shorter = !best || schedule.total.value < best.schedule.total.value;
    const nearer = best && !best.holds && Math.max(keeps, passing) < worstOf(best, allows, passes);
    if (!best || (holds && (!best.holds || shorter)) || (!holds && nearer === true))
      best = { ...through, schedule, holds, rounds: round };
    else best = { ...best, rounds: round };
    // Quicker than the box can lose its heat changes nothing.
    const slowIsBox = schedule.slowRate.value >= naturalRate(input.box, input.holdTemperature);
    const quickIsBox = schedule.quickRate.value >= naturalRate(input.box, schedule.slowEnd.value);
    if (holds && (keeps >= ENOUGH || slowIsBox) && (passing >= ENOUGH || quickIsBox)) break;
    const move = (share: number): number =>
      Math.min(MOST_MOVE, Math.max(1 / MOST_MOVE, AIM / Math.max(share, 1e-6)));
    tuned = {
      slow: tuned.slow * (keeps > 1 || !slowIsBox ? move(keeps) : 1),
      quick: tuned.quick * (passing > 1 || !quickIsBox ? move(passing) : 1),
      soak: tuned.soak,
    };
  }
  return best;
}

const worstOf = ({ night }: OwnNight, allows: number, passes: number): number =>
  Math.max(night.keeps.stress / allows, night.worst.stress / passes);
