// One person's screen of a making: their own next job with a count-down, and the calls they answer with.
import type { MakingBegin } from '@zanfirico/contract';
import { factsOf, type MakingState, type WorkStep } from '@zanfirico/core';
import type { Happens } from '../../bench/useMaking';
import { stepName } from '../../marks/braid/stepNames';
import { clockText } from '../../marks/braid/strands';

type Person = NonNullable<MakingBegin['crew']>[number];

/** What a helper calls back; one tap each. */
const CALLS = ['ready', 'coming', 'in'] as const;
/** A job this near is for now, s. */
const NOW = 5;

interface Props {
  readonly person: Person;
  readonly begin: MakingBegin;
  readonly state: MakingState<MakingBegin['steps'][number]>;
  readonly steps: readonly WorkStep[];
  /** How long the step that is now has taken, s. */
  readonly took: number;
  readonly onCall: (what: Happens) => void;
}

/** The next step somebody has a hand in, and in how long by the plan's clock, moved by how the bench stands; undefined where there is none. */
function nextJob({
  person,
  begin,
  state,
  steps,
  took,
}: Omit<Props, 'onCall'>): { readonly step: WorkStep; readonly in: number } | undefined {
  const startOf = (id: string): number | undefined => {
    const i = begin.steps.findIndex((s) => s.id === id);
    return i < 0 ? undefined : begin.starts[i];
  };
  const at = state.now;
  const current = at === undefined ? undefined : state.steps[at];
  const clock = (current && startOf(current.step.id)) ?? 0;
  const mine = (s: WorkStep): boolean =>
    s.who === person.id ||
    (s.who === undefined && factsOf(s).hands.some((h) => person.skills.includes(h)));
  const i = state.steps.findIndex(
    (s, k) => (s.state === 'to come' || s.state === 'now') && mine(steps[k] as WorkStep),
  );
  const found = state.steps[i];
  const step = steps[i];
  if (!found || !step) return undefined;
  if (found.state === 'now') return { step, in: 0 };
  const start = startOf(found.step.id) ?? clock;
  // A bench that is behind its plan puts everything off: the count-down stands still until its step is done.
  return { step, in: Math.max(0, start - clock - Math.min(took, current?.step.seconds ?? 0)) };
}

export function HelperLane(props: Props) {
  const { person, onCall } = props;
  const job = nextJob(props);
  return (
    <section
      aria-label={`For the ${person.name}`}
      className="border-base-300 mt-5 border-t pt-3"
      aria-live="polite"
    >
      <p className="quiet text-lg">for the {person.name}</p>
      {job ? (
        <p className="text-5xl leading-tight max-sm:text-3xl">
          {stepName(job.step)}{' '}
          <b className={`num ${job.in < NOW ? 'text-primary' : ''}`}>
            {job.in < NOW ? 'now' : `in ${clockText(job.in)}`}
          </b>
        </p>
      ) : (
        <p className="text-3xl">Nothing more in this piece.</p>
      )}
      <div className="mt-2 flex gap-2">
        {CALLS.map((call) => (
          <button
            key={call}
            type="button"
            className="btn btn-outline h-16 px-6 text-2xl"
            onClick={() => {
              onCall({ kind: 'call', says: `${person.name}: ${call}` });
            }}
          >
            {call}
          </button>
        ))}
      </div>
    </section>
  );
}
