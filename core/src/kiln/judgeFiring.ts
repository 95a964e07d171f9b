// A firing's lines judged, whoever wrote them: whether it stands the way up, lets its air out, does what is wanted, goes cloudy, comes down sound.
import type { RecipeLine } from '@zanfirico/contract/shop';
import { tr } from '../words/tr';
import type { Box } from '../night/box';
import { recipeCurve, recipeProblems } from '../night/asked/recipe';
import type { Glass } from '../glass/glass';
import { fitVft, strainOf } from '../glass/viscosity';
import { GRADE, type Verdict } from '../units/why';
import { fluidity, fuseOf, rounds, type Fuse } from './flow';
import { CLOUDY, withinFiring } from './firing';

/** What is fired, as the judge asks. SI; °C. */
export interface JudgedFiring {
  readonly glass: Glass;
  readonly lines: readonly RecipeLine[];
  readonly start: number;
  readonly box: Box;
  /** Sheets one on another: between them is air. */
  readonly layers: number;
  /** What a cold stack of this thickness bears going up, and a hot one coming down through its strain range, K/s. */
  readonly climb: number;
  readonly fall: number;
  /** It falls slowly until here, °C; 30 K under its strain point when left out. */
  readonly until?: number | undefined;
  /** How long its soak has to be, s. */
  readonly soak: number;
  /** What its shelf, paper or mould bears. */
  readonly limit: number;
  /** It does not have to lie flat: it is slumped. */
  readonly slumps?: boolean | undefined;
}

/** One thing said of a firing, and which line it is about, from 0. */
export type FiringRemark = Verdict & { readonly line: number | undefined };

/** What it does and what is said of it, the worst first. */
export interface FiringJudged {
  /** What its lines come to in the box; where it begins alone, where they cannot be run. */
  readonly curve: { readonly time: readonly number[]; readonly temperature: readonly number[] };
  readonly flowed: number;
  readonly rounded: number;
  readonly name: Fuse;
  readonly cloudy: number;
  readonly air: number;
  readonly seconds: number;
  readonly remarks: readonly FiringRemark[];
}

/** Air goes out of a stack while it is soft enough to lie down and not yet closed at its edges, °C and s. Common practice, no source. */
const AIR = { from: 600, to: 700, least: 15 * 60 };
/** Longer in the cloudy range is told; so long it shows. Common practice, no source. */
const CLOUDY_TOLD = 45 * 60;
const CLOUDY_SHOWS = 150 * 60;
/** A kiln is read to about so many degrees; a rate is as good as asked for within so much. */
const NEAR = 15;
const CLOSE = 1.05;

/** Judges it. A few milliseconds. */
export function judgeFiring(given: JudgedFiring): FiringJudged {
  const { glass, lines, start, box, limit } = given;
  const remarks: FiringRemark[] = recipeProblems({ name: '', start, lines }, box).map((p) => ({
    verdict: 'no',
    because: p.says,
    remedy: tr`Mend this line.`,
    line: p.line,
  }));
  const gap = lines.findIndex((l, i) => l.to === (lines[i - 1]?.to ?? start) && !(l.hold ?? 0));
  if (gap >= 0)
    remarks.push({
      verdict: 'no',
      because: tr`Line ${gap + 1} neither goes anywhere nor holds: something is missing in the programme.`,
      remedy: tr`Give it a hold or another temperature, or take it out.`,
      line: gap,
    });
  const bad = remarks.length > 0;
  const { time, temperature } = bad
    ? { time: [0], temperature: [start] }
    : recipeCurve({ name: '', start, lines }, box);
  const curve = { time, temperature };
  const flowed = fluidity(curve, fitVft(glass));
  const rounded = rounds(flowed);
  const air = withinFiring(upTo(curve), AIR.from, AIR.to);
  const cloudy = withinFiring(curve, CLOUDY.from, CLOUDY.to);
  if (!bad) {
    remarks.push(...wayUp(given), ...wayDown(given, curve));
    const hottest = Math.max(...temperature);
    if (hottest > limit)
      remarks.push({
        verdict: 'no',
        because: tr`It goes to ${Math.round(hottest)} °C; what it lies on bears ${Math.round(limit)} °C.`,
        remedy: tr`Hold longer and cooler, or lay it on something that bears more.`,
        line: lines.findIndex((l) => l.to >= hottest - 0.5),
      });
    if (given.layers > 1 && rounded > 1e-4 && air < AIR.least)
      remarks.push({
        verdict: 'watch',
        because: tr`It is ${Math.round(air / 60)} min between ${AIR.from} and ${AIR.to} °C: the air between its sheets is closed in before it is out.`,
        remedy: tr`Pause near 660 °C until it has been ${AIR.least / 60} min there.`,
        line: undefined,
      });
    if (cloudy > CLOUDY_TOLD)
      remarks.push({
        verdict: cloudy > CLOUDY_SHOWS ? 'no' : 'watch',
        because: tr`It is ${Math.round(cloudy / 60)} min between ${CLOUDY.from} and ${CLOUDY.to} °C, where glass goes cloudy if it is left there.`,
        remedy: tr`Go through it quickly both ways, or let it be covered by clear powder.`,
        line: undefined,
      });
  }
  remarks.sort((a, b) => GRADE[b.verdict] - GRADE[a.verdict]);
  return {
    curve,
    flowed,
    rounded,
    name: fuseOf(rounded),
    cloudy,
    air,
    seconds: time[time.length - 1] ?? 0,
    remarks,
  };
}

