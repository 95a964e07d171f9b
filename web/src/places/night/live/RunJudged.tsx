// What a night does to its load by what was measured: tension kept and passed, whether to carry on, and the programme that would mend it, ready to send.
import { trNodes } from '../../../words/trNodes';
import type { DeviceNow, SendProgramme } from '@zanfirico/contract/boxes';
import { sinceLastIn } from '@zanfirico/core/boxes';
import { ARRIVES_UNEVEN, type Box } from '@zanfirico/core/night';
import { printDuration, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useMemo, useState } from 'react';
import { sendProgramme, sentenceOf, tellDevice } from '../../../api/client';
import { asSent } from '../../../boxes/asSent';
import { useTelling } from '../../../boxes/useDevices';
import { VerdictMark, VerdictWord } from '../../../marks/Verdict';
import { useDisplay } from '../../../stores/display';
import { useAnswer } from '../../../workers/useAnswer';
import { night as nightWorker } from '../../../workers/workers';
import { useLoadNight } from '../useLoadNight';
import type { RunNow } from './useRun';
import { TroubleLine } from '../../../marks/TroubleLine';

interface Props {
  readonly now: DeviceNow;
  readonly going: RunNow;
  readonly night: NonNullable<SendProgramme['night']>;
  readonly box: Box;
}

/** Judged again after so much of its own time, s; and whenever something new went otherwise. */
const EVERY = 900;
const NOTHING = {};

export function RunJudged({ now, going, night, box }: Props) {
  const units = useDisplay((s) => s.units);
  const { again: askAgain } = useTelling();
  const [trouble, setTrouble] = useState<string>();
  const {
    load,
    night: planned,
    input,
  } = useLoadNight(
    {
      inBox: night.inBox,
      practice: night.practice,
      inHand: night.inHand,
      hold: night.hold,
      door: night.door,
      assumes: NOTHING,
      box,
      holding: 0,
    },
    nightWorker,
  );
  const { curve, lastIn } = going;
  const soaked = planned?.checked.schedule.soak.value;
  // A moment that stands for the last while: the question is not put anew with every reading.
  const mark = `${String(Math.floor(going.now / EVERY))} ${going.deviations.map((d) => `${d.kind}${d.to === undefined ? '' : '.'}`).join()}`;
  const newest = useMemo(
    () =>
      input && curve && going.now > lastIn && soaked !== undefined
        ? { input, curve: sinceLastIn(curve, lastIn), from: going.now - lastIn, soaked }
        : undefined,
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `mark` stands for the curve and the moment
    [input, mark, lastIn, soaked],
  );
  // One question at a time: where judging takes longer than the box takes to a new one, the newest waits for the answer.
  const [asked, setAsked] = useState(newest);
  const ask = useMemo(
    () =>
      asked &&
      (() =>
        nightWorker((w) =>
          w.judge(
            asked.input,
            asked.curve,
            asked.from,
            { uneven: ARRIVES_UNEVEN, soakEnds: asked.soaked },
            load,
          ),
        )),
    [asked, load],
  );
  const answer = useAnswer(ask);
  const judged = answer.state === 'here' ? answer.value : undefined;
  if (newest !== asked && (asked === undefined || answer.state !== 'asked')) setAsked(newest);
  // What was judged last stands until more is known.
  const [last, setLast] = useState(judged);
  if (judged && judged !== last) setLast(judged);
  if (going.now <= lastIn)
    return (
      <p className="quiet">{tr`What it does to the load is told once the last piece is in.`}</p>
    );
  if (answer.state === 'failed') return <TroubleLine>{answer.says}</TroubleLine>;
  if (!last)
    return <p className="quiet">{tr`The load is being put through what was measured …`}</p>;
  const { again } = last;
  const plan = planned?.checked.outcome;
  const sendAgain = async (): Promise<void> => {
    if (!again) return;
    if (now.reading?.state === 'running' || now.reading?.state === 'held')
      await tellDevice(now.device.id, { what: 'stop' });
    await sendProgramme(now.device.id, {
      name: tr`${going.run.sent.name}, soaked again`.slice(0, 200),
      lines: asSent(again.recipe.lines),
      lastIn: 0,
      night,
    });
  };
  return (
    <div aria-live="polite">
      <VerdictMark verdict={last.verdict} />
      <p className="leading-snug">
        {trNodes`By what was measured it keeps ${(<b className="num">{printText(last.outcome.kept, 'stress', units)}</b>)}`}
        {plan && (
          <>
            {' '}
            {trNodes`(planned ${(<span className="num">{printText(plan.kept, 'stress', units)}</span>)})`}
          </>
        )}
        {trNodes`; at most ${(<b className="num">{printText(last.outcome.worst.stress, 'stress', units)}</b>)} passes.`}
      </p>
      {last.pieces.length > 1 && (
        <ul>
          {last.pieces.map((p) => (
            <li key={p.id} className="leading-snug">
              <VerdictWord verdict={p.verdict.verdict} /> <b>{p.name}</b> {p.verdict.because}
            </li>
          ))}
        </ul>
      )}
      {again && going.run.endedAt === undefined && (
        <div className="mt-2">
          <button
            type="button"
            className="btn btn-primary"
            onClick={() => {
              setTrouble(undefined);
              sendAgain().then(askAgain, (error: unknown) => {
                setTrouble(sentenceOf(error));
                askAgain();
              });
            }}
          >
            {tr`Stop it, and send the second soak`}
          </button>
          <p className="quiet mt-1 leading-snug">
            {trNodes`${printDuration(again.seconds)} to the door; it then keeps ${(<span className="num">{printText(again.kept, 'stress', units)}</span>)}. It waits for you to start it.`}
          </p>
        </div>
      )}
      {trouble !== undefined && <TroubleLine className="mt-2">{trouble}</TroubleLine>}
    </div>
  );
}
