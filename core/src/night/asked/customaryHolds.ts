// The holds the schools swear by, where they make sense for a glass. Common practice, no source.
import type { Glass } from '../../glass/glass';
import { fitVft, logViscosity } from '../../glass/viscosity';

/** Soft glass at 900, 925, 950 or 1000 °F, hard glass at 1050 °F (TRADE §10), °F. */
const SCHOOLS = { soft: [900, 925, 950, 1000], hard: [1050] } as const;
/** At a hold glass relaxes within the night and stands: its viscosity lies between these, log₁₀ Pa·s. From memory. */
const STIFFEST = 13.6;
const SOFTEST = 10.5;

/** A customary hold. */
export interface CustomaryHold {
  /** As the shop says it. */
  readonly fahrenheit: number;
  /** °C */
  readonly at: number;
}

/** Customary holds for a glass, coolest first: those of its family at which it relaxes and stands; none where none does. */
export function customaryHolds(
  glass: Pick<Glass, 'family' | 'annealing' | 'softening' | 'working'>,
): readonly CustomaryHold[] {
  const vft = fitVft(glass);
  return SCHOOLS[glass.family].flatMap((fahrenheit): CustomaryHold[] => {
    const at = ((fahrenheit - 32) * 5) / 9;
    const log = logViscosity(vft, at);
    return log >= SOFTEST && log <= STIFFEST ? [{ fahrenheit, at }] : [];
  });
}
