// Going up: a cold piece, blank or bar warmed for re-working.
import { printText, type ScheduleInput, type Warming } from '@zanfirico/core';
import { useEffect, useState } from 'react';
import { QuantityField } from '../../fields/QuantityField';
import { Verdict } from '../../marks/Verdict';
import { useDisplay } from '../../stores/display';
import { askNight } from '../../workers/night';
import { RecipeTable } from './RecipeTable';

interface Props {
  readonly input: ScheduleInput;
  readonly lastIn: string;
}

export function GoingUp({ input, lastIn }: Props) {
  const units = useDisplay((s) => s.units);
  const [from, setFrom] = useState(20);
  const [answer, setAnswer] = useState<{ for: string; told: Warming | string }>();
  const key = `${String(from)} ${JSON.stringify(input)}`;
  useEffect(() => {
    let live = true;
    void askNight({ kind: 'warm', input, from }).then((a) => {
      if (live)
        setAnswer({
          for: key,
          told: 'warming' in a ? a.warming : 'failed' in a ? a.failed : 'No answer came.',
        });
    });
    return () => {
      live = false;
    };
  }, [key, input, from]);
  const told = answer?.for === key ? answer.told : undefined;
  return (
    <section aria-label="Going up">
      <div className="flex flex-wrap items-end gap-4">
        <div className="w-36">
          <QuantityField
            label="From"
            kind="temperature"
            value={from}
            min={0}
            max={Math.max(1, input.holdTemperature - 5)}
            nudge={5}
            onCommit={setFrom}
          />
        </div>
        <p className="pb-1">
          up to{' '}
          <span className="num">{printText(input.holdTemperature, 'temperature', units)}</span>,
          begun at {lastIn}
        </p>
      </div>
      {told === undefined && <p className="quiet mt-2">Working …</p>}
      {typeof told === 'string' && (
        <p role="alert" className="text-error mt-2">
          {told}
        </p>
      )}
      {told !== undefined && typeof told !== 'string' && (
        <>
          <p className="mt-2 text-lg">
            <b className="num">{printText(told.rate, 'rate', units)}</b>
            {told.rate >= input.box.climb * 0.999 ? ', as fast as the box climbs' : ' at most'}.
          </p>
          <Verdict
            verdict={{
              verdict: 'good',
              because: `${printText(told.outcome.worst.stress, 'stress', units)} passes through its ${told.outcome.worst.at} on the way up; 3.5 MPa may.`,
            }}
          />
          <RecipeTable recipe={told.recipe} input={input} lastIn={lastIn} />
          <p className="quiet mt-1 text-sm leading-snug">
            While it warms the skin is pressed and the middle pulled, and nothing gives until it is
            hot: a scratch or an old bruise can still start a crack.
          </p>
        </>
      )}
    </section>
  );
}
