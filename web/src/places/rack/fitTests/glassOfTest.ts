// A colour as a test asks for it.
import type { Colour } from '@zanfirico/core/fit';
import type { TestGlass } from '@zanfirico/core/rack';

/** Every colour out of the rack has its stress-optical coefficient. */
export const asTestGlass = (c: Colour): TestGlass => ({
  youngsModulus: c.youngsModulus,
  poisson: c.poisson,
  strainPoint: c.strainPoint,
  stressOptical: c.stressOptical ?? 0,
});
