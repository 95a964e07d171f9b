// The step that is now, to be read from two metres: what, on which part, the number to reach, how long, and where it can hurt.
import { trNodes } from '../../words/trNodes';
import type { StepStands } from '@zanfirico/core/making';
import type { Derived } from '@zanfirico/core/piece';
import { inWords } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { STEPS, type WorkStep } from '@zanfirico/core/work';
import { kindOf, stepName } from '../../marks/braid/stepNames';
import { clockText } from '../../marks/braid/strands';
import { useDisplay } from '../../stores/display';
import { ofParts, Reach } from './Reach';

/** So many times as long as planned, and the bench is behind. */
const BEHIND = 1.5;

interface Props {
  readonly step: WorkStep;
  readonly stands: StepStands<WorkStep>;
  readonly place: number;
  readonly steps: readonly WorkStep[];
  /** s */
  readonly took: number;
  readonly derived: Extract<Derived, { ok: true }> | undefined;
  /** Whose hands it takes, by name, the one who leads it first. */
  readonly hands: readonly string[];
  /** In the fire or out of it since how long, s; told here where its own large clock is further down. */
  readonly fire: { readonly inFire: boolean; readonly since: number | undefined };
}

export function NowStep({ step, stands, place, steps, took, derived, hands, fire }: Props) {
  const units = useDisplay((s) => s.units);
  const { caution } = STEPS[kindOf(step)];
  return (
    <section aria-label={tr`Now`} aria-live="polite">
      <p className="quiet text-lg">
        {trNodes`step ${(<span className="num">{place + 1}</span>)} of ${(<span className="num">{steps.length}</span>)}`}
        {stands.again > 0 && tr`, again`}
        {stands.putIn && tr`, put in`}
        {hands.length > 1 && `, ${hands.join(tr` with `)}`}
      </p>
      <h2 className="text-6xl leading-[1.05] max-sm:text-4xl xl:text-8xl">{stepName(step)}</h2>
      <p className="mt-2 text-3xl max-sm:text-xl xl:text-4xl">
        {ofParts(step, derived)}
        <Reach step={step} place={place} steps={steps} derived={derived} />
      </p>
      <p className="mt-4 text-2xl xl:text-3xl">
        {fire.since !== undefined && (
          <b className="num text-primary mr-4 sm:hidden">
            {`${fire.inFire ? tr`in the fire` : tr`out of it`} ${clockText(fire.since)}`}
          </b>
        )}
        <span className="num">{clockText(took)}</span>
        <span className="quiet">
          {' '}
          {trNodes`of some ${(<span className="num">{clockText(step.seconds)}</span>)}`}
          {took > BEHIND * step.seconds && step.seconds > 0 && tr`: behind the plan`}
        </span>
      </p>
      {caution !== undefined && (
        <p className="mt-2 text-xl italic">! {inWords(caution(), units)}</p>
      )}
      {step.note !== undefined && <p className="mt-2 text-xl">{inWords(step.note, units)}</p>}
    </section>
  );
}
