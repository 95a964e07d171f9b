// What a pot becomes when something gets into it that should not: its tint at depths, its expansion, and how many charges thin it out.
import type { Seen } from '@zanfirico/contract/rack';
import type { Light } from '../fit/colourDepth';
import { chargesUntil, mixed, through } from './mixing';

/** What got in: how it colours light, how it expands. */
export interface GotIn {
  /** Undefined for glass as clear as the pot's own. */
  readonly seen: Pick<Seen, 'sample' | 'through'> | undefined;
  readonly expansion: number;
}

/** What comes of it. */
export interface Spoilt {
  /** Of the whole. */
  readonly share: number;
  /** Light that comes through so much of it, of one, beside its depth, m. */
  readonly looks: readonly { readonly depth: number; readonly light: Light }[];
  /** The mixture's, 1/K: by mass, between the two. */
  readonly expansion: number;
  /** Charges until it is no longer to be seen; undefined where charges bring nothing, 0 where it never was. */
  readonly charges: number | undefined;
}

/** Depths it is looked at, m. */
const DEPTHS = [0.005, 0.02, 0.05];
/** Seen no more when so little light is missing at this depth. */
const UNSEEN = 0.01;
const LOOKED_AT = 0.02;
const DARKEST = 1e-6;

/**
 * `mass` of it in a pot that holds `there` (kg) of a glass that expands by `expansion`; each charge brings so great a share of the pot
 * anew. Mixed through, which a pot takes a day of bubbling to be; what only scatters (opal) is told by what it lets through.
 */
export function spoilt(
  mass: number,
  got: GotIn,
  there: number,
  expansion: number,
  charge: number,
): Spoilt {
  const { holds } = mixed([
    { mass: there, holds: { own: 1, expansion } },
    { mass, holds: { it: 1, expansion: got.expansion } },
  ]);
  const share = holds['it'] ?? 0;
  const { seen } = got;
  const per = (c: 0 | 1 | 2): number =>
    seen ? -Math.log(Math.min(1, Math.max(DARKEST, seen.through[c]))) / seen.sample : 0;
  const absorbs = [per(0), per(1), per(2)] as const;
  const most = Math.max(...absorbs) * share * LOOKED_AT;
  const gone = -Math.log(1 - UNSEEN);
  return {
    share,
    looks: DEPTHS.map((depth) => ({ depth, light: through(absorbs, share, depth) })),
    expansion: holds['expansion'] ?? expansion,
    charges: most <= gone ? 0 : chargesUntil(gone / most, charge),
  };
}
