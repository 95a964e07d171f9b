// The heat of every part through its steps: where it is, what touches it, what its neighbours pass it.
//
// A part is nothing until it is begun, a lump on the iron until it is formed, then its zones. Parts that are joined go
// everywhere together, and so do the bits on them, each with its own heat. Whoever is not worked on waits: on the iron in the
// bench's air, or where it was parked.
import type { Zone } from '@zanfirico/contract/order';
import type { Glass } from '../glass/glass';
import { fitVft, temperatureAtLog } from '../glass/viscosity';
import { factsOf, type WorkStep } from '../work/facts';
import { areOne, eachApart, type Groups } from '../work/joined';
import { cellScratch, conduct, heatIn, meanOf, SHUT, type SkinLaw } from '../conduction/cells';
import type { HeatPlace } from '../work/heatPlace';
import { setLaw, STUDIO_FIRES, surroundings, type Fires } from './surroundings';
import { hangsOn, skinTemperature, type LiveBit, type HeatBit } from './heatBits';
import { CELLS, type HeatZone } from './zones';

/** A part as heat sees it. */
export interface HeatPart {
  readonly name: string;
  readonly glass: Glass;
  readonly zones: readonly HeatZone[];
  /** The zones while its top still hangs on the pipe, thick there; the same number. As opened when left out. */
  readonly onPipe?: readonly HeatZone[] | undefined;
  /** Glass on the iron after each gather, m³; the last is taken when there are more gathers. */
  readonly gathered: readonly number[];
  /** The bits that come onto it. */
  readonly bits?: readonly HeatBit[] | undefined;
}

/** Where a part is in its life. */
export type Phase = 'absent' | 'lump' | 'formed' | 'boxed';

/** All temperatures at one moment. */
export interface HeatState {
  readonly phase: Phase[];
  readonly gathers: number[];
  /** What hangs together. */
  readonly groups: Groups;
  readonly parked: boolean[];
  /** Off the pipe: its top is as thin as it will be. */
  readonly opened: boolean[];
  /** Seconds of a helper's work that wait for a join, and of the main part's since the last. */
  readonly helper: { pending: number; since: number };
  readonly lumps: (HeatZone | undefined)[];
  /** Seconds each part has been formed, and will be in all. */
  readonly forming: { readonly done: number[]; readonly whole: number[] };
  /** Gathers that come over a length each part is picked up as; they are not in it. */
  readonly over: readonly number[];
  readonly bits: LiveBit[][];
  /** °C, part → zone → cell; a lump has one zone. */
  readonly cells: Float64Array[][];
}

/** Share of a fire that the part next to the one heated gets, nearer the iron, and each further one of that; and ends not favoured. */
const BESIDE = 0.7;
const OTHER_END = 0.55;
/** A flame's share on ends it is not turned to. */
const OFF_FLAME = 0.06;
/** What is cold is walked into the fire slowly: so much of it the long heat gets. Common practice, no source. */
const WALKED_IN = 0.62;
const SPOTS: readonly HeatPlace[] = ['flame', 'hand torch'];
const TOUCHING: readonly HeatPlace[] = ['marver', 'block', 'tools'];
/** Joined parts pass heat through about so much glass, W/K. From memory: a 12 mm post, 20 mm long. */
const POST = (1.1 * Math.PI * 0.006 ** 2) / 0.02;

/** One will do: a step of time is worked out at once, and nothing is kept in it. */
const SCRATCH = cellScratch(CELLS);

/** Nothing made yet. `steps` say in how many goes each part is formed; in one when left out. */
export const coldShop = (
  parts: readonly HeatPart[],
  steps: readonly WorkStep[] = [],
): HeatState => ({
  phase: parts.map(() => 'absent'),
  gathers: parts.map(() => 0),
  groups: eachApart(parts.length),
  parked: parts.map(() => false),
  opened: parts.map(() => false),
  helper: { pending: 0, since: 0 },
  lumps: parts.map(() => undefined),
  forming: {
    done: parts.map(() => 0),
    whole: parts.map((_, i) =>
      steps.reduce(
        (sum, s) => sum + (s.part === i && factsOf(s).does === 'form' ? Math.max(0, s.seconds) : 0),
        0,
      ),
    ),
  },
  over: parts.map(
    (_, i) => steps.filter((s) => s.part === i && factsOf(s).does === 'gather').length,
  ),
  bits: parts.map(() => []),
  cells: parts.map(() => []),
});

