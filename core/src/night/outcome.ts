// A piece put through a curve: what it keeps, what passed through it, and in which of its walls.
import { tr, trWord } from '../words/tr';
import type { Glass } from '../glass/glass';
import { RESTRAINT, type CoolingWall } from './allow';
import { flowed, type Gives } from './sinking';
import { MeshProblem } from './section/mesh';
import {
  putSection,
  type ArrivingBody,
  type DrawnSection,
  type SectionOutcome,
} from './section/putSection';
import { simulate, type SimulatedNight, type Trial } from './simulate';
import type { KilnCurve } from './relaxing/walkCurve';
import type { Wall } from '../conduction/lattice';

/** What is annealed: a glass and its walls, and what is assumed of them. */
export interface Annealed {
  readonly glass: Glass;
  /** Thick and thin joined: the guess, and the answer where nothing is drawn. */
  readonly wall: CoolingWall;
  /** Its round bodies as drawn, and how they stand: what the night is judged by where there are any. */
  readonly drawn?: DrawnSection | undefined;
  /** Bodies that stand apart from it, as a stopper does, each drawn by itself. */
  readonly apart?: readonly DrawnSection[] | undefined;
  /** What the section leaves out, bits off the axis and parts that are not round: the thickest of it, by itself. */
  readonly beside?: CoolingWall | undefined;
  /** How its bodies come from the bench, where that is worked out; else uneven as is usual. */
  readonly arrives?: readonly ArrivingBody[] | undefined;
  readonly assumes?: Assumed | undefined;
  /** Where it gives most under its own weight; unknown when left out. */
  readonly gives?: Gives | undefined;
}

/** What nobody measures at the furnace; the customary value where left out. */
export interface Assumed {
  /** How far joined thick and thin hold each other: 0 free, 1 fully. */
  readonly restraint?: number | undefined;
  /** How many times more the liquid shrinks than the solid; 1 is the classical theory. */
  readonly liquidRatio?: number | undefined;
}

/** The worst that passed: through a wall's skin or middle, or at a place of the section. */
export interface Passing {
  readonly stress: number;
  readonly time: number;
  /** Of the kiln and of the place itself, °C. */
  readonly kiln: number;
  readonly temperature: number;
  readonly at: 'skin' | 'middle';
  /** In the section: "at the outside of the foot". Of a wall only skin and middle are known. */
  readonly where?: string | undefined;
}

/** Where it passed, as a sentence goes on after "passes". */
export const passesWhere = ({ at, where }: Pick<Passing, 'at' | 'where'>): string =>
  where ?? tr`through its ${trWord(at)}`;

/** What a curve did to it. Pa. */
export interface Outcome {
  /** The worst tension it keeps. */
  readonly kept: number;
  readonly worst: Passing;
  /** The hottest the kiln was, °C, and how much the glass flowed in it, 1/Pa: what it sinks by goes by that. */
  readonly hottest: number;
  readonly flowed: number;
  /** Tension in it at the end of the soak, or NaN when none was named. */
  readonly soaked: number;
  /** What became of its drawn section, of several the one that keeps the most; undefined where it has none that can be meshed. */
  readonly section?: SectionOutcome | undefined;
  /** Why its section could not be looked at, and the joined walls stand. */
  readonly unmeshed?: string | undefined;
  /** What it would keep as thick and thin joined; undefined where those are not of all of it. */
  readonly byWalls: number | undefined;
  /** Of the thickest wall its middle, its skin, and what it would keep without its neighbour. */
  readonly middle: number;
  readonly skin: number;
  readonly fromWall: number;
  /** The thickest wall alone, or with its neighbour. */
  readonly night: SimulatedNight;
  /** The biggest step, where it is elsewhere. */
  readonly step: SimulatedNight | undefined;
}

/** How closely it is looked at: for an answer, for a search, for whether it is worth looking at again. */
export type Closely = 'fine' | 'rough' | 'glance';
const CLOSELY: Readonly<Record<Closely, Pick<Trial, 'fineness' | 'spaces'>>> = {
  fine: {},
  rough: { fineness: 3, spaces: 24 },
  glance: { fineness: 4, spaces: 16 },
};

/** How it is put through. */
export type Through = Pick<
  Trial,
  'start' | 'startFictive' | 'startUneven' | 'picture' | 'exchange'
> & {
  /** When the soak ends, on the curve's clock, s. */
  readonly soakEnds?: number | undefined;
  readonly closely?: Closely | undefined;
  /** Told how far it is, 0 to 1; stops it where it answers no. */
  readonly onStep?: ((share: number) => boolean) | undefined;
};

/** Sections nearer than this in thickness are one wall, m. */
const SAME = 2e-4;
/** The biggest step holds the thickest wall too when it is nearly as thick. */
const NEARLY = 0.98;

