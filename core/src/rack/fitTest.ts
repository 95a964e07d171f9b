// Tests of two glasses against each other: what was read, and what it says of how differently they shrink.
import type { ChipReading, ThreadReading } from '@zanfirico/contract/rack';
import { inclusionStress } from '../fit/inclusion';
import { setFall } from '../fit/judgeStack';
import { fromDiscs, retardation, stressFrom } from '../fit/polarised';
import { differenceFrom, type Difference } from '../fit/thread';

/** A test kept for a pair. `counts` is false once it was set aside. */
export interface FitTest {
  readonly first: string;
  readonly second: string;
  readonly reading: ThreadReading | ChipReading;
  readonly counts: boolean;
}

/** What a test asks of its two glasses. */
export interface TestGlass {
  readonly youngsModulus: number;
  readonly poisson: number;
  readonly strainPoint: number;
  readonly stressOptical: number;
}

/** Around a sunk chip the pull runs round it and the press towards it: their difference is 3/2 of the pressure (Selsing 1961). */
const HALO = 1.5;

/** Difference of expansion, first less second, 1/K, with its uncertainty. */
export function testedDifference(
  reading: ThreadReading | ChipReading,
  first: TestGlass,
  second: TestGlass,
): Difference {
  const fall = setFall([first, second]);
  if (reading.kind === 'thread')
    return differenceFrom(
      {
        length: reading.length,
        thickness: [reading.first, reading.second],
        youngsModuli: [first.youngsModulus, second.youngsModulus],
        fall,
      },
      {
        bow: reading.inside === 'first' ? reading.bow : -reading.bow,
        bowError: reading.bowError,
        lengthError: reading.lengthError,
        thicknessError: reading.thicknessError,
      },
    );
  const { halo } = reading;
  const [seen, error] =
    halo.by === 'retardation'
      ? [halo.nmPerCm, halo.error]
      : [fromDiscs(halo.discs, halo.thickness), fromDiscs(halo.error, halo.thickness)];
  // p = ΔαΔT/give (Selsing 1961), read backwards.
  const give =
    (1 + second.poisson) / (2 * second.youngsModulus) +
    (1 - 2 * first.poisson) / first.youngsModulus;
  const per = (give / fall / HALO) * stressFrom(1, second.stressOptical);
  const sign = reading.around === 'pulled' ? -1 : 1;
  return { value: sign * seen * per, error: error * per };
}

/** The halo two numbers let expect round a sunk chip, nm/cm, and what the glass round it is. */
export function expectedHalo(
  first: TestGlass & { readonly expansion: number },
  second: TestGlass & { readonly expansion: number },
): { readonly nmPerCm: number; readonly around: 'pulled' | 'pressed' } {
  const { pressure } = inclusionStress({ ...first, radius: 1 }, second, setFall([first, second]));
  return {
    nmPerCm: retardation(Math.abs(pressure) * HALO, second.stressOptical),
    around: pressure >= 0 ? 'pulled' : 'pressed',
  };
}

/** Several tests of one pair as one: the mean weighed by 1/error² (GUM, JCGM 100:2008). An error of 0 is taken as a hair. */
export function weighedTogether(found: readonly Difference[]): Difference | undefined {
  const HAIR = 1e-10;
  const weights = found.map((d) => 1 / Math.max(d.error, HAIR) ** 2);
  const sum = weights.reduce((a, b) => a + b, 0);
  if (!(sum > 0)) return undefined;
  return {
    value: found.reduce((s, d, i) => s + d.value * (weights[i] as number), 0) / sum,
    error: 1 / Math.sqrt(sum),
  };
}
