// What a firing does to glass lying flat: how far it flows is one number for every hold and ramp, time over viscosity summed; from it edges
// round, frit grows together, stacks settle and spread, a plate sags into a mould.
import type { KilnCurve } from '../night/relaxing/walkCurve';
import { logViscosity, type Vft } from '../glass/viscosity';
import { STANDARD_GRAVITY } from '../units/constants';

/** Colder than this glass does not flow in a firing, °C: its viscosity is past 10^13 for every glass of the rack. */
const COLD = 450;
/** Steps a stretch between two points of a curve is summed in. */
const PARTS = 40;

/** Time over viscosity, 1/Pa: ∫dt/η along a curve (°C, s), by Simpson's rule between its points. */
export function fluidity({ time, temperature }: KilnCurve, vft: Vft): number {
  const per = (t: number): number => (t < COLD ? 0 : 10 ** -logViscosity(vft, t));
  let sum = 0;
  for (let i = 1; i < time.length; i += 1) {
    const seconds = time[i] - time[i - 1];
    const [a, b] = [temperature[i - 1], temperature[i]];
    if (seconds <= 0 || Math.max(a, b) < COLD) continue;
    const step = (b - a) / PARTS;
    for (let k = 0; k < PARTS; k += 1) {
      const from = a + k * step;
      sum += ((seconds / PARTS) * (per(from) + 4 * per(from + step / 2) + per(from + step))) / 6;
    }
  }
  return sum;
}

/** Surface tension of molten soda-lime, N/m (PHYSICS §2); lead and heavily coloured glass has some tenth less. */
export const SURFACE_TENSION = 0.32;

/** What is asked of the glass, kg/m³. */
interface Flowing {
  readonly density: number;
}

/**
 * How far an edge is rounded, m: ℓ = γ∫dt/η (Frenkel 1945).
 *
 * @example
 * rounds(0.2) // 0.064
 */
export const rounds = (f: number): number => SURFACE_TENSION * f;

/**
 * Half the width of the neck between two touching rods or grains of a radius, m: x² = (3/2)γa∫dt/η (Frenkel 1945); never wider than they are.
 *
 * @example
 * neck(0.01, 0.2) // 0.01
 */
export const neck = (radius: number, f: number): number =>
  Math.min(radius, Math.sqrt(1.5 * SURFACE_TENSION * radius * f));

/**
 * How far a round stack of a volume has spread, m: Huppert 1982, R = 0.894 (ρ g V³∫dt/3η)^⅛, where that is past what it was laid out to. It
 * stops where it is as thin as glass settles by itself: the caller's business.
 */
export const spreads = ({ density }: Flowing, volume: number, laid: number, f: number): number =>
  Math.max(laid, 0.894 * ((STANDARD_GRAVITY * density * volume ** 3 * f) / 3) ** (1 / 8));

/** A span sags between two honest limits, m. */
export interface Sag {
  /** Its rim slides in freely: it bends as a plate on its edge all the way down. */
  readonly free: number;
  /** Its rim is held: it has to stretch. */
  readonly held: number;
}

/** Bending alone goes at this of a plate's fourth power (round, on its edge, ν → ½). */
const PLATE = 0.172;
const STRETCH = 3 / 32;

/** How far the middle of a round plate hangs in a mould, m; `radius` of the mould's mouth, `thickness` of the plate. */
export const sags = ({ density }: Flowing, radius: number, thickness: number, f: number): Sag => {
  const weight = density * STANDARD_GRAVITY * radius ** 4;
  return { free: (PLATE * weight * f) / thickness ** 2, held: (STRETCH * weight * f) ** (1 / 3) };
};

/** Seconds at a viscosity (Pa·s) until it hangs so deep, at the two limits. */
export function sagTime(
  glass: Flowing,
  radius: number,
  thickness: number,
  deep: number,
  viscosity: number,
): Sag {
  const weight = glass.density * STANDARD_GRAVITY * radius ** 4;
  return {
    free: (deep * thickness ** 2 * viscosity) / (PLATE * weight),
    held: (deep ** 3 * viscosity) / (STRETCH * weight),
  };
}

/**
 * How fast a beam on two supports bends at its middle, m/s, under a load there (kg) and its own weight: an elastic beam with 3η for E. ISO
 * 7884-4, the bending viscometer, is the same turned round.
 */
export function beamRate(
  beam: { readonly span: number; readonly width: number; readonly thickness: number },
  load: number,
  density: number,
  viscosity: number,
): number {
  const { span, width, thickness } = beam;
  const own = density * width * thickness * span;
  const inertia = (width * thickness ** 3) / 12;
  return (STANDARD_GRAVITY * span ** 3 * (load + own / 1.6)) / (144 * inertia * viscosity);
}

/**
 * What a firing is called, by how far it rounds, m: tack from 0.2 mm, contour from 0.8, full from a sheet of 3 (PHYSICS §10; common practice, no
 * source). It has a name when it has reached that name's least.
 */
export const FUSES = [
  { upTo: 0.0002, name: 'not yet stuck' },
  { upTo: 0.0008, name: 'tack' },
  { upTo: 0.003, name: 'contour' },
  { upTo: Infinity, name: 'full' },
] as const;
/** What a firing is named by. */
export type Fuse = (typeof FUSES)[number]['name'];

/**
 * Its name; a full fuse has rounded by at least a sheet.
 *
 * @example
 * fuseOf(0.001) // 'contour'
 */
export const fuseOf = (rounded: number): Fuse =>
  FUSES.find((f) => rounded < f.upTo)?.name ?? 'full';

/**
 * What a mould takes, kg, from the grams of water it holds (kg): glass weighs so many times as much (2.5 for soda-lime, common practice).
 *
 * @example
 * castMass(0.25, 2500) // 0.625
 */
export const castMass = (water: number, density: number): number => (water * density) / 1000;
