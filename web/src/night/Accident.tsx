// What went wrong: the power off, the door opened, or a logger's table; what the piece carries now, and what to do.
import { trNodes } from '../words/trNodes';
import {
  ARRIVES_UNEVEN,
  type CheckedNight,
  type KilnCurve,
  type ScheduleInput,
} from '@zanfirico/core/night';
import {
  follow,
  readLoggerCsv,
  type Begun,
  type LoadPiece,
  type Mishap,
} from '@zanfirico/core/night/asked';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { momentOf } from '../clock/moments';
import { lazy, Suspense, useMemo } from 'react';
import { Choice } from '../fields/Choice';
import { CountField } from '../fields/CountField';
import { useFields } from '../fields/useFields';
import { VerdictMark, VerdictWord } from '../marks/Verdict';
import { useWords } from '../fields/useWords';
import { useDisplay } from '../stores/display';
import { TimeField } from '../fields/TimeField';
import { clockWords } from '../clock/clockWords';
import { RecipeTable } from './RecipeTable';
import { TakeLog } from './TakeLog';
import { useAnswer } from '../workers/useAnswer';
import { night } from '../workers/workers';
import { shownNumber } from '../fields/shown';
import { TroubleLine } from '../marks/TroubleLine';

const CurvesChart = lazy(async () => ({
  default: (await import('../marks/CurvesChart')).CurvesChart,
}));

interface Props {
  readonly input: ScheduleInput;
  readonly lastIn: string;
  readonly checked: CheckedNight;
  /** Everything that stood in the box, where it is more than one piece. */
  readonly load: readonly LoadPiece[];
}

interface Fields {
  readonly what: Mishap['kind'] | 'log';
  /** Times of day. */
  readonly from: string;
  readonly to: string;
  readonly minutes: number;
  /** What a log is in; as it looks when left out. */
  readonly unit: 'C' | 'F' | undefined;
  readonly log: { readonly name: string; readonly text: string } | undefined;
}

/** Real seconds from tonight's last piece in to a time of day after it. */
function after(lastIn: string, clock: string): number {
  const day = new Date();
  const last = momentOf(lastIn, day);
  const then = momentOf(clock, day);
  if (then < last) then.setDate(then.getDate() + 1);
  return (then.getTime() - last.getTime()) / 1000;
}
const plus = (clock: string, seconds: number): string => clockWords(clock, seconds).time;

interface MakingEvent {
  readonly curve: KilnCurve;
  readonly from: number;
  readonly start: Begun;
}

/** When and how long, or the logger's table. */
function WhatHappened({
  fields: { what, from, to, minutes, unit, log },
  set,
  read,
}: {
  readonly fields: Fields;
  readonly set: (change: Partial<Fields>) => void;
  readonly read: ReturnType<typeof readLoggerCsv> | undefined;
}) {
  return (
    <>
      <div className="mt-2 flex flex-wrap items-end gap-4">
        {what !== 'log' && (
          <div className="w-28">
            <TimeField
              label={what === 'power off' ? tr`Off from` : tr`Opened at`}
              value={from}
              onCommit={(from) => {
                set({ from });
              }}
            />
          </div>
        )}
        {what === 'power off' && (
          <div className="w-28">
            <TimeField
              label={tr`Back at`}
              value={to}
              onCommit={(to) => {
                set({ to });
              }}
            />
          </div>
        )}
        {what === 'door open' && (
          <div className="w-28">
            <CountField
              label={tr`Minutes`}
              value={minutes}
              min={1}
              max={240}
              onCommit={(minutes) => {
                set({ minutes });
              }}
            />
          </div>
        )}
        {what === 'log' && (
          <>
            <TakeLog
              says={log ? log.name : tr`Take a log in (CSV)`}
              label={tr`Logger table`}
              className="btn btn-outline btn-sm"
              onText={(text, name) => {
                set({ unit: undefined, log: { name, text } });
              }}
            />
            {read?.ok === true && (
              <Choice
                legend={tr`It is in`}
                value={unit ?? read.unit}
                options={[
                  { value: 'C', label: '°C' },
                  { value: 'F', label: '°F' },
                ]}
                onChange={(unit) => {
                  set({ unit });
                }}
              />
            )}
          </>
        )}
      </div>
      {what === 'log' && read?.ok === false && (
        <TroubleLine className="mt-2">{read.says}</TroubleLine>
      )}
      {what === 'log' && read?.ok === true && (
        <ul className="quiet mt-1 text-sm">
          {read.remarks.map((r) => (
            <li key={r}>{r}</li>
          ))}
        </ul>
      )}
    </>
  );
}

