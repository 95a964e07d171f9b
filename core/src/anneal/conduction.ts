// Heat through one wall in the kiln: nodes from its middle to its skin, steps of implicit time, the skin losing heat to the
// kiln by radiation and air. All arrays are made once; a step makes none.
import type { Glass } from '../glass/glass';
import type { Body } from './ramp';

/** A wall as the kiln sees it. Thickness or diameter, m. */
export interface Wall {
  readonly body: Body;
  readonly thickness: number;
  /** A one-sided wall that lies free bends and so rids itself of some stress; a vessel's is held by its own roundness. */
  readonly bends?: boolean | undefined;
}

/** How the skin gives off heat: emissivity times view, and air, W/(m²K). */
export interface Exchange {
  readonly radiant: number;
  readonly air: number;
}

const STEFAN_BOLTZMANN = 5.670374419e-8; // W/(m²K⁴), CODATA 2018
const KELVIN = 273.15;

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
export const depthOf = ({ body, thickness }: Wall): number =>
  body === 'oneSided' ? thickness : thickness / 2;

/** The lattice of a wall, `nodes` spaces and so one node more. */
export function latticeOf(wall: Wall, spaces: number): Lattice {
  const depth = depthOf(wall);
  const power = POWER[wall.body];
  const n = spaces + 1;
  const at = Float64Array.from({ length: n }, (_, i) => (depth * i) / spaces);
  const upTo = (r: number): number => r ** (power + 1) / (power + 1);
  const half = depth / spaces / 2;
  const share = at.map((r, i) => upTo(i === n - 1 ? r : r + half) - upTo(i === 0 ? 0 : r - half));
  const link = Float64Array.from(
    { length: spaces },
    (_, i) => ((at[i] as number) + half) ** power / (2 * half),
  );
  return { nodes: n, at, share, skin: depth ** power, link, power };
}

/** Scratch of one wall's heat steps. */
export interface HeatScratch {
  readonly c: Float64Array;
  readonly d: Float64Array;
}
export const heatScratch = (lattice: Lattice): HeatScratch => ({
  c: new Float64Array(lattice.nodes),
  d: new Float64Array(lattice.nodes),
});

/** Exchange of a skin with its kiln at their temperatures, °C: W/(m²K). Grey radiation, made linear without error, and air. */
export function exchangeAt(e: Exchange, kiln: number, skin: number): number {
  const [k, s] = [kiln + KELVIN, skin + KELVIN];
  return e.radiant * STEFAN_BOLTZMANN * (k * k + s * s) * (k + s) + e.air;
}

/**
 * One implicit step of `dt` seconds from `now` to `next`, °C (Thomas's elimination). `exchange` in W/(m²K); Infinity holds the
 * skin at the kiln's temperature.
 */
export function heatStep(
  lattice: Lattice,
  glass: Pick<Glass, 'conductivity' | 'density' | 'specificHeat'>,
  scratch: HeatScratch,
  now: Float64Array,
  next: Float64Array,
  dt: number,
  kiln: number,
  exchange: number,
): void {
  const { nodes, share, link, skin } = lattice;
  const { c, d } = scratch;
  const rho = glass.density * glass.specificHeat;
  const k = glass.conductivity * dt;
  const last = nodes - 1;
  const held = exchange === Infinity;
  let below = 0;
  for (let i = 0; i < nodes; i += 1) {
    const up = i < last ? k * (link[i] as number) : held ? 0 : dt * exchange * skin;
    const own = rho * (share[i] as number);
    let diagonal = own + below + up;
    let right = own * (now[i] as number);
    let upper = -up;
    if (i === last) {
      right += up * kiln;
      upper = 0;
      if (held) {
        c[i] = 0;
        d[i] = kiln;
        break;
      }
    }
    if (i > 0) {
      diagonal += below * (c[i - 1] as number);
      right += below * (d[i - 1] as number);
    }
    c[i] = upper / diagonal;
    d[i] = right / diagonal;
    below = up;
  }
  let value = d[last] as number;
  next[last] = value;
  for (let i = last - 1; i >= 0; i -= 1) {
    value = (d[i] as number) - (c[i] as number) * value;
    next[i] = value;
  }
}
