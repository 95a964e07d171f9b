// A piece of the kiln fired, firing after firing: what was laid settles, is drawn in or spreads, then sags into its mould; and what form comes out.
import { naturalTime, climbAt, type Box } from '../anneal/box';
import type { Glass } from '../glass/glass';
import { fitVft } from '../glass/viscosity';
import type { Across } from '../shape/across';
import { measurePart } from '../shape/measure';
import type { Profile } from '../shape/profile';
import { thinned } from '../shape/thinned';
import { castOf, type Cast, type Packed } from './cast';
import { fluidity, fuseOf, rounds, type Fuse } from './flow';
import { CLOUDY, settlesAtHeight, within } from './firing';
import {
  areaOf,
  asRound,
  boundsOf,
  cutAt,
  fromAbove,
  outlineOfAll,
  roundCut,
  SOLID,
  standsAt,
  volumeOf,
  type Cut,
  type FromAbove,
  type Laid,
  type Spot,
} from './laid';
import { isChannel, isDrape, mouldProblem, mouldSurface, type Mould } from './mould';
import { piecesOf, settle, type Lies } from './settle';
import { hangsAt, slump, type Slump } from './slump';

/** What a firing is for. */
export const AIMS = ['polish', 'tack', 'contour', 'full', 'slump', 'drape', 'cast'] as const;
export type Aim = (typeof AIMS)[number];

/** One firing of it. °C, s. */
export interface KilnFiring {
  readonly aim: Aim;
  readonly air: { readonly at: number; readonly hold: number };
  readonly process: { readonly at: number; readonly hold: number };
}

/** A piece made in the kiln. m. */
export interface KilnWork {
  readonly laid: readonly Laid[];
  /** Dams stand so high round it. */
  readonly dam?: number | undefined;
  readonly mould?: Mould | undefined;
  /** Cast in a mould: the piece's own drawn form is what it holds. */
  readonly cast?: { readonly packed: Packed; readonly reservoir?: number | undefined } | undefined;
  readonly firings: readonly KilnFiring[];
}

/** What one firing does. */
export interface FiredOnce {
  readonly aim: Aim;
  /** ∫dt/η from its pause for air to its soak, 1/Pa. */
  readonly flowed: number;
  readonly rounded: number;
  readonly name: Fuse;
  readonly cloudy: number;
  /** After it: the cut, how thick in the middle and at its edge at most, how far its edge has gone out (in, less than nothing). */
  readonly cut: Cut;
  readonly middle: number;
  readonly edge: number;
  readonly went: number;
}

/** The sheet in its mould. m. */
export interface Hung {
  readonly slump: Slump;
  readonly out: readonly number[];
  /** Between its rim sliding and its rim held, and each of them. */
  readonly hangs: readonly number[];
  readonly free: readonly number[];
  readonly held: readonly number[] | undefined;
  readonly thick: readonly number[];
  /** How thick the sheet was. */
  readonly sheet: number;
}

/** All of it. SI. */
export interface FiredPiece {
  readonly above: FromAbove;
  readonly outline: readonly Spot[];
  readonly outlineAfter: readonly Spot[];
  readonly lies: Lies;
  readonly middle: Spot;
  readonly volume: number;
  /** Most sheets one on another, and how thick it is laid at most. */
  readonly layers: number;
  readonly laidThick: number;
  /** Part of its outline that is bare shelf. */
  readonly bare: number;
  readonly before: Cut;
  readonly firings: readonly FiredOnce[];
  /** Its thickness when all of it is even: its glass over its outline. */
  readonly thick: number;
  readonly hung: Hung | undefined;
  /** The form that comes out, as a part of the piece. */
  readonly form: {
    readonly profile: Profile;
    readonly across: Across | undefined;
    readonly work: 'solid' | 'blown';
  };
  readonly remarks: readonly string[];
}

/** Places the fall is told by. */
const SAMPLES = 24;

/** The stretch of a firing in which glass flows: pause, up, held, down to its soak as the box falls by itself. °C, s. */
export function hotStretch(
  { air, process }: Pick<KilnFiring, 'air' | 'process'>,
  glass: Pick<Glass, 'annealing'>,
  box: Box,
): { readonly time: number[]; readonly temperature: number[] } {
  const time = [0, air.hold];
  const temperature = [air.at, air.at];
  const go = (seconds: number, to: number): void => {
    time.push((time[time.length - 1] as number) + Math.max(0, seconds));
    temperature.push(to);
  };
  if (process.at > air.at) go((process.at - air.at) / climbAt(box, process.at), process.at);
  go(process.hold, temperature[temperature.length - 1] as number);
  const top = temperature[temperature.length - 1] as number;
  const to = Math.min(top, Math.max(glass.annealing, box.room + 1));
  let at = top;
  for (let k = 1; k <= SAMPLES && top > to; k += 1) {
    const next = top + ((to - top) * k) / SAMPLES;
    go(naturalTime(box, at, next), next);
    at = next;
  }
  return { time, temperature };
}

