// The representative rack: generic glasses to start from. Every value can be replaced by the supplier's sheet.
import { mark } from '../words/tr';
import type { Glass } from '../glass/glass';

const SOURCE = mark(
  'Representative of its kind, from memory; replace it with your supplier’s sheet.',
);

// Soft glass in the annealing range and molten, from memory.
const SOFT = {
  family: 'soft',
  density: 2500,
  moltenDensity: 2400,
  youngsModulus: 70e9,
  poisson: 0.22,
  conductivity: 1.1,
  specificHeat: 1150,
  holds: [],
  source: SOURCE,
} as const;

/** Generic glasses shipped with the product. */
export const REPRESENTATIVE_GLASSES: readonly Glass[] = [
  {
    ...SOFT,
    id: 'soft-batch-96',
    name: 'Soft soda-lime batch 96',
    expansion: 96e-7,
    annealing: 505,
    softening: 690,
    working: 1005,
  },
  {
    ...SOFT,
    id: 'soft-rod-104',
    name: 'Soft soda-lime rod 104',
    expansion: 104e-7,
    annealing: 485,
    softening: 670,
    working: 960,
  },
  {
    ...SOFT,
    id: 'lead-crystal-91',
    name: 'Lead crystal 91',
    expansion: 91e-7,
    annealing: 440,
    softening: 625,
    working: 930,
    density: 2950,
    moltenDensity: 2830,
    youngsModulus: 60e9,
    holds: ['Pb'],
  },
  {
    ...SOFT,
    id: 'kiln-sheet-90',
    name: 'Kiln sheet soda-lime 90',
    expansion: 90e-7,
    annealing: 516,
    softening: 690,
    working: 1010,
  },
  {
    ...SOFT,
    id: 'float-90',
    name: 'Float 90',
    expansion: 90e-7,
    annealing: 548,
    softening: 725,
    working: 1035,
    poisson: 0.2,
    conductivity: 1,
    // EN 572-1 gives c = 720 J/kgK at room temperature; glass in the annealing range holds about 1150 (from memory).
    source: mark('EN 572-1 for density, stiffness and conductivity; the rest from memory.'),
  },
  {
    id: 'borosilicate-33',
    name: 'Hard borosilicate 3.3',
    family: 'hard',
    expansion: 33e-7,
    annealing: 560,
    softening: 825,
    working: 1260,
    density: 2230,
    moltenDensity: 2150,
    youngsModulus: 64e9,
    poisson: 0.2,
    conductivity: 1.2,
    specificHeat: 1150,
    holds: [],
    source: mark('ISO 3585:1998; hot specific heat and molten density from memory.'),
  },
];

/** The glass with this id, or undefined when the rack has none. */
export const findGlass = (id: string): Glass | undefined =>
  REPRESENTATIVE_GLASSES.find((g) => g.id === id);
