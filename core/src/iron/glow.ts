// The colour hot glass glows in: Planck's law through the eye of the CIE 1931 standard observer, as a display shows it.
import { ZERO_CELSIUS } from '../units/constants';

/** Second radiation constant, m·K (CODATA 2018). */
const C2 = 1.438776877e-2;

/** CIE 1931 standard observer, x̄ ȳ z̄ from 380 nm in steps of 10 (CIE 15; to four places). */
const OBSERVER: readonly (readonly [number, number, number])[] = [
  [0.0014, 0, 0.0065],
  [0.0042, 0.0001, 0.0201],
  [0.0143, 0.0004, 0.0679],
  [0.0435, 0.0012, 0.2074],
  [0.1344, 0.004, 0.6456],
  [0.2839, 0.0116, 1.3856],
  [0.3483, 0.023, 1.7471],
  [0.3362, 0.038, 1.7721],
  [0.2908, 0.06, 1.6692],
  [0.1954, 0.091, 1.2876],
  [0.0956, 0.139, 0.813],
  [0.032, 0.208, 0.4652],
  [0.0049, 0.323, 0.272],
  [0.0093, 0.503, 0.1582],
  [0.0633, 0.71, 0.0782],
  [0.1655, 0.862, 0.0422],
  [0.2904, 0.954, 0.0203],
  [0.4334, 0.995, 0.0087],
  [0.5945, 0.995, 0.0039],
  [0.7621, 0.952, 0.0021],
  [0.9163, 0.87, 0.0017],
  [1.0263, 0.757, 0.0011],
  [1.0622, 0.631, 0.0008],
  [1.0026, 0.503, 0.0003],
  [0.8544, 0.381, 0.0002],
  [0.6424, 0.265, 0],
  [0.4479, 0.175, 0],
  [0.2835, 0.107, 0],
  [0.1649, 0.061, 0],
  [0.0874, 0.032, 0],
  [0.0468, 0.017, 0],
  [0.0227, 0.0082, 0],
  [0.0114, 0.0041, 0],
  [0.0058, 0.0021, 0],
  [0.0029, 0.001, 0],
  [0.0014, 0.0005, 0],
  [0.0007, 0.0002, 0],
  [0.0003, 0.0001, 0],
  [0.0002, 0.0001, 0],
  [0.0001, 0, 0],
];
const FIRST_NM = 380;
const STEP_NM = 10;

/**
 * Tristimulus values of a black body (relative to the same scale at every temperature).
 *
 * @example
 * blackBody(1000) // [8.85e-7, 5.39e-7, 1.446e-8]
 */
export function blackBody(celsius: number): readonly [number, number, number] {
  const k = celsius + ZERO_CELSIUS;
  const sum = [0, 0, 0];
  OBSERVER.forEach((seen, i) => {
    const m = (FIRST_NM + STEP_NM * i) * 1e-9;
    const light = 1e-30 / m ** 5 / Math.expm1(C2 / (m * k));
    for (let c = 0; c < 3; c += 1) sum[c] = (sum[c] as number) + light * (seen[c] as number);
  });
  return [sum[0] as number, sum[1] as number, sum[2] as number];
}

/** Chromaticity x, y of a black body. */
export function chromaticity(celsius: number): readonly [number, number] {
  const [x, y, z] = blackBody(celsius);
  return [x / (x + y + z), y / (x + y + z)];
}

/** First visible red, °C (J. W. Draper 1847: 525 °C). */
export const DRAPER = 525;
/** So many times over the red is filled at white heat. */
const DAZZLE = 3;
/** Full brightness on screen, °C: as runny glass glows. */
const BRIGHTEST = 1250;

/**
 * What glass at T looks like in a lit shop: linear light, 0 to 1. Brightness is the eye's, not the photometer's: it rises
 * evenly from the Draper point (nothing) to white heat, for over that span the light itself grows a hundred thousand times.
 */
export function glow(celsius: number): readonly [number, number, number] {
  const bright = Math.min(1, Math.max(0, (celsius - DRAPER) / (BRIGHTEST - DRAPER)));
  if (bright === 0) return [0, 0, 0];
  const [x, y, z] = blackBody(Math.max(celsius, DRAPER));
  // CIE XYZ to linear sRGB (IEC 61966-2-1).
  const rgb = [
    3.2406 * x - 1.5372 * y - 0.4986 * z,
    -0.9689 * x + 1.8758 * y + 0.0415 * z,
    0.0557 * x - 0.204 * y + 1.057 * z,
  ].map((v) => Math.max(0, v));
  const most = Math.max(...rgb);
  // As an eye set to the bench sees it: red fills up first, then green lifts it to orange and yellow.
  const scale = (DAZZLE * bright ** 1.3) / most;
  const seen = rgb.map((v) => Math.min(1, v * scale));
  return [seen[0] as number, seen[1] as number, seen[2] as number];
}
