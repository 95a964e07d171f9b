// What is lost, and to what: shares with the interval they lie in, by whatever one looks at, and whether one stands out.
import { stepSays } from '@zanfirico/core/work';
import { daysIn } from '../../words/language';
import { trNodes } from '../../words/trNodes';
import type { LogLine } from '@zanfirico/contract/making';
import { causeSays, changeIn, lossesBy, runsOf, wilson } from '@zanfirico/core/log';
import { grouped } from '@zanfirico/core/stats';
import { tr, trWord } from '@zanfirico/core/words';
import { format } from 'date-fns';
import { useMemo, useState } from 'react';
import { SelectField } from '../../fields/SelectField';
import { useRack } from '../../stores/theRack';
import { HeadRow } from '../../marks/HeadRow';
import { TimeTaken } from './TimeTaken';
import { Trend } from './Trend';
import { UNDER_LOST } from './underLost';

/** What makings are grouped by: the id each has of it, and how an id is said. */
interface Word {
  readonly id: (line: LogLine) => string | readonly string[] | undefined;
  readonly says: (id: string, named: (id: string) => string) => string;
}
const asItIs = (id: string): string => id;
/** A day's name or a month's, by one of its days: "2026-11-02". */
const dated =
  (how: Intl.DateTimeFormatOptions) =>
  (day: string): string =>
    new Intl.DateTimeFormat(daysIn(), how).format(new Date(`${day}T12:00`));
/** Monday 2 June 2025 stands for every Monday, and so on. */
const weekday = (at: number): string => `2025-06-0${String(1 + (new Date(at).getDay() || 7))}`;
const WORDS = {
  piece: { id: (l) => l.name, says: asItIs },
  colour: { id: (l) => l.colours, says: (id, named) => named(id) },
  glass: { id: (l) => l.glass, says: (id, named) => named(id) },
  'who led': { id: (l) => l.lead, says: asItIs },
  weekday: { id: (l) => weekday(l.begunAt), says: dated({ weekday: 'long' }) },
  annealer: { id: (l) => l.annealer, says: asItIs },
  'glory hole': { id: (l) => l.hole, says: asItIs },
  month: {
    id: (l) => format(l.begunAt, 'yyyy-MM-01'),
    says: dated({ month: 'long', year: 'numeric' }),
  },
} satisfies Readonly<Record<string, Word>>;
const BY = Object.keys(WORDS) as (keyof typeof WORDS)[];
const percent = (share: number): string => `${(100 * share).toFixed(0)} %`;
/** The bars, px. */
const WIDE = 220;

/** Of all that was lost, counted by an id, the most often first. */
const counted = (lost: readonly LogLine[], id: (l: LogLine) => string) =>
  [...grouped(lost, id)]
    .map(([of, mine]) => [of, mine.length] as const)
    .sort((a, b) => b[1] - a[1]);
/** No cause was settled; it was lost at no step of the bench. */
const NONE = '';
const causeSaid = (id: string): string => (id === NONE ? tr`not settled` : causeSays(id));
const whereSaid = (id: string): string =>
  id === NONE ? tr`in the box, or after it` : stepSays(id);

/** An order of fewer than this tells nothing. */
const ENOUGH = 16;
/** Chance makes as much less often than this: it is told. */
const RARE = 0.05;

/** Do they come in runs, did something change: in sentences, with the test. */
function inOrder(came: readonly { readonly lost: boolean; readonly begunAt: number }[]): string[] {
  const row = came.map((c) => c.lost);
  const runs = runsOf(row);
  const change = changeIn(row);
  const told: string[] = [];
  if (runs && runs.clustered < RARE)
    told.push(
      tr`They come one upon another: ${runs.runs} runs where ${runs.expected.toFixed(0)} are to be expected (runs test, chance ${chanceText(runs.clustered)}).`,
    );
  const since = change && came[change.at];
  if (change && since && change.chance < RARE)
    told.push(
      tr`Something changed about ${new Intl.DateTimeFormat(daysIn(), { dateStyle: 'medium' }).format(since.begunAt)}: ${change.before.lost} of ${change.before.all} before, ${change.after.lost} of ${change.after.all} since (cumulative sums, shuffled; chance ${chanceText(change.chance)}).`,
    );
  if (told.length === 0)
    told.push(
      tr`In their order they are as chance would have them: no runs, no change (runs test, cumulative sums).`,
    );
  return told;
}
const chanceText = (p: number): string => (p < 0.001 ? tr`under 0.001` : p.toFixed(3));

