// The rack as everything else asks it: the shipped entries, the shop's own over them, and what was tested.
import type { RackEntry } from '@zanfirico/contract/rack';
import { tr, type Said } from '../words/tr';
import { REPRESENTATIVE_COLOURS } from './colours';
import type { Colour, GlassForm } from '../fit/colour';
import type { Difference } from '../fit/thread';
import type { Glass } from '../glass/glass';
import { REPRESENTATIVE_GLASSES } from './glasses';
import {
  factsOfColour,
  factsOfGlass,
  MOLTEN_SHARE,
  resolve,
  type Speaker,
  type SpokenValues,
} from './resolve';
import { testedDifference, weighedTogether, type FitTest, type TestGlass } from './fitTest';

/** One entry worked out. A glass may lie in a wall as a layer, so it has a colour too. */
export interface RackLine {
  readonly entry: RackEntry;
  /** The shop's own, or a shipped one nobody has touched. */
  readonly own: boolean;
  readonly spoken: SpokenValues;
  readonly glass: Glass | undefined;
  readonly colour: Colour;
}

/** Everything there is to choose from. */
export interface Rack {
  readonly lines: readonly RackLine[];
  line(id: string): RackLine | undefined;
  glass(id: string): Glass | undefined;
  /** A colour, or a glass as a layer. */
  colour(id: string): Colour | undefined;
  /** What the counting tests of a pair say, first less second. */
  tested(first: string, second: string): (Difference & { readonly tests: number }) | undefined;
}

const CLEAR = { sample: 0.01, through: [0.88, 0.93, 0.91], body: [0, 0, 0] } as const;
const UNSEEN = { sample: 0.003, through: [0.3, 0.3, 0.3], body: [0, 0, 0] } as const;
const UNSEEN_DENSE = { sample: 0.001, through: [0.07, 0.07, 0.07], body: [0.4, 0.4, 0.4] } as const;

/** Shipped glasses that are not sold for the pot. Common practice, no source. */
const SOLD_AS: Readonly<Record<string, readonly GlassForm[]>> = {
  'soft-rod-104': ['rod', 'tubing'],
  'kiln-sheet-90': ['sheet'],
  'float-90': ['sheet'],
};

/** A shipped glass as an entry. */
const glassEntry = (g: Glass): RackEntry => ({
  id: g.id,
  kind: 'glass',
  name: g.name,
  family: g.family,
  values: {},
  holds: g.holds,
  look: 'transparent',
  strikes: false,
  keepOffFood: g.holds.includes('Pb'),
  forms: SOLD_AS[g.id] ?? (g.family === 'hard' ? ['rod', 'tubing'] : ['pot', 'rod']),
  stock: [],
  retired: false,
});

/** A shipped colour as an entry. */
const colourEntry = (c: Colour): RackEntry => ({
  id: c.id,
  kind: 'colour',
  name: c.name,
  family: c.family,
  values: {},
  holds: c.holds,
  look: c.look,
  strikes: c.strikes,
  keepOffFood: c.keepOffFood,
  seen: c.seen,
  forms: c.forms,
  stock: [],
  retired: false,
});

const SHIPPED: readonly RackEntry[] = [
  ...REPRESENTATIVE_GLASSES.map(glassEntry),
  ...REPRESENTATIVE_COLOURS.map(colourEntry),
];

const byId = <T extends { readonly id: string }>(all: readonly T[]): ReadonlyMap<string, T> =>
  new Map(all.map((x) => [x.id, x]));
const GLASSES = byId(REPRESENTATIVE_GLASSES);
const COLOURS = byId(REPRESENTATIVE_COLOURS);
const SOFTEST = REPRESENTATIVE_GLASSES[0] as Glass;
const HARDEST = GLASSES.get('borosilicate-33') ?? SOFTEST;

