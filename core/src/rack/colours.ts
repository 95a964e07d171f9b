// The representative colours: invented names, values within the span of the trade; replace them with your supplier's sheet.
import type { Seen } from '@zanfirico/contract/rack';
import type { Colour, ColourForm } from '../fit/colour';
import { INCLUSIONS, type Inclusion } from '../fit/inclusion';
import { lightOf, type Light } from '../fit/colourDepth';

const SOFT = { family: 'soft', youngsModulus: 69e9, poisson: 0.22, density: 2600 } as const;
const HARD = { family: 'hard', youngsModulus: 64e9, poisson: 0.2, density: 2300 } as const;
/** A blown sample of the trade's usual depth, m. From memory. */
const SAMPLE = 0.003;
/** A white, black or other dense colour is looked at thinner. */
const DENSE_SAMPLE = 0.001;
const NONE: Light = [0, 0, 0];
/** Beaten metal leaf is about so thick, m. From memory. */
export const LEAF = 2e-7;
/** No glass point: past every glass, °C. */
const NEVER = 2000;

const light = (hex: string): Light => lightOf(hex) ?? NONE;
const clear = (through: string, sample = SAMPLE): Seen => ({
  sample,
  through: light(through),
  body: NONE,
});
const dense = (body: string, through = '#4a4a4a'): Seen => ({
  sample: DENSE_SAMPLE,
  through: light(through),
  body: light(body),
});

const colour = (
  id: string,
  name: string,
  kind: typeof SOFT | typeof HARD,
  points: number,
  strainPoint: number,
  softening: number,
  holds: readonly string[],
  look: Colour['look'],
  seen: Seen,
  more: { strikes?: true; density?: number } = {},
): Colour => ({
  ...kind,
  id,
  name,
  expansion: points * 1e-7,
  strainPoint,
  softening,
  holds,
  look,
  seen,
  strikes: more.strikes === true,
  keepOffFood: holds.includes('Cd') || holds.includes('Pb'),
  forms:
    kind.family === 'hard'
      ? ['thin rod', 'tubing', 'frit', 'powder']
      : look === 'transparent'
        ? ['bar', 'frit', 'powder']
        : ['powder', 'frit', 'bar'],
  ...(more.density !== undefined && { density: more.density }),
});

/** A metal or a mineral: no glass, so no points of its own. */
const other = (
  id: string,
  name: string,
  like: Omit<Inclusion, 'radius'>,
  holds: readonly string[],
  density: number,
  body: string,
  forms: readonly ColourForm[],
): Colour => ({
  id,
  name,
  family: 'other',
  expansion: like.expansion,
  youngsModulus: like.youngsModulus,
  poisson: like.poisson,
  strainPoint: NEVER,
  softening: NEVER,
  density,
  holds,
  look: 'opaque',
  strikes: false,
  keepOffFood: false,
  // A leaf hides what is behind it.
  seen: { sample: LEAF, through: [0.05, 0.05, 0.05], body: light(body) },
  forms,
});

/** Colours shipped with the product; all from memory. */
export const REPRESENTATIVE_COLOURS: readonly Colour[] = [
  colour('deep-water', 'Deep water', SOFT, 95, 462, 684, ['Co'], 'transparent', clear('#2038a8')),
  colour('sea-mist', 'Sea mist', SOFT, 96, 460, 680, ['Cu'], 'transparent', clear('#7cc9d6')),
  colour('kelp', 'Kelp', SOFT, 97, 458, 676, ['Cu', 'Cr'], 'transparent', clear('#2f7d4a')),
  colour(
    'bottle-shore',
    'Bottle shore',
    SOFT,
    95,
    464,
    690,
    ['Fe'],
    'transparent',
    clear('#7fa463'),
  ),
  colour('mussel', 'Mussel', SOFT, 96, 461, 682, ['Mn'], 'transparent', clear('#5b2a6e')),
  colour('peat', 'Peat', SOFT, 95, 463, 686, ['Fe', 'S'], 'transparent', clear('#a8621c')),
  colour('rosehip', 'Rosehip', SOFT, 93, 446, 652, ['Au', 'Pb'], 'transparent', clear('#d65a74'), {
    strikes: true,
    density: 3100,
  }),
  colour('sea-pink', 'Sea pink', SOFT, 94, 455, 668, ['Er'], 'transparent', clear('#eab6c4')),
  colour('lichen', 'Lichen', SOFT, 97, 452, 660, ['Ag'], 'transparent', clear('#d9c04a'), {
    strikes: true,
  }),
  colour('chalk', 'Chalk', SOFT, 98, 455, 664, ['Sn'], 'opaque', dense('#f2efe6'), {
    density: 2850,
  }),
  colour('gull-grey', 'Gull grey', SOFT, 96, 459, 676, ['Mn', 'Fe'], 'opaque', dense('#8b9199')),
  colour(
    'tar',
    'Tar',
    SOFT,
    97,
    452,
    662,
    ['Mn', 'Co', 'Fe'],
    'opaque',
    dense('#0b0a0c', '#0c0b0e'),
  ),
  colour('buoy', 'Buoy', SOFT, 94, 450, 655, ['Cd', 'S'], 'opaque', dense('#f2b51d'), {
    strikes: true,
  }),
  colour('ember', 'Ember', SOFT, 94, 448, 652, ['Cd', 'Se'], 'opaque', dense('#d8431f'), {
    strikes: true,
  }),
  colour('oxide', 'Oxide', SOFT, 99, 456, 670, ['Cu'], 'opaque', dense('#7a2a1e'), {
    strikes: true,
  }),
  colour(
    'harbour-milk',
    'Harbour milk',
    SOFT,
    94,
    458,
    672,
    ['P'],
    'opalescent',
    dense('#dfe8ea', '#b9c2c4'),
  ),
  colour('tide-green', 'Tide green', SOFT, 98, 450, 656, ['Pb', 'Cu'], 'opaque', dense('#3f8f74'), {
    density: 3000,
  }),
  colour(
    'hard-deep',
    'Hard deep water',
    HARD,
    33,
    512,
    815,
    ['Co'],
    'transparent',
    clear('#22409f'),
  ),
  colour('hard-chalk', 'Hard chalk', HARD, 34, 508, 805, ['Sn'], 'opaque', dense('#efece2')),
  colour(
    'hard-lichen',
    'Hard lichen',
    HARD,
    33,
    510,
    810,
    ['Ag'],
    'transparent',
    clear('#c9a23c'),
    {
      strikes: true,
    },
  ),
  colour(
    'hard-tar',
    'Hard tar',
    HARD,
    34,
    506,
    800,
    ['Co', 'Mn'],
    'opaque',
    dense('#0a0a0d', '#0d0c10'),
  ),
  colour('hard-kelp', 'Hard kelp', HARD, 33, 511, 812, ['Cr'], 'transparent', clear('#3f7a52')),
  // Densities from the CRC Handbook, ash from memory.
  other('silver', 'Silver', INCLUSIONS.silver, ['Ag'], 10490, '#cfcfca', [
    'leaf',
    'fume',
    'inclusion',
  ]),
  other('gold', 'Gold', INCLUSIONS.gold, ['Au'], 19300, '#c99a3a', ['leaf', 'fume', 'inclusion']),
  other('copper', 'Copper', INCLUSIONS.copper, ['Cu'], 8960, '#a4552f', ['leaf', 'inclusion']),
  other('platinum', 'Platinum', INCLUSIONS.platinum, [], 21450, '#b5b5b2', ['inclusion']),
  other('hearth-ash', 'Hearth ash', INCLUSIONS.ash, [], 2600, '#a9a49a', ['inclusion']),
];
