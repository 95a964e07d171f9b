// How sure a share is, of few: the score interval (Wilson 1927), which holds for 0 of n and for small n where the usual one does not.

/** 95 % of a normal distribution lies within so many standard deviations. */
const Z95 = 1.959963984540054;

/** A share with the interval it lies in, 95 times of 100. */
export interface Share {
  readonly of: number;
  readonly low: number;
  readonly high: number;
}

/**
 * `count` of `all`; NaN of none. Wilson's interval without correction for continuity (Newcombe 1998, method 3).
 *
 * @example wilson(2, 10) // { of: 0.2, low: 0.057, high: 0.51 }
 */
export function wilson(count: number, all: number, z = Z95): Share {
  const p = count / all;
  const z2 = z * z;
  const middle = (2 * count + z2) / (2 * (all + z2));
  const half = (z * Math.sqrt(z2 + 4 * count * (1 - p))) / (2 * (all + z2));
  return { of: p, low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}

/** May two shares be one and the same? Their difference lies 95 times of 100 between these (Newcombe 1998b, method 10). */
export function difference(
  a: { readonly count: number; readonly all: number },
  b: { readonly count: number; readonly all: number },
): { readonly of: number; readonly low: number; readonly high: number } {
  const [p, q] = [wilson(a.count, a.all), wilson(b.count, b.all)];
  const d = p.of - q.of;
  return {
    of: d,
    low: d - Math.hypot(p.of - p.low, q.high - q.of),
    high: d + Math.hypot(p.high - p.of, q.of - q.low),
  };
}
