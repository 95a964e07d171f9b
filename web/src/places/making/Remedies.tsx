// What is usually done about a mishap: put in with one tap, or gone on without.
import { tr } from '@zanfirico/core/words';
import { STEPS, type StepId } from '@zanfirico/core/work';

interface Props {
  readonly steps: readonly StepId[];
  /** Taken, or not. */
  readonly onDone: (taken: boolean) => void;
}

export function Remedies({ steps, onDone }: Props) {
  return (
    <section
      aria-label={tr`What is usually done`}
      className="border-base-300 flex flex-wrap items-center gap-2 border-t p-3"
    >
      <span className="quiet text-lg">{tr`usually:`}</span>
      <button
        type="button"
        className="btn btn-primary h-14 text-lg"
        onClick={() => {
          onDone(true);
        }}
      >
        {steps.map((kind) => STEPS[kind].name()).join(tr`, then `)}
      </button>
      <button
        type="button"
        className="btn btn-outline h-14 text-lg"
        onClick={() => {
          onDone(false);
        }}
      >
        {tr`Go on`}
      </button>
    </section>
  );
}
