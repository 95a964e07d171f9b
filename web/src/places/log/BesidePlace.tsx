// Makings of one piece side by side, up to ten: how each went and came out, what it measures beside the drawing, and what each step took.
import type { MakingBegin, MakingEvent } from '@zanfirico/contract/making';
import {
  besideSteps,
  besideSum,
  causeSays,
  drawnOf,
  MEASURES,
  morningOf,
  type Morning,
} from '@zanfirico/core/log';
import { leadOf, madeState, plannedSeconds } from '@zanfirico/core/making';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { useQueries, useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { useMemo } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { readAllOf, fetchMaking, sentenceOf } from '../../api/client';
import { byParts } from '../../making/byParts';
import { useWorkOf } from '../../order/useWork';
import { clockText } from '../../marks/braid/strands';
import { stepName } from '../../marks/braid/stepNames';
import { useDisplay } from '../../stores/display';
import { KIND, SAYS } from './measureWords';
import { TroubleLine } from '../../marks/TroubleLine';

/** So many beside one another at most, and to begin with. */
const MOST = 10;
const FIRST = 4;

interface Read {
  readonly begin: MakingBegin;
  readonly events: readonly MakingEvent[];
}

export function BesidePlace() {
  const { piece = '' } = useParams();
  const [asks, setAsks] = useSearchParams();
  const all = useQuery({ queryKey: ['log', 'of', piece], queryFn: () => readAllOf({ piece }) });
  const lines = useMemo(() => [...(all.data ?? [])].reverse(), [all.data]);
  const asked = asks
    .get('of')
    ?.split(',')
    .filter((id) => lines.some((l) => l.id === id));
  const ids = (asked ?? lines.slice(0, FIRST).map((l) => l.id)).slice(0, MOST);
  const read = useQueries({
    queries: ids.map((id) => ({
      queryKey: ['making', id],
      queryFn: (): Promise<Read> => fetchMaking(id, 0),
    })),
  });
  const failure = all.error ?? read.find((r) => r.error)?.error;
  const there = read.flatMap((r) => (r.data ? [r.data] : []));
  const choose = (id: string, on: boolean): void => {
    const next = on ? [...ids, id] : ids.filter((i) => i !== id);
    setAsks({ of: next.join(',') }, { replace: true });
  };
  return (
    <div className="mx-auto w-full max-w-[1600px] px-6 py-8">
      <p className="quiet no-print">
        <Link to="/log" className="link">{tr`Log`}</Link>
      </p>
      <h1 className="text-4xl">{lines[0]?.name ?? tr`Side by side`}</h1>
      {failure && <TroubleLine className="mt-3">{sentenceOf(failure)}</TroubleLine>}
      {all.data && lines.length === 0 && (
        <p className="quiet mt-3 text-xl">{tr`It was never made.`}</p>
      )}
      {lines.length > 0 && (
        <fieldset className="no-print mt-2">
          <legend className="quiet text-sm">
            {tr`Which of its ${lines.length} makings, up to ${MOST}`}
          </legend>
          <div className="flex max-h-28 flex-wrap gap-x-5 gap-y-1 overflow-y-auto">
            {lines.map((l) => (
              <label key={l.id} className="flex items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  checked={ids.includes(l.id)}
                  disabled={!ids.includes(l.id) && ids.length >= MOST}
                  onChange={(e) => {
                    choose(l.id, e.target.checked);
                  }}
                />
                <span className="whitespace-nowrap">
                  {tr`no. ${l.number}, ${format(l.begunAt, 'd MMM yy')}`}
                </span>
              </label>
            ))}
          </div>
        </fieldset>
      )}
      {there.length > 0 && there.length === ids.length && <Table makings={there} />}
    </div>
  );
}

function Table({ makings }: { readonly makings: readonly Read[] }) {
  const units = useDisplay((s) => s.units);
  const [first] = makings;
  const { derived } = useWorkOf(first?.begin.document);
  const drawn = derived?.ok === true ? derived : undefined;
  const states = useMemo(
    () => makings.map((m) => madeState(byParts(m.begin, m.events))),
    [makings],
  );
  const mornings = useMemo(() => makings.map((m) => morningOf(m.events)), [makings]);
  const sums = states.map(besideSum);
  const steps = useMemo(() => besideSteps(states), [states]);
  const row = (label: string, plan: string, cell: (i: number) => string, how = '') => (
    <tr key={label} className="border-base-300 border-b">
      <th scope="row" className="py-1 pr-4 text-left font-sans font-normal">
        {label}
      </th>
      <td className="quiet pr-4">{plan}</td>
      {makings.map((m, i) => (
        <td key={m.begin.id} className={`pl-4 ${how}`}>
          {cell(i)}
        </td>
      ))}
    </tr>
  );
  const words = (i: number): string => {
    const { outcome, cause } = mornings[i] as Morning;
    const given = states[i]?.ended?.how === 'given up';
    return `${trWord(outcome) ?? (given ? tr`given up` : tr`not opened`)}${cause === undefined ? '' : `: ${causeSays(cause)}`}`;
  };
  const planned = first && plannedSeconds(first.begin);
  return (
    <div className="mt-4 overflow-x-auto">
      <table className="table w-auto">
        <caption className="sr-only">{tr`Makings of one piece, side by side`}</caption>
        <thead>
          <tr className="border-base-300 border-b text-right">
            <th scope="col" className="text-left font-normal">
              <span className="sr-only">{tr`What`}</span>
            </th>
            <th scope="col" className="quiet pr-4 font-normal">{tr`as planned`}</th>
            {makings.map((m) => (
              <th key={m.begin.id} scope="col" className="min-w-32 pl-4 font-normal">
                <Link to={`/bench/${m.begin.id}`} className="link">
                  {tr`no. ${m.begin.number}, ${format(m.begin.at, 'd MMM yy')}`}
                </Link>
              </th>
            ))}
          </tr>
        </thead>
        <tbody className="num text-right [&_td]:align-baseline [&_th]:align-baseline">
          {row(tr`came out`, '', words, 'font-sans')}
          {row(tr`led by`, '', (i) => leadOf((makings[i] as Read).begin)?.name ?? '', 'font-sans')}
          {row(
            tr`glory hole`,
            '',
            (i) =>
              `${makings[i]?.begin.hole ?? ''} ${printText(makings[i]?.begin.holeTemperature ?? NaN, 'temperature', units)}`,
          )}
          {row(
            tr`to the box`,
            planned === undefined ? '' : clockText(planned),
            (i) => (sums[i]?.total === undefined ? '–' : clockText(sums[i].total)),
            'font-bold',
          )}
          {row('heats', '', (i) => String(sums[i]?.heats ?? ''))}
          {row(tr`in the fire`, '', (i) => clockText(sums[i]?.inFire ?? 0))}
          {row(tr`put in, again, skipped`, '', (i) => {
            const s = sums[i];
            return s ? `${String(s.putIn)}, ${String(s.again)}, ${String(s.skipped)}` : '';
          })}
          {MEASURES.filter((of) => mornings.some((m) => m.measured.some((x) => x.of === of))).map(
            (of) => {
              const up = mornings.flatMap((m) => m.measured.find((x) => x.of === of)?.up ?? [])[0];
              const figure = drawn && drawnOf(drawn, of, up);
              return row(
                `${SAYS[of]}${up === undefined ? '' : tr` at ${printText(up, 'length', units)}`}`,
                figure === undefined ? '' : printText(figure, KIND[of], units),
                (i) => {
                  const made = mornings[i]?.measured.find((x) => x.of === of && x.up === up);
                  return made ? printText(made.value, KIND[of], units) : '–';
                },
              );
            },
          )}
          {steps.map(({ step, took }, k) => (
            <tr key={`${step.id}${String(k)}`} className="border-base-300 border-b">
              <th scope="row" className="py-0.5 pr-4 text-left font-sans font-normal">
                {stepName(step)}
              </th>
              <td className="quiet pr-4">{clockText(step.seconds)}</td>
              {took.map((s, i) => (
                <td key={makings[i]?.begin.id} className="pl-4">
                  {s === undefined ? '–' : clockText(s)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
