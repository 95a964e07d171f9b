// One person's screen of a making: their own next job with a count-down, what they hold meanwhile, and the calls they answer with.
import { trNodes } from '../../words/trNodes';
import { tr, trWord } from '@zanfirico/core/words';
import type { Derived } from '@zanfirico/core/piece';
import type { Happens } from '../../making/useMaking';
import type { CrewNow } from '../../making/crewNow';
import { clockText } from '../../marks/braid/strands';
import { JobWords } from './JobWords';

/** What a helper calls back; one tap each. */
const CALLS = ['ready', 'coming', 'in'] as const;
interface Props {
  readonly now: CrewNow;
  readonly derived: Extract<Derived, { ok: true }> | undefined;
  readonly onHappen: (what: Happens) => void;
}

export function HelperLane({ now: { person, job, holds }, derived, onHappen }: Props) {
  return (
    <section
      aria-label={tr`For the ${person.name}`}
      className="border-base-300 mt-5 border-t pt-3"
      aria-live="polite"
    >
      <p className="quiet text-lg">{tr`for the ${person.name}`}</p>
      {holds && (
        <p role="status" className="text-warning text-4xl leading-tight max-sm:text-2xl">
          {trNodes`Hold the ${derived?.parts[holds.part]?.name ?? tr`glass`} and flash it: ${(<span className="num">{clockText(holds.wantedIn)}</span>)}`}
        </p>
      )}
      {job ? (
        <p className="text-5xl leading-tight max-sm:text-3xl">
          <JobWords job={job} derived={derived} />
        </p>
      ) : (
        <p className="text-3xl">{tr`Nothing more in this piece.`}</p>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        {job?.own === true && (
          <button
            type="button"
            className="btn btn-primary h-16 px-6 text-2xl"
            onClick={() => {
              onHappen({
                kind: 'step',
                what: job.now && !job.assumed ? 'done' : 'begun',
                step: job.step.id,
              });
            }}
          >
            {job.now && !job.assumed ? tr`Done` : tr`I begin`}
          </button>
        )}
        {CALLS.map((call) => (
          <button
            key={call}
            type="button"
            className="btn btn-outline h-16 px-6 text-2xl"
            onClick={() => {
              onHappen({ kind: 'call', says: `${person.name}: ${call}` });
            }}
          >
            {trWord(call)}
          </button>
        ))}
      </div>
    </section>
  );
}
