// The demo studio's own rack: what it bought, measured and tested. Invented, like the studio.
import type { NewTest, RackEntry } from '@zanfirico/contract/rack';
import { SHIPPED_RACK } from '@zanfirico/core/rack';

/** A shipped entry with the studio's own facts over it. */
function over(id: string, facts: Partial<RackEntry>): RackEntry {
  const line = SHIPPED_RACK.line(id);
  if (!line) throw new Error(`the rack ships no ${id}`);
  return structuredClone({ ...line.entry, ...facts });
}

/** Sheet for the kiln in a colour, made to go with the clear one: its number and its softening are near. */
const sheet = (
  id: string,
  name: string,
  look: RackEntry['look'],
  holds: string[],
  seen: NonNullable<RackEntry['seen']>,
  expansion = 90e-7,
): RackEntry => ({
  id,
  kind: 'colour',
  name,
  family: 'soft',
  values: {
    expansion: { sheet: expansion },
    strainPoint: { sheet: 481 },
    annealing: { sheet: 514 },
    softening: { sheet: 685 },
  },
  sheetFrom: 'the sheet’s label',
  holds,
  look,
  strikes: false,
  keepOffFood: false,
  seen,
  forms: ['sheet', 'frit', 'powder'],
  stock: [],
  retired: false,
});

/** Entries kept on an empty rack. */
export const DEMO_ENTRIES: readonly RackEntry[] = [
  sheet('ebb-sheet', 'Ebb sheet', 'transparent', ['Cu'], {
    sample: 0.003,
    through: [0.3, 0.72, 0.74],
    body: [0, 0, 0],
  }),
  sheet(
    'wrack-sheet',
    'Wrack sheet',
    'transparent',
    ['Fe', 'Cr'],
    {
      sample: 0.003,
      through: [0.24, 0.42, 0.16],
      body: [0, 0, 0],
    },
    90.3e-7,
  ),
  sheet(
    'sandbar-sheet',
    'Sandbar sheet',
    'opaque',
    ['Ti'],
    {
      sample: 0.001,
      through: [0.1, 0.08, 0.05],
      body: [0.78, 0.68, 0.5],
    },
    89.6e-7,
  ),
  {
    id: 'quay-clear',
    kind: 'glass',
    name: 'Quay clear, this furnace',
    family: 'soft',
    values: {
      expansion: { sheet: 96e-7, measured: 95.6e-7 },
      annealing: { sheet: 504 },
      softening: { sheet: 688 },
      working: { sheet: 1002 },
      density: { measured: 2492 },
    },
    sheetFrom: 'sheet that came with the pellets',
    measuredHow: 'thread against the old pot, mean of five; density by weighing in water',
    composition: { SiO2: 73, Al2O3: 0.5, CaO: 4, MgO: 2, Na2O: 18.5, BaO: 2 },
    holds: [],
    look: 'transparent',
    strikes: false,
    keepOffFood: false,
    forms: ['pot'],
    stock: [{ form: 'pot', mass: 140 }],
    retired: false,
  },
  over('harbour-milk', {
    values: { expansion: { sheet: 94.5e-7 } },
    sheetFrom: 'supplier’s list, spring',
    stock: [
      { form: 'powder', mass: 0.35, lot: 'HM-3' },
      { form: 'bar', length: 0.22, diameter: 0.028, lot: 'HM-2' },
    ],
  }),
  over('sea-mist', {
    stock: [{ form: 'bar', length: 0.18, diameter: 0.028, lot: 'SM-11' }],
  }),
  over('deep-water', {
    values: { expansion: { sheet: 95e-7, measured: 95.8e-7 } },
    sheetFrom: 'supplier’s list, spring',
    measuredHow: 'thread, lot DW-5',
    stock: [{ form: 'bar', length: 0.4, diameter: 0.028, lot: 'DW-5' }],
    notes: 'Near black over 3 mm: a finger of bar is plenty.',
  }),
  {
    id: 'net-loft',
    kind: 'colour',
    name: 'Net loft',
    family: 'soft',
    values: { expansion: { sheet: 97e-7 }, softening: { sheet: 671 } },
    sheetFrom: 'label on the jar',
    holds: ['Cu', 'Fe'],
    look: 'opaque',
    strikes: false,
    keepOffFood: false,
    seen: { sample: 0.001, through: [0.05, 0.09, 0.08], body: [0.08, 0.32, 0.31] },
    forms: ['powder', 'frit'],
    stock: [{ form: 'powder', mass: 0.12 }],
    retired: false,
  },
  {
    id: 'old-amber',
    kind: 'colour',
    name: 'Old amber',
    family: 'soft',
    values: { expansion: { sheet: 92e-7 } },
    sheetFrom: 'label, supplier gone',
    holds: ['Fe', 'S'],
    look: 'transparent',
    strikes: false,
    keepOffFood: false,
    seen: { sample: 0.003, through: [0.75, 0.4, 0.05], body: [0, 0, 0] },
    forms: ['bar'],
    stock: [],
    notes: 'Checked on two bowls out of five.',
    retired: true,
  },
];

const thread = (bow: number, inside: 'first' | 'second'): NewTest['reading'] => ({
  kind: 'thread',
  length: 0.3,
  bow,
  inside,
  first: 0.0005,
  second: 0.00055,
  bowError: 0.0003,
  lengthError: 0.001,
  thicknessError: 0.00005,
});

/** Tests kept on an empty rack, oldest first. */
export const DEMO_TESTS: readonly NewTest[] = [
  {
    first: 'harbour-milk',
    second: 'soft-batch-96',
    lot: 'HM-3',
    reading: thread(0.0009, 'second'),
  },
  {
    first: 'deep-water',
    second: 'soft-batch-96',
    lot: 'DW-5',
    reading: thread(0.0003, 'second'),
  },
  {
    first: 'net-loft',
    second: 'quay-clear',
    reading: {
      kind: 'chip',
      halo: { by: 'retardation', nmPerCm: 95, error: 10 },
      around: 'pressed',
    },
  },
];
