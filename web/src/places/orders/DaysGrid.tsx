// The days to come, a fortnight in sight: each order a row, how many of it each day; the bench's hours, the pots and the boxes below.
import { trNodes } from '../../words/trNodes';
import type { WantedDocument } from '@zanfirico/contract/orders';
import { withChanges } from '@zanfirico/core/edits';
import type { OrderOutcome } from '@zanfirico/core/orders';
import { printDuration } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { addDays, format, parseISO } from 'date-fns';
import { ChevronLeft, ChevronRight, X } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useAnnealers } from '../../night/useTonightBox';
import { CountField } from '../../fields/CountField';
import { shownNumber } from '../../fields/shown';
import { usePotList } from '../../pot/usePots';
import { useDisplay } from '../../stores/display';
import { DAYS_AHEAD, type DaysPlanNow } from '../../orders/useDaysPlan';
import { heavyText } from '../../fields/heavy';
import { DayCell } from './DayCell';

interface Props {
  readonly now: DaysPlanNow;
  readonly onKeep: (order: WantedDocument) => void;
  readonly onDrop: (order: WantedDocument) => void;
}

const IN_SIGHT = 14;
const HOUR = 3600;

const day = (d: Date): string => format(d, 'EEEE d MMM');

/** How an order comes out, as one says it. */
export function outcomeSays(c: OrderOutcome, count: number, outAt: (i: number) => string): string {
  const lacks =
    c.lacks === 'hours'
      ? tr`it lacks ${printDuration(c.short)} at the bench`
      : c.lacks === 'glass'
        ? tr`it lacks ${shownNumber(c.short, 1)} kg of glass`
        : c.lacks === 'fits no box'
          ? tr`no annealer is large enough`
          : c.lacks === 'no such pot'
            ? tr`no pot has its glass`
            : tr`the boxes are taken, or its night is too long`;
  const last =
    c.out === undefined
      ? tr`; the last are not out within ${DAYS_AHEAD} days`
      : tr`; the last is out ${outAt(c.out)}`;
  if (c.lacks === undefined) return tr`In time${last}.`;
  if (c.inTime === 0) return tr`None in time: ${lacks}${c.planned === 0 ? '' : last}.`;
  return tr`${c.inTime} of ${count} in time: ${lacks}${last}.`;
}

/** Which days are in sight. */
function Weeks({
  from,
  onFrom,
}: {
  readonly from: number;
  readonly onFrom: (from: number) => void;
}) {
  return (
    <div className="flex items-center gap-2">
      <button
        type="button"
        className="btn btn-ghost btn-sm"
        aria-label={tr`A week earlier`}
        disabled={from === 0}
        onClick={() => {
          onFrom(Math.max(0, from - 7));
        }}
      >
        <ChevronLeft className="size-4" />
      </button>
      <button
        type="button"
        className="btn btn-ghost btn-sm"
        aria-label={tr`A week later`}
        disabled={from + IN_SIGHT >= DAYS_AHEAD}
        onClick={() => {
          onFrom(Math.min(DAYS_AHEAD - IN_SIGHT, from + 7));
        }}
      >
        <ChevronRight className="size-4" />
      </button>
      <p className="quiet text-sm">{tr`Type a number on a day to put that many there; clear it to have it planned again.`}</p>
    </div>
  );
}

/** An order, day by day: as planned, or as put there by hand. */
function OrderRow({
  now,
  wanted: w,
  from,
  onKeep,
  onDrop,
}: Props & { readonly wanted: WantedDocument; readonly from: number }) {
  const { days, plan, pieces } = now;
  const seen = days.slice(from, from + IN_SIGHT);
  const outAt = (i: number): string => day(addDays(days[0]?.date ?? new Date(), i));
  const pin = (order: WantedDocument, on: string, count: number | undefined): void => {
    const pinned: Record<string, number> = { ...order.pinned };
    if (count === undefined) Reflect.deleteProperty(pinned, on);
    else pinned[on] = count;
    const none = Object.keys(pinned).length === 0;
    onKeep(withChanges(order, { pinned: none ? undefined : pinned }));
  };
  const piece = pieces.get(w.piece);
  const came = plan.cameOut.find((c) => c.wanted === w.id);
  const left = w.count - (w.done ?? 0);
  const due = parseISO(w.due);
  return (
    <tr className="border-base-300 border-t align-top">
      <th scope="row" className="py-1 pr-3 text-left font-normal">
        <span className="flex items-start justify-between gap-2">
          <span className="leading-snug">
            {trNodes`${(<b className="num">{w.count}</b>)} ${(
              <Link to={`/pieces/${w.piece}/cost`} className="link font-semibold">
                {piece?.name ?? tr`a piece that is gone`}
              </Link>
            )} by ${format(due, 'EEE d MMM')}`}
            {w.says !== undefined && <span className="quiet"> {w.says}</span>}
          </span>
          <button
            type="button"
            className="btn btn-ghost btn-xs btn-square"
            aria-label={tr`Take the order of ${piece?.name ?? tr`it`} away`}
            onClick={() => {
              onDrop(w);
            }}
          >
            <X className="size-4" />
          </button>
        </span>
        {came ? (
          <span
            className={`block text-sm leading-snug ${came.lacks === undefined ? 'quiet' : 'text-warning'}`}
          >
            {came.attempts > left && tr`${came.attempts} to have ${left}. `}
            {outcomeSays(came, left, outAt)}
          </span>
        ) : (
          <span className="quiet block text-sm">{left <= 0 ? tr`All there.` : ''}</span>
        )}
        <span className="block w-24">
          <CountField
            label={tr`there already`}
            value={w.done ?? 0}
            min={0}
            max={w.count}
            onCommit={(done) => {
              onKeep({ ...w, done });
            }}
          />
        </span>
      </th>
      {seen.map(({ date, day: d }, i) => {
        const count =
          plan.days[from + i]?.work
            .filter((x) => x.wanted === w.id)
            .reduce((sum, x) => sum + x.count, 0) ?? 0;
        return (
          <td
            key={d}
            className={`p-0 text-center align-middle ${d === w.due ? 'bg-base-300/60' : ''} ${date.getDay() === 1 ? 'border-l border-(--steel)' : ''}`}
          >
            <DayCell
              label={tr`${piece?.name ?? tr`it`} on ${day(date)}`}
              count={count}
              pinned={w.pinned?.[d]}
              due={d === w.due}
              onPin={(n) => {
                pin(w, d, n);
              }}
            />
          </td>
        );
      })}
    </tr>
  );
}