export function WhatIsLost({ came }: { readonly came: readonly LogLine[] }) {
  const [by, setBy] = useState<keyof typeof WORDS>('piece');
  const all = useMemo(
    () => came.map((l) => ({ ...l, lost: l.outcome === 'lost', second: l.outcome === 'second' })),
    [came],
  );
  const rack = useRack((s) => s.rack);
  const groups = useMemo(() => {
    const named = (id: string): string => rack.colour(id)?.name ?? rack.glass(id)?.name ?? id;
    return lossesBy(all, WORDS[by].id).map((g) => ({ ...g, says: WORDS[by].says(g.of, named) }));
  }, [all, by, rack]);
  const lost = useMemo(() => all.filter((l) => l.lost), [all]);
  const share = wilson(lost.length, all.length);
  const order = useMemo(() => (all.length < ENOUGH ? [] : inOrder(all)), [all]);
  if (all.length === 0) return null;
  return (
    <section id="what-is-lost" aria-label={tr`What is lost`} className="mt-10">
      <h2 className="text-2xl">{tr`What is lost`}</h2>
      <p className="mt-1 text-lg">
        {trNodes`${(<b className="num">{lost.length}</b>)} of ${(<span className="num">{all.length}</span>)}: ${(<span className="num">{percent(share.of)}</span>)}, and by so few it may be anything from ${(<span className="num">{percent(share.low)}</span>)} to ${(<span className="num">{percent(share.high)}</span>)}`}
        .
      </p>
      {order.map((says) => (
        <p key={says} className="leading-snug">
          {says}
        </p>
      ))}
      {lost.length > 0 && UNDER_LOST.map((Under, i) => <Under key={i} lost={lost} />)}
      <Trend came={all} />
      <div className="mt-4 w-44">
        <SelectField label={tr`By`} value={by} onChange={setBy}>
          {BY.map((w) => (
            <option key={w} value={w}>
              {trWord(w)}
            </option>
          ))}
        </SelectField>
      </div>
      <div className="overflow-x-auto">
        <table className="table mt-2 w-full">
          <caption className="sr-only">{tr`What is lost, by ${trWord(by)}`}</caption>
          <HeadRow
            columns={[trWord(by), tr`made`, tr`lost`, tr`share`, tr`between`]}
            left={[tr`between`]}
          />
          <tbody className="num text-right">
            {groups.map((g) => (
              <tr key={g.of} className="border-base-300 border-b">
                <th scope="row" className="py-1 text-left font-sans font-normal">
                  {g.says}
                </th>
                <td>{g.all}</td>
                <td>{g.lost}</td>
                <td>{percent(g.share.of)}</td>
                <td className="pl-4 text-left font-sans">
                  <span className="flex items-center gap-3">
                    <Interval share={g.share} of={g.says} />
                    {g.stands && (
                      <span>
                        {g.stands === 'more' ? tr`more than chance` : tr`fewer than chance`}
                      </span>
                    )}
                  </span>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="quiet mt-1 text-sm leading-snug">{tr`The bar is the share, the line the interval it lies in 95 times of 100 (Wilson). “More than chance”: the difference to all others does not hold nought (Newcombe); of twenty looked at, one will say so by chance.`}</p>
      {lost.length > 0 && (
        <div className="mt-6 grid gap-x-10 gap-y-4 md:grid-cols-2">
          <Counts
            title={tr`To what`}
            counts={counted(lost, (l) => l.cause ?? NONE)}
            says={causeSaid}
          />
          <Counts
            title={tr`Where`}
            counts={counted(lost, (l) => l.where ?? NONE)}
            says={whereSaid}
          />
        </div>
      )}
      <TimeTaken came={came} />
    </section>
  );
}

const Counts = ({
  title,
  counts,
  says,
}: {
  readonly title: string;
  readonly counts: readonly (readonly [string, number])[];
  readonly says: (id: string) => string;
}) => (
  <div>
    <h3 className="text-xl">{title}</h3>
    <ul>
      {counts.map(([id, n]) => (
        <li key={id} className="border-base-300 flex justify-between gap-4 border-b py-1">
          <span>{says(id)}</span>
          <span className="num">{n}</span>
        </li>
      ))}
    </ul>
  </div>
);

function Interval({
  share,
  of,
}: {
  readonly share: { readonly of: number; readonly low: number; readonly high: number };
  readonly of: string;
}) {
  const x = (v: number): number => 2 + v * (WIDE - 4);
  return (
    <svg
      width={WIDE}
      height={14}
      role="img"
      aria-label={tr`${of}: ${percent(share.of)} lost, between ${percent(share.low)} and ${percent(share.high)}`}
    >
      <rect
        x={2}
        y={4}
        width={Math.max(1, x(share.of) - 2)}
        height={6}
        fill="var(--color-primary)"
      />
      <line
        x1={x(share.low)}
        x2={x(share.high)}
        y1={7}
        y2={7}
        stroke="var(--chalk)"
        strokeWidth={1.5}
      />
      {[share.low, share.high].map((v) => (
        <line key={v} x1={x(v)} x2={x(v)} y1={2} y2={12} stroke="var(--chalk)" strokeWidth={1.5} />
      ))}
    </svg>
  );
}
