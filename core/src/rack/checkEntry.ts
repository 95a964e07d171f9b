// What an entry may still get wrong when every number is one a glass could have.
import type { Quantity, RackEntry } from '@zanfirico/contract/rack';
import { tr, trWord, type Said } from '../words/tr';
import { fitVft } from '../glass/viscosity';
import { estimate } from './estimate';
import type { SpokenValues } from './resolve';

/** A problem by field, in one sentence with its remedy. */
export interface EntryProblem {
  readonly field: string;
  readonly given: string;
  readonly message: string;
}

const POINTS = ['strainPoint', 'annealing', 'softening', 'working'] as const;
const SAYS: Readonly<Record<(typeof POINTS)[number], Said>> = {
  strainPoint: () => tr`Strain point`,
  annealing: () => tr`Annealing point`,
  softening: () => tr`Softening point`,
  working: () => tr`Working point`,
};
const BY = {
  measured: 'measured',
  sheet: 'from the sheet',
  composition: 'from the composition',
  representative: 'only representative: type your own',
} as const;

/** A glass's own T₀ lies at least so far below its annealing point, K (150 to 350 for silicate glasses). From memory. */
const STEEPEST = 100;

/** Fixed points out of order, a curve no glass has, a composition that does not add up. */
export function checkEntry(entry: RackEntry, spoken: SpokenValues): EntryProblem[] {
  const problems: EntryProblem[] = [];
  if (entry.family !== 'other') {
    for (let i = 1; i < POINTS.length; i += 1) {
      const low = POINTS[i - 1] as (typeof POINTS)[number];
      const high = POINTS[i] as (typeof POINTS)[number];
      const [a, b] = [spoken[low], spoken[high]];
      if (a.value < b.value) continue;
      const [field, other] = a.by === 'representative' ? [high, low] : [low, high];
      problems.push({
        field: `values.${field}`,
        given: degrees(spoken[field].value),
        message: tr`${SAYS[low]()} ${degrees(a.value)} (${trWord(BY[a.by])}) must lie below the ${SAYS[high]().toLowerCase()} ${degrees(b.value)} (${trWord(BY[b.by])}). Mend the ${SAYS[other]().toLowerCase()} or the ${SAYS[field]().toLowerCase()}.`,
      });
    }
    if (problems.length === 0) {
      const points = pick(spoken);
      const vft = fitVft(points);
      if (!(vft.b > 0 && vft.t0 < points.annealing - STEEPEST))
        problems.push({
          field: 'values.softening',
          given: degrees(points.softening),
          message: tr`No glass stiffens like this: annealing ${degrees(points.annealing)}, softening ${degrees(points.softening)}, working ${degrees(points.working)}. The softening point usually lies 150 to 270 °C above the annealing point, the working point 280 to 440 °C above that.`,
        });
    }
  }
  if (entry.composition)
    try {
      estimate(entry.composition);
    } catch (error) {
      problems.push({
        field: 'composition',
        given: Object.keys(entry.composition).join(', '),
        message: error instanceof Error ? error.message : tr`The composition cannot be read.`,
      });
    }
  return problems;
}

const degrees = (v: number): string => `${String(Math.round(v))} °C`;
const pick = (spoken: SpokenValues): Record<'annealing' | 'softening' | 'working', number> => {
  const at = (q: Quantity): number => spoken[q].value;
  return { annealing: at('annealing'), softening: at('softening'), working: at('working') };
};