export function Accident({ input, lastIn, checked, load }: Props) {
  const units = useDisplay((s) => s.units);
  const words = useWords();
  const soaked = checked.schedule.soak.value;
  const [fields, set] = useFields<Fields>({
    what: 'power off',
    from: plus(lastIn, soaked + 20 * 60),
    to: plus(lastIn, soaked + 110 * 60),
    minutes: 1,
    unit: undefined,
    log: undefined,
  });
  const { what, from, to, minutes, unit, log } = fields;
  const read = useMemo(() => (log ? readLoggerCsv(log.text, unit) : undefined), [log, unit]);
  const happened = useMemo((): MakingEvent | undefined => {
    if (what === 'log') {
      if (!read?.ok) return undefined;
      const { time } = read.curve;
      return { curve: read.curve, from: time[time.length - 1] as number, start: {} };
    }
    const begin = after(lastIn, from);
    let end = what === 'power off' ? after(lastIn, to) : begin + 60 * minutes;
    if (end <= begin) end += 86400;
    const mishap: Mishap = { kind: what, from: begin, to: end };
    const { curve } = follow(checked.curve, input.box, [mishap]);
    return { curve, from: end, start: { uneven: ARRIVES_UNEVEN, soakEnds: soaked } };
  }, [what, read, lastIn, from, to, minutes, checked, input.box, soaked]);
  const ask = useMemo(
    () =>
      happened &&
      (() => night((w) => w.judge(input, happened.curve, happened.from, happened.start, load))),
    [happened, input, load],
  );
  const answer = useAnswer(ask);
  const failure = answer.state === 'failed' ? answer.says : undefined;
  const judged = answer.state === 'here' ? answer.value : undefined;
  const planEnd = checked.curve.time[checked.curve.time.length - 1] as number;
  return (
    <section aria-label={tr`Accidents`}>
      <Choice
        legend={tr`What happened`}
        value={what}
        options={[
          { value: 'power off', label: tr`The power was off` },
          { value: 'door open', label: tr`The door was opened` },
          { value: 'log', label: tr`A logger’s table` },
        ]}
        onChange={(what) => {
          set({ what });
        }}
      />
      <WhatHappened fields={fields} set={set} read={read} />
      {failure !== undefined && <TroubleLine className="mt-2">{failure}</TroubleLine>}
      {happened && answer.state === 'asked' && <p className="quiet mt-2">{tr`Working …`}</p>}
      {judged && (
        <>
          <div className="mt-2" aria-live="polite">
            <VerdictMark verdict={judged.verdict} />
          </div>
          <p className="quiet leading-snug">
            {trNodes`${load.length > 1 ? tr`The piece that sets the clock` : tr`Now it`} keeps ${(<span className="num">{printText(judged.outcome.kept, 'stress', units)}</span>)} when cold; the most that passed was ${(<span className="num">{printText(judged.outcome.worst.stress, 'stress', units)}</span>)}`}
            .
          </p>
          {judged.pieces.length > 0 && (
            <ul aria-label={tr`Each piece of the load`}>
              {judged.pieces.map((p) => (
                <li key={p.id} className="border-base-300 border-b py-1 leading-snug">
                  <VerdictWord verdict={p.verdict.verdict} /> <b>{p.name}</b> {p.verdict.because}
                </li>
              ))}
            </ul>
          )}
          <Suspense fallback={<div className="h-[230px]" />}>
            <CurvesChart
              lastIn={lastIn}
              curves={[
                ...(what === 'log'
                  ? []
                  : [{ id: 'plan', name: tr`planned`, curve: checked.curve, lead: false }]),
                { id: 'was', name: tr`as it went`, curve: judged.curve, lead: true },
              ]}
            />
          </Suspense>
          {judged.again && (
            <div className="mt-2">
              <h3 className="text-xl">{tr`Soaked again from ${plus(lastIn, happened?.from ?? 0)}`}</h3>
              <p className="leading-snug">
                {trNodes`Then it keeps ${(<b className="num">{printText(judged.again.kept, 'stress', units)}</b>)}`}
                {what !== 'log' &&
                  tr` and the door opens ${shownNumber(((happened?.from ?? 0) + judged.again.seconds - planEnd) / 3600, 1)} h later than planned`}
                .
              </p>
              <RecipeTable
                recipe={judged.again.recipe}
                input={input}
                lastIn={plus(lastIn, happened?.from ?? 0)}
              />
            </div>
          )}
          <p className="quiet mt-2 text-sm leading-snug">
            {tr`${words(tr`An open door is taken to lose some 100 K in its first minute`)} (from memory): a logger knows better. Leave the door shut until you are sure; power off before reaching in.`}
          </p>
        </>
      )}
    </section>
  );
}
