// Between polarisers: stress out of retardation against figures worked by hand, and the colours' names against the colours themselves.
import { interferenceColour } from '../fit/interference';
import { COLOURS_SEEN, stressSeen } from './seen';

// PHYSICS §4: 27 nm/cm a megapascal of soda-lime (2.7 Brewster).
it.each([
  [27, 0.01, 1],
  [54, 0.01, 2],
  // The same seen through half the glass is twice the stress.
  [27, 0.005, 2],
  // One reference disc, 22.8 nm (ASTM C148), through two 4 mm walls.
  [22.8, 0.008, 1.0556],
])('%d nm through %d m is %d MPa', (nm, through, mpa) => {
  expect(stressSeen(nm, through) / 1e6).toBeCloseTo(mpa, 3);
});

it('glass that is more stressed by light needs less', () => {
  expect(stressSeen(100, 0.01, 4e-12)).toBeLessThan(stressSeen(100, 0.01, 2.7e-12));
});

/** Hue by degrees: red 0, yellow 60, green 120, blue 240; undefined where there is hardly a colour. */
function hueOf([r, g, b]: readonly [number, number, number]): number | undefined {
  const most = Math.max(r, g, b);
  const spread = most - Math.min(r, g, b);
  if (most === 0 || spread / most < 0.12) return undefined;
  const hue =
    most === r ? ((g - b) / spread) % 6 : most === g ? (b - r) / spread + 2 : (r - g) / spread + 4;
  return (60 * hue + 360) % 360;
}

// What each word may look like, degrees of hue.
const HUES: Readonly<Record<string, readonly [number, number] | undefined>> = {
  black: undefined,
  'blue-grey': [200, 230],
  white: undefined,
  straw: [40, 62],
  orange: [25, 45],
  red: [330, 365],
  purple: [265, 300],
  blue: [200, 225],
  green: [140, 190],
  yellow: [48, 62],
  pink: [320, 350],
};

it.each(COLOURS_SEEN.map((c) => [c.says(), c.nm] as const))('%s is seen at %d nm', (says, nm) => {
  expect(says in HUES).toBe(true);
  const hue = hueOf(interferenceColour(nm, 0, 0));
  const range = HUES[says];
  if (!range) expect(hue).toBeUndefined();
  else
    expect((hue ?? NaN) < 20 && range[1] > 360 ? (hue ?? 0) + 360 : hue).toBeGreaterThanOrEqual(
      range[0],
    );
  if (range) expect((hue ?? NaN) % 360).toBeLessThanOrEqual(range[1]);
});

it('they stand in the order retardation grows in', () => {
  const all = COLOURS_SEEN.map((c) => c.nm);
  expect(all).toEqual([...all].sort((a, b) => a - b));
});