/** A ball that is joined to something is taken as a rod: a ball has no one strain its neighbour could hold. */
const tiedBody = (body: Wall['body']): Wall['body'] => (body === 'ball' ? 'cylinder' : body);

/**
 * Puts a piece through a curve: its drawn section where it has one, what that leaves out beside it, joined walls where there is none
 * or it cannot be meshed. Throws a RangeError with a sentence for what cannot be computed, NightStopped where it was told to stop.
 */
export function putThrough(piece: Annealed, curve: KilnCurve, through: Through = {}): Outcome {
  const { drawn, apart = NONE_APART, beside, glass } = piece;
  if (!drawn) return wallsThrough(piece, piece.wall, curve, through);
  const { closely, soakEnds, picture, onStep, exchange, start, startFictive, startUneven } =
    through;
  try {
    const sections = [drawn, ...apart].map((d) =>
      putSection(d, glass, curve, {
        start,
        startFictive,
        startUneven,
        // What comes from the bench comes uneven; what is warmed from cold does not come from there.
        ...(startUneven !== undefined && { arrives: piece.arrives }),
        soakEnds,
        exchange,
        picture,
        onStep,
        liquidRatio: piece.assumes?.liquidRatio,
        how: (closely ?? 'fine') === 'fine' ? 'fine' : 'rough',
      }),
    );
    const section = sections
      .map((x, of) => ({ ...x, of }))
      .reduce((a, b) => (b.keeps.stress > a.keeps.stress ? b : a));
    const worst = sections.map((x) => x.worst).reduce((a, b) => (b.stress > a.stress ? b : a));
    const soaked = Math.max(...sections.map((x) => x.soaked));
    const walls = wallsThrough(piece, beside ?? piece.wall, curve, through);
    const counts = beside !== undefined;
    return {
      ...walls,
      byWalls: counts ? undefined : walls.byWalls,
      kept: Math.max(section.keeps.stress, counts ? walls.kept : 0),
      worst: counts && walls.worst.stress > worst.stress ? walls.worst : worst,
      soaked: counts ? Math.max(soaked, walls.soaked) : soaked,
      section,
    };
  } catch (error) {
    if (!(error instanceof MeshProblem)) throw error;
    return { ...wallsThrough(piece, piece.wall, curve, through), unmeshed: error.message };
  }
}

const NONE_APART: readonly DrawnSection[] = [];

/** Joined walls put through a curve. */
function wallsThrough(
  { glass, assumes }: Annealed,
  wall: CoolingWall,
  curve: KilnCurve,
  { soakEnds, closely = 'fine', start, startFictive, startUneven, picture, exchange }: Through,
): Outcome {
  const steps = wall.stepThick - wall.stepThin > SAME;
  const together = steps && wall.stepThick >= NEARLY * wall.thickest;
  const pair = [
    together
      ? { body: tiedBody(wall.body), thickness: wall.thickest }
      : { body: flatBody(wall.body), thickness: wall.stepThick },
    { body: flatBody(wall.body), thickness: wall.stepThin },
  ] as const;
  const trial = {
    glass,
    curve,
    restraint: assumes?.restraint ?? RESTRAINT,
    liquidRatio: assumes?.liquidRatio,
    countFrom: soakEnds,
    start,
    startFictive,
    startUneven,
    picture,
    exchange,
    ...CLOSELY[closely],
  };
  const alone = [{ body: wall.body, thickness: wall.thickest }] as const;
  const night = simulate({ ...trial, walls: together ? pair : alone });
  const step = steps && !together ? simulate({ ...trial, walls: pair }) : undefined;
  const all = [night, ...(step ? [step] : [])];
  const first = night.kept[0];
  const kept = Math.max(...all.flatMap((n) => n.kept.map((k) => k.most)));
  return {
    kept,
    byWalls: kept,
    middle: first?.middle ?? NaN,
    skin: first?.skin ?? NaN,
    fromWall: Math.max(...night.kept.map((k) => k.alone)),
    hottest: night.kiln.reduce((a, b) => Math.max(a, b), -Infinity),
    flowed: flowed(glass, curve),
    worst: all.map((n) => n.worst).reduce((a, b) => (b.stress > a.stress ? b : a)),
    soaked: soakEnds === undefined ? NaN : Math.max(...all.map((n) => tensionAt(n, soakEnds))),
    night,
    step,
  };
}

/** The thin neighbour of a rod or a ball is a fin. */
const flatBody = (body: Wall['body']): Wall['body'] => (body === 'oneSided' ? 'oneSided' : 'slab');

function tensionAt(n: SimulatedNight, time: number): number {
  let i = 0;
  while (i < n.samples - 1 && (n.time[i] as number) < time) i += 1;
  return Math.max(...n.walls.map((w) => w.most[i] as number));
}
