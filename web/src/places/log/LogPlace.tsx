// The log: what is in the box this morning, everything that was made, what is lost to what, and what the shop has learnt.
import type { CameOut as Came, LogLine, MakingEvent } from '@zanfirico/contract/making';
import { trNodes } from '../../words/trNodes';
import { tr } from '@zanfirico/core/words';
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { CalendarDays, FileDown } from 'lucide-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link, useLocation, useSearchParams } from 'react-router';
import { studioNow } from '../../api/server';
import { readAllOf, readCame, fetchLog, sentenceOf, type LogAsked } from '../../api/client';
import { usePieces } from '../../api/queries';
import { keepEvent, send } from '../../making/bench';
import { dayOf } from '../../clock/days';
import { dayWords } from '../../clock/dayWords';
import { download } from '../../exports/download';
import { logCsv } from '../../exports/logCsv';
import { troubled } from '../../stores/troubled';
import { useShopHere } from '../../stores/useShopHere';
import { CameOutFields } from './CameOut';
import { askedOf, LogFilters } from './LogFilters';
import { LogRow } from './LogRow';
import { TakeEvents } from './TakeEvents';
import { cameWords } from './logWords';
import { TroubleLine } from '../../marks/TroubleLine';

// With their charts they are much to fetch: the list does not wait for them.
const WhatIsLost = lazy(async () => ({ default: (await import('./WhatIsLost')).WhatIsLost }));
const WhatIsLearnt = lazy(async () => ({
  default: (await import('./WhatIsLearnt')).WhatIsLearnt,
}));

const PAGE = 50;
/** So many are told before one asks for more. */
const FIRST = 12;
/** Pieces told beside them. */
const PIECES = 6;

/** It came out so, now: kept here and sent. */
async function opened(id: string, what: Came): Promise<void> {
  const event: MakingEvent = { kind: 'opened', what, id: crypto.randomUUID(), at: studioNow() };
  await keepEvent(id, event);
  await send(id);
}

/** The found makings as a table. */
async function takeTable(asked: LogAsked, people: boolean): Promise<void> {
  const lines = await readAllOf(asked);
  download(`log.${dayOf(Date.now())}.csv`, 'text/csv', logCsv(lines, people));
}

/** How many there are, older and newer ones, and all of them as a table. */
function Leafing({
  asked,
  from,
  total,
  onPut,
}: {
  readonly asked: LogAsked;
  readonly from: number;
  readonly total: number;
  readonly onPut: (change: Readonly<Record<string, string>>) => void;
}) {
  const [people, setPeople] = useState(false);
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-4" aria-live="polite">
      <span className="quiet">{trNodes`${(<span className="num">{total}</span>)} in all`}</span>
      {from > 0 && (
        <button
          type="button"
          className="link"
          onClick={() => {
            onPut({ from: from > PAGE ? String(from - PAGE) : '' });
          }}
        >
          {tr`newer`}
        </button>
      )}
      {total > from + PAGE && (
        <button
          type="button"
          className="link"
          onClick={() => {
            onPut({ from: String(from + PAGE) });
          }}
        >
          {tr`older`}
        </button>
      )}
      {total > 0 && (
        <span className="ml-auto flex flex-wrap items-center gap-3">
          <label className="quiet flex items-center gap-2 text-sm">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={people}
              onChange={(e) => {
                setPeople(e.target.checked);
              }}
            />
            {tr`with who led`}
          </label>
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => {
              takeTable(asked, people).catch(troubled);
            }}
          >
            <FileDown className="size-4" /> {tr`These (CSV)`}
          </button>
          <TakeEvents asked={asked} people={people} />
        </span>
      )}
    </div>
  );
}

