// A night that went wrong: the piece, or all that stood in the box, put through what the kiln really did, what they carry now, and
// whether to carry on, to soak them again from here, or to look them over first.
import type { Recipe } from '@zanfirico/contract/shop';
import { tr } from '../../words/tr';
import { GRADE, type Verdict } from '../../units/why';
import { slabEquivalent } from '../allow';
import { climbAt } from '../box';
import { checkedSchedule, type CheckedNight } from '../checked';
import { temperatureAt, upTo } from '../kilnCurve';
import { surfaceExchange } from '../relaxing/exchange';
import type { LoadPiece } from './load';
import { putInBox, type InBox } from '../unevenBox';
import { passesWhere, type Annealed, type Closely, type Outcome } from '../outcome';
import { CLOSE, MAY_PASS, PRACTICES, WORKING_STRESS } from '../practice';
import { rated, recipeCurve } from './recipe';
import type { ScheduleInput } from '../scheduleInput';
import type { KilnCurve } from '../relaxing/walkCurve';
import { eveningTime } from '../soak';
import { warming } from './warming';

/** What to do about it. */
export interface JudgedAccident {
  readonly outcome: InBox;
  readonly curve: KilnCurve;
  readonly verdict: Verdict;
  /** From the moment asked about on: up again, soaked and down; and what that leaves. Undefined where carrying on is sound. */
  readonly again: Again | undefined;
  /** Each piece of a load, the worst first; empty for a single one. */
  readonly pieces: readonly JudgedPiece[];
}

/** A soak from here: what the worst piece keeps then and what passes through it, past and to come, Pa; how long it takes, s. */
export interface Again {
  readonly recipe: Recipe;
  readonly kept: number;
  readonly passing: number;
  readonly seconds: number;
}

/** One piece of a load. */
export interface JudgedPiece {
  readonly id: string;
  readonly name: string;
  readonly outcome: InBox;
  readonly verdict: Verdict;
}

/** How the curve begins: pieces uneven by so much, K, soaked until then, s. */
export interface Begun {
  readonly uneven?: number;
  readonly soakEnds?: number;
}

const mpa = (v: number): string => `${(v / 1e6).toFixed(v < 1e6 ? 2 : 1)} MPa`;

/**
 * Judges what a piece, or a load of them, went through. `curve` is all of it, `from` the moment from which it could still be done
 * otherwise (the end of a mishap, or of a log), s on the curve. `input` is the piece that sets the clock.
 */
export function judgeCurve(
  input: ScheduleInput,
  curve: KilnCurve,
  from: number,
  start: Begun = {},
  load: readonly LoadPiece[] = [],
): JudgedAccident {
  const allows = PRACTICES[input.practice].allows;
  const through = { startUneven: start.uneven, soakEnds: start.soakEnds };
  const put = (piece: Annealed, c: KilnCurve, closely: Closely): InBox =>
    putInBox({ ...piece, assumes: input.assumes }, c, input.box, { ...through, closely });
  // The piece that sets the clock is mostly one of the load: it is put through once.
  const leads = load.findIndex(
    (p) => p.glass === input.glass && p.wall === input.wall && p.drawn === input.drawn,
  );
  const walls: readonly Annealed[] = leads < 0 ? [...load, input] : load;
  const outcomes = walls.map((p) => put(p, curve, 'fine'));
  const outcome = outcomes[leads < 0 ? load.length : leads] as InBox;
  const again = outcomes.every((o) => isSound(o, allows))
    ? undefined
    : soakedAgain(input, curve, from, (c) =>
        walls.map((p) => put(p, c, input.drawn ? 'rough' : 'fine')),
      );
  // A second soak takes as long as the piece that sets the clock asks for.
  const said = (o: InBox): Verdict => verdictOn(o, allows, again, from, input);
  const verdict = said(outcome);
  const pieces = load
    .map(({ id, name }, i) => {
      const mine = outcomes[i] as InBox;
      return { id, name, outcome: mine, verdict: said(mine) };
    })
    .sort(
      (a, b) =>
        GRADE[b.verdict.verdict] - GRADE[a.verdict.verdict] || b.outcome.kept - a.outcome.kept,
    );
  const [worst] = pieces;
  return {
    outcome,
    curve,
    again,
    pieces,
    verdict:
      worst && GRADE[worst.verdict.verdict] > GRADE[verdict.verdict]
        ? { ...worst.verdict, because: `${worst.name}: ${worst.verdict.because}` }
        : verdict,
  };
}

const isSound = (o: Outcome, allows: number): boolean =>
  o.kept <= allows && o.worst.stress <= MAY_PASS;

/** A second soak longer than this says what it is for, s. */
const LONG = 24 * 3600;
/** What makes a night long: the thickest glass, or the step beside it. */
function drives({ wall: { thickest, stepThick, stepThin } }: Pick<Annealed, 'wall'>): string {
  const mm = (m: number): string => `${(1e3 * m).toFixed(1)} mm`;
  return stepThick - stepThin > STEPPED * stepThick
    ? tr`The step from ${mm(stepThick)} to ${mm(stepThin)}`
    : tr`Its thickest place, ${mm(thickest)},`;
}
/** A step of so much of the thick side counts before the thickest place does. */
const STEPPED = 0.3;