/** A copy to come back to. */
export const copyState = (s: HeatState): HeatState => ({
  phase: [...s.phase],
  gathers: [...s.gathers],
  groups: [...s.groups],
  parked: [...s.parked],
  opened: [...s.opened],
  helper: { ...s.helper },
  lumps: [...s.lumps],
  forming: { done: [...s.forming.done], whole: [...s.forming.whole] },
  over: s.over,
  bits: s.bits.map((bits) => bits.map((b) => ({ ...b, cells: b.cells.slice() }))),
  cells: s.cells.map((zones) => zones.map((t) => t.slice())),
});

/** The zones a part has now. */
export const zonesNow = (state: HeatState, part: HeatPart, i: number): readonly HeatZone[] => {
  if (state.phase[i] === 'lump') {
    const lump = state.lumps[i];
    return lump ? [lump] : [];
  }
  if (state.phase[i] !== 'formed' && state.phase[i] !== 'boxed') return [];
  return state.opened[i] === true ? part.zones : (part.onPipe ?? part.zones);
};

/** Does a step's zone take this one in? */
export const takes = (wanted: Zone, zone: HeatZone): boolean =>
  wanted === 'all' ||
  zone.name === 'on the iron' ||
  zone.name === 'all of it' ||
  zone.end === wanted;

const held = new WeakMap<Glass, number>();
/** A lampworker turns the glass out of the flame when it is soft enough: mean °C at log₁₀ η = 3.4. */
function heldAt(glass: Glass): number {
  const known = held.get(glass);
  if (known !== undefined) return known;
  const t = temperatureAtLog(fitVft(glass), 3.4);
  held.set(glass, t);
  return t;
}

/** What went in and out, J: the balance of `integrate`. */
export interface Balance {
  lost: number;
}

/**
 * Lets `seconds` pass in steps of at most `dt`, while some steps go on. Temperatures are changed in place; `sample` is
 * called after every step of time.
 */
export function integrate(
  state: HeatState,
  parts: readonly HeatPart[],
  going: readonly WorkStep[],
  seconds: number,
  dt: number,
  fires: Fires = STUDIO_FIRES,
  sample?: (after: number) => void,
  balance?: Balance,
  /** Only these parts are carried on, when given. */
  only?: ReadonlySet<number>,
): void {
  const n = Math.max(1, Math.ceil(seconds / dt - 1e-9));
  const h = seconds / n;
  const scratch = SCRATCH;
  const law: SkinLaw = { at: 0, loss: 0, slope: 0 };
  // What was begun last has it: the fire that goes over a step.
  const busy = parts.map((_, i) => going.findLast((s) => areOne(state.groups, s.part, i)));
  for (let k = 0; k < n; k += 1) {
    // Between zones first, all at once: what one gives the other gets.
    const passes = parts.map((part, i) => {
      const zones = zonesNow(state, part, i);
      if (zones.length === 0 || state.phase[i] === 'boxed') return undefined;
      return zones.map((_, j) => passed(state, parts, zones, state.cells[i] ?? [], i, j));
    });
    parts.forEach((part, i) => {
      const phase = state.phase[i];
      if (phase === 'absent' || phase === 'boxed' || only?.has(i) === false) return;
      const zones = zonesNow(state, part, i);
      const cells = state.cells[i] ?? [];
      const step = busy[i];
      const facts = step && factsOf(step);
      const place: HeatPlace = facts ? facts.heat : state.parked[i] === true ? 'garage' : 'bench';
      const around = surroundings(place, fires);
      const wanted = step?.zone ?? facts?.zone ?? 'all';
      const shares: number[] = [];
      zones.forEach((z, j) => {
        const t = cells[j] as Float64Array;
        const own = step?.part === i;
        const mine = own && takes(wanted, z);
        let share = 1;
        if (SPOTS.includes(place))
          share = mine && meanZone(z, t) < heldAt(part.glass) ? 1 : OFF_FLAME;
        else if (TOUCHING.includes(place)) share = mine ? 1 : 0;
        else if (facts?.does === 'heat' || place === 'glory hole')
          share =
            (step?.kind === 'longReheat' ? WALKED_IN : 1) *
            (own ? (mine ? 1 : OTHER_END) : BESIDE ** Math.abs(i - (step?.part ?? i)));
        shares[j] = share;
        setLaw(law, skinTemperature(t), z.emissivity, around, share);
        const out = conduct(z.grid, scratch, t, h, law, SHUT, (passes[i]?.[j] ?? 0) / z.area);
        if (balance) balance.lost += out * z.area;
      });
      for (const bit of state.bits[i] ?? []) {
        const z = bit.zone;
        const touched = TOUCHING.includes(place);
        const share = touched ? (step?.name === bit.name ? 1 : 0) : (shares[bit.on] ?? 1);
        setLaw(law, skinTemperature(bit.cells), z.emissivity, around, share);
        const gets = fromWall(state, zones, i, bit);
        const out = conduct(z.grid, scratch, bit.cells, h, law, SHUT, gets / z.area);
        if (balance) balance.lost += bit.copies * out * z.area;
      }
    });
    sample?.((k + 1) * h);
  }
}

