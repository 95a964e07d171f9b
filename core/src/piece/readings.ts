// Reading the glass: the form's figures, each able to answer why.
import type { Glass } from '../glass/glass';
import type { Shape } from '../shape/measure';
import type { Figure } from '../units/why';

/** The figures shown beside the Section. */
export interface Readings {
  readonly mass: Figure;
  readonly capacity: Figure;
  readonly thickest: Figure;
  readonly thinnest: Figure;
  readonly step: Figure;
  readonly centreOfMass: Figure;
  readonly tipping: Figure;
}

const PAPPUS = 'Pappus’ theorem on the drawn section, by exact frusta.';

/** Puts a measured shape and its glass into figures. */
export function readings(shape: Shape, glass: Glass): Readings {
  return {
    mass: {
      value: shape.glassVolume * glass.density,
      kind: 'mass',
      why: {
        says: 'The finished piece, cold.',
        formula: 'm = ρ·V,  V = ∮π r² dz round the glass',
        inputs: [
          { name: 'glass volume', value: shape.glassVolume, kind: 'volume' },
          { name: 'density', value: glass.density, kind: 'density' },
        ],
        source: PAPPUS,
        changes: 'Wall counts most where the radius is big.',
      },
    },
    capacity: {
      value: shape.capacity,
      kind: 'volume',
      why: {
        says:
          shape.capacity > 0
            ? 'To the brim, by the inside line.'
            : 'This form holds nothing: it is closed, or open at the bottom.',
        formula: 'V = ∫π r² dz under the inside line',
        inputs: [
          { name: 'height', value: shape.height, kind: 'length' },
          { name: 'widest, outside', value: 2 * shape.widest, kind: 'length' },
        ],
        source: PAPPUS,
        changes: 'A thicker wall takes its room from the inside.',
      },
    },
    thickest: {
      value: shape.thickest.wall,
      kind: 'length',
      why: {
        says: 'The thickest wall anywhere, square to the outside. It sets the pace of annealing.',
        formula: 'max of the wall along the line',
        inputs: [
          {
            name: 'at height',
            value: (shape.outer.z[shape.thickest.at] as number) - shape.lowest,
            kind: 'length',
          },
        ],
        source: 'The drawing.',
        changes: 'Drag a wall handle.',
      },
    },
    thinnest: {
      value: shape.thinnest.wall,
      kind: 'length',
      why: {
        says: 'The thinnest wall anywhere. It cools first at the bench.',
        formula: 'min of the wall along the line',
        inputs: [
          {
            name: 'at height',
            value: (shape.outer.z[shape.thinnest.at] as number) - shape.lowest,
            kind: 'length',
          },
        ],
        source: 'The drawing.',
        changes: 'Drag a wall handle.',
      },
    },
    step: {
      value: shape.step.step,
      kind: 'length',
      why: {
        says: 'The biggest change of wall within reach of itself along the shell. Thick trails thin, and they pull.',
        formula: 'max |d₁ − d₂| within π√(Rt)/[3(1−ν²)]^¼',
        inputs: [
          { name: 'thick', value: shape.step.thick.wall, kind: 'length' },
          { name: 'thin', value: shape.step.thin.wall, kind: 'length' },
          { name: 'reach', value: shape.step.reach, kind: 'length' },
        ],
        source: 'Edge effect: Timoshenko & Woinowsky-Krieger, Theory of Plates and Shells.',
        changes: 'Spread the taper further, or even the two walls.',
      },
    },
    centreOfMass: {
      value: shape.centreOfMass,
      kind: 'length',
      why: {
        says: 'How high the weight sits above the table, empty.',
        formula: 'z = ∮π z r² dz / V',
        inputs: [{ name: 'glass volume', value: shape.glassVolume, kind: 'volume' }],
        source: PAPPUS,
        changes: 'A heavier foot lowers it.',
      },
    },
    tipping: {
      value: shape.tippingAngle,
      kind: 'angle',
      why: {
        says:
          shape.footRadius > 0
            ? 'Tilt it further than this, empty, and it falls.'
            : 'It stands on a point: round bottoms roll.',
        formula: 'atan(r_foot / h_cm)',
        inputs: [
          { name: 'foot radius', value: shape.footRadius, kind: 'length' },
          { name: 'centre of mass', value: shape.centreOfMass, kind: 'length' },
        ],
        source: 'Statics.',
        changes: 'A wider foot or a lower weight.',
      },
    },
  };
}
