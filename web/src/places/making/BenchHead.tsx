// The head of the bench's screen: what is made, how the plan stands by now, who calls, and whose screen it is.
import { trNodes } from '../../words/trNodes';
import { tr } from '@zanfirico/core/words';
import type { MakingBegin, MakingEvent } from '@zanfirico/contract/making';
import { format } from 'date-fns';
import { useAwake } from '../../making/useAwake';
import type { BenchClock } from '../../making/useBenchClock';
import { SelectField } from '../../fields/SelectField';
import { clockText } from '../../marks/braid/strands';

const SPEEDS = [1, 2, 4, 8] as const;
/** A call stands so long, ms. */
const CALL_SHOWN = 15_000;
/** Less than this early or late is on time, s. */
const ON_TIME = 5;

interface Props {
  readonly begin: MakingBegin;
  readonly events: readonly MakingEvent[];
  readonly clock: BenchClock;
  /** s; undefined until it is worked out. */
  readonly behind: number | undefined;
  /** s from the first gather to the last step's end, by now. */
  readonly total: number | undefined;
  readonly whose: string;
  readonly onWhose: (id: string) => void;
}

export function BenchHead({ begin, events, clock, behind, total, whose, onWhose }: Props) {
  const awake = useAwake();
  const lastCall = events.findLast((e) => e.kind === 'call');
  const called =
    lastCall?.kind === 'call' && clock.shown - lastCall.at < CALL_SHOWN ? lastCall.says : undefined;
  return (
    <div className="border-base-300 flex flex-wrap items-center justify-between gap-x-6 border-b px-6 py-1">
      <h1 className="text-2xl">
        {begin.document.name}
        {(begin.number > 1 || begin.of !== undefined) && (
          <span className="num">{tr` no. ${begin.number}`}</span>
        )}
        {begin.of !== undefined && <span className="num">{tr` of ${begin.of}`}</span>}
        {begin.rehearsal === true && <span className="quiet">{tr` rehearsal, no glass`}</span>}
      </h1>
      {called !== undefined && (
        <p role="status" className="text-primary text-2xl font-semibold">
          {called}
        </p>
      )}
      <p className="quiet">
        {trNodes`${(<span className="num">{clockText((clock.shown - begin.at) / 1000)}</span>)} since the first gather`}
        {behind !== undefined && total !== undefined && (
          <>
            ,{' '}
            <b className={`font-normal ${behind > 60 ? 'text-warning' : ''}`}>
              {Math.abs(behind) < ON_TIME ? (
                tr`on time`
              ) : (
                <>
                  <span className="num">{clockText(Math.abs(behind))}</span>{' '}
                  {behind > 0 ? tr`behind` : tr`ahead`}
                </>
              )}
            </b>
            {trNodes`, done about ${(<span className="num">{format(begin.at + 1000 * total, 'HH:mm')}</span>)}`}
          </>
        )}
        {awake === false && tr`. This screen may go dark: the browser does not keep it awake`}
      </p>
      {(begin.crew?.length ?? 0) > 1 && (
        <SelectField label={tr`This screen is for`} value={whose} onChange={onWhose}>
          <option value="">{tr`everybody`}</option>
          {begin.crew?.map((p) => (
            <option key={p.id} value={p.id}>
              {tr`the ${p.name}`}
            </option>
          ))}
        </SelectField>
      )}
      {begin.rehearsal === true && (
        <div role="group" aria-label={tr`How fast it runs`} className="flex gap-1">
          {SPEEDS.map((s) => (
            <button
              key={s}
              type="button"
              className={`btn btn-sm ${clock.speed === s ? 'btn-primary' : 'btn-outline'}`}
              aria-pressed={clock.speed === s}
              onClick={() => {
                clock.setSpeed(s);
              }}
            >
              ×{s}
            </button>
          ))}
        </div>
      )}
    </div>
  );
}
