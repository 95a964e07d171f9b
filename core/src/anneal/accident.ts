// A night that went wrong: the piece put through what the kiln really did, what it carries now, and whether to carry on, to soak
// it again from here, or to look it over first.
import type { Glass } from '../glass/glass';
import type { Verdict } from '../units/why';
import type { CoolingWall } from './allow';
import { checkedSchedule, type Checked } from './checked';
import { putThrough, type Outcome } from './outcome';
import { PRACTICES, SAFETY, WORKING_STRESS } from './practice';
import { recipeCurve, type Recipe } from './recipe';
import type { ScheduleInput } from './schedule';
import { eveningTime } from './soak';
import { surfaceExchange } from './exchange';
import type { KilnCurve } from './simulate';
import { warming } from './warming';

/** What to do about it. */
export interface Judged {
  readonly outcome: Outcome;
  readonly curve: KilnCurve;
  readonly verdict: Verdict;
  /** From the moment asked about on: up again, soaked and down; and what that leaves. Undefined where carrying on is sound. */
  readonly again:
    { readonly recipe: Recipe; readonly outcome: Outcome; readonly seconds: number } | undefined;
}

const mpa = (v: number): string => `${(v / 1e6).toFixed(v < 1e6 ? 2 : 1)} MPa`;

/**
 * Judges what a piece went through. `curve` is all of it, `from` the moment from which it could still be done otherwise (the end
 * of a mishap, or of a log), s on the curve.
 */
export function judgeCurve(
  input: ScheduleInput,
  curve: KilnCurve,
  from: number,
  start: { readonly uneven?: number; readonly soakEnds?: number } = {},
): Judged {
  const { glass, wall } = input;
  const allows = PRACTICES[input.practice].allows;
  const through = { startUneven: start.uneven, soakEnds: start.soakEnds };
  const outcome = putThrough({ glass, wall }, curve, through);
  const { worst } = outcome;
  const passing = worst.stress;
  const fine = outcome.kept <= allows && passing <= WORKING_STRESS / SAFETY;
  if (fine)
    return {
      outcome,
      curve,
      again: undefined,
      verdict: {
        verdict: 'good',
        because: `It keeps ${mpa(outcome.kept)}, and no more than ${mpa(passing)} passed through it.`,
      },
    };
  const again = soakedAgain(input, curve, from, through);
  if (passing > WORKING_STRESS)
    return {
      outcome,
      curve,
      again,
      verdict: {
        verdict: 'no',
        because: `${mpa(passing)} passed through its ${worst.at} at ${String(Math.round(worst.temperature))} °C, past what annealed glass bears for long (7 MPa).`,
        remedy:
          'Leave the door shut until it is cold, then look for cracks before anybody lifts it; if it is whole, anneal it again.',
      },
    };
  const helps = again !== undefined && again.outcome.kept <= 1.02 * allows;
  if (outcome.kept > allows)
    return {
      outcome,
      curve,
      again,
      verdict: {
        verdict: outcome.kept > 2 * allows ? 'no' : 'watch',
        because: `Carried on as it is, it keeps ${mpa(outcome.kept)}; the practice allows ${mpa(allows)}.`,
        remedy: helps
          ? `Soak it again from here: ${(again.seconds / 3600).toFixed(1)} h to the door, then it keeps ${mpa(again.outcome.kept)}.`
          : 'Take it down slowly, and anneal it again from cold.',
      },
    };
  return {
    outcome,
    curve,
    again,
    verdict: {
      verdict: 'watch',
      because: `${mpa(passing)} passed through its ${worst.at} at ${String(Math.round(worst.temperature))} °C: more than half of what it bears, but it keeps only ${mpa(outcome.kept)}.`,
      remedy: 'Carry on, and look it over in polarised light before it leaves the shop.',
    },
  };
}

/** What was, up to a moment; then up to the hold, soaked and down as a checked schedule has it. */
function soakedAgain(
  input: ScheduleInput,
  curve: KilnCurve,
  from: number,
  through: { readonly startUneven: number | undefined; readonly soakEnds: number | undefined },
): Judged['again'] {
  const { glass, wall, box, holdTemperature: hold } = input;
  const checked: Checked = checkedSchedule(input);
  const at = temperatureAt(curve, from);
  const climb = at < hold ? climbFrom(glass, wall, input, at) : undefined;
  const recipe: Recipe = {
    name: 'Soaked again',
    start: at,
    lines: [
      {
        to: hold,
        ...(climb !== undefined && { rate: climb }),
        hold: checked.schedule.soak.value + eveningOf(glass, wall, hold),
      },
      ...fallsOf(checked),
    ],
  };
  const rest = recipeCurve(recipe, box);
  const time: number[] = [];
  const temperature: number[] = [];
  for (let i = 0; i < curve.time.length; i += 1)
    if ((curve.time[i] as number) < from) {
      time.push(curve.time[i] as number);
      temperature.push(curve.temperature[i] as number);
    }
  rest.time.forEach((t, i) => {
    time.push(from + t);
    temperature.push(rest.temperature[i] as number);
  });
  return {
    recipe,
    outcome: putThrough({ glass, wall }, { time, temperature }, through),
    seconds: rest.time[rest.time.length - 1] as number,
  };
}

const eveningOf = (glass: Glass, wall: CoolingWall, hold: number): number =>
  eveningTime(glass, wall.thickest * (wall.body === 'oneSided' ? 2 : 1), surfaceExchange(hold));

const climbFrom = (glass: Glass, wall: CoolingWall, input: ScheduleInput, at: number): number =>
  at > glass.annealing - 60
    ? input.box.climb
    : warming(glass, wall, input.box, at, input.holdTemperature).rate;

function fallsOf({ schedule }: Checked): Recipe['lines'] {
  return schedule.rows
    .filter((r) => r.start >= -1e-6 && r.from > r.to)
    .map((r) => ({ to: r.to, rate: r.rate }));
}

function temperatureAt({ time, temperature }: KilnCurve, t: number): number {
  let i = 0;
  while (i < time.length - 1 && (time[i + 1] as number) < t) i += 1;
  const [t0, t1] = [time[i] as number, time[Math.min(i + 1, time.length - 1)] as number];
  const [a, b] = [
    temperature[i] as number,
    temperature[Math.min(i + 1, time.length - 1)] as number,
  ];
  return t1 > t0 ? a + (b - a) * Math.min(1, Math.max(0, (t - t0) / (t1 - t0))) : b;
}
