// A wall in the kiln: nodes from its middle to its skin, the skin losing heat to the kiln by radiation and air. All arrays are made
// once; a step makes none.
import type { Glass } from '../glass/glass';
import { STEFAN_BOLTZMANN, ZERO_CELSIUS } from '../units/constants';
import { scratchFor, SHUT_END, stepChain, type Chain, type End, type Scratch } from './chain';

/** Shapes with a closed answer. `slab` is cooled from both faces, `oneSided` from one (the inside holds its heat). */
export type Body = 'slab' | 'oneSided' | 'cylinder' | 'ball';

/** A wall as the kiln sees it. Thickness or diameter, m. */
export interface Wall {
  readonly body: Body;
  readonly thickness: number;
  /** A one-sided wall that lies free bends and so rids itself of some stress; a vessel's is held by its own roundness. */
  readonly bends?: boolean | undefined;
}

/** How the skin gives off heat: emissivity times view, and air, W/(m²K). */
export interface BoxExchange {
  readonly radiant: number;
  readonly air: number;
}

/** The nodes of a wall and what lies between them. */
export interface Lattice {
  readonly nodes: number;
  /** Middle (0) to skin, m. */
  readonly at: Float64Array;
  /** Glass that belongs to each node, per unit of skin (slab), radian (cylinder) or steradian (ball). */
  readonly share: Float64Array;
  /** Skin, in the same measure. */
  readonly skin: number;
  /** From a node to the next: area over distance. */
  readonly link: Float64Array;
  readonly power: 0 | 1 | 2;
}

const POWER = { slab: 0, oneSided: 0, cylinder: 1, ball: 2 } as const;

/** From middle to skin: half a slab or a round body's radius; the whole of a one-sided wall. m */
export const wallDepth = ({ body, thickness }: Wall): number =>
  body === 'oneSided' ? thickness : thickness / 2;

/** The lattice of a wall, `nodes` spaces and so one node more. */
export function latticeOf(wall: Wall, spaces: number): Lattice {
  const depth = wallDepth(wall);
  const power = POWER[wall.body];
  const n = spaces + 1;
  const at = Float64Array.from({ length: n }, (_, i) => (depth * i) / spaces);
  const upTo = (r: number): number => r ** (power + 1) / (power + 1);
  const half = depth / spaces / 2;
  const share = at.map((r, i) => upTo(i === n - 1 ? r : r + half) - upTo(i === 0 ? 0 : r - half));
  const link = Float64Array.from(
    { length: spaces },
    (_, i) => (at[i] + half) ** power / (2 * half),
  );
  return { nodes: n, at, share, skin: depth ** power, link, power };
}

/** A lattice filled with a glass, in the lattice's own measure; with the room its steps are worked out in. */
export interface Filled {
  readonly lattice: Lattice;
  readonly chain: Chain;
  readonly scratch: Scratch;
  readonly outer: End;
}

/** Fills a lattice with a glass. */
export const filledWith = (
  lattice: Lattice,
  glass: Pick<Glass, 'conductivity' | 'density' | 'specificHeat'>,
): Filled => ({
  lattice,
  chain: {
    capacity: lattice.share.map((v) => v * glass.density * glass.specificHeat),
    link: lattice.link.map((v) => v * glass.conductivity),
  },
  scratch: scratchFor(lattice.nodes),
  outer: { slope: 0, pull: 0 },
});

/** Exchange of a skin with its kiln at their temperatures, °C: W/(m²K). Grey radiation, made linear without error, and air. */
export function exchangeAt(e: BoxExchange, kiln: number, skin: number): number {
  const [k, s] = [kiln + ZERO_CELSIUS, skin + ZERO_CELSIUS];
  return e.radiant * STEFAN_BOLTZMANN * (k * k + s * s) * (k + s) + e.air;
}

/**
 * One implicit step of `dt` seconds from `now` to `next`, °C. `exchange` in W/(m²K); Infinity holds the skin at the kiln's
 * temperature.
 */
export function heatStep(
  { lattice, chain, scratch, outer }: Filled,
  now: Float64Array,
  next: Float64Array,
  dt: number,
  kiln: number,
  exchange: number,
): void {
  outer.slope = exchange * lattice.skin;
  outer.pull = exchange === Infinity ? kiln : outer.slope * kiln;
  stepChain(chain, scratch, now, next, dt, SHUT_END, outer);
}
