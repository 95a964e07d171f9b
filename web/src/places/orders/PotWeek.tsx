// What is wanted against what is in the pot: when it is too shallow, and when to charge so that it never is.
import { trNodes } from '../../words/trNodes';
import { tr } from '@zanfirico/core/words';
import { differenceInCalendarDays, format } from 'date-fns';
import { useEffect } from 'react';
import { Link } from 'react-router';
import { GoingOn } from '../../night/Going';
import { shownNumber } from '../../fields/shown';
import { useDisplay } from '../../stores/display';
import { useDaysPlan } from '../../orders/useDaysPlan';
import type { WantedOfPot } from '../../pot/wantedOfPot';
import { heavyText } from '../../fields/heavy';

/** Said so long before, days. */
const SOON = 3;

export function PotWeek({ pot, today, kwhOf, onTonight }: WantedOfPot) {
  // The days planned for the orders and the week.
  const { now, wanted, working } = useDaysPlan(today, true);
  const at = now?.asked.pots.findIndex((p) => p.glass === pot.glass) ?? -1;
  const tonight = now?.plan.days[0]?.pots[at]?.level;
  useEffect(() => {
    onTonight(tonight);
  }, [tonight, onTonight]);
  const units = useDisplay((s) => s.units);
  if (wanted.length === 0)
    return (
      <p className="quiet mt-4">{trNodes`Nothing is wanted by a day: ${(<Link to="/orders">{tr`take an order`}</Link>)}, and it is told here when to charge for it.`}</p>
    );
  if (!now)
    return working > 0 ? (
      <div className="mt-4">
        <GoingOn says={tr`What is wanted is being planned`} share={undefined} />
      </div>
    ) : null;
  const mine = now.asked.pots[at];
  if (!mine) return null;
  const charges = now.plan.days.flatMap((d, i) => {
    const p = d.pots[at];
    return p && p.charge > 0 ? [{ day: i, mass: p.charge, kwh: kwhOf(p.charge, p.level) }] : [];
  });
  const takes = now.plan.days.map((d) =>
    d.work.reduce((sum, w) => {
      const order = now.asked.wanted.find((o) => o.id === w.wanted);
      const piece = order && now.pieces.get(order.piece);
      return piece?.glass === pot.glass ? sum + w.count * piece.mass : sum;
    }, 0),
  );
  const all = takes.reduce((sum, v) => sum + v, 0);
  const taken = takes.map((_, i) => takes.slice(0, i + 1).reduce((sum, v) => sum + v, 0));
  const empty = taken.findIndex((v, i) => (takes[i] ?? 0) > 0 && mine.level - v < mine.least);
  const dayAt = (i: number): string => format(now.days[i]?.date ?? today, 'EEEE d MMM');
  const nearly =
    empty >= 0 && differenceInCalendarDays(now.days[empty]?.date ?? today, today) <= SOON;
  return (
    <section aria-label={tr`What is wanted of it`} className="mt-6">
      <h2 className="text-2xl">{tr`What is wanted of it`}</h2>
      <p className="mt-1 text-lg leading-snug">
        {trNodes`The ${(<Link to="/orders">{tr`orders`}</Link>)} and the ${(<Link to="/night">{tr`week`}</Link>)} take ${(<b className="num">{heavyText(all, units)}</b>)}`}
        {empty < 0 ? (
          tr`; there is enough for all of them.`
        ) : (
          <>
            {trNodes`: uncharged, it is ${(
              <span className={nearly ? 'text-warning font-bold' : ''}>
                {tr`too shallow ${empty === 0 ? tr`today` : tr`on ${dayAt(empty)}`}`}
              </span>
            )}`}
            .
          </>
        )}
      </p>
      {charges.length > 0 && (
        <ul>
          {charges.map((c) => (
            <li key={c.day} className="leading-snug">
              {trNodes`Charge ${(<b className="num">{heavyText(c.mass, units)}</b>)} on the evening of ${dayAt(c.day)}: fit on the morning of ${dayAt(c.day + mine.ready)}`}
              {c.kwh !== undefined && (
                <>{trNodes`, for ${(<span className="num">{shownNumber(c.kwh, 0)} kWh</span>)}`}</>
              )}
              .
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
