// How another glass in the pot shifts how it works: by both glasses' oxides where they are known, else by their softening points.
import { LOG_WORKING, temperatureAtLog } from '../glass/viscosity';
import { vftFromComposition, type Composition } from '../glass/lakatos';
import { mixed } from './mixing';

/** A glass as its mixture is reckoned: its softening point, °C, and its oxides in weight per cent where they are known. */
export interface Works {
  readonly softening: number;
  readonly composition?: Readonly<Record<string, number>> | undefined;
}

/** Which of the two ways it was told by. */
export interface Stiffens {
  /** The same stiffness comes so much hotter (below nothing: colder), K. */
  readonly by: number;
  readonly from: 'oxides' | 'softening points';
}

const OXIDES = ['SiO2', 'Al2O3', 'CaO', 'MgO', 'Na2O', 'K2O'] as const;
/** The model knows the glass where no more than this is of oxides it does not know, weight per cent. From memory. */
const STRANGERS = 3;

const knows = (c: Works['composition']): c is Readonly<Record<string, number>> =>
  c !== undefined &&
  (c['SiO2'] ?? 0) > 0 &&
  Object.entries(c).reduce(
    (s, [o, v]) => s + ((OXIDES as readonly string[]).includes(o) ? 0 : v),
    0,
  ) <= STRANGERS;

const workingOf = (holds: Readonly<Record<string, number>>): number =>
  temperatureAtLog(
    vftFromComposition(Object.fromEntries(OXIDES.map((o) => [o, holds[o] ?? 0])) as Composition),
    LOG_WORKING,
  );

/**
 * A share (by mass) of `it` in the pot's `own`. By oxides: both mixed by mass, then Lakatos, the mixture's working point against the
 * pot's by the same model, so that what the model misses falls out. By softening points: the share of the way between them, as for
 * glasses of like slope; said to be so.
 */
export function stiffens(share: number, it: Works, own: Works): Stiffens {
  if (knows(it.composition) && knows(own.composition)) {
    const { holds } = mixed([
      { mass: 1 - share, holds: own.composition },
      { mass: share, holds: it.composition },
    ]);
    return { by: workingOf(holds) - workingOf(own.composition), from: 'oxides' };
  }
  return { by: share * (it.softening - own.softening), from: 'softening points' };
}
