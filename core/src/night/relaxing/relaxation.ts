// How glass relaxes: the shape of the decay, how fast it goes at a temperature and with a structure, and what structure does
// to the length of glass (Tool 1946; Narayanaswamy 1971; Moynihan et al. 1976).
import type { Glass } from '../../glass/glass';
import { fitVft, type Vft } from '../../glass/viscosity';
import { ZERO_CELSIUS } from '../../units/constants';

// exp(−ξ^0.6) scaled to a mean time of 1, as eight exponentials. Fitted by non-negative least squares over ξ from 1e-6 to 30;
// the sum stays within 4e-4 of the stretched exponential.
const WEIGHTS = [0.00226, 0.00876, 0.02534, 0.06301, 0.14241, 0.28112, 0.35743, 0.11966];
const TIMES = [1.948e-5, 4.6675e-4, 4.1577e-3, 2.4259e-2, 0.10968, 0.41078, 1.2907, 3.3922];

const total = WEIGHTS.reduce((a, b) => a + b, 0);
const mean = WEIGHTS.reduce((sum, w, i) => sum + (w / total) * TIMES[i], 0);

/** Weights of the decay; their sum is 1. */
export const MODE_WEIGHTS = Float64Array.from(WEIGHTS, (w) => w / total);
/** Times of the decay, in units of its mean time. */
export const MODE_TIMES = Float64Array.from(TIMES, (t) => t / mean);
/** Number of exponentials. */
export const MODES = WEIGHTS.length;

/** Structure relaxes so much slower than stress (PHYSICS 6). */
export const STRUCTURE_SLOWER = 9;
/** Expansion of the liquid over that of the glass (PHYSICS 6; from memory). */
export const LIQUID_RATIO = 2.9;
/** How much of the activation energy is the temperature's own and not the structure's: x of Tool, Narayanaswamy and Moynihan. */
export const NONLINEARITY = 0.5;

/** What a glass's relaxation needs to know, worked out once. */
export interface Relaxing {
  readonly vft: Vft;
  /** Shear modulus, Pa. */
  readonly shear: number;
  /** Bulk modulus, Pa. */
  readonly bulk: number;
  readonly expansion: number;
  /** Expansion of the structure: α_liquid − α_glass, 1/K. */
  readonly structural: number;
}

/** `liquidRatio` is α_liquid/α_glass; 1 switches the structure's own shrinkage off. */
export function relaxing(glass: Glass, liquidRatio = LIQUID_RATIO): Relaxing {
  return {
    vft: fitVft(glass),
    shear: glass.youngsModulus / (2 * (1 + glass.poisson)),
    bulk: glass.youngsModulus / (3 * (1 - 2 * glass.poisson)),
    expansion: glass.expansion,
    structural: glass.expansion * (liquidRatio - 1),
  };
}

/** No glass flows faster than this counts, nor slower: log₁₀ η. */
const FASTEST = 4;
const LOG_NEVER = 40;

/**
 * ln of the viscosity (Pa·s) at T with the structure of Tf, °C: Mazurin's form, the equilibrium at Tf carried to T along
 * the isostructural line.
 */
export function lnViscosity({ vft }: Relaxing, t: number, fictive: number): number {
  const above = fictive - vft.t0;
  if (above <= 1) return LOG_NEVER * Math.LN10;
  const kelvin = fictive + ZERO_CELSIUS;
  const log = Math.max(FASTEST, vft.a + vft.b / above);
  const h = (Math.LN10 * vft.b * kelvin * kelvin) / (above * above);
  return log * Math.LN10 + NONLINEARITY * h * (1 / (t + ZERO_CELSIUS) - 1 / kelvin);
}