/** How far a firing flows a glass, 1/Pa. */
export const flowOf = (
  firing: Pick<KilnFiring, 'air' | 'process'>,
  glass: Glass,
  box: Box,
): number => fluidity(hotStretch(firing, glass, box), fitVft(glass));

/** What each aim is to have done, ramps and all: rounded by so much, m; within PHYSICS §10’s ranges (common practice, no source). */
const ROUNDED = { polish: 0.0001, tack: 0.0004, contour: 0.0016, full: 0.0045 } as const;
/**
 * A cast has closed its grains and run into the corners of its mould: soft sheet an hour or two about 830 °C (common practice, no source), which rounds by so much, m.
 */
const RUNS_IN = 0.05;
/** Temperatures a process may be set to, °C. */
export const PROCESS = { minimum: 500, maximum: 950 } as const;

/** How far it has to flow for an aim, 1/Pa; undefined where a mould would have to be known. */
export function flowFor(
  aim: Aim,
  glass: Glass,
  work: Pick<KilnWork, 'mould' | 'cast'>,
  thick: number,
): number | undefined {
  if (aim === 'cast')
    return work.cast && Math.max(castOf(1, glass, work.cast.packed).closes, RUNS_IN / rounds(1));
  if (aim !== 'slump' && aim !== 'drape') return ROUNDED[aim] / rounds(1);
  if (!work.mould || mouldProblem(work.mould) !== undefined) return undefined;
  const { between } = slump(work.mould, glass, thick);
  const down = Number.isFinite(between.lies) ? between.lies : between.bottom;
  return Number.isFinite(down) ? down : undefined;
}

/** The process temperature that flows it so far in its hold, °C, to a degree; undefined where none does. */
export function processFor(
  wanted: number,
  firing: Pick<KilnFiring, 'air' | 'process'>,
  glass: Glass,
  box: Box,
): number | undefined {
  let [low, high]: [number, number] = [PROCESS.minimum, PROCESS.maximum];
  const at = (t: number): number =>
    flowOf(
      {
        air: { ...firing.air, at: Math.min(firing.air.at, t) },
        process: { ...firing.process, at: t },
      },
      glass,
      box,
    );
  if (at(high) < wanted || at(low) > wanted) return undefined;
  while (high - low > 0.5) {
    const mid = (low + high) / 2;
    if (at(mid) < wanted) low = mid;
    else high = mid;
  }
  return Math.round(high);
}

/** Fires it. Some ten milliseconds; kept for as long as what it is made of is the same. */
export function firePiece(work: KilnWork, glass: Glass, box: Box): FiredPiece {
  const known = kept.get(work);
  if (known && known.glass === glass && sameBox(known.box, box)) return known.fired;
  const fired = fire(work, glass, box);
  kept.set(work, { glass, box, fired });
  return fired;
}
const kept = new WeakMap<KilnWork, { glass: Glass; box: Box; fired: FiredPiece }>();
const sameBox = (a: Box, b: Box): boolean =>
  (Object.keys(a) as (keyof Box)[]).every((k) => a[k] === b[k]);