/** One entry with every value spoken for. */
export function rackLine(entry: RackEntry, own: boolean): RackLine {
  const like = GLASSES.get(entry.id) ?? (entry.family === 'hard' ? HARDEST : SOFTEST);
  const usual = COLOURS.get(entry.id) ?? usualColour(entry);
  const spoken = resolve(
    entry,
    entry.kind === 'glass' ? factsOfGlass(like) : factsOfColour(usual, like),
  );
  const v = (q: keyof SpokenValues): number => spoken[q].value;
  const seen =
    entry.seen ??
    COLOURS.get(entry.id)?.seen ??
    (entry.kind === 'glass' ? CLEAR : entry.look === 'transparent' ? UNSEEN : UNSEEN_DENSE);
  const colour: Colour = {
    id: entry.id,
    name: entry.name,
    family: entry.family,
    expansion: v('expansion'),
    youngsModulus: v('youngsModulus'),
    poisson: v('poisson'),
    strainPoint: v('strainPoint'),
    softening: v('softening'),
    stressOptical: v('stressOptical'),
    density: v('density'),
    holds: entry.holds,
    look: entry.look,
    strikes: entry.strikes,
    keepOffFood: entry.keepOffFood,
    seen,
    forms: entry.forms,
  };
  const glass: Glass | undefined =
    entry.kind === 'glass' && entry.family !== 'other'
      ? {
          id: entry.id,
          name: entry.name,
          family: entry.family,
          expansion: v('expansion'),
          strainPoint: v('strainPoint'),
          annealing: v('annealing'),
          softening: v('softening'),
          working: v('working'),
          density: v('density'),
          moltenDensity:
            spoken.density.by === 'representative'
              ? like.moltenDensity
              : v('density') * MOLTEN_SHARE,
          youngsModulus: v('youngsModulus'),
          poisson: v('poisson'),
          conductivity: v('conductivity'),
          specificHeat: v('specificHeat'),
          stressOptical: v('stressOptical'),
          holds: entry.holds,
          source: own ? sourceWords(entry, spoken) : like.source,
        }
      : undefined;
  return { entry, own, spoken, glass, colour };
}

/** A colour of no known name: its family's usual numbers. */
function usualColour(entry: RackEntry): Colour {
  const like =
    REPRESENTATIVE_COLOURS.find((c) => c.family === entry.family && c.look === entry.look) ??
    REPRESENTATIVE_COLOURS.find((c) => c.family === entry.family);
  return like ?? (REPRESENTATIVE_COLOURS[0] as Colour);
}

const SPEAKS: Readonly<Record<Speaker, Said>> = {
  measured: () => tr`measured here`,
  sheet: () => tr`supplier’s sheet`,
  composition: () => tr`estimated from the composition`,
  representative: () => tr`representative, from memory`,
};

/** In words who gives the expansion and the fixed points. */
function sourceWords(entry: RackEntry, spoken: SpokenValues): string {
  const of = (q: 'expansion' | 'annealing'): string =>
    `${SPEAKS[spoken[q].by]()}${spoken[q].by === 'sheet' && entry.sheetFrom !== undefined ? ` (${entry.sheetFrom})` : ''}`;
  const [expansion, points] = [of('expansion'), of('annealing')];
  return expansion === points
    ? tr`Expansion and points: ${points}.`
    : tr`Expansion: ${expansion}; points: ${points}.`;
}

/** Puts the shop's entries over the shipped ones; an entry of a shipped id takes its place. */
export function rackOf(entries: readonly RackEntry[], tests: readonly FitTest[]): Rack {
  const own = byId(entries);
  const lines = [
    ...SHIPPED.filter((e) => !own.has(e.id)).map((e) => rackLine(e, false)),
    ...entries.map((e) => rackLine(e, true)),
  ];
  const at = new Map(lines.map((l) => [l.entry.id, l]));
  const key = (a: string, b: string): string => `${a} ${b}`;
  const found = new Map<string, Difference[]>();
  const as = (id: string): TestGlass | undefined => {
    const c = at.get(id)?.colour;
    return c && { ...c, stressOptical: c.stressOptical ?? 0 };
  };
  for (const t of tests) {
    const [first, second] = [as(t.first), as(t.second)];
    if (!t.counts || !first || !second) continue;
    const d = testedDifference(t.reading, first, second);
    const put = (k: string, value: number): void => {
      found.set(k, [...(found.get(k) ?? []), { value, error: d.error }]);
    };
    put(key(t.first, t.second), d.value);
    put(key(t.second, t.first), -d.value);
  }
  return {
    lines,
    line: (id) => at.get(id),
    glass: (id) => at.get(id)?.glass,
    colour: (id) => at.get(id)?.colour,
    tested: (first, second) => {
      const all = found.get(key(first, second));
      const mean = all && weighedTogether(all);
      return mean && { ...mean, tests: all.length };
    },
  };
}

/** The rack as it is shipped. */
export const SHIPPED_RACK: Rack = rackOf([], []);