/** Hours, pots and boxes, day by day. */
function DaysFoot({ now, from }: Pick<Props, 'now'> & { readonly from: number }) {
  const units = useDisplay((s) => s.units);
  const annealers = useAnnealers();
  const pots = usePotList();
  const { days, plan, asked } = now;
  const seen = days.slice(from, from + IN_SIGHT);
  return (
    <tfoot>
      <tr className="border-t-2 border-(--steel)">
        <th scope="row" className="quiet py-1 text-left font-normal">
          {tr`hours at the bench`}
        </th>
        {seen.map(({ day: d }, i) => {
          const p = plan.days[from + i];
          const there = asked.bench[from + i] ?? 0;
          const share = there > 0 ? Math.min(1, (p?.seconds ?? 0) / there) : 0;
          return (
            <td key={d} className="px-1 text-center align-bottom">
              <span
                className="bg-base-300 relative block h-8 w-full overflow-hidden"
                aria-hidden="true"
              >
                <span
                  className={`absolute bottom-0 left-0 w-full ${(p?.over ?? 0) > 0 ? 'bg-warning' : 'bg-primary/70'}`}
                  style={{ height: `${(100 * share).toFixed(0)}%` }}
                />
              </span>
              <span className={`num text-sm ${(p?.over ?? 0) > 0 ? 'text-warning' : ''}`}>
                {(p?.seconds ?? 0) === 0 ? '–' : shownNumber((p?.seconds ?? 0) / HOUR, 1)}
                {(p?.over ?? 0) > 0 && <span className="block">{tr`over`}</span>}
              </span>
            </td>
          );
        })}
      </tr>
      {asked.pots.map((pot, k) => (
        <tr key={pot.glass} className="border-base-300 border-t">
          <th scope="row" className="quiet py-1 text-left font-normal">
            {tr`${pots[k]?.name ?? tr`the pot`}, evening`}
          </th>
          {seen.map(({ day: d }, i) => {
            const p = plan.days[from + i]?.pots[k];
            if (!p) return <td key={d} />;
            return (
              <td key={d} className="num px-1 text-center text-sm leading-tight">
                {heavyText(p.level, units)}
                {p.charge > 0 && (
                  <b className="text-primary block">+{heavyText(p.charge, units)}</b>
                )}
                {!p.fit && <span className="quiet block">{tr`cooks`}</span>}
              </td>
            );
          })}
        </tr>
      ))}
      <tr className="border-base-300 border-t">
        <th scope="row" className="quiet py-1 text-left font-normal">{tr`boxes loaded`}</th>
        {seen.map(({ day: d }, i) => (
          <td key={d} className="px-1 text-center text-sm leading-tight">
            {plan.days[from + i]?.loaded.map((b) => (
              <span key={b} className="block">
                {(annealers[b]?.name ?? '').replace(/^the /, '')}
              </span>
            ))}
          </td>
        ))}
      </tr>
    </tfoot>
  );
}

export function DaysGrid({ now, onKeep, onDrop }: Props) {
  const [from, setFrom] = useState(0);
  const { days, wanted } = now;
  const seen = days.slice(from, from + IN_SIGHT);
  return (
    <section aria-label={tr`The days to come`} className="mt-3">
      <Weeks from={from} onFrom={setFrom} />
      <div
        className="overflow-x-auto"
        role="group"
        aria-label={tr`Days, side by side`}
        // Wider than a small screen it scrolls by keyboard too.
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex
        tabIndex={0}
      >
        <table className="w-full border-collapse">
          <caption className="sr-only">{tr`How many of each order on each day`}</caption>
          <thead>
            <tr>
              <th scope="col" className="min-w-64 text-left font-normal">
                <span className="sr-only">{tr`order`}</span>
              </th>
              {seen.map(({ date, day: d }) => (
                <th
                  key={d}
                  scope="col"
                  className={`min-w-14 px-1 pb-1 text-center font-normal ${date.getDay() === 1 ? 'border-l border-(--steel)' : ''}`}
                >
                  <span className="quiet block text-sm leading-none">{format(date, 'EEE')}</span>
                  <span className="num">{format(date, 'd')}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {wanted.map((w) => (
              <OrderRow
                key={w.id}
                now={now}
                wanted={w}
                from={from}
                onKeep={onKeep}
                onDrop={onDrop}
              />
            ))}
          </tbody>
          <DaysFoot now={now} from={from} />
        </table>
      </div>
    </section>
  );
}
