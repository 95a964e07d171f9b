// Looked back at: what was planned and what was taken, step by step; what went wrong, and how it ended.
import { fileName } from '@zanfirico/contract';
import {
  byNumber,
  inWords,
  lostAt,
  makingState,
  takenSeconds,
  type Happened,
} from '@zanfirico/core';
import { FileDown } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { Making } from '../../bench/useMaking';
import { deriveDocument } from '../../derived/deriveDocument';
import { useFacts } from '../../derived/useFacts';
import { download } from '../../exports/download';
import { makingCsv } from '../../exports/makingCsv';
import { VerdictWord } from '../../marks/Verdict';
import { workAsked } from '../../orders/workAsked';
import { useDisplay } from '../../stores/display';
import { useShop } from '../../stores/theShop';
import { HeadRow } from '../../marks/HeadRow';
import { stepName } from '../../marks/braid/stepNames';
import { clockText } from '../../marks/braid/strands';

/** Taken so much longer or shorter than planned is said, as a share. */
const MUCH = 0.5;
/** Dangers told. */
const MOST_LOST = 6;

export function LookBack({ making }: { readonly making: Making }) {
  const { begin, events, state } = making;
  const units = useDisplay((s) => s.units);
  const ids = useMemo(() => begin.document.parts.map((p) => p.id), [begin]);
  const steps = byNumber(
    state.steps.map((s) => s.step),
    ids,
  );
  const taken = new Map(takenSeconds(state).map((t) => [t.id, t]));
  const planned = state.steps.reduce((sum, s) => sum + (s.putIn ? 0 : s.step.seconds), 0);
  const total = (state.last - begin.at) / 1000;
  const notes = events.flatMap((e) => (e.kind === 'note' ? [e.says] : []));
  const many = begin.document.parts.length > 1;
  const facts = useFacts(begin.document.making.gatherer, begin.document.glass);
  const holes = useShop((s) => s.shop?.document.gloryHoles);
  const lost = useMemo(() => {
    const known = deriveDocument(begin.document, facts);
    if (known?.derived.ok !== true) return [];
    const { parts, fires } = workAsked(begin.document, known.derived, known.glass, holes);
    const plan = byNumber(begin.steps, ids);
    const happened = events.map((e): Happened =>
      e.kind === 'put in' ? { ...e, step: byNumber([e.step], ids)[0] ?? e.step } : (e as Happened),
    );
    return lostAt(parts, makingState(plan, begin.at, happened), fires);
  }, [begin, events, facts, holes, ids]);
  const nameOf = (id: string): string => {
    const i = state.steps.findIndex((s) => s.step.id === id);
    const step = steps[i];
    return step ? stepName(step) : id;
  };
  const never = lost.filter((l) => l.verdict === 'no');
  return (
    <div className="mx-auto w-full max-w-5xl px-6 py-8">
      <p className="quiet no-print">
        <Link to="/bench" className="link">
          Bench
        </Link>
      </p>
      <h1 className="text-4xl">
        {begin.document.name}
        {begin.number > 1 && <span className="num"> no. {begin.number}</span>}
      </h1>
      <p className="mt-1 text-xl">
        {begin.rehearsal === true ? 'Rehearsed: ' : ''}
        {state.ended?.how === 'given up'
          ? 'given up'
          : `in ${begin.annealer ?? 'the annealer'}`}{' '}
        after <b className="num">{clockText(total)}</b>; planned were{' '}
        <span className="num">{clockText(planned)}</span> of steps.
      </p>
      {begin.rehearsal === true && (
        <p className="mt-1 text-lg">
          {never.length === 0
            ? 'The glass would have come through.'
            : `The glass would have been lost, first at “${nameOf(never[0]?.step ?? '')}”.`}
        </p>
      )}
      {lost.length > 0 && (
        <ul aria-label="Where it was in danger" className="mt-1">
          {lost.slice(0, MOST_LOST).map((l) => (
            <li key={l.step}>
              <VerdictWord verdict={l.verdict} /> <b>{nameOf(l.step)}</b>{' '}
              {inWords(l.because, units)}
            </li>
          ))}
        </ul>
      )}
      <div className="no-print mt-2 flex gap-2">
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
          <FileDown className="size-4" /> All of it (JSON)
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
          <FileDown className="size-4" /> Its events (CSV)
        </button>
      </div>
      {state.mishaps.length > 0 && (
        <ul aria-label="What went wrong" className="mt-2">
          {state.mishaps.map((m) => (
            <li key={m.at}>
              <span className="num">{clockText((m.at - begin.at) / 1000)}</span> {m.what}
              {m.says !== undefined && `: ${m.says}`}
            </li>
          ))}
        </ul>
      )}
      {notes.map((n) => (
        <p key={n} className="mt-1 italic">
          {n}
        </p>
      ))}
      <table className="table mt-4 w-full">
        <caption className="sr-only">Steps as planned and as taken</caption>
        <HeadRow columns={['step', 'begun', 'planned', 'taken', '']} left={['']} />
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
                <td>{s.putIn ? '–' : clockText(s.step.seconds)}</td>
                <td>{t ? clockText(t.took) : '–'}</td>
                <td className="pl-4 text-left font-sans">
                  {s.state === 'skipped' && 'skipped'}
                  {s.putIn && 'put in'}
                  {s.again > 0 && ` again × ${String(s.again)}`}
                  {s.state === 'done' &&
                    Math.abs(off) > MUCH &&
                    (off > 0 ? ' longer than planned' : ' quicker than planned')}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
