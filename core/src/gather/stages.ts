// The stage plan: what to set the calipers to after each gather and each main step, from first bubble to final form.
// Every stage is a body whose volume is computed from the very numbers shown, so glass is neither made nor lost.
import { tr } from '../words/tr';
import type { Dip } from './layers';
import { colourUnder, type Gather, type OnIron } from './gatherPlan';

/** One stage. Lengths m; `glass` is what hangs on the iron then, m³. */
export interface Stage {
  readonly name: string;
  readonly diameter: number;
  readonly length: number;
  /** Even wall of the stage; undefined while solid. */
  readonly wall: number | undefined;
  readonly glass: number;
  /** Diameter of the block to take; undefined where none is used. */
  readonly block: number | undefined;
  /** The gather it is just after, from 1. */
  readonly gather?: number;
  readonly body: StageBody;
}

/** How a stage's volume follows from its numbers: `onIron` a capsule over the iron and bubble, `shell` a hollow capsule. */
export type StageBody =
  | { readonly kind: 'onIron'; readonly iron: Dip; readonly bubble: number }
  | { readonly kind: 'shell' }
  | { readonly kind: 'rod' }
  /** The drawing itself. */
  | { readonly kind: 'drawn' };

/** What the stages need. */
export interface StageInput {
  readonly gathers: readonly Gather[];
  readonly colour?: readonly OnIron[] | undefined;
  readonly density: number;
  readonly dip: Dip;
  readonly work: 'blown' | 'solid';
  /** The finished part, m and m³. */
  readonly final: {
    readonly diameter: number;
    readonly height: number;
    readonly wall: number;
    readonly glass: number;
  };
  /** Blocks in the shop, inside diameters, m. */
  readonly blocks: readonly number[];
}

/** A first bubble's radius as a share of the whole: small, with a thick wall. Common practice, no source. */
const FIRST_BUBBLE = 0.5;
/** How far of the way to its final width a part is blown before the neck is cut. Common practice, no source. */
const HALF_BLOWN = 0.55;

/** A capsule with one round end and one flat: radius R, length L ≥ R, m³. */
const halfCapsule = (radius: number, length: number): number =>
  Math.PI * radius ** 2 * (length - radius) + (2 / 3) * Math.PI * radius ** 3;

/** A capsule with two round ends (a ball at its shortest; an oblate ball when shorter), m³. */
const capsule = (radius: number, length: number): number =>
  length >= 2 * radius
    ? Math.PI * radius ** 2 * (length - 2 * radius) + (4 / 3) * Math.PI * radius ** 3
    : (2 / 3) * Math.PI * radius ** 2 * length;

/** Glass in a stage by its own numbers, m³: what the tests weigh against. */
export function stageGlass(stage: Stage): number {
  const radius = stage.diameter / 2;
  switch (stage.body.kind) {
    case 'onIron': {
      const { iron, bubble } = stage.body;
      const under = halfCapsule(iron.ironDiameter / 2, iron.depth);
      return halfCapsule(radius, stage.length) - under - (4 / 3) * Math.PI * bubble ** 3;
    }
    case 'shell': {
      const wall = stage.wall ?? 0;
      return capsule(radius, stage.length) - capsule(radius - wall, stage.length - 2 * wall);
    }
    case 'rod':
      return Math.PI * radius ** 2 * stage.length;
    case 'drawn':
      return stage.glass;
  }
}

/** Near enough, as a share of the range searched. */
const NEAR = 1e-13;

/**
 * Solves f(x) = 0 for a rising f by false position, the stale end's weight halved (the Illinois rule: Dowell & Jarratt,
 * BIT 11, 1971): a dozen steps where halving takes fifty. Without a change of sign it answers the end nearer to it.
 */
function solve(f: (x: number) => number, low: number, high: number): number {
  let [a, b] = [low, high];
  let [fa, fb] = [f(a), f(b)];
  if (fa >= 0) return a;
  if (fb <= 0) return b;
  let side = 0;
  for (let i = 0; i < 100 && b - a > NEAR * (high - low); i += 1) {
    const x = (a * fb - b * fa) / (fb - fa);
    const fx = f(x);
    if (fx === 0 || x <= a || x >= b) return x;
    if (fx > 0) {
      [b, fb] = [x, fx];
      if (side === 1) fa /= 2;
      side = 1;
    } else {
      [a, fa] = [x, fx];
      if (side === -1) fb /= 2;
      side = -1;
    }
    if (Math.abs(fx) < 1e-18) return x;
  }
  return (a + b) / 2;
}

