// A colour as a test asks for it.
import type { Colour, TestGlass } from '@zanfirico/core';

/** Every colour out of the rack has its stress-optical coefficient. */
export const asTestGlass = (c: Colour): TestGlass => ({
  youngsModulus: c.youngsModulus,
  poisson: c.poisson,
  strainPoint: c.strainPoint,
  stressOptical: c.stressOptical ?? 0,
});