/** What one piece's outcome means, and what to do about it. */
function verdictOn(
  outcome: Outcome,
  allows: number,
  again: Again | undefined,
  from: number,
  piece: Pick<Annealed, 'wall'>,
): Verdict {
  const { kept, worst } = outcome;
  const passing = worst.stress;
  const where = tr`${passesWhere(worst)} at ${Math.round(worst.temperature)} °C`;
  if (isSound(outcome, allows))
    return {
      verdict: 'good',
      because: tr`It keeps ${mpa(kept)}, and no more than ${mpa(passing)} passed through it.`,
    };
  const toCome = worst.time > from;
  if (toCome && passing > MAY_PASS)
    return {
      verdict: passing > WORKING_STRESS ? 'no' : 'watch',
      because: tr`Left to its programme, ${mpa(passing)} will pass ${where}: ${worst.at === 'middle' ? tr`the kiln makes up for what it lost` : tr`the kiln falls`} faster than it bears.`,
      remedy:
        again && again.passing <= WORKING_STRESS
          ? tr`Stop the programme now and go on as below: ${(again.seconds / 3600).toFixed(1)} h to the door, no more than ${mpa(again.passing)} passes, ${mpa(again.kept)} stays.`
          : tr`Stop the programme, and go on as slowly as it can be set.`,
    };
  if (passing > WORKING_STRESS)
    return {
      verdict: 'no',
      because: tr`${mpa(passing)} passed ${where}, past what annealed glass bears for long (7 MPa).`,
      remedy: tr`Leave the door shut until it is cold, then look for cracks before anybody lifts it; if it is whole, anneal it again.`,
    };
  if (kept > allows)
    return {
      verdict: kept > 2 * allows ? 'no' : 'watch',
      because: tr`Carried on as it is, it keeps ${mpa(kept)}; the practice allows ${mpa(allows)}.`,
      remedy:
        again && again.kept <= CLOSE * allows
          ? tr`Soak it again from here: ${(again.seconds / 3600).toFixed(1)} h to the door, then it keeps ${mpa(again.kept)}.${again.seconds > LONG ? tr` ${drives(piece)} sets that clock.` : ''}`
          : tr`Take it down slowly, and anneal it again from cold.`,
    };
  return {
    verdict: 'watch',
    because: tr`${mpa(passing)} passed ${where}: more than half of what it bears, but it keeps only ${mpa(kept)}.`,
    remedy: tr`Carry on, and look it over in polarised light before it leaves the shop.`,
  };
}

/** Times the climb back is slowed at most, and what a slower one has to bring down to be worth its hours. */
const ROUNDS = 4;
const AIM = 0.95;
const WORTH = 0.9;

/**
 * What was, up to a moment; then up to the hold, soaked and down as a checked schedule has it. The climb is slowed until what
 * passes on the way is what may: the piece is not at rest when it begins.
 */
function soakedAgain(
  input: ScheduleInput,
  curve: KilnCurve,
  from: number,
  put: (curve: KilnCurve) => readonly Outcome[],
): Again {
  const { holdTemperature: hold } = input;
  const checked: CheckedNight = checkedSchedule(input);
  const at = temperatureAt(curve, from);
  const was = upTo(curve, from);
  let rate = at < hold ? climbFrom(input, at) : undefined;
  let before: { readonly again: Again; readonly share: number } | undefined;
  for (let round = 0; ; round += 1) {
    const recipe: Recipe = {
      name: tr`Soaked again`,
      start: at,
      lines: [
        {
          to: hold,
          ...(rate !== undefined && { rate }),
          hold: checked.schedule.soak.value + evening(input),
        },
        ...fallsOf(checked),
      ],
    };
    const rest = recipeCurve(recipe, input.box);
    const outcomes = put({
      time: [...Array.from(was.time), ...rest.time.slice(1).map((t) => from + t)],
      temperature: [...Array.from(was.temperature), ...rest.temperature.slice(1)],
    });
    const toCome = outcomes.filter((o) => o.worst.time > from).map((o) => o.worst.stress);
    const share = Math.max(0, ...toCome) / MAY_PASS;
    // What froze in when it fell is there whatever the climb: hours that do not help are not spent.
    if (before && share > WORTH * before.share) return before.again;
    const again: Again = {
      recipe,
      kept: Math.max(...outcomes.map((o) => o.kept)),
      passing: Math.max(...outcomes.map((o) => o.worst.stress)),
      seconds: rest.time[rest.time.length - 1] as number,
    };
    if (rate === undefined || share <= 1 || round === ROUNDS) return again;
    before = { again, share };
    rate *= Math.max(1 / 3, AIM / share);
  }
}

const evening = ({ glass, wall, holdTemperature: hold }: ScheduleInput): number =>
  eveningTime(glass, slabEquivalent(wall), surfaceExchange(hold));

const climbFrom = (input: ScheduleInput, at: number): number =>
  at > input.glass.annealing - 60
    ? climbAt(input.box, input.holdTemperature)
    : warming(input, input.box, at, input.holdTemperature).rate;

function fallsOf({ schedule }: CheckedNight): Recipe['lines'] {
  return schedule.rows
    .filter((r) => r.start >= -1e-6 && r.from > r.to)
    .map((r) => rated(r.to, r.rate));
}
