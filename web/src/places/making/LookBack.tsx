// Looked back at: what was planned and what was taken, step by step; what went wrong, and how it ended.
import { trNodes } from '../../words/trNodes';
import { fileName } from '@zanfirico/contract';
import { lookedBack, oddities, plannedSeconds, takenSeconds } from '@zanfirico/core/making';
import { inWords } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { Columns3, Copy, FileDown } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { studioNow } from '../../api/server';
import { firesThen } from '../../making/byParts';
import type { Making } from '../../making/useMaking';
import { download } from '../../exports/download';
import { makingCsv } from '../../exports/makingCsv';
import { recipeOf, reviseBy } from '../../log/changedPlan';
import { VerdictWord } from '../../marks/Verdict';
import { useWorkOf } from '../../order/useWork';
import { useDisplay } from '../../stores/display';
import { useNotices } from '../../stores/notices';
import { MorningAfter } from '../log/MorningAfter';
import { TwoBraids } from './TwoBraids';
import { Written } from './Written';
import { HeadRow } from '../../marks/HeadRow';
import { stepName } from '../../marks/braid/stepNames';
import { clockText } from '../../marks/braid/strands';
import { troubled } from '../../stores/troubled';

/** Taken so much longer or shorter than planned is said, as a share. */
const MUCH = 0.5;
/** Dangers told. */
const MOST_LOST = 6;

/** How much later than planned it began: "+0:12", nothing where that is not to be said. */
function lateText(begun: number | undefined, at: number, planned: number | undefined): string {
  if (begun === undefined || planned === undefined) return '';
  const late = Math.round((begun - at) / 1000 - planned);
  return `${late < 0 ? '−' : '+'}${clockText(Math.abs(late))}`;
}

/** What goes out as a file, others beside it, and the next one planned as this was made. */
function TakenAlong({ making: { begin, events, state } }: { readonly making: Making }) {
  const go = useNavigate();
  const makeLikeThis = async (): Promise<void> => {
    const kept = await reviseBy(begin.piece, () => recipeOf(begin, events, state));
    useNotices
      .getState()
      .say(
        tr`Kept as revision ${kept.revision} of “${kept.document.name}”: its drawing, order and times as this was made. Earlier revisions stay.`,
      );
    await go(`/pieces/${begin.piece}/braid`);
  };
  return (
    <div className="no-print mt-2 flex flex-wrap gap-2">
      <button
        type="button"
        className="btn btn-ghost btn-sm"
        onClick={() => {
          download(
            `${fileName(begin.document.name)}.making.json`,
            'application/json',
            JSON.stringify({ format: 'zanfirico.making', version: 1, begin, events }, null, 1),
          );
        }}
      >
        <FileDown className="size-4" /> {tr`All of it (JSON)`}
      </button>
      <button
        type="button"
        className="btn btn-ghost btn-sm"
        onClick={() => {
          download(
            `${fileName(begin.document.name)}.making.csv`,
            'text/csv',
            makingCsv(begin, events),
          );
        }}
      >
        <FileDown className="size-4" /> {tr`Its events (CSV)`}
      </button>
      {begin.rehearsal !== true && (
        <Link to={`/log/beside/${begin.piece}`} className="btn btn-ghost btn-sm">
          <Columns3 className="size-4" /> {tr`Beside others of it`}
        </Link>
      )}
      {begin.rehearsal !== true && (
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => {
            makeLikeThis().catch(troubled);
          }}
        >
          <Copy className="size-4" /> {tr`Plan the next one as this was made`}
        </button>
      )}
    </div>
  );
}

