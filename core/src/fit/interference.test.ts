// The order of colours as retardation grows: Michel-Lévy's chart (from memory, by hue; in the even white light taken here each comes
// some 20 nm sooner than he painted it).
import { interferenceColour, TINT_PLATE } from './interference';

const of = (nm: number): { hue: number; bright: number; vivid: number } => {
  const [r, g, b] = interferenceColour(nm, 0, 0).map((v) => v / 255) as [number, number, number];
  const [high, low] = [Math.max(r, g, b), Math.min(r, g, b)];
  const d = high - low || 1;
  const hue = high === r ? ((g - b) / d + 6) % 6 : high === g ? (b - r) / d + 2 : (r - g) / d + 4;
  return { hue: 60 * hue, bright: high, vivid: (high - low) / (high || 1) };
};

it('nothing is black, then grey, then white', () => {
  expect(interferenceColour(0, 0, 0)).toEqual([0, 0, 0]);
  expect(of(100).vivid).toBeLessThan(0.35);
  expect(of(100).bright).toBeGreaterThan(of(50).bright);
  expect(of(240).bright).toBeGreaterThan(0.9);
  expect(of(240).vivid).toBeLessThan(0.2);
});

it.each([
  ['yellow', 350, 40, 65],
  ['orange', 450, 15, 40],
  ['red', 495, 320, 375],
  ['violet', 540, 250, 300],
  ['blue', 600, 190, 250],
  ['green', 760, 75, 170],
  ['yellow of the second order', 900, 35, 70],
])('%s at %d nm', (_, nm, from, to) => {
  const { hue } = of(nm);
  const turned = to > 360 && hue < 180 ? hue + 360 : hue;
  expect(turned).toBeGreaterThan(from);
  expect(turned).toBeLessThan(to);
});

it('with a tint plate a little more is blue and a little less is orange', () => {
  const [, , blueMore] = interferenceColour(60, 0, TINT_PLATE);
  const [redMore] = interferenceColour(60, 0, TINT_PLATE);
  const [redLess, , blueLess] = interferenceColour(-60, 0, TINT_PLATE);
  expect(blueMore).toBeGreaterThan(redMore);
  expect(redLess).toBeGreaterThan(blueLess);
});