function fire(work: KilnWork, glass: Glass, box: Box): FiredPiece {
  const { laid } = work;
  const above = fromAbove(laid);
  const outline = outlineOfAll(laid);
  const round = asRound(outline);
  const lies: Lies = round ? 'round' : 'straight';
  const b = boundsOf([outline]);
  const middle = round?.middle ?? { x: (b.left + b.right) / 2, y: (b.near + b.far) / 2 };
  const volume = volumeOf(laid);
  const before = round ? roundCut(laid, above, middle, round.radius) : cutAt(laid, above, middle.y);
  const rests = settlesAtHeight(glass);
  const area = areaOf(outline);
  const remarks: string[] = [];
  let cut = before;
  let went = 0;
  let sag = 0;
  const firings = work.firings.map((firing): FiredOnce => {
    const curve = hotStretch(firing, glass, box);
    const flowed = fluidity(curve, fitVft(glass));
    const name = fuseOf(rounds(flowed));
    if (firing.aim === 'slump' || firing.aim === 'drape') sag += flowed;
    else {
      const was = cut;
      cut = settled(cut, lies, glass, rests, flowed, work.dam !== undefined);
      went += moved(was, cut, lies);
    }
    return {
      aim: firing.aim,
      flowed,
      rounded: rounds(flowed),
      name,
      cloudy: within(curve, CLOUDY.from, CLOUDY.to),
      cut,
      middle: cut.high[lies === 'round' ? 0 : Math.floor(cut.high.length / 2)] ?? 0,
      edge: edgeOf(cut, lies),
      went,
    };
  });
  const outlineAfter = offset(outline, went);
  const thick = volume / areaOf(outlineAfter);
  const covered = above.at.reduce((n, k) => n + (k > 0 ? 1 : 0), 0) * above.cell ** 2;
  const { mould } = work;
  const problem = mould && mouldProblem(mould);
  if (problem !== undefined) remarks.push(problem);
  const hung =
    mould && problem === undefined && sag > 0 ? hang(mould, glass, thick, sag) : undefined;
  const reach = boundsOf([outlineAfter]);
  const wide = Math.min(reach.right - reach.left, reach.far - reach.near);
  if (hung && mould && !isDrape(mould) && wide < mould.across - 1e-4)
    remarks.push(
      `The sheet is ${mm(wide)} mm across and the mould’s mouth ${mm(mould.across)} mm: it drops in before it sags.`,
    );
  if (mould && !isDrape(mould)) {
    // As deep as this its side stands steeper than a sheet follows without tearing or folding: common practice, no source.
    if (mould.deep > 0.5 * mould.across)
      remarks.push(
        `The mould is ${mm(mould.deep)} mm deep on ${mm(mould.across)} mm: deeper than half its mouth a sheet does not reach in one firing; go down in two moulds.`,
      );
  }
  return {
    above,
    outline,
    outlineAfter,
    lies,
    middle,
    volume,
    layers: Math.max(
      0,
      ...above.stacks.map((s) => s.filter((i) => SOLID[laid[i]?.as ?? 'sheet'] === 1).length),
    ),
    laidThick: Math.max(
      0,
      ...[...new Set(above.at)].map((k) => standsAt(laid, above.stacks[k] ?? [])),
    ),
    bare: Math.max(0, 1 - covered / area),
    before,
    firings,
    thick,
    hung,
    form: keeps(formOf(outlineAfter, middle, thick, hung, mould), volume),
    remarks,
  };
}

const mm = (v: number): string => String(Math.round(v * 1e3));

/** Each stretch of the cut settles by itself; behind a dam none goes past where it was laid. */
function settled(
  cut: Cut,
  lies: Lies,
  glass: Glass,
  rests: number,
  flowed: number,
  dammed: boolean,
): Cut {
  const from = cut.edges[0] as number;
  const to = cut.edges[cut.edges.length - 1] as number;
  const parts = piecesOf(cut).map((piece) =>
    settle(
      piece,
      lies,
      { density: glass.density, rests, ...(dammed && { dam: { from, to } }) },
      flowed,
    ),
  );
  return parts.reduce<Cut>(
    (all, p, i) => {
      const last = all.edges[all.edges.length - 1];
      const first = p.edges[0] as number;
      if (i === 0 || last === undefined) return p;
      // What has run into its neighbour begins where that ends.
      return first > last
        ? { edges: [...all.edges, ...p.edges], high: [...all.high, 0, ...p.high] }
        : { edges: [...all.edges, ...p.edges.slice(1)], high: [...all.high, ...p.high] };
    },
    { edges: [from], high: [] },
  );
}

/** How far its edge has gone out, m: the mean of both ends. */
function moved(was: Cut, is: Cut, lies: Lies): number {
  const right =
    (is.edges[is.edges.length - 1] as number) - (was.edges[was.edges.length - 1] as number);
  return lies === 'round'
    ? right
    : (right + (was.edges[0] as number) - (is.edges[0] as number)) / 2;
}

/** The thickest place of the outer eighth. */
const edgeOf = ({ high }: Cut, lies: Lies): number => {
  const n = Math.max(1, Math.round(high.length / 8));
  return Math.max(...high.slice(-n), ...(lies === 'round' ? [] : high.slice(0, n)));
};

/** An outline moved out square to itself (in, less than nothing): each corner along the mean of its two sides. */
export function offset(outline: readonly Spot[], by: number): Spot[] {
  if (by === 0) return [...outline];
  const n = outline.length;
  let twice = 0;
  outline.forEach((p, i) => {
    const q = outline[(i + 1) % n] as Spot;
    twice += p.x * q.y - q.x * p.y;
  });
  const sense = Math.sign(twice) || 1;
  return outline.map((p, i) => {
    const [a, b] = [outline[(i + n - 1) % n] as Spot, outline[(i + 1) % n] as Spot];
    const [u, v] = [normal(a, p, sense), normal(p, b, sense)];
    const lean = 1 + u.x * v.x + u.y * v.y;
    // A needle's tip is not sent to infinity.
    const far = by / Math.max(lean, 0.3);
    return { x: p.x + far * (u.x + v.x), y: p.y + far * (u.y + v.y) };
  });
}
const normal = (a: Spot, b: Spot, sense: number): Spot => {
  const long = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  return { x: (sense * (b.y - a.y)) / long, y: (-sense * (b.x - a.x)) / long };
};

