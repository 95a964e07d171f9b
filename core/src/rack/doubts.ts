// What of an entry is worth a second look though it can be kept: oxides and sheet that tell two stories, a strain point too near.
import type { RackEntry } from '@zanfirico/contract/rack';
import { tr, trWord } from '../words/tr';
import type { Verdict } from '../units/why';
import { curveStrain, rising, safeEstimate, type SpokenValues } from './resolve';

/** A strain point lies at least so far under the annealing point, K: 25 to 45 in the tables (NIST 710, 711, 717, from memory). */
const LEAST_UNDER = 20;
/** A strain point so far off the glass's own curve is of another glass, K; extrapolated ones lie up to 15 lower. */
const OFF_CURVE = 25;
/** Oxides disagree with a point beyond twice what both may be off: the model by its error, a sheet by some kelvin (from memory). */
const ERRORS = 2;
const SHEET_ERROR = 5;

const SAYS = {
  strainPoint: 'strain point',
  annealing: 'annealing point',
  softening: 'softening point',
  working: 'working point',
} as const;

type Doubt = Exclude<Verdict, { verdict: 'good' }>;

const doubt = (because: string, remedy: string): Doubt => ({ verdict: 'watch', because, remedy });
const degrees = (v: number): string => `${v.toFixed(0)} °C`;

/** Everything worth a second look, each with both numbers. Empty for an entry that agrees with itself. */
export function doubtsOf(
  entry: Pick<RackEntry, 'family' | 'kind' | 'values' | 'composition'>,
  spoken: SpokenValues,
): readonly Doubt[] {
  if (entry.family === 'other') return [];
  const { strainPoint: strain, annealing } = spoken;
  const doubts: Doubt[] = [];
  const under = annealing.value - strain.value;
  if (under > 0 && under < LEAST_UNDER)
    doubts.push(
      doubt(
        tr`The strain point, ${degrees(strain.value)}, is only ${under.toFixed(0)} K under the annealing point, ${degrees(annealing.value)}.`,
        tr`Glasses have 25 to 45 K between them: look at the sheet again, or leave the strain point to the curve.`,
      ),
    );
  if (entry.kind === 'glass' && entry.values.strainPoint && rising(spoken)) {
    const curve = curveStrain((q) => spoken[q].value);
    if (Math.abs(curve - strain.value) > OFF_CURVE)
      doubts.push(
        doubt(
          tr`The strain point is given as ${degrees(strain.value)}, and the curve through the other points has it at ${degrees(curve)}.`,
          tr`One of the four belongs to another glass: look at the sheet again.`,
        ),
      );
  }
  return [...doubts, ...againstOxides(entry)];
}

/** What the sheet or a measurement says, beside what the oxides do. */
function againstOxides({
  composition,
  values,
}: Pick<RackEntry, 'values' | 'composition'>): readonly Doubt[] {
  // A composition that cannot be estimated is refused, with its reason, by `checkEntry`.
  const guess = composition ? safeEstimate(composition) : {};
  const found: Doubt[] = [];
  for (const q of ['annealing', 'softening', 'working', 'strainPoint'] as const) {
    const given = values[q]?.measured ?? values[q]?.sheet;
    const told = guess[q];
    if (
      given === undefined ||
      !told ||
      Math.abs(given - told.value) <= ERRORS * Math.hypot(told.error, SHEET_ERROR)
    )
      continue;
    found.push(
      doubt(
        tr`Its ${trWord(SAYS[q])} is given as ${degrees(given)}; its oxides would have it at ${degrees(told.value)} ± ${told.error.toFixed(0)} K.`,
        tr`The sheet and the oxides are of two glasses: look which is yours. The given one is used.`,
      ),
    );
  }
  const given = values.expansion?.measured ?? values.expansion?.sheet;
  const told = guess.expansion;
  if (given !== undefined && told && Math.abs(given - told.value) > ERRORS * told.error)
    found.push(
      doubt(
        tr`Its expansion is given as ${coe(given)}; its oxides would have it at ${coe(told.value)} ± ${coe(told.error)} (×10⁻⁷/K).`,
        tr`The sheet and the oxides are of two glasses: look which is yours. The given one is used.`,
      ),
    );
  return found;
}

const coe = (v: number): string => (v * 1e7).toFixed(1);
