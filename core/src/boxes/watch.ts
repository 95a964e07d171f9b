// A night as it runs, beside what was planned: where the box leaves its programme, and what that looks like: no power, an open door, an
// element that does not heat or does not stop, a broken thermocouple, the wrong unit. It looks on; it does nothing.
import { tr } from '../words/tr';
import { naturalRate, type Box } from '../night/box';
import { temperatureAt } from '../night/kilnCurve';
import type { KilnCurve } from '../night/relaxing/walkCurve';
import type { DeviceFault, DeviceState } from './simulated';

/** A reading: s since the programme was begun, °C; undefined what the controller does not tell, or cannot read. */
export interface KilnReading {
  readonly at: number;
  readonly temperature: number | undefined;
  readonly setPoint?: number | undefined;
  /** Of its power, of one. */
  readonly output?: number | undefined;
  readonly state?: DeviceState | undefined;
  readonly step?: number | undefined;
  readonly faults?: readonly DeviceFault[] | undefined;
}

/** What may go otherwise than planned. */
export type DeviationKind =
  | 'no power'
  | 'door open'
  | 'element weak'
  | 'does not stop'
  | 'thermocouple'
  | 'wrong unit'
  | 'no readings'
  | 'off the plan';

/** Something that went otherwise. s since the programme was begun. */
export interface Deviation {
  readonly kind: DeviationKind;
  readonly from: number;
  /** Undefined while it lasts. */
  readonly to: number | undefined;
  readonly says: string;
  readonly remedy: string;
}

/** Readings are looked at together over so long, s: shorter, and their trembling looks like a fall. */
const WINDOW = 120;
/** A silence longer than this is one, s. */
const SILENCE = 600;
/** So far under what is asked it lacks heat, over it it has too much, K. */
const BELOW = 5;
const ABOVE = 8;
/** Off the plan, with no better reason, K. */
const OFF = 10;
/** Of its own cooling: so much is a fall without power; so much more is an open door. */
const FALLS = 0.6;
const POURS = 3;
/** A door lets heat out at least so fast, K/s. */
const DOOR_FALL = 0.15;
/** Of what full power would climb, less than this is a weak element. */
const WEAK = 0.5;
const FULL = 0.95;
const LITTLE = 0.05;
/** How long each has to last to be told, s. */
const LASTS: Readonly<Record<DeviationKind, number>> = {
  'no power': 150,
  'door open': 0,
  'element weak': 600,
  'does not stop': 300,
  thermocouple: 0,
  'wrong unit': 0,
  'no readings': SILENCE,
  'off the plan': 900,
};
/** A reading this near to the plan in the other unit, and this far from it in its own, is in the other, K. */
const ALIKE = 12;
const UNLIKE = 40;

/** After these a night is no longer where its plan is. */
const CHANGES: ReadonlySet<DeviationKind> = new Set(['no power', 'door open', 'element weak']);

interface Point {
  readonly at: number;
  readonly from: number;
  readonly temperature: number;
  readonly last: KilnReading;
}

/** Readings gathered into points, each the mean of a window. */
function pointsOf(seen: readonly KilnReading[]): Point[] {
  const points: Point[] = [];
  let begun: KilnReading | undefined;
  let [sum, times, n] = [0, 0, 0];
  let last: KilnReading | undefined;
  const put = (): void => {
    if (begun && last && n > 0)
      points.push({ at: times / n, from: begun.at, temperature: sum / n, last });
    [begun, last, sum, times, n] = [undefined, undefined, 0, 0, 0];
  };
  for (const s of seen) {
    if (s.temperature === undefined) continue;
    if (begun && (s.at - begun.at >= WINDOW || s.at - (last?.at ?? 0) > SILENCE)) put();
    begun ??= s;
    last = s;
    sum += s.temperature;
    times += s.at;
    n += 1;
  }
  put();
  return points;
}

/** What a stretch between two points looks like; undefined where it is as it should be. */
function looksLike(a: Point, b: Point, plan: KilnCurve, box: Box): DeviationKind | undefined {
  const { output, setPoint } = b.last;
  const planned = temperatureAt(plan, b.at);
  const asked = setPoint ?? planned;
  const t = b.temperature;
  const fahrenheit = (planned * 9) / 5 + 32;
  const celsius = ((planned - 32) * 5) / 9;
  if (
    Math.abs(t - planned) > UNLIKE &&
    planned > 100 &&
    (Math.abs(t - fahrenheit) < ALIKE || Math.abs(t - celsius) < ALIKE) &&
    Math.abs(b.temperature - a.temperature) < ALIKE
  )
    return 'wrong unit';
  const seconds = b.at - a.at;
  const fell = (a.temperature - t) / seconds;
  const natural = naturalRate(box, (a.temperature + t) / 2);
  const lacks = asked - t > BELOW;
  if (seconds > SILENCE) {
    const alone = box.room + (a.temperature - box.room) * Math.exp(-seconds / box.coolingTime);
    const like = (a.temperature - t) / Math.max(1, a.temperature - alone);
    return lacks && like > FALLS / 2 ? 'no power' : 'no readings';
  }
  if (fell > DOOR_FALL && fell > POURS * natural) return 'door open';
  if (b.last.faults?.includes('door') === true) return 'door open';
  if (lacks && fell > FALLS * natural)
    return output !== undefined && output > WEAK ? 'element weak' : 'no power';
  if (lacks && output !== undefined && output > FULL) {
    const could = box.power / box.capacity - natural;
    if (-fell < WEAK * could) return 'element weak';
  }
  // Told by the controller at both ends: what its own log fills in says nothing of heat.
  const noHeat = (p: Point): boolean => p.last.output !== undefined && p.last.output < LITTLE;
  if (t - asked > ABOVE && fell < -natural / 2 && noHeat(a) && noHeat(b)) return 'does not stop';
  return Math.abs(t - planned) > OFF ? 'off the plan' : undefined;
}