export function LogPlace() {
  useShopHere();
  const [asks, setAsks] = useSearchParams();
  const asked = askedOf(asks);
  const from = Math.max(0, Math.floor(Number(asks.get('from') ?? '0')) || 0);
  const [all, setWhole] = useState(false);
  const whole = all || from > 0;
  const queries = useQueryClient();
  const morning = useQuery({
    queryKey: ['log', 'waits'],
    queryFn: () => fetchLog({ outcome: 'waits' }),
  });
  const page = useQuery({
    queryKey: ['log', asked, from],
    queryFn: () => fetchLog({ ...asked, from }),
    placeholderData: keepPreviousData,
  });
  // The first page first: what all of it comes to can wait for that.
  const came = useQuery({
    queryKey: ['came'],
    queryFn: readCame,
    enabled: page.data !== undefined || page.isError,
  });
  const put = (change: Readonly<Record<string, string>>): void => {
    const next = new URLSearchParams(asks);
    next.delete('from');
    for (const [key, value] of Object.entries(change))
      if (value === '') next.delete(key);
      else next.set(key, value);
    setAsks(next, { replace: true });
  };
  const tell = async (line: LogLine, what: Came): Promise<void> => {
    await opened(line.id, what);
    await Promise.all([
      queries.invalidateQueries({ queryKey: ['log'] }),
      queries.invalidateQueries({ queryKey: ['came'] }),
    ]);
  };
  const failure = page.error ?? morning.error;
  const waits = morning.data?.lines ?? [];
  const chosen = Object.values(asked).some((v) => v !== undefined);
  return (
    <div className="mx-auto w-full max-w-5xl px-6 py-8">
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1 className="text-4xl">{tr`Log`}</h1>
        <Link to="/log/day/today" className="btn btn-ghost btn-sm">
          <CalendarDays className="size-4" /> {tr`Today`}
        </Link>
        <Link to={{ hash: 'what-is-lost', search: asks.toString() }} className="link">
          {tr`What is lost`}
        </Link>
        <Link to={{ hash: 'what-is-learnt', search: asks.toString() }} className="link">
          {tr`What the shop has learnt`}
        </Link>
      </div>
      {failure && <TroubleLine className="mt-3">{sentenceOf(failure)}</TroubleLine>}
      {waits.length > 0 && (
        <section aria-label={tr`Out of the box`} className="mt-4">
          <h2 className="text-2xl">{tr`Out of the box`}</h2>
          <ul>
            {waits.map((l) => (
              <LogRow key={l.id} line={l} says={`${l.annealer ?? 'boxed'}, ${dayWords(l.lastAt)}`}>
                <CameOutFields
                  small
                  of={l.name}
                  came={undefined}
                  onTell={(what) => {
                    tell(l, what).catch(troubled);
                  }}
                />
              </LogRow>
            ))}
          </ul>
        </section>
      )}
      <section aria-label={tr`Everything made`} className="mt-8">
        <h2 className="text-2xl">{tr`Everything made`}</h2>
        <LogFilters asks={asks} asked={asked} came={came.data ?? NONE} onPut={put} />
        {asked.find !== undefined && <OnTheShelf find={asked.find} />}
        {page.data?.total === 0 ? (
          <p className="quiet mt-3">
            {chosen
              ? tr`Nothing in the log is so.`
              : tr`Nothing was made yet: what is made at the bench stands here.`}
          </p>
        ) : (
          <ul className="mt-2">
            {page.data?.lines.slice(0, whole ? PAGE : FIRST).map((l) => (
              <LogRow key={l.id} line={l} says={dayWords(l.begunAt)}>
                <span>{cameWords(l)}</span>
              </LogRow>
            ))}
          </ul>
        )}
        {!whole && (page.data?.lines.length ?? 0) > FIRST && (
          <button
            type="button"
            className="link mt-1 mr-4"
            onClick={() => {
              setWhole(true);
            }}
          >
            {trNodes`all ${page.data?.lines.length} on this page`}
          </button>
        )}
        <Leafing asked={asked} from={from} total={page.data?.total ?? 0} onPut={put} />
      </section>
      {came.data && (
        <Suspense>
          <WhatIsLost came={came.data} />
          <WhatIsLearnt />
          <AtPart />
        </Suspense>
      )}
    </div>
  );
}

/** Where the address names a part of the page, that is what is seen, once it is there. */
function AtPart() {
  const { hash } = useLocation();
  useEffect(() => {
    if (hash !== '') document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [hash]);
  return null;
}

/** Pieces that were found by the same words, made or not. */
function OnTheShelf({ find }: { readonly find: string }) {
  const { data } = usePieces(false, find);
  const lines = data?.pages[0]?.lines.slice(0, PIECES) ?? [];
  return lines.length === 0 ? null : (
    <p className="mt-2">
      <span className="quiet">{tr`On the shelf: `}</span>
      {lines.map((l) => (
        <Link key={l.id} to={`/pieces/${l.id}/section`} className="link mr-3">
          {l.name}
        </Link>
      ))}
    </p>
  );
}

const NONE: readonly LogLine[] = [];
