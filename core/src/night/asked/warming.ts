// Going up: cold blanks, bars and thick pieces climb slowly. The skin is pressed and the middle pulled while it warms; nothing
// can relax until it is hot.
import type { Recipe } from '@zanfirico/contract/shop';
import { tr } from '../../words/tr';
import { strainOf } from '../../glass/viscosity';
import { allowedRate, RESTRAINT, slabEquivalent, stepLag } from '../allow';
import { surfaceExchange } from '../relaxing/exchange';
import { thermoelasticModulus } from '../../glass/glass';
import { putThrough, type Annealed, type Outcome } from '../outcome';
import { MAY_PASS } from '../practice';
import { frozenTensionPerRate } from '../ramp';
import { eveningTime } from '../soak';
import { recipeCurve } from './recipe';
import { climbAt, type Box } from '../box';

/** A climb that is sound, and what it does. */
export interface Warming {
  readonly recipe: Recipe;
  /** K/s */
  readonly rate: number;
  /** s, to the end of the soak. */
  readonly seconds: number;
  readonly outcome: Outcome;
}

const ROUNDS = 5;
const AIM = 0.95;

/** The quickest even climb from `from` to `to` °C that keeps the passing tension under half the working stress, then a soak. */
export function warming(piece: Annealed, box: Box, from: number, to: number): Warming {
  const { glass, wall, assumes } = piece;
  const passes = MAY_PASS;
  const exchange = surfaceExchange((from + to) / 3);
  const most = climbAt(box, to);
  let rate = Math.min(
    most,
    allowedRate(
      {
        wall: frozenTensionPerRate(wall.body, glass, wall.thickest),
        step:
          thermoelasticModulus(glass) *
          stepLag(glass, wall, exchange) *
          (assumes?.restraint ?? RESTRAINT),
      },
      passes,
    ),
  );
  const soak = eveningTime(glass, slabEquivalent(wall), surfaceExchange(to));
  let best: Warming | undefined;
  for (let i = 0; i < ROUNDS; i += 1) {
    const recipe: Recipe = {
      name: tr`Going up`,
      start: from,
      lines: [{ to, rate, hold: soak }],
    };
    const curve = recipeCurve(recipe, box);
    const outcome = putThrough(piece, curve, {
      closely: piece.drawn ? 'rough' : 'fine',
      start: from,
      startFictive: strainOf(glass),
    });
    const share = outcome.worst.stress / passes;
    const seconds = curve.time[curve.time.length - 1] as number;
    if (share <= 1 && (!best || rate > best.rate)) best = { recipe, rate, seconds, outcome };
    if (share <= 1 && (share > 0.9 || rate >= most)) break;
    best ??= share > 1 && i === ROUNDS - 1 ? { recipe, rate, seconds, outcome } : undefined;
    rate = Math.min(most, rate * Math.min(3, Math.max(1 / 3, AIM / Math.max(share, 1e-6))));
  }
  if (!best)
    throw new RangeError(tr`No climb was found that this piece stands; warm it in a smaller step.`);
  return best;
}
