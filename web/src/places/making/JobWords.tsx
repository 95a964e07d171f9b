// Somebody's next job in words: which, of what, and when.
import { tr } from '@zanfirico/core/words';
import type { Derived } from '@zanfirico/core/piece';
import type { Job } from '../../making/crewNow';
import { stepName } from '../../marks/braid/stepNames';
import { clockText } from '../../marks/braid/strands';
import { ofParts } from './Reach';

/** A job this near is for now, s. */
const NOW = 5;

/** "now", "in 0:40", "at it 0:12". */
const when = (job: Job): string =>
  job.now && !job.assumed
    ? tr`at it ${clockText(job.in)}`
    : job.now || job.in < NOW
      ? tr`now`
      : `in ${clockText(job.in)}`;

export const JobWords = ({
  job,
  derived,
}: {
  readonly job: Job;
  readonly derived: Extract<Derived, { ok: true }> | undefined;
}) => (
  <>
    {stepName(job.step)} <span className="quiet">{ofParts(job.step, derived)}</span>{' '}
    <b className={`num ${job.now || job.in < NOW ? 'text-primary' : ''}`}>{when(job)}</b>
  </>
);
