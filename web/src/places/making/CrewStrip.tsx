// All the crew on one screen: who is wanted for what in how long, and who holds hot glass.
import { trNodes } from '../../words/trNodes';
import { tr } from '@zanfirico/core/words';
import type { Derived } from '@zanfirico/core/piece';
import type { CrewNow } from '../../making/crewNow';
import { clockText } from '../../marks/braid/strands';
import { JobWords } from './JobWords';

interface Props {
  /** Those who help; the lead's step is the screen's own. */
  readonly crew: readonly CrewNow[];
  readonly derived: Extract<Derived, { ok: true }> | undefined;
}

export function CrewStrip({ crew, derived }: Props) {
  return (
    <ul aria-label={tr`The others`} className="mt-4 text-2xl max-sm:text-lg">
      {crew.map(({ person, job, holds }) => (
        <li
          key={person.id}
          className="border-base-300 flex flex-wrap items-baseline gap-x-3 border-t py-1.5"
        >
          <span className="quiet">{person.name}</span>
          {holds && (
            <span className="text-warning">
              {trNodes`hold the ${derived?.parts[holds.part]?.name ?? tr`glass`}, flash it ${(<span className="num">{clockText(holds.wantedIn)}</span>)}`}
            </span>
          )}
          {job ? (
            <span>
              <JobWords job={job} derived={derived} />
            </span>
          ) : (
            <span className="quiet">{tr`nothing more in this piece`}</span>
          )}
        </li>
      ))}
    </ul>
  );
}
