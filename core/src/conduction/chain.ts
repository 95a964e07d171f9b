// The one heat solver of bench and box: a chain of masses of glass, each passing heat to the next, taken on by implicit steps.
//
// Carslaw & Jaeger, *Conduction of Heat in Solids*, the equation; Patankar 1980, the volumes; Thomas's elimination. Each step is
// implicit, so any length of it is stable, and what one mass gives the next one gets, so no heat is lost or made.
import { tr } from '../words/tr';

/** A chain from the inside out. Whoever builds one chooses the measure (per m² of skin, per radian …), alike for all of it. */
export interface Chain {
  /** Heat each mass takes for a kelvin, J/K. */
  readonly capacity: Float64Array;
  /** From each mass but the last to the next, W/K. */
  readonly link: Float64Array;
}

/** Room the elimination works in: made once by whoever steps, for chains of up to so many masses. */
export interface Scratch {
  readonly factor: Float64Array;
  readonly value: Float64Array;
}

/** Scratch for chains of at most `masses` masses. */
export const scratchFor = (masses: number): Scratch => ({
  factor: new Float64Array(masses),
  value: new Float64Array(masses),
});

/**
 * What an end of the chain passes to the outside: `slope`·T − `pull`, W, T (°C) being the last mass there. An exchange g with
 * surroundings at T₀ is slope g, pull g·T₀. A slope of Infinity holds that mass at `pull` °C.
 */
export interface End {
  slope: number;
  pull: number;
}

/** An end that passes nothing. */
export const SHUT_END: Readonly<End> = { slope: 0, pull: 0 };

/**
 * One implicit step of `dt` seconds from `now` to `next`, °C; both may be the same array. `source` is heat into the whole chain, W,
 * shared by capacity. Throws a RangeError when the scratch is too small for the chain.
 *
 * @example
 * // Two masses of 10 J/K, 5 W/K between them, shut ends: they draw together and keep their mean.
 * const chain = { capacity: Float64Array.of(10, 10), link: Float64Array.of(5) };
 * const t = Float64Array.of(100, 0);
 * stepChain(chain, scratchFor(2), t, t, 1, SHUT_END, SHUT_END);
 */
export function stepChain(
  chain: Chain,
  scratch: Scratch,
  now: Float64Array,
  next: Float64Array,
  dt: number,
  inner: Readonly<End>,
  outer: Readonly<End>,
  source = 0,
): void {
  const { capacity, link } = chain;
  const { factor, value } = scratch;
  const last = capacity.length - 1;
  if (factor.length <= last)
    throw new RangeError(
      tr`The scratch holds ${factor.length} masses; this chain has ${last + 1}.`,
    );
  let spread = 0;
  if (source !== 0) {
    for (let i = 0; i <= last; i += 1) spread += capacity[i];
    spread = source / spread;
  }
  let below = 0;
  for (let i = 0; i <= last; i += 1) {
    const own = capacity[i] / dt;
    let diagonal = own + below;
    let right = own * now[i] + spread * capacity[i];
    if (i === 0) {
      diagonal += inner.slope;
      right += inner.pull;
    } else {
      diagonal -= below * factor[i - 1];
      right += below * value[i - 1];
    }
    if (i === last) {
      if (outer.slope === Infinity) {
        value[i] = outer.pull;
        break;
      }
      value[i] = (right + outer.pull) / (diagonal + outer.slope);
      break;
    }
    const up = link[i];
    diagonal += up;
    factor[i] = up / diagonal;
    value[i] = right / diagonal;
    below = up;
  }
  let v = value[last];
  next[last] = v;
  for (let i = last - 1; i >= 0; i -= 1) {
    v = value[i] + factor[i] * v;
    next[i] = v;
  }
}
