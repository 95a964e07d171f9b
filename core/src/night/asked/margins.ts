// Where a night's margin is thin: the same programme with each thing it stands on a little off, one at a time, and how much longer a
// night made for that would be.
import { tr } from '../../words/tr';
import type { Glass } from '../../glass/glass';
import type { CoolingWall } from '../allow';
import { RESTRAINT } from '../allow';
import { checkedSchedule, type CheckedNight } from '../checked';
import { KILN_EXCHANGE } from '../relaxing/exchange';
import { NightStopped, type DrawnSection } from '../section/putSection';
import { grown, sightOf, type SectionStanding } from '../section/realSection';
import type { Through } from '../outcome';
import { placeCurve, putInBox } from '../unevenBox';
import { CLOSE, MAY_PASS, PRACTICES } from '../practice';
import { annealingSchedule } from '../schedule';
import type { ScheduleInput } from '../scheduleInput';
import { ARRIVES_UNEVEN } from '../soak';
import { AIM } from '../towards';

/** One thing a little off. */
export interface Margin {
  readonly id: string;
  /** What is off and by how much, as a clause. */
  readonly name: string;
  /** What the same programme leaves and lets through then, Pa. */
  readonly kept: number;
  readonly passing: number;
  /** The most of what is allowed that is used up then; over 1 it is not sound. */
  readonly used: number;
  /** How much longer the night made for it is, s; undefined where it would be the same programme. */
  readonly longer: number | undefined;
}

/** All of them, the one that moves the margin most first. */
export interface NightMargins {
  /** So many of them may be off, one at a time, and the practice is kept all the same. */
  readonly hold: number;
  /** What is used of what is allowed, as planned, and by what. */
  readonly used: number;
  readonly by: 'stays' | 'passes';
  readonly margins: readonly Margin[];
}

/** How far each is off: what a calliper, a supplier's sheet, a thermocouple are usually good for. From memory. */
const OFF = {
  wall: 0.1,
  expansion: 0.02,
  conductivity: 0.1,
  reading: 10,
  exchange: 1 / 3,
  unevenness: 10,
} as const;

interface Case {
  readonly id: string;
  readonly name: string;
  /** The input it would be planned for. */
  readonly input?: ScheduleInput;
  readonly through?: Through;
  /** The kiln hotter than it reads, K. */
  readonly hotter?: number;
}

/**
 * Works them out: some ten nights simulated, and each planned anew; of a drawn section about, for tension goes nearly by the rate.
 * `onProgress` is told how far it is, and stops it where it answers no.
 */
export function nightMargins(
  input: ScheduleInput,
  {
    checked = checkedSchedule(input),
    onProgress,
  }: {
    readonly checked?: CheckedNight;
    readonly onProgress?: (share: number) => boolean;
  } = {},
): NightMargins {
  const allows = PRACTICES[input.practice].allows;
  const passes = MAY_PASS;
  const soakEnds = checked.schedule.soak.value;
  const planned = checked.schedule.total.value;
  const usedBy = (kept: number, passing: number): number =>
    Math.max(kept / allows, passing / passes);
  const cases = casesOf(input);
  const dear = checked.outcome.section !== undefined;
  const about = (other: ScheduleInput, used: number): number => {
    const by = Math.min(1, AIM / used);
    const { slow, quick, soak } = checked.tuned;
    return annealingSchedule({ ...other, tuned: { slow: slow * by, quick: quick * by, soak } })
      .total.value;
  };
  // Roughly looked at, a section keeps a little more or less than finely: what is told is the change.
  const closely = dear ? 'rough' : 'fine';
  const as = { startUneven: ARRIVES_UNEVEN, soakEnds, closely } as const;
  const same = putInBox(input, checked.curve, input.box, as);
  const [keptAs, passedAs] = [
    checked.outcome.kept / same.kept,
    checked.outcome.worst.stress / Math.max(1, same.worst.stress),
  ];
  const margins = cases.map(({ id, name, input: other, through, hotter }, k): Margin => {
    if (onProgress?.(k / cases.length) === false) throw new NightStopped();
    const curve =
      hotter === undefined ? checked.curve : placeCurve(checked.curve, input.box, hotter);
    const o = putInBox(other ?? input, curve, (other ?? input).box, {
      ...as,
      ...through,
    });
    const kept = keptAs * o.kept;
    const passing = passedAs * o.worst.stress;
    return {
      id,
      name,
      kept,
      passing,
      used: usedBy(kept, passing),
      longer:
        other &&
        (dear ? about(other, usedBy(kept, passing)) : checkedSchedule(other).schedule.total.value) -
          planned,
    };
  });
  const { kept, worst } = checked.outcome;
  return {
    used: usedBy(kept, worst.stress),
    by: kept / allows >= worst.stress / passes ? 'stays' : 'passes',
    hold: margins.filter((m) => m.used <= CLOSE).length,
    margins: margins.sort((a, b) => b.used - a.used),
  };
}

