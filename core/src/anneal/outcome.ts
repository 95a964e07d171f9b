// A piece put through a curve: what it keeps, what passed through it, and in which of its walls.
import type { Glass } from '../glass/glass';
import { RESTRAINT, type CoolingWall } from './allow';
import { flowed, type Gives } from './sinking';
import { simulate, type Night, type Peak, type Trial } from './simulate';
import type { KilnCurve } from './walkCurve';
import type { Wall } from '../conduction/lattice';

/** What is annealed: a glass and its walls, and what is assumed of them. */
export interface Annealed {
  readonly glass: Glass;
  readonly wall: CoolingWall;
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

/** What a curve did to it. Pa. */
export interface Outcome {
  /** The worst tension it keeps, and in which place. */
  readonly kept: number;
  /** Middle and skin of its thickest wall. */
  readonly middle: number;
  readonly skin: number;
  /** What the wall would keep without its thin neighbour. */
  readonly fromWall: number;
  readonly worst: Peak;
  /** The hottest the kiln was, °C, and how much the glass flowed in it, 1/Pa: what it sinks by goes by that. */
  readonly hottest: number;
  readonly flowed: number;
  /** Tension in it at the end of the soak, or NaN when none was named. */
  readonly soaked: number;
  /** The thickest wall alone, or with its neighbour. */
  readonly night: Night;
  /** The biggest step, where it is elsewhere. */
  readonly step: Night | undefined;
}

/** How it is put through. */
export type Through = Pick<
  Trial,
  'start' | 'startFictive' | 'startUneven' | 'fineness' | 'spaces' | 'picture' | 'exchange'
> & {
  /** When the soak ends, on the curve's clock, s. */
  readonly soakEnds?: number | undefined;
};

/** Sections nearer than this in thickness are one wall, m. */
const SAME = 2e-4;
/** The biggest step holds the thickest wall too when it is nearly as thick. */
const NEARLY = 0.98;

/** A ball that is joined to something is taken as a rod: a ball has no one strain its neighbour could hold. */
const tiedBody = (body: Wall['body']): Wall['body'] => (body === 'ball' ? 'cylinder' : body);

/** Puts a piece through a curve. Throws a RangeError with a sentence for what cannot be computed. */
export function putThrough(
  { glass, wall, assumes }: Annealed,
  curve: KilnCurve,
  through: Through = {},
): Outcome {
  const { soakEnds, ...more } = through;
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
    ...more,
  };
  const alone = [{ body: wall.body, thickness: wall.thickest }] as const;
  const night = simulate({ ...trial, walls: together ? pair : alone });
  const step = steps && !together ? simulate({ ...trial, walls: pair }) : undefined;
  const all = [night, ...(step ? [step] : [])];
  const first = night.kept[0];
  return {
    kept: Math.max(...all.flatMap((n) => n.kept.map((k) => k.most))),
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

function tensionAt(n: Night, time: number): number {
  let i = 0;
  while (i < n.samples - 1 && (n.time[i] as number) < time) i += 1;
  return Math.max(...n.walls.map((w) => w.most[i] as number));
}