function hang(mould: Mould, glass: Glass, sheet: number, flowed: number): Hung {
  const both = slump(mould, glass, sheet);
  const free = hangsAt(both.free, flowed);
  const held = both.held && hangsAt(both.held, flowed);
  const { hangs, thick } = hangsAt(both.between, flowed);
  return {
    slump: both,
    out: both.free.out,
    hangs,
    free: free.hangs,
    held: held?.hangs,
    thick,
    sheet,
  };
}

/** The form with all of its glass in it: its walls, or a slab's height, so much more or less as it was drawn with fewer points. */
function keeps(form: FiredPiece['form'], volume: number): FiredPiece['form'] {
  let now = form;
  for (let turn = 0; turn < 5; turn += 1) {
    const read = measurePart({
      work: now.work,
      profile: now.profile,
      ...(now.across && { across: now.across }),
    });
    if (!read.ok) return now;
    const more = volume / read.shape.glassVolume;
    if (Math.abs(more - 1) < 1e-9) return now;
    const profile = now.profile.map((p) => ({
      ...p,
      wall: p.wall * more,
      ...(now.work === 'solid' && { height: p.height * more }),
    }));
    now = { ...now, profile };
  }
  return now;
}

/** Corners an outline is given on with at most. */
const MOST_CORNERS = 120;

/** The form that comes out: a slab, or a shell as it hangs. A channel bends one way only, which no turned form shows: it stays a slab. */
function formOf(
  outline: readonly Spot[],
  middle: Spot,
  thick: number,
  hung: Hung | undefined,
  mould: Mould | undefined,
): FiredPiece['form'] {
  const b = boundsOf([outline]);
  const round = asRound(outline);
  const half = round?.radius ?? (b.right - b.left) / 2;
  const every = Math.ceil(outline.length / MOST_CORNERS);
  const across: Across | undefined = round
    ? undefined
    : {
        kind: 'drawn',
        outline: outline
          .filter((_, i) => i % every === 0)
          .map((p) => ({ x: p.x - middle.x, y: p.y - middle.y })),
      };
  if (!hung || !mould || isChannel(mould))
    return {
      work: 'solid',
      across,
      profile: [
        { height: 0, radius: 0, wall: thick },
        { height: 0, radius: half, wall: thick, corner: true },
        { height: thick, radius: half, wall: thick, corner: true },
        { height: thick, radius: 0, wall: thick },
      ],
    };
  const low = Math.max(...hung.hangs);
  const reach = Math.min(half, mould.across / 2);
  const points = plain(
    hung.out.map((r, k) => ({
      height: round6(low - (hung.hangs[k] as number)),
      radius: round6((r / (mould.across / 2)) * reach),
      wall: Math.max(0.0004, round6(hung.thick[k] as number)),
    })),
  );
  const rim = points[points.length - 1];
  // What lies past the mould's mouth stays flat.
  if (rim && half > reach + 0.002)
    return {
      work: 'blown',
      across,
      profile: [...points, { ...rim, radius: round6(half), wall: round6(hung.sheet) }],
    };
  return { work: 'blown', across, profile: points };
}
/** What a line may leave out, m. */
const LEFT_OUT = 0.0003;

/** The same line with fewer points; three at least. */
function plain<P extends { readonly height: number; readonly radius: number }>(
  points: readonly P[],
): P[] {
  const kept = thinned(
    points.map((p) => p.radius),
    points.map((p) => p.height),
    LEFT_OUT,
  );
  const all = kept.length > 2 ? kept : [0, points.length >> 1, points.length - 1];
  return all.flatMap((i) => points[i] ?? []);
}
const round6 = (v: number): number => Number(v.toFixed(6));

/** A cast's mould, from the volume of the piece's own form. */
export const castFor = (work: KilnWork, volume: number, glass: Glass): Cast | undefined =>
  work.cast && castOf(volume, glass, work.cast.packed);

/** The other way about: the sheet, how thick, for a wanted form of a wanted wall. Its rim slides, so far as glass lets it: between the two. */
export function sheetFor(
  mould: Mould,
  wall: number,
): { readonly across: readonly [number, number]; readonly thick: readonly [number, number] } {
  const { along, area } = mouldSurface(mould);
  return { across: [mould.across, 2 * along], thick: [wall * area, wall] };
}