const blockFor = (diameter: number, blocks: readonly number[]): number | undefined =>
  [...blocks].sort((a, b) => a - b).find((b) => b >= diameter * 0.98);

/** Lays out the stages of one part at the furnace. */
export function stagePlan(input: StageInput): Stage[] {
  const { gathers, dip, density, final, blocks } = input;
  const blown = input.work === 'blown';
  const stages: Stage[] = [];
  const straight = Math.max(0, dip.depth - dip.ironDiameter / 2);
  let bubble = 0;
  const onIron = (name: string, glass: number, block: boolean, gather?: number): void => {
    const stageOf = (radius: number): Stage => ({
      name,
      diameter: 2 * radius,
      length: radius + straight,
      wall: bubble > 0 ? radius - bubble : undefined,
      glass,
      block: undefined,
      body: { kind: 'onIron', iron: dip, bubble },
    });
    const radius = solve((r) => stageGlass(stageOf(r)) - glass, dip.ironDiameter / 2, 1);
    const stage = stageOf(radius);
    stages.push({
      ...stage,
      block: block ? blockFor(stage.diameter, blocks) : undefined,
      ...(gather !== undefined && { gather }),
    });
  };
  gathers.forEach((g, i) => {
    const glass = g.total / density + colourUnder(input.colour, i + 1);
    onIron(tr`Gather ${i + 1}`, glass, i > 0, i + 1);
    if (i > 0 || !blown) return;
    // The first puff: bubble and outside grow together until the bubble is its share of the radius.
    const first = solve(
      (r) => {
        const b = FIRST_BUBBLE * r;
        return (
          halfCapsule(r, r + straight) -
          halfCapsule(dip.ironDiameter / 2, dip.depth) -
          (4 / 3) * Math.PI * b ** 3 -
          glass
        );
      },
      dip.ironDiameter / 2,
      1,
    );
    bubble = FIRST_BUBBLE * first;
    onIron(tr`First bubble`, glass, false);
  });
  const last = gathers[gathers.length - 1];
  if (!last) return stages;
  const gathered = last.total / density + colourUnder(input.colour, Infinity);
  const reach =
    final.height * (gathered / final.glass > 1 ? 1 + (gathered / final.glass - 1) / 2 : 1);
  if (blown) {
    const from = stages[stages.length - 1] as Stage;
    const shell = (name: string, share: number): void => {
      const mix = (a: number, b: number): number => a + (b - a) * share;
      const diameter = mix(from.diameter, Math.max(final.diameter, from.diameter * 0.9));
      const length = Math.max(mix(from.length, reach), diameter * 0.6);
      const stageOf = (wall: number): Stage => ({
        name,
        diameter,
        length,
        wall,
        glass: gathered,
        block: undefined,
        body: { kind: 'shell' },
      });
      const most = Math.min(diameter, length) / 2;
      if (stageGlass(stageOf(most)) < gathered) {
        // It still is nearly solid at this size: then it is longer.
        const solid = gathered / ((Math.PI / 4) * diameter ** 2);
        stages.push({ ...stageOf(0), length: solid, wall: undefined, body: { kind: 'rod' } });
        return;
      }
      stages.push(stageOf(solve((w) => stageGlass(stageOf(w)) - gathered, 0, most)));
    };
    shell(tr`Blown half way`, HALF_BLOWN);
    shell(tr`Blown to width, on the iron`, 1);
  } else {
    const length = gathered / ((Math.PI / 4) * final.diameter ** 2);
    stages.push({
      name: tr`Marvered to width`,
      diameter: final.diameter,
      length,
      wall: undefined,
      glass: gathered,
      block: undefined,
      body: { kind: 'rod' },
    });
  }
  stages.push({
    name: tr`Finished, moil and trim off`,
    diameter: final.diameter,
    length: final.height,
    wall: blown ? final.wall : undefined,
    glass: final.glass,
    block: undefined,
    body: { kind: 'drawn' },
  });
  return stages;
}
