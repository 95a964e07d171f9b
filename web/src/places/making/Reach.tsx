// What a step is of, and the number to reach in it.
import type { Derived } from '@zanfirico/core/piece';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { factsOf, STEPS, type WorkStep } from '@zanfirico/core/work';
import { kindOf } from '../../marks/braid/stepNames';
import { useDisplay } from '../../stores/display';

/** "the bowl", "the bowl to the stem"; nothing where there is one part. */
export function ofParts(
  step: WorkStep,
  derived: Extract<Derived, { ok: true }> | undefined,
): string {
  const { parts = [] } = derived ?? {};
  if (parts.length < 2) return '';
  const name = parts[step.part]?.name ?? '';
  const to = step.to === undefined ? undefined : parts[step.to]?.name;
  return to === undefined ? name : tr`${name} to ${to}`;
}

/** The number to reach: what a gather brings and how wide it is then, the block to take; else in which heat it is done. */
export function Reach({
  step,
  place,
  steps,
  derived,
}: {
  readonly step: WorkStep;
  readonly place: number;
  readonly steps: readonly WorkStep[];
  readonly derived: Extract<Derived, { ok: true }> | undefined;
}) {
  const units = useDisplay((s) => s.units);
  if (step.kind === 'gather') {
    const n = steps
      .slice(0, place)
      .filter((s) => s.kind === 'gather' && s.part === step.part).length;
    const g = derived?.parts[step.part]?.gathers?.gathers[n];
    return (
      g && (
        <span className="num block">
          {tr`${printText(g.brings, 'mass', units)} more, calipers ${printText(g.diameter, 'length', units)}`}
          {g.block !== undefined && tr`, block ${printText(g.block, 'length', units)}`}
        </span>
      )
    );
  }
  // A heat is for what comes after it.
  if (factsOf(step).does === 'heat') return null;
  const { needs } = STEPS[kindOf(step)];
  const band = step.needs ?? needs;
  return band && <span className="quiet block">{tr`while it is ${trWord(band)}`}</span>;
}