/** Steps as planned and as taken. */
function StepsTaken({ making: { begin, state } }: { readonly making: Making }) {
  const steps = state.steps.map((s) => s.step);
  const taken = new Map(takenSeconds(state).map((t) => [t.id, t]));
  const many = begin.document.parts.length > 1;
  return (
    <table className="table mt-4 w-full">
      <caption className="sr-only">{tr`Steps as planned and as taken`}</caption>
      <HeadRow
        columns={[tr`step`, tr`begun`, tr`late`, tr`planned`, tr`taken`, tr`how`]}
        left={[tr`how`]}
      />
      <tbody className="num text-right">
        {state.steps.map((s, i) => {
          const step = steps[i];
          const t = taken.get(s.step.id);
          const off = t && t.planned > 0 ? t.took / t.planned - 1 : 0;
          return (
            <tr key={s.step.id} className="border-base-300 border-b">
              <th scope="row" className="py-1 text-left font-sans font-normal">
                {step && stepName(step)}
                {many && step && (
                  <span className="quiet"> {begin.document.parts[step.part]?.name}</span>
                )}
              </th>
              <td>{s.begun === undefined ? '' : clockText((s.begun - begin.at) / 1000)}</td>
              <td>{lateText(s.begun, begin.at, begin.starts[s.place ?? -1])}</td>
              <td>{s.putIn ? '–' : clockText(s.step.seconds)}</td>
              <td>{t ? clockText(t.took) : '–'}</td>
              <td className="pl-4 text-left font-sans">
                {s.state === 'skipped' && tr`skipped`}
                {s.assumed && tr`beside, nobody tapped`}
                {s.putIn && tr`put in`}
                {s.again > 0 && tr` again × ${s.again}`}
                {s.state === 'done' &&
                  Math.abs(off) > MUCH &&
                  (off > 0 ? tr` longer than planned` : tr` quicker than planned`)}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

export function LookBack({ making }: { readonly making: Making }) {
  const { begin, events, made, state } = making;
  const units = useDisplay((s) => s.units);
  const steps = state.steps.map((s) => s.step);
  const planned = plannedSeconds(begin);
  const total = (state.last - begin.at) / 1000;
  const work = useWorkOf(begin.document);
  const { asked } = work;
  const went = useMemo(
    () => asked && lookedBack(asked.parts, state, firesThen(begin, asked.fires), begin),
    [begin, state, asked],
  );
  const lost = went?.lost ?? [];
  const [now] = useState(studioNow);
  const strange = oddities(
    made.plan,
    made.begun,
    made.happened,
    // A rehearsal runs ahead of the clock.
    begin.rehearsal === true ? Infinity : now,
  );
  const nameOf = (id: string): string => {
    const i = state.steps.findIndex((s) => s.step.id === id);
    const step = steps[i];
    return step ? stepName(step) : id;
  };
  const never = lost.filter((l) => l.verdict === 'no');
  return (
    <div className="mx-auto w-full max-w-5xl px-6 py-8">
      <p className="quiet no-print">
        <Link to="/bench" className="link">{tr`Bench`}</Link>
      </p>
      <h1 className="text-4xl">
        {begin.document.name}
        {begin.number > 1 && <span className="num">{tr` no. ${begin.number}`}</span>}
      </h1>
      <p className="mt-1 text-xl">
        {begin.rehearsal === true ? tr`Rehearsed: ` : ''}
        {state.ended?.how === 'given up'
          ? tr`given up`
          : tr`in ${begin.annealer ?? tr`the annealer`}`}{' '}
        {trNodes`after ${(<b className="num">{clockText(total)}</b>)}; planned were ${(<span className="num">{clockText(planned)}</span>)}`}
        .{begin.of !== undefined && tr` No. ${begin.number} of ${begin.of}.`}
      </p>
      {begin.of !== undefined && begin.number < begin.of && (
        <p className="no-print mt-2">
          <Link
            to={`/bench/begin/${begin.piece}?number=${String(begin.number + 1)}&of=${String(begin.of)}`}
            className="btn btn-primary"
          >
            {tr`Make no. ${begin.number + 1}`}
          </Link>
        </p>
      )}
      {strange.map((says) => (
        <p key={says} role="status" className="text-warning mt-1">
          {says}
        </p>
      ))}
      {begin.rehearsal === true && (
        <p className="mt-1 text-lg">
          {never.length === 0
            ? tr`The glass would have come through.`
            : tr`The glass would have been lost, first at “${nameOf(never[0]?.step ?? '')}”.`}
        </p>
      )}
      {lost.length > 0 && (
        <ul aria-label={tr`Where it was in danger`} className="mt-1">
          {lost.slice(0, MOST_LOST).map((l) => (
            <li key={l.step}>
              <VerdictWord verdict={l.verdict} /> <b>{nameOf(l.step)}</b>{' '}
              {inWords(l.because, units)}
            </li>
          ))}
        </ul>
      )}
      <TakenAlong making={making} />
      {state.mishaps.length > 0 && (
        <ul aria-label={tr`What went wrong`} className="mt-2">
          {state.mishaps.map((m) => (
            <li key={m.at}>
              <span className="num">{clockText((m.at - begin.at) / 1000)}</span> {m.what}
              {m.says !== undefined && `: ${m.says}`}
            </li>
          ))}
        </ul>
      )}
      {begin.rehearsal !== true && (
        <MorningAfter
          making={making}
          derived={work.derived?.ok === true ? work.derived : undefined}
          asked={asked}
          went={went}
        />
      )}
      <Written events={events} begin={begin} />
      {asked && went && (
        <TwoBraids
          parts={asked.parts}
          plan={made.plan}
          starts={begin.starts}
          went={went}
          fires={asked.fires}
        />
      )}
      <StepsTaken making={making} />
    </div>
  );
}
