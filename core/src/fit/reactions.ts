// Glasses that darken where they touch, and which of two moves first at a heat.
import { tr, trSense, type Said } from '../words/tr';

/** What a glass holds that matters to its neighbours. */
export interface Chemistry {
  /** Colouring metals and the like, as chemical symbols. */
  readonly holds: readonly string[];
}

/** These give sulphides and selenides to … (common practice, no source; W. A. Weyl, *Coloured Glasses*, 1951, on the colours). */
const GIVERS = ['S', 'Se', 'Cd'];
/** … these, which go dark. */
const TAKERS = ['Cu', 'Pb', 'Ag'];

/**
 * The side of the reaction a glass stands on: it gives (sulphur, selenium, cadmium), takes (copper, lead, silver), or neither.
 *
 * @example reactionFamily({ holds: ['Cu'] }) // 'takes'
 */
export function reactionFamily({ holds }: Chemistry): 'gives' | 'takes' | 'both' | 'neither' {
  const gives = GIVERS.some((g) => holds.includes(g));
  const takes = TAKERS.some((t) => holds.includes(t));
  return gives && takes ? 'both' : gives ? 'gives' : takes ? 'takes' : 'neither';
}

/** A dark line where two glasses touch. */
export interface Reaction {
  readonly giver: string;
  readonly taker: string;
  readonly says: string;
}

const NAMES: Readonly<Record<string, Said>> = {
  S: () => tr`sulphur`,
  Se: () => tr`selenium`,
  Cd: () => tr`cadmium`,
  Cu: () => tr`copper`,
  Pb: () => trSense('lead', 'metal'),
  Ag: () => tr`silver`,
};

/**
 * Do two neighbours react, either way round?
 *
 * @example reaction({ holds: ['S'] }, { holds: ['Pb'] })?.taker // 'Pb'
 */
export function reaction(a: Chemistry, b: Chemistry): Reaction | undefined {
  for (const [x, y] of [
    [a, b],
    [b, a],
  ] as const) {
    const giver = GIVERS.find((g) => x.holds.includes(g));
    const taker = TAKERS.find((t) => y.holds.includes(t));
    if (giver !== undefined && taker !== undefined)
      return {
        giver,
        taker,
        says: tr`The ${NAMES[giver]?.() ?? giver} of one and the ${NAMES[taker]?.() ?? taker} of the other darken where they touch. A layer of clear between them stops it.`,
      };
  }
  return undefined;
}

/** Softening points this near move together, K. */
const TOGETHER = 15;

/** Which of two moves first at a heat, from their softening points, °C. */
export function movesFirst(
  a: { readonly name: string; readonly softening: number },
  b: { readonly name: string; readonly softening: number },
): string | undefined {
  const apart = a.softening - b.softening;
  if (Math.abs(apart) <= TOGETHER) return undefined;
  const [soft, stiff] = apart < 0 ? [a, b] : [b, a];
  return tr`The ${soft.name} is softer by ${Math.round(Math.abs(apart))} K: it moves first and blows thin; the ${stiff.name} resists and stays thicker.`;
}
