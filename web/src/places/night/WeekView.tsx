// The week: what is made when and due when, and which load of which annealer it goes into.
import { boxOf, printDuration, type WeekLoad, type WeekPiece } from '@zanfirico/core';
import { momentOf } from '../../clock/moments';
import { addDays, format, fromUnixTime } from 'date-fns';
import { useMemo } from 'react';
import { useTonight } from '../../stores/tonight';
import { useAnswer } from '../../workers/useAnswer';
import { night } from '../../workers/workers';
import { Timeline } from './Timeline';
import { ToCalendar } from './ToCalendar';
import { FindOnShelf } from './FindOnShelf';
import { useShelf } from './useShelf';
import { useAnnealers } from '../../annealing/useTonightBox';

const DAY = 86400;

/** Local date and time as a field wants it: "2026-11-26T16:30". */
const fieldOf = (d: Date): string => format(d, "yyyy-MM-dd'T'HH:mm");
const secondsOf = (field: string): number => new Date(field).getTime() / 1000;
const words = (seconds: number): string => format(fromUnixTime(seconds), 'EEE HH:mm');

/** Today at the last piece in, and the morning of the day after tomorrow. */
function usual(lastIn: string): { readonly ready: string; readonly due: string } {
  const now = new Date();
  return {
    ready: fieldOf(momentOf(lastIn, now)),
    due: fieldOf(momentOf('10:00', addDays(now, 2))),
  };
}

export function WeekView() {
  const t = useTonight();
  const boxes = useAnnealers();
  const { week, practice, door, assumes } = t;
  const onShelf = useShelf(Object.keys(week));
  const shelf = onShelf.pieces;
  const chosen = useMemo(
    () =>
      shelf.flatMap((p): Omit<WeekPiece, 'nights'>[] => {
        const dates = week[p.id];
        if (!p.piece || !dates) return [];
        const [ready, due] = [secondsOf(dates.ready), secondsOf(dates.due)];
        return Number.isFinite(ready) && Number.isFinite(due) ? [{ ...p.piece, ready, due }] : [];
      }),
    [shelf, week],
  );
  const request = useMemo(() => {
    if (chosen.length === 0 || boxes.length === 0) return undefined;
    const free = Math.min(...chosen.map((p) => p.ready)) - DAY;
    return {
      pieces: chosen,
      annealers: boxes.map((b) => ({ id: b.name, inside: b, free, box: boxOf(b) })),
      input: {
        practice,
        doorTemperature: door,
        assumes,
        holding: 0,
      },
    };
  }, [chosen, boxes, practice, door, assumes]);
  const ask = useMemo(() => request && (() => night((w) => w.week(request))), [request]);
  const answer = useAnswer(ask);
  const failure = answer.state === 'failed' ? answer.says : undefined;
  const plan = answer.state === 'here' ? answer.value : undefined;
  const nameOf = (id: string): string => shelf.find((p) => p.id === id)?.name ?? id;
  const title = (l: WeekLoad): string => l.pieces.map(nameOf).join(', ');
  const put = (id: string, dates: { ready: string; due: string } | undefined): void => {
    const others = Object.fromEntries(Object.entries(week).filter(([k]) => k !== id));
    t.set({ week: dates ? { ...others, [id]: dates } : others });
  };
  return (
    <div className="flex h-full flex-col xl:flex-row">
      <div className="min-w-0 flex-1 px-5 py-3">
        <h2 className="text-3xl">The week</h2>
        {!request && (
          <p className="py-6 text-lg">
            Tick the pieces to come, with the day each is made and the day it is wanted; which load
            of which annealer each goes into is worked out.
          </p>
        )}
        {request && answer.state === 'asked' && <p className="quiet py-4">Being worked out …</p>}
        {failure !== undefined && (
          <p role="alert" className="alert alert-error py-4">
            {failure}
          </p>
        )}
        {plan && (
          <>
            <p className="text-lg leading-snug" aria-live="polite">
              {plan.loads.length} {plan.loads.length === 1 ? 'load' : 'loads'}
              {plan.late.length === 0 && plan.homeless.length === 0
                ? '; everything is out by its date.'
                : '.'}
            </p>
            {plan.late.map((l) => (
              <p key={l.id} className="text-warning leading-snug">
                {nameOf(l.id)} comes out {printDuration(l.seconds)} after its date: make it sooner,
                thinner, or promise it later.
              </p>
            ))}
            {plan.homeless.length > 0 && (
              <p role="alert" className="alert alert-error leading-snug">
                {plan.homeless.map(nameOf).join(', ')}: no annealer is large enough.
              </p>
            )}
            <Timeline plan={plan} annealers={boxes.map((b) => b.name)} title={title} />
            <table className="table mt-3 w-full">
              <caption className="sr-only">Loads of the week</caption>
              <thead>
                <tr className="quiet border-base-300 border-b text-left text-sm">
                  <th scope="col" className="font-normal">
                    annealer
                  </th>
                  <th scope="col" className="font-normal">
                    last in
                  </th>
                  <th scope="col" className="font-normal">
                    door
                  </th>
                  <th scope="col" className="font-normal">
                    pieces
                  </th>
                </tr>
              </thead>
              <tbody>
                {plan.loads.map((l) => (
                  <tr key={`${l.annealer}${String(l.lastIn)}`} className="border-base-300 border-b">
                    <th scope="row" className="py-1 text-left font-normal">
                      {l.annealer}
                    </th>
                    <td className="num">{words(l.lastIn)}</td>
                    <td className="num">{words(l.door)}</td>
                    <td>{title(l)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            <ToCalendar
              says="All of it (iCalendar)"
              file="week.ics"
              entries={() =>
                plan.loads.map((l) => ({
                  name: `${l.annealer}: ${title(l)}`,
                  lastIn: fromUnixTime(l.lastIn),
                  door: fromUnixTime(l.door),
                }))
              }
            />
            <p className="quiet mt-2 text-sm leading-snug">
              A load’s night is its slowest piece’s, by simulation, at its annealing point, in that
              annealer. Found by moving pieces about: not proven the best.
            </p>
          </>
        )}
      </div>
      <div className="border-base-300 no-print w-full shrink-0 border-l px-5 py-3 xl:w-[27rem]">
        <FindOnShelf shelf={onShelf} />
        <ul>
          {shelf.map((p) => {
            const dates = week[p.id];
            return (
              <li key={p.id} className="border-base-300 border-b py-1">
                <label className="flex items-center gap-2">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-sm"
                    disabled={!p.piece}
                    checked={dates !== undefined}
                    onChange={(e) => {
                      put(p.id, e.target.checked ? usual(t.lastIn) : undefined);
                    }}
                  />
                  {p.name}
                </label>
                {dates && (
                  <div className="mt-1 grid grid-cols-2 gap-x-3">
                    {(['ready', 'due'] as const).map((which) => (
                      <label key={which} className="flex flex-col">
                        <span className="quiet text-sm">
                          {which === 'ready' ? 'made by' : 'wanted by'}
                        </span>
                        <input
                          type="datetime-local"
                          className="input text-sm"
                          aria-label={`${p.name}, ${which === 'ready' ? 'made by' : 'wanted by'}`}
                          value={dates[which]}
                          onChange={(e) => {
                            if (e.target.value !== '')
                              put(p.id, { ...dates, [which]: e.target.value });
                          }}
                        />
                      </label>
                    ))}
                  </div>
                )}
              </li>
            );
          })}
        </ul>
      </div>
    </div>
  );
}
