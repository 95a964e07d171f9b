// Between crossed polarisers: from stress to what is seen, and back.

/** Stress-optical coefficient of soda-lime glass, 1/Pa: 2.7 Brewster (1 Brewster = 10⁻¹² /Pa). From memory. */
export const STRESS_OPTICAL = 2.7e-12;
/** One reference disc retards so much, nm (ASTM C148). From memory. */
export const DISC = 22.8;
/** Reference thickness of the temper grades, m (ASTM C148: real = apparent × 4.06 mm / t). */
const GRADE_THICKNESS = 4.06e-3;

/** Retardation per path, nm/cm, for a stress (Pa): R = C·σ; 27 nm/cm per MPa of soda-lime. */
export const retardation = (stress: number, optical = STRESS_OPTICAL): number =>
  stress * optical * 1e7;

/** Stress, Pa, for a retardation in nm/cm. */
export const stressFrom = (nmPerCm: number, optical = STRESS_OPTICAL): number =>
  nmPerCm / (optical * 1e7);

/**
 * nm/cm from a count of reference discs matched through a thickness (m).
 *
 * @example
 * fromDiscs(2, 0.01) // 45.6
 */
export const fromDiscs = (discs: number, thickness: number): number =>
  (discs * DISC) / (thickness * 100);

/**
 * Real temper grade from the apparent one (ASTM C148).
 *
 * @example
 * realTemper(3, 0.01) // 1.218
 */
export const realTemper = (apparent: number, thickness: number): number =>
  (apparent * GRADE_THICKNESS) / thickness;