/** A curve as far as where it is hottest first. */
function upTo(curve: {
  readonly time: readonly number[];
  readonly temperature: readonly number[];
}): {
  readonly time: readonly number[];
  readonly temperature: readonly number[];
} {
  const top = curve.temperature.indexOf(Math.max(...curve.temperature)) + 1;
  return { time: curve.time.slice(0, top), temperature: curve.temperature.slice(0, top) };
}

const perHour = (rate: number): string => String(Math.round(rate * 3600));

/** Up through what is still brittle. */
function wayUp({ glass, lines, start, box, climb }: JudgedFiring): FiringRemark[] {
  const strain = strainOf(glass);
  const found: FiringRemark[] = [];
  lines.forEach((l, i) => {
    const from = lines[i - 1]?.to ?? start;
    if (l.to <= from || from >= strain) return;
    const rate = Math.min(l.rate ?? box.climb, box.climb);
    if (rate > climb * CLOSE)
      found.push({
        verdict: rate > 2 * climb ? 'no' : 'watch',
        because: tr`Line ${i + 1} climbs ${perHour(rate)} K an hour from ${Math.round(from)} °C; cold, a stack so thick bears ${perHour(climb)}.`,
        remedy: tr`Climb at ${perHour(climb)} K an hour until ${Math.round(strain + 10)} °C.`,
        line: i,
      });
  });
  return found;
}

/** Down from its last soak. */
function wayDown(
  { glass, lines, fall, soak, until = strainOf(glass) - 30 }: JudgedFiring,
  {
    time,
    temperature,
  }: { readonly time: readonly number[]; readonly temperature: readonly number[] },
): FiringRemark[] {
  const found: FiringRemark[] = [];
  const hottest = Math.max(...temperature);
  if (hottest < glass.annealing - NEAR) return found;
  const last = temperature.lastIndexOf(hottest);
  // How long it is about its annealing point on its way down.
  const there = withinFiring(
    { time: time.slice(last), temperature: temperature.slice(last) },
    glass.annealing - NEAR,
    glass.annealing + NEAR,
  );
  if (there < soak / CLOSE)
    found.push({
      verdict: there < soak / 3 ? 'no' : 'watch',
      because: tr`Coming down it is ${Math.round(there / 60)} min about its annealing point, ${Math.round(glass.annealing)} °C; so thick it needs ${Math.round(soak / 60)} min.`,
      remedy: tr`Hold ${Math.round(soak / 60)} min at ${Math.round(glass.annealing)} °C.`,
      line: undefined,
    });
  for (let i = last + 1; i < time.length; i += 1) {
    const [a, b] = [temperature[i - 1], temperature[i]];
    const seconds = time[i] - time[i - 1];
    if (seconds <= 0 || a <= b || b > glass.annealing - 2 || a < until + 2) continue;
    const rate = (a - b) / seconds;
    if (rate <= fall * CLOSE) continue;
    found.push({
      verdict: rate > 2 * fall ? 'no' : 'watch',
      because: tr`It falls ${perHour(rate)} K an hour through its strain range; so thick it may ${perHour(fall)}.`,
      remedy: tr`Fall at ${perHour(fall)} K an hour from ${Math.round(glass.annealing)} to ${Math.round(until)} °C.`,
      line: lines.findIndex((l, k) => l.to <= b + 0.5 && k > 0 && (lines[k - 1]?.to ?? 0) > l.to),
    });
    break;
  }
  return found;
}
