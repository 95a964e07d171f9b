// A piece of the kiln fired, firing after firing: what was laid settles, is drawn in or spreads, then sags into its mould; and what form comes out.
import type { Aim, KilnWork, Mould, ShelfSpot } from '@zanfirico/contract/kiln';
import { tr } from '../words/tr';
import type { Box } from '../night/box';
import type { Glass } from '../glass/glass';
import { fitVft } from '../glass/viscosity';
import { castOf, type Cast } from './cast';
import { fluidity, fuseOf, rounds, type Fuse } from './flow';
import { CLOUDY, settlesAtHeight, withinFiring } from './firing';
import { formOf, keeps, offset, type KilnForm } from './kilnForm';
import {
  areaOf,
  asRound,
  outlineBounds,
  cutAt,
  fromAbove,
  outlineOfAll,
  roundCut,
  SOLID,
  standsAt,
  volumeOf,
  type LaidCut,
  type FromAbove,
} from './laid';
import { isDrape, mouldProblem } from './mould';
import { hotStretch } from './process';
import { piecesOf, settle, type Lies } from './settle';
import { hangsAt, slump, type Slump } from './slump';

/** What one firing does. */
export interface FiredOnce {
  readonly aim: Aim;
  /** ∫dt/η from its pause for air to its soak, 1/Pa. */
  readonly flowed: number;
  readonly rounded: number;
  readonly name: Fuse;
  readonly cloudy: number;
  /** After it: the cut, how thick in the middle and at its edge at most, how far its edge has gone out (in, less than nothing). */
  readonly cut: LaidCut;
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
  readonly outline: readonly ShelfSpot[];
  readonly outlineAfter: readonly ShelfSpot[];
  readonly lies: Lies;
  readonly middle: ShelfSpot;
  readonly volume: number;
  /** Most sheets one on another, and how thick it is laid at most. */
  readonly layers: number;
  readonly laidThick: number;
  /** Part of its outline that is bare shelf. */
  readonly bare: number;
  readonly before: LaidCut;
  readonly firings: readonly FiredOnce[];
  /** Its thickness when all of it is even: its glass over its outline. */
  readonly thick: number;
  readonly hung: Hung | undefined;
  /** The form that comes out, as a part of the piece. */
  readonly form: KilnForm;
  readonly remarks: readonly string[];
}

/** Fires it. Some ten milliseconds; kept for as long as what it is made of is the same. */
export function firePiece(work: KilnWork, glass: Glass, box: Box): FiredPiece {
  const known = kept.get(work);
  if (known?.glass === glass && sameBox(known.box, box)) return known.fired;
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
  const b = outlineBounds([outline]);
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
      cloudy: withinFiring(curve, CLOUDY.from, CLOUDY.to),
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
  const reach = outlineBounds([outlineAfter]);
  const wide = Math.min(reach.right - reach.left, reach.far - reach.near);
  if (hung && mould && !isDrape(mould) && wide < mould.across - 1e-4)
    remarks.push(
      tr`The sheet is ${mm(wide)} mm across and the mould’s mouth ${mm(mould.across)} mm: it drops in before it sags.`,
    );
  if (mould && !isDrape(mould)) {
    // As deep as this its side stands steeper than a sheet follows without tearing or folding: common practice, no source.
    if (mould.deep > 0.5 * mould.across)
      remarks.push(
        tr`The mould is ${mm(mould.deep)} mm deep on ${mm(mould.across)} mm: deeper than half its mouth a sheet does not reach in one firing; go down in two moulds.`,
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
  cut: LaidCut,
  lies: Lies,
  glass: Glass,
  rests: number,
  flowed: number,
  dammed: boolean,
): LaidCut {
  const from = cut.edges[0];
  const to = cut.edges[cut.edges.length - 1];
  const parts = piecesOf(cut).map((piece) =>
    settle(
      piece,
      lies,
      { density: glass.density, rests, ...(dammed && { dam: { from, to } }) },
      flowed,
    ),
  );
  return parts.reduce<LaidCut>(
    (all, p, i) => {
      const last = all.edges[all.edges.length - 1];
      const first = p.edges[0];
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
function moved(was: LaidCut, is: LaidCut, lies: Lies): number {
  const right = is.edges[is.edges.length - 1] - was.edges[was.edges.length - 1];
  return lies === 'round' ? right : (right + was.edges[0] - is.edges[0]) / 2;
}

/** The thickest place of the outer eighth. */
const edgeOf = ({ high }: LaidCut, lies: Lies): number => {
  const n = Math.max(1, Math.round(high.length / 8));
  return Math.max(...high.slice(-n), ...(lies === 'round' ? [] : high.slice(0, n)));
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

/** A cast's mould, from the volume of the piece's own form. */
export const castFor = (work: KilnWork, volume: number, glass: Glass): Cast | undefined =>
  work.cast && castOf(volume, glass, work.cast.packed);
