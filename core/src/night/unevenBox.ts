// A piece anywhere in a box that is not even: at its hottest place glass is set later than the programme thinks, at its coldest a
// soak does less. Whatever is worse counts.
import type { Box } from './box';
import { upTo } from './kilnCurve';
import { putThrough, type Annealed, type Outcome, type Through } from './outcome';
import type { KilnCurve } from './relaxing/walkCurve';

/** What came of it, and the place it is worst at. */
export interface InBox extends Outcome {
  /** Where it keeps the most; undefined in a box that is even. */
  readonly place: 'hottest' | 'coldest' | undefined;
}

/** Where a box's unevenness is told, °C; towards the room it fades. */
const UNEVEN_AT = 500;
/** How near the worst a glance has to come for its place to be looked at again. */
const GLANCE = { closely: 'glance' } as const;
const NEARLY = 0.985;
/** A smaller difference is none, K. */
const EVEN = 0.5;

/** The programme as a place sees it that is so much hotter (or, below nothing, colder) at annealing heat, K. */
export function placeCurve(curve: KilnCurve, box: Box, hotter: number): KilnCurve {
  const share = hotter / (UNEVEN_AT - box.room);
  return {
    time: curve.time,
    temperature: Float64Array.from(curve.temperature, (v) => v + share * Math.max(0, v - box.room)),
  };
}

/**
 * Puts a piece through a programme at the box's hottest and at its coldest place, and tells the worse of each. A straight
 * difference across the piece itself leaves no stress (Timoshenko & Goodier: a temperature linear in x, y and z) and is not counted.
 */
export function putInBox(
  piece: Annealed,
  curve: KilnCurve,
  box: Box,
  through: Through = {},
): InBox {
  if (box.unevenness < EVEN) return { ...putThrough(piece, curve, through), place: undefined };
  const hot = putAtHottest(piece, curve, box, through);
  const coldCurve = placeCurve(curve, box, -box.unevenness / 2);
  const glance = putThrough(piece, coldCurve, { ...through, ...GLANCE, picture: false });
  // The coldest place is seldom the worst: it is looked at finely where it may be.
  const cold =
    glance.kept > NEARLY * hot.kept || glance.worst.stress > NEARLY * hot.worst.stress
      ? putThrough(piece, coldCurve, through)
      : glance;
  const [worse, place] =
    hot.kept >= cold.kept ? [hot, 'hottest' as const] : [cold, 'coldest' as const];
  return {
    ...worse,
    worst: hot.worst.stress >= cold.worst.stress ? hot.worst : cold.worst,
    soaked: Math.max(hot.soaked, cold.soaked),
    hottest: Math.max(hot.hottest, cold.hottest),
    flowed: Math.max(hot.flowed, cold.flowed),
    place,
  };
}

/** At one place alone; `undefined` is the middle, or anywhere in an even box. */
export function putAtPlace(
  piece: Annealed,
  curve: KilnCurve,
  box: Box,
  place: InBox['place'],
  through: Through = {},
): Outcome {
  const way = place === undefined || box.unevenness < EVEN ? 0 : place === 'hottest' ? 1 : -1;
  return putThrough(
    piece,
    way === 0 ? curve : placeCurve(curve, box, (way * box.unevenness) / 2),
    through,
  );
}

/** At the hottest place alone. */
export const putAtHottest = (
  piece: Annealed,
  curve: KilnCurve,
  box: Box,
  through: Through = {},
): Outcome => putAtPlace(piece, curve, box, 'hottest', through);

/**
 * The same for a search that asks often: the fall at the hottest place only, where a programmed fall ends soonest above what it
 * should, and of the coldest only the soak.
 */
export function putRoughly(
  piece: Annealed,
  curve: KilnCurve,
  box: Box,
  through: Through & { readonly soakEnds: number },
): Outcome {
  const hot = putAtHottest(piece, curve, box, through);
  if (box.unevenness < EVEN) return hot;
  const soak = upTo(curve, Math.max(1, through.soakEnds));
  const cold = putThrough(piece, placeCurve(soak, box, -box.unevenness / 2), {
    ...through,
    ...GLANCE,
  });
  return { ...hot, soaked: Math.max(hot.soaked, cold.soaked) };
}
