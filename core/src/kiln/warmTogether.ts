// Warm for the furnace: bars, canes, murrine and blanks in one kiln, as quickly as the slowest of them bears, ready at a clock time.
import type { Recipe } from '@zanfirico/contract/shop';
import { tr } from '../words/tr';
import type { Box } from '../night/box';
import { rated, recipeCurve } from '../night/asked/recipe';
import { warming } from '../night/asked/warming';
import type { Body } from '../conduction/lattice';
import type { Glass } from '../glass/glass';
import { fitVft, logViscosity } from '../glass/viscosity';

/** One thing to be picked up, cold. m. */
export interface ToWarm {
  readonly name: string;
  readonly glass: Glass;
  readonly thick: number;
  /** A bar or cane warms from all round, a slice or blank from two sides, what lies flat from above. */
  readonly body: Extract<Body, 'cylinder' | 'slab' | 'oneSided'>;
}

/** What each asks by itself. */
export interface WarmsAlone {
  readonly rate: number;
  readonly soak: number;
  /** At the heat it is picked up at it gives under its own weight. */
  readonly slumps: boolean;
  /** It is still so cold that it is brittle where the iron touches it. */
  readonly brittle: boolean;
}

/** All of it. K/s, s. */
export interface WarmsTogether {
  readonly alone: readonly WarmsAlone[];
  readonly recipe: Recipe;
  /** From cold until it can be picked up. */
  readonly seconds: number;
  /** Place of the one that sets the climb, and of the one that sets the soak. */
  readonly slowest: number;
  readonly longest: number;
}

/** Softer than this it marks and slumps on its shelf, stiffer than this it cracks at the iron; log10 Pa·s. Common practice, no source. */
const SLUMPS = 9.5;
const BRITTLE = 13.5;

/** Throws a RangeError where nothing is to be warmed, or one stands no climb at all. */
export function warmTogether(things: readonly ToWarm[], box: Box, to: number): WarmsTogether {
  if (things.length === 0)
    throw new RangeError(tr`Nothing is in the kiln: put a bar, cane or blank in.`);
  const alone = things.map(({ glass, thick, body }): WarmsAlone => {
    const w = warming(
      {
        glass,
        wall: { thickest: thick, stepThick: thick, stepThin: thick, body },
      },
      box,
      box.room,
      to,
    );
    const stiff = logViscosity(fitVft(glass), to);
    return {
      rate: w.rate,
      soak: w.recipe.lines[0]?.hold ?? 0,
      slumps: stiff < SLUMPS,
      brittle: stiff > BRITTLE,
    };
  });
  const slowest = alone.reduce((s, a, i) => (a.rate < (alone[s]?.rate ?? Infinity) ? i : s), 0);
  const longest = alone.reduce((s, a, i) => (a.soak > (alone[s]?.soak ?? -1) ? i : s), 0);
  const recipe: Recipe = {
    name: tr`Warm for the furnace`,
    start: box.room,
    lines: [{ ...rated(to, alone[slowest]?.rate), hold: alone[longest]?.soak ?? 0 }],
  };
  const { time } = recipeCurve(recipe, box);
  return { alone, recipe, seconds: time[time.length - 1] ?? 0, slowest, longest };
}
