// Going up: a cold piece, blank or bar warmed for re-working.
import { trNodes } from '../words/trNodes';
import { passesWhere, type ScheduleInput } from '@zanfirico/core/night';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useMemo, useState } from 'react';
import { QuantityField } from '../fields/QuantityField';
import { VerdictMark } from '../marks/Verdict';
import { useDisplay } from '../stores/display';
import { RecipeTable } from './RecipeTable';
import { useAnswer } from '../workers/useAnswer';
import { night } from '../workers/workers';
import { TroubleLine } from '../marks/TroubleLine';

interface Props {
  readonly input: ScheduleInput;
  readonly lastIn: string;
}

export function GoingUp({ input, lastIn }: Props) {
  const units = useDisplay((s) => s.units);
  const [from, setFrom] = useState(20);
  const ask = useMemo(() => () => night((w) => w.warm(input, from)), [input, from]);
  const answer = useAnswer(ask);
  const failure = answer.state === 'failed' ? answer.says : undefined;
  const told = answer.state === 'here' ? answer.value : undefined;
  return (
    <section aria-label={tr`Going up`}>
      <div className="flex flex-wrap items-end gap-4">
        <div className="w-36">
          <QuantityField
            label={tr`From`}
            kind="temperature"
            value={from}
            min={0}
            max={Math.max(1, input.holdTemperature - 5)}
            nudge={5}
            onCommit={setFrom}
          />
        </div>
        <p className="pb-1">
          {trNodes`up to ${(<span className="num">{printText(input.holdTemperature, 'temperature', units)}</span>)}, begun at ${lastIn}`}
        </p>
      </div>
      {answer.state === 'asked' && <p className="quiet mt-2">{tr`Working …`}</p>}
      {failure !== undefined && <TroubleLine className="mt-2">{failure}</TroubleLine>}
      {told && (
        <>
          <p className="mt-2 text-lg">
            <b className="num">{printText(told.rate, 'rate', units)}</b>
            {told.rate >= input.box.climb * 0.999 ? tr`, as fast as the box climbs` : tr` at most`}.
          </p>
          <VerdictMark
            verdict={{
              verdict: 'good',
              because: tr`${printText(told.outcome.worst.stress, 'stress', units)} passes ${passesWhere(told.outcome.worst)} on the way up; 3.5 MPa may.`,
            }}
          />
          <RecipeTable recipe={told.recipe} input={input} lastIn={lastIn} />
          <p className="quiet mt-1 text-sm leading-snug">{tr`While it warms the skin is pressed and the middle pulled, and nothing gives until it is hot: a scratch or an old bruise can still start a crack.`}</p>
        </>
      )}
    </section>
  );
}