const minutes = (s: number): string =>
  s < 5400 ? `${String(Math.max(1, Math.round(s / 60)))} min` : `${(s / 3600).toFixed(1)} h`;
const degrees = (v: number): string => `${String(Math.round(v))} °C`;

function told(
  kind: DeviationKind,
  a: Point,
  b: Point,
  planned: number,
): Pick<Deviation, 'says' | 'remedy'> {
  const lasted = minutes(b.at - a.at);
  const fell = tr`${degrees(a.temperature)} to ${degrees(b.temperature)}`;
  switch (kind) {
    case 'no power':
      return {
        says: tr`It fell by itself for ${lasted}, ${fell}, while heat was asked for: it had no power.`,
        remedy: tr`Leave the door shut. See to the supply, or have a licensed electrician do so; go on as below.`,
      };
    case 'door open':
      return {
        says: tr`It fell faster than a shut box can, ${fell} in ${lasted}: the door is, or was, open.`,
        remedy: tr`Shut it, and leave it shut; what that did is told below.`,
      };
    case 'element weak':
      return {
        says: tr`It is asked for all its heat and does not climb (${fell} in ${lasted}): an element or a relay has gone, or the supply is low.`,
        remedy: tr`It is cut off from the mains before anybody looks: a licensed electrician’s work. Its load is judged below.`,
      };
    case 'does not stop':
      return {
        says: tr`It climbs, ${fell}, though no heat is asked for: a relay may be stuck.`,
        remedy: tr`Cut it off at its main switch; its own safety cut-out should have done so.`,
      };
    case 'thermocouple':
      return {
        says: tr`Its thermocouple is broken or not connected: nobody knows how hot it is.`,
        remedy: tr`Its controller should heat no more. Leave the door shut; what follows is by its figures.`,
      };
    case 'wrong unit':
      return {
        says: tr`It reads ${Math.round(b.temperature)} where ${degrees(planned)} is planned, which is ${Math.round((planned * 9) / 5 + 32)} °F: one of the two is in °F.`,
        remedy: tr`Set the unit of this box below as its controller has it, and send the night again.`,
      };
    case 'no readings':
      return {
        says: tr`Nothing was read for ${lasted}; it went on by its own programme.`,
        remedy: tr`Between the readings a straight line is taken.`,
      };
    case 'off the plan':
      return {
        says: tr`It is at ${degrees(b.temperature)}; ${degrees(planned)} is planned.`,
        remedy: tr`If it is like this each night its figures are not these: learn them from this night.`,
      };
  }
}

/** What went otherwise than planned, the oldest first. `plan` s since the programme was begun. */
export function watched(plan: KilnCurve, seen: readonly KilnReading[], box: Box): Deviation[] {
  const points = pointsOf(seen);
  const found: Deviation[] = [];
  let going: { kind: DeviationKind; a: Point; b: Point } | undefined;
  const close = (lasts: boolean): void => {
    if (!going) return;
    const { kind, a, b } = going;
    if (b.at - a.at >= LASTS[kind])
      found.push({
        kind,
        from: a.last.at,
        to: lasts ? undefined : b.from,
        ...told(kind, a, b, temperatureAt(plan, b.at)),
      });
    going = undefined;
  };
  points.forEach((b, i) => {
    const a = points[i - 1];
    if (!a) return;
    const kind = looksLike(a, b, plan, box);
    if (going && (kind === undefined || kind !== going.kind)) close(false);
    if (kind !== undefined) going = { kind, a: going?.a ?? a, b };
  });
  close(true);
  // Once something went wrong the plan is no longer its clock: being off it then says nothing more.
  const first = found.find((f) => CHANGES.has(f.kind));
  const kept = found.filter((f) => f.kind !== 'off the plan' || !first || f.from < first.from);
  const open = brokenSince(seen);
  if (open) kept.push(open);
  return kept.sort((x, y) => x.from - y.from);
}

/** A thermocouple that is open now. */
function brokenSince(seen: readonly KilnReading[]): Deviation | undefined {
  if (seen[seen.length - 1]?.temperature !== undefined || seen.length === 0) return undefined;
  let i = seen.length - 1;
  while (i > 0 && seen[i - 1]?.temperature === undefined) i -= 1;
  const first = seen[i] as KilnReading;
  const at: Point = { at: first.at, from: first.at, temperature: 0, last: first };
  return {
    kind: 'thermocouple',
    from: first.at,
    to: undefined,
    ...told('thermocouple', at, at, 0),
  };
}
