// The bench: what is being made, what can be begun, and what was made.
import { tr, trWord } from '@zanfirico/core/words';
import type { MakingLine } from '@zanfirico/contract/making';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { CalendarDays, GraduationCap, MonitorPlay } from 'lucide-react';
import { Link } from 'react-router';
import { listMakings, sentenceOf } from '../../api/client';
import { usePieces } from '../../api/queries';
import { dayWords } from '../../clock/dayWords';
import { FindField } from '../../fields/FindField';
import { OurTimes } from './OurTimes';
import { ReadInMaking } from './ReadInMaking';
import { TroubleLine } from '../../marks/TroubleLine';

/** So many of what was made are told here; the log has all. */
const LATEST = 8;

const minutes = (line: MakingLine): string =>
  `${String(Math.max(1, Math.round((line.lastAt - line.begunAt) / 60_000)))} min`;

export function BenchPlace() {
  const makings = useQuery({ queryKey: ['makings'], queryFn: listMakings });
  const [find, setFind] = useState('');
  const pieces = usePieces(false, find);
  const all = makings.data ?? [];
  const going = all.filter((m) => m.ended === undefined && !m.rehearsal);
  const made = all.filter((m) => m.ended !== undefined || m.rehearsal);
  const lines = pieces.data?.pages[0]?.lines ?? [];
  return (
    <div className="mx-auto w-full max-w-5xl px-6 py-8">
      <div className="flex items-baseline justify-between gap-4">
        <h1 className="text-4xl">{tr`Bench`}</h1>
        <div className="flex flex-wrap gap-1">
          <Link to="/class" className="btn btn-ghost btn-sm">
            <GraduationCap className="size-4" /> {tr`Class`}
          </Link>
          <Link to="/wall/bench" className="btn btn-ghost btn-sm">
            <MonitorPlay className="size-4" /> {tr`On the wall`}
          </Link>
          <Link to="/orders" className="btn btn-ghost btn-sm">
            <CalendarDays className="size-4" /> {tr`What is wanted by when`}
          </Link>
        </div>
      </div>
      {makings.error && <TroubleLine className="mt-3">{sentenceOf(makings.error)}</TroubleLine>}
      {going.length > 0 && (
        <section aria-label={tr`Being made`} className="mt-4">
          <h2 className="text-2xl">{tr`Being made`}</h2>
          <ul>
            {going.map((m) => (
              <Line key={m.id} making={m} says={tr`begun ${dayWords(m.begunAt)}`} />
            ))}
          </ul>
        </section>
      )}
      <div className="mt-6 grid gap-x-10 gap-y-6 md:grid-cols-2">
        <section aria-label={tr`Make a piece`}>
          <h2 className="text-2xl">{tr`Make a piece`}</h2>
          <FindField
            placeholder={tr`Find by name`}
            label={tr`Find a piece to make`}
            value={find}
            onChange={setFind}
          />
          {lines.length === 0 ? (
            <p className="quiet mt-2">
              {find === ''
                ? tr`Nothing is on the shelf yet: draw a piece first.`
                : tr`No piece is called so.`}
            </p>
          ) : (
            <ul className="mt-1">
              {lines.map((l) => (
                <li key={l.id} className="border-base-300 border-b">
                  <Link
                    to={`/bench/begin/${l.id}`}
                    className="hover:bg-base-300/40 block px-1 py-2 text-lg"
                  >
                    {l.name}
                  </Link>
                </li>
              ))}
            </ul>
          )}
        </section>
        <section aria-label={tr`Made`}>
          <div className="flex items-baseline justify-between">
            <h2 className="text-2xl">{tr`Made`}</h2>
            <ReadInMaking />
          </div>
          {made.length === 0 ? (
            <p className="quiet mt-2">{tr`What was made or rehearsed here is looked back at here.`}</p>
          ) : (
            <ul className="mt-1">
              {made.slice(0, LATEST).map((m) => (
                <Line
                  key={m.id}
                  making={m}
                  says={`${m.rehearsal ? tr`rehearsed` : (trWord(m.ended) ?? '')} ${dayWords(m.begunAt)}, ${minutes(m)}`}
                />
              ))}
            </ul>
          )}
          {made.length > LATEST && (
            <p className="mt-2">
              <Link to="/log" className="link">{tr`All of it is in the log`}</Link>
            </p>
          )}
        </section>
      </div>
      <OurTimes />
    </div>
  );
}

function Line({ making, says }: { readonly making: MakingLine; readonly says: string }) {
  return (
    <li className="border-base-300 border-b">
      <Link
        to={`/bench/${making.id}`}
        className="hover:bg-base-300/40 flex flex-wrap items-baseline justify-between gap-x-4 px-1 py-2"
      >
        <span className="text-lg">
          {making.name}
          {making.number > 1 && <span className="num">{tr` no. ${making.number}`}</span>}
        </span>
        <span className="quiet">{says}</span>
      </Link>
    </li>
  );
}
