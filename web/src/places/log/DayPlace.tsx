// A day of the shop: what was made, by whom, how much glass, what was lost, and what lies in which box.
import { trNodes } from '../../words/trNodes';
import type { LogLine } from '@zanfirico/contract/making';
import { grouped } from '@zanfirico/core/stats';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { readAllOf, sentenceOf } from '../../api/client';
import { dayOf, daysOn, daySpan } from '../../clock/days';
import { HeadRow } from '../../marks/HeadRow';
import { clockText } from '../../marks/braid/strands';
import { useDisplay } from '../../stores/display';
import { LogRow } from './LogRow';
import { cameWords } from './logWords';
import { TroubleLine } from '../../marks/TroubleLine';

/** By a word, the most first. */
const by = (lines: readonly LogLine[], word: (l: LogLine) => string | undefined) =>
  [...grouped(lines, word)].sort((a, b) => b[1].length - a[1].length);
const massOf = (lines: readonly LogLine[]): number => lines.reduce((m, l) => m + (l.mass ?? 0), 0);
const lostOf = (lines: readonly LogLine[]): number =>
  lines.filter((l) => l.outcome === 'lost').length;

export function DayPlace() {
  const { day: asked = '' } = useParams();
  const [today] = useState(() => dayOf(Date.now()));
  const day = asked === 'today' ? today : asked;
  const span = daySpan(day);
  const units = useDisplay((s) => s.units);
  const when = span && { since: String(span.since), until: String(span.until) };
  const lines = useQuery({
    queryKey: ['log', 'day', day],
    queryFn: () => readAllOf(when ?? {}),
    enabled: when !== undefined,
  });
  if (!span)
    return (
      <div className="mx-auto max-w-2xl px-6 py-20">
        <h1 className="text-4xl">{tr`No such day`}</h1>
        <p className="my-4 text-xl">{tr`“${day}” is no day: an address ends like 2026-11-27.`}</p>
        <Link to="/log" className="link">{tr`To the log`}</Link>
      </div>
    );
  const all = lines.data ?? [];
  const lost = all.filter((l) => l.outcome === 'lost');
  const bench = all.reduce((t, l) => t + (l.lastAt - l.begunAt) / 1000, 0);
  const boxed = all.filter((l) => l.ended === 'boxed');
  return (
    <div className="mx-auto w-full max-w-5xl px-6 py-8">
      <p className="quiet no-print flex gap-4">
        <Link to="/log" className="link">{tr`Log`}</Link>
        <Link to={`/log/day/${daysOn(day, -1)}`} className="link">{tr`the day before`}</Link>
        <Link to={`/log/day/${daysOn(day, 1)}`} className="link">{tr`the day after`}</Link>
      </p>
      <h1 className="text-4xl">{format(span.since, 'EEEE, d MMMM yyyy')}</h1>
      {lines.error && <TroubleLine className="mt-3">{sentenceOf(lines.error)}</TroubleLine>}
      {lines.data && all.length === 0 && (
        <p className="quiet mt-3 text-xl">{tr`Nothing was made on this day.`}</p>
      )}
      {all.length > 0 && (
        <>
          <p className="mt-2 text-xl leading-snug">
            {trNodes`${(<b className="num">{all.length}</b>)} begun, ${(<span className="num">{boxed.length}</span>)} boxed, ${(<span className="num">{lost.length}</span>)} lost; ${(<span className="num">{printText(massOf(all), 'mass', units)}</span>)} of glass as drawn`}
            {lost.length > 0 && (
              <>{trNodes`, ${(<span className="num">{printText(massOf(lost), 'mass', units)}</span>)} of it lost`}</>
            )}
            {trNodes`; ${(<span className="num">{clockText(bench)}</span>)} at the bench.`}
          </p>
          <section aria-label={tr`What was made`} className="mt-4">
            <ul>
              {all.map((l) => (
                <LogRow key={l.id} line={l} says={format(l.begunAt, 'HH:mm')}>
                  <span>
                    {l.mass !== undefined && (
                      <span className="num quiet mr-4">{printText(l.mass, 'mass', units)}</span>
                    )}
                    {cameWords(l)}
                  </span>
                </LogRow>
              ))}
            </ul>
          </section>
          <div className="mt-6 grid gap-8 md:grid-cols-2">
            <Counted title={tr`By whom`} of={tr`led`} groups={by(all, (l) => l.lead)} />
            <Counted title={tr`In which box`} of={tr`box`} groups={by(boxed, (l) => l.annealer)} />
          </div>
        </>
      )}
    </div>
  );
}

function Counted({
  title,
  of,
  groups,
}: {
  readonly title: string;
  readonly of: string;
  readonly groups: readonly (readonly [string, readonly LogLine[]])[];
}) {
  const units = useDisplay((s) => s.units);
  if (groups.length === 0) return null;
  return (
    <section aria-label={title}>
      <h2 className="text-2xl">{title}</h2>
      <table className="table mt-1 w-full">
        <caption className="sr-only">{title}</caption>
        <HeadRow columns={[of, tr`pieces`, tr`lost`, tr`glass`]} />
        <tbody className="num text-right">
          {groups.map(([name, mine]) => (
            <tr key={name} className="border-base-300 border-b">
              <th scope="row" className="py-1 text-left font-sans font-normal">
                {name}
              </th>
              <td>{mine.length}</td>
              <td>{lostOf(mine)}</td>
              <td>{printText(massOf(mine), 'mass', units)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
