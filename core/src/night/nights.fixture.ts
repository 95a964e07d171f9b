// Glasses, walls and nights that the tests of annealing share.
import type { Glass } from '../glass/glass';
import { findGlass } from '../rack/glasses';
import type { CoolingWall } from './allow';
import { STUDIO_BOX, type Box } from './box';
import type { LoadPiece } from './asked/load';
import type { ScheduleInput } from './scheduleInput';

const shipped = (id: string): Glass => {
  const glass = findGlass(id);
  if (!glass) throw new Error(`the rack has lost ${id}`);
  return glass;
};
export const soft = shipped('soft-batch-96');
export const hard = shipped('borosilicate-33');
export const HOUR = 3600;
/** As much power as anybody could wish, and a climb to match. */
export const mighty: Box = { ...STUDIO_BOX, climb: 10, power: 1e9 };
/** A wall of one thickness, mm. */
export const even = (mm: number, body: CoolingWall['body'] = 'slab'): CoolingWall => ({
  thickest: mm / 1000,
  stepThick: mm / 1000,
  stepThin: mm / 1000,
  body,
});
/** Thick beside thin, mm. */
export const stepped = (thick: number, thin: number): CoolingWall => ({
  ...even(thick),
  stepThin: thin / 1000,
});
/** An ordinary night of soft glass in the studio box. */
export const tonight = (wall: CoolingWall, more: Partial<ScheduleInput> = {}): ScheduleInput => ({
  glass: soft,
  wall,
  practice: 'studio',
  holdTemperature: soft.annealing,
  doorTemperature: 60,
  box: STUDIO_BOX,
  holding: 4 * HOUR,
  ...more,
});

/** Something to put into a box, as wide as deep, m. */
export const piece = (id: string, wall: CoolingWall, size = 0.1, glass = soft): LoadPiece => ({
  id,
  name: id,
  glass,
  wall,
  width: size,
  depth: size,
  height: 0.15,
});