const meanZone = (z: HeatZone, t: Float64Array): number => meanOf(z.grid, t);

/** Heat from neighbouring zones, W: along the wall, and through joins. */
function passed(
  state: HeatState,
  parts: readonly HeatPart[],
  zones: readonly HeatZone[],
  cells: readonly Float64Array[],
  i: number,
  j: number,
): number {
  const here = meanZone(zones[j] as HeatZone, cells[j] as Float64Array);
  let sum = 0;
  const from = (k: number, g: number): void => {
    const z = zones[k];
    const t = cells[k];
    if (z && t) sum += g * (meanZone(z, t) - here);
  };
  if (j > 0) from(j - 1, (zones[j - 1] as HeatZone).up);
  from(j + 1, (zones[j] as HeatZone).up);
  for (const bit of state.bits[i] ?? [])
    if (bit.on === j) sum -= bit.copies * fromWall(state, zones, i, bit);
  // Parts joined: the ends that meet, base and top, share through the post between them.
  for (let k = 0; k < parts.length; k += 1) {
    if (k === i || !areOne(state.groups, k, i)) continue;
    const other = parts[k] as HeatPart;
    const theirs = zonesNow(state, other, k);
    if (theirs.length === 0) continue;
    if (Math.abs(k - i) !== 1 || state.phase[k] === 'boxed') continue;
    const meets = k > i ? zones.length - 1 : 0;
    if (j !== meets) continue;
    const end = k > i ? 0 : theirs.length - 1;
    const z = theirs[end] as HeatZone;
    const t = state.cells[k]?.[end];
    if (t) sum += POST * (meanZone(z, t) - here);
  }
  return sum;
}

/** Heat one copy of a bit gets from the wall it hangs on, W. */
function fromWall(state: HeatState, zones: readonly HeatZone[], i: number, bit: LiveBit): number {
  const [z, t] = [zones[bit.on], state.cells[i]?.[bit.on]];
  return z && t ? hangsOn(bit) * (meanZone(z, t) - meanZone(bit.zone, bit.cells)) : 0;
}

/** Heat in all the glass there is, J above 0 °C. */
export function heatOfAll(state: HeatState, parts: readonly HeatPart[]): number {
  let sum = 0;
  parts.forEach((part, i) => {
    zonesNow(state, part, i).forEach((z, j) => {
      const t = state.cells[i]?.[j];
      if (t) sum += z.area * heatIn(z.grid, t);
    });
    for (const b of state.bits[i] ?? [])
      sum += b.copies * b.zone.area * heatIn(b.zone.grid, b.cells);
  });
  return sum;
}