/** A thickness that is there to be measured wrong, m. */
const STEPS = 2e-4;

const per = (share: number): string => `${String(Math.round(100 * share))} %`;
/** So much thicker than measured. */
const MORE = 1 + OFF.wall;

/** Of walls joined: thick and thin measured wrong. */
function walledCases(input: ScheduleInput): Case[] {
  const { wall } = input;
  const walls = (change: Partial<CoolingWall>): ScheduleInput => ({
    ...input,
    wall: { ...wall, ...change },
  });
  const restraint = input.assumes?.restraint ?? RESTRAINT;
  const steps = wall.stepThick - wall.stepThin > STEPS;
  return [
    {
      id: 'thick',
      name: tr`the thickest wall is ${per(OFF.wall)} thicker`,
      input: walls({
        thickest: MORE * wall.thickest,
        stepThick: MORE * wall.stepThick,
        stepThin: steps ? wall.stepThin : MORE * wall.stepThin,
      }),
    },
    ...(steps
      ? [
          {
            id: 'thin',
            name: tr`the thin wall beside it is ${per(OFF.wall)} thinner`,
            input: walls({ stepThin: (1 - OFF.wall) * wall.stepThin }),
          },
          ...(restraint < 1
            ? [
                {
                  id: 'restraint',
                  name: tr`thick and thin hold each other fully`,
                  input: { ...input, assumes: { ...input.assumes, restraint: 1 } },
                },
              ]
            : []),
        ]
      : []),
  ];
}

/** Of a drawn section: thicker, less rounded, standing otherwise. */
function drawnCases(input: ScheduleInput, d: DrawnSection): Case[] {
  const { apart } = input;
  const stood = (of: DrawnSection, change: Partial<SectionStanding>): DrawnSection => ({
    ...of,
    standing: { ...of.standing, ...change },
  });
  const standing = (change: Partial<SectionStanding>): ScheduleInput => ({
    ...input,
    drawn: stood(d, change),
    apart: apart?.map((of) => stood(of, change)),
  });
  return [
    {
      id: 'thick',
      name: tr`it is ${per(OFF.wall)} thicker everywhere than drawn`,
      input: {
        ...input,
        drawn: { ...d, section: grown(d.section, MORE) },
        apart: apart?.map((a) => ({ ...a, section: grown(a.section, MORE) })),
      },
    },
    {
      id: 'corners',
      name: tr`its inside corners are half as round as thought`,
      input: standing({ rounded: d.standing.rounded / 2 }),
    },
    ...(sightOf(d.standing).under > 0
      ? [
          {
            id: 'shelf',
            name: tr`it stands flat on the shelf after all`,
            input: standing({ stands: 'shelf', under: 0 }),
          },
        ]
      : []),
  ];
}

function casesOf(input: ScheduleInput): Case[] {
  const { glass, box, drawn } = input;
  const glasses = (change: Partial<Glass>): ScheduleInput => ({
    ...input,
    glass: { ...glass, ...change },
  });
  const { radiant, air } = KILN_EXCHANGE;
  const less = 1 - OFF.exchange;
  const kelvin = String(OFF.reading);
  return [
    ...(drawn ? drawnCases(input, drawn) : walledCases(input)),
    {
      id: 'expansion',
      name: tr`the glass expands ${per(OFF.expansion)} more`,
      input: glasses({ expansion: (1 + OFF.expansion) * glass.expansion }),
    },
    {
      id: 'conductivity',
      name: tr`it conducts ${per(OFF.conductivity)} less`,
      input: glasses({ conductivity: (1 - OFF.conductivity) * glass.conductivity }),
    },
    {
      id: 'unevenness',
      name: tr`the box is ${OFF.unevenness} K more uneven`,
      input: { ...input, box: { ...box, unevenness: box.unevenness + OFF.unevenness } },
    },
    { id: 'hotter', name: tr`the kiln is ${kelvin} K hotter than it reads`, hotter: OFF.reading },
    { id: 'colder', name: tr`the kiln is ${kelvin} K colder than it reads`, hotter: -OFF.reading },
    {
      id: 'crowded',
      name: tr`the box is so crowded that a third less heat gets out`,
      through: { exchange: { radiant: less * radiant, air: less * air } },
    },
  ];
}
