// Reading the glass: the form's figures, each able to answer why.
import { tr } from '../words/tr';
import type { Figure } from '../units/why';
import type { Whole } from './whole';

/** The figures shown beside the Section. */
export interface Readings {
  readonly mass: Figure;
  readonly capacity: Figure;
  readonly thickest: Figure;
  readonly thinnest: Figure;
  readonly step: Figure;
  readonly centreOfMass: Figure;
  readonly tipping: Figure;
  /** To the fill line; undefined when the piece holds nothing. */
  readonly filled: Figure | undefined;
  readonly tippingFull: Figure | undefined;
  readonly area: Figure;
}

const PAPPUS = () => tr`Pappus’ theorem on the drawn section, by exact frusta.`;

/** How much glass, and what it holds. */
const howMuch = (whole: Whole): Pick<Readings, 'mass' | 'capacity' | 'area'> => ({
  mass: {
    value: whole.mass,
    kind: 'mass',
    why: {
      says: tr`The finished piece, cold.`,
      formula: tr`m = ρ·V,  V = ∮π r² dz round the glass`,
      inputs: [
        { name: tr`glass volume`, value: whole.volume, kind: 'volume' },
        { name: tr`density, mean`, value: whole.mass / whole.volume, kind: 'density' },
      ],
      source: PAPPUS(),
      changes: tr`Wall counts most where the radius is big.`,
    },
  },
  capacity: {
    value: whole.capacity,
    kind: 'volume',
    why: {
      says:
        whole.capacity > 0
          ? tr`To the brim, by the inside line.`
          : tr`This form holds nothing: it is closed, or open at the bottom.`,
      formula: 'V = ∫π r² dz under the inside line',
      inputs: [
        { name: tr`height`, value: whole.height, kind: 'length' },
        { name: tr`widest, outside`, value: 2 * whole.widest, kind: 'length' },
      ],
      source: PAPPUS(),
      changes: tr`A thicker wall takes its room from the inside.`,
    },
  },
  area: {
    value: whole.area,
    kind: 'area',
    why: {
      says: tr`The outside skin of all parts: what colour and gloss have to cover.`,
      formula: 'A = ∫2π r ds',
      inputs: [{ name: tr`glass volume`, value: whole.volume, kind: 'volume' }],
      source: PAPPUS(),
      changes: tr`Size, by its square.`,
    },
  },
});

/** Its walls. */
const walls = (whole: Whole): Pick<Readings, 'thickest' | 'thinnest' | 'step'> => ({
  thickest: {
    value: whole.thickest.wall,
    kind: 'length',
    why: {
      says: tr`The thickest glass anywhere: in the ${whole.thickest.name}. It sets the pace of annealing.`,
      formula: tr`max of the wall along the line`,
      inputs: [
        {
          name: tr`at height`,
          value: whole.thickest.height - whole.lowest,
          kind: 'length',
        },
      ],
      source: tr`The drawing.`,
      changes: tr`Drag a wall handle.`,
    },
  },
  thinnest: {
    value: whole.thinnest.wall,
    kind: 'length',
    why: {
      says: tr`The thinnest glass anywhere: in the ${whole.thinnest.name}. It cools first at the bench.`,
      formula: tr`min of the wall along the line`,
      inputs: [
        {
          name: tr`at height`,
          value: whole.thinnest.height - whole.lowest,
          kind: 'length',
        },
      ],
      source: tr`The drawing.`,
      changes: tr`Drag a wall handle.`,
    },
  },
  step: {
    value: whole.step.step,
    kind: 'length',
    why: {
      says: tr`The biggest change of wall within reach of itself, ${whole.step.where}. Thick trails thin, and they pull.`,
      formula: tr`max |d₁ − d₂| within π√(Rt)/[3(1−ν²)]^¼`,
      inputs: [
        { name: tr`thick`, value: whole.step.thick, kind: 'length' },
        { name: tr`thin`, value: whole.step.thin, kind: 'length' },
        { name: tr`reach`, value: whole.step.reach, kind: 'length' },
      ],
      source: tr`Edge effect: Timoshenko & Woinowsky-Krieger, Theory of Plates and Shells.`,
      changes: tr`Spread the taper further, or even the two walls.`,
    },
  },
});

/** How it stands, empty. */
const stands = (whole: Whole): Pick<Readings, 'centreOfMass' | 'tipping'> => ({
  centreOfMass: {
    value: whole.centreOfMass,
    kind: 'length',
    why: {
      says: tr`How high the weight sits above the table, empty.`,
      formula: tr`z = ∮π z r² dz / V`,
      inputs: [{ name: tr`glass volume`, value: whole.volume, kind: 'volume' }],
      source: PAPPUS(),
      changes: tr`A heavier foot lowers it.`,
    },
  },
  tipping: {
    value: whole.tippingAngle,
    kind: 'angle',
    why: {
      says:
        whole.footRadius > 0
          ? tr`Tilt it further than this, empty, and it falls.`
          : tr`It stands on a point: round bottoms roll.`,
      formula: tr`atan((r_foot − off axis) / h_cm)`,
      inputs: [
        { name: tr`foot radius`, value: whole.footRadius, kind: 'length' },
        { name: tr`centre of mass`, value: whole.centreOfMass, kind: 'length' },
        { name: tr`weight off the axis`, value: whole.offAxis, kind: 'length' },
      ],
      source: tr`Statics.`,
      changes: tr`A wider foot or a lower weight.`,
    },
  },
});

/** Filled to its line; nothing where it holds nothing. */
const filled = (whole: Whole): Pick<Readings, 'filled' | 'tippingFull'> => {
  const { fill } = whole;
  return {
    filled: fill && {
      value: fill.volume,
      kind: 'volume',
      why: {
        says: tr`To the fill line, by the inside line.`,
        formula: tr`V = ∫π r² dz up to the line`,
        inputs: [
          { name: tr`line above the table`, value: fill.line - whole.lowest, kind: 'length' },
        ],
        source: PAPPUS(),
        changes: tr`Drag the fill line on the drawing.`,
      },
    },
    tippingFull: fill && {
      value: fill.tippingAngle,
      kind: 'angle',
      why: {
        says: tr`Tilt it further than this, filled with water to the line, and it falls. The water is taken as still.`,
        formula: tr`atan((r_foot − off axis) / h_cm)`,
        inputs: [
          { name: tr`foot radius`, value: whole.footRadius, kind: 'length' },
          { name: tr`centre of mass, filled`, value: fill.centreOfMass, kind: 'length' },
          { name: tr`water`, value: fill.mass, kind: 'mass' },
        ],
        source: tr`Statics; water 998 kg/m³ (CRC Handbook, 20 °C).`,
        changes: tr`A lower line, a wider foot, a heavier base.`,
      },
    },
  };
};

/** Puts a piece taken together into figures. */
export const readings = (whole: Whole): Readings => ({
  ...howMuch(whole),
  ...walls(whole),
  ...stands(whole),
  ...filled(whole),
});
