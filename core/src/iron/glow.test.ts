// The glow against published chromaticities of black bodies.
import { chromaticity, DRAPER, glow } from './glow';

describe('the glow of hot glass', () => {
  // CIE standard illuminant A is a black body at 2856 K: x 0.4476, y 0.4074 (CIE 15). The others as commonly tabulated on the
  // Planckian locus (from memory).
  it.each([
    [2856, 0.4476, 0.4074],
    [1000, 0.6528, 0.3444],
    [1500, 0.5857, 0.3931],
    [2000, 0.5267, 0.4133],
    [5000, 0.3451, 0.3516],
  ])('at %p K lies at the black body’s x, y', (kelvin, x, y) => {
    const [gotX, gotY] = chromaticity(kelvin - 273.15);
    expect(Math.abs(gotX - x)).toBeLessThan(0.006);
    expect(Math.abs(gotY - y)).toBeLessThan(0.006);
  });

  it('is nothing under the Draper point, then red, then more yellow and brighter', () => {
    expect(glow(DRAPER)).toEqual([0, 0, 0]);
    const [r1, g1] = glow(650);
    const [r2, g2, b2] = glow(1100);
    expect(r1).toBeGreaterThan(0);
    expect(r2).toBeGreaterThan(r1);
    expect(g2 / r2).toBeGreaterThan(g1 / r1);
    expect(b2).toBeLessThan(g2);
  });
});
