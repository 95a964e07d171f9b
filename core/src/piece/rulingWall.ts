// The wall that sets the night's pace, and as what it cools.
import { FROZEN_UNDER } from '../night/ramp';
import type { CoolingWall } from '../night/allow';
import type { Body } from '../conduction/lattice';
import type { BitShape } from '../form/bit';
import type { BitMeasure } from '../form/bitMeasure';
import type { Shape } from '../form/measure';
import { coolsAs, type RoundPlace } from '../night/roundness';
import type { BitInput } from './bits';
import type { Part } from './part';

/** A thickness, m, and the body it cools as. */
export type RulingWall = RoundPlace;

interface Measured {
  readonly measure: BitMeasure;
  readonly input: BitInput;
}

/** The wall that sets the pace: a wall that cools from one side only counts as twice its thickness. */
export const rulingWall = (parts: readonly Part[], bits: readonly Measured[]): RulingWall =>
  [...parts.map(({ shape }) => partCoolsAs(shape)), ...bits.map(bitWall)].reduce((a, b) =>
    counts(b) > counts(a) ? b : a,
  );

/** What a section about the axis leaves out, as the one wall of it that asks most: bits, and parts that are not round. */
export function besideSection(
  parts: readonly Part[],
  bits: readonly Measured[],
): CoolingWall | undefined {
  const walls: readonly CoolingWall[] = [
    ...parts
      .filter((p) => p.lofted)
      .map(({ shape }) => ({
        ...partCoolsAs(shape),
        stepThick: shape.step.thick.wall,
        stepThin: shape.step.thin.wall,
      })),
    ...bits.map((b) => {
      const wall = bitWall(b);
      return { ...wall, stepThick: wall.thickest, stepThin: wall.thickest };
    }),
  ];
  return walls.length === 0 ? undefined : walls.reduce((a, b) => (counts(b) > counts(a) ? b : a));
}

/** What a steady fall would leave in each, as a slab would have to be thick for it. */
const counts = (w: RulingWall): number => w.thickest / Math.sqrt(FROZEN_UNDER[w.body]);
const bitWall = (b: Measured): RulingWall => ({
  thickest: b.measure.thickness,
  body: bitCoolsAs(b.input.shape),
});

function partCoolsAs(shape: Shape): RulingWall {
  const { opening } = shape;
  return coolsAs(shape, opening === 'closed' || opening === 'narrow' ? 'oneSided' : 'slab');
}

/** Rods, wound threads and balls by what they are; the rest as slabs, which is the safe side. */
function bitCoolsAs(shape: BitShape): Body {
  switch (shape.kind) {
    case 'rod':
    case 'wrap':
      return 'cylinder';
    case 'bent':
      return shape.wall === undefined ? 'cylinder' : 'slab';
    case 'ball':
      return 'ball';
    default:
      return 'slab';
  }
}
