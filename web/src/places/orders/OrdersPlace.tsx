// Orders: so many of a piece by a day; the days to come planned for them, moved by hand, and what cannot be done said plainly.
import { tr } from '@zanfirico/core/words';
import type { WantedDocument } from '@zanfirico/contract/orders';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { sentenceOf } from '../../api/client';
import { dropWanted, keepWanted } from '../../orders/asks';
import { GoingOn } from '../../night/Going';
import { useNotices } from '../../stores/notices';
import { troubled } from '../../stores/troubled';
import { useShopHere } from '../../stores/useShopHere';
import { useDaysPlan } from '../../orders/useDaysPlan';
import { BenchHours } from './BenchHours';
import { ColoursWanted } from './ColoursWanted';
import { DaysGrid } from './DaysGrid';
import { NewOrder } from './NewOrder';
import { TroubleLine } from '../../marks/TroubleLine';

export function OrdersPlace() {
  useShopHere();
  const queries = useQueryClient();
  const [today] = useState(() => new Date());
  const { now, wanted, here, failure, working } = useDaysPlan(today);
  const again = (): void => {
    void queries.invalidateQueries({ queryKey: ['wanted'] });
  };
  const keep = (order: WantedDocument): void => {
    keepWanted(order).then(again, troubled);
  };
  const drop = (order: WantedDocument): void => {
    dropWanted(order.id).then(() => {
      again();
      useNotices.getState().say(tr`The order is taken away.`, {
        label: tr`Undo`,
        run: () => {
          keep(order);
        },
      });
    }, troubled);
  };
  return (
    <div className="mx-auto w-full max-w-[100rem] px-6 py-6">
      <h1 className="text-4xl">{tr`Orders`}</h1>
      {failure && <TroubleLine className="mt-3">{sentenceOf(failure)}</TroubleLine>}
      {here && wanted.length === 0 && (
        <p className="mt-3 text-xl leading-snug">{tr`Twelve by the 12th? Say what is wanted by when, and the days are planned by the bench’s hours, the glass in the pot and the nights of the boxes.`}</p>
      )}
      {working > 0 && (
        <div className="mt-3">
          <GoingOn
            says={tr`The order of work and the nights of ${working} ${working === 1 ? tr`piece` : tr`pieces`} are being worked out`}
            share={undefined}
          />
        </div>
      )}
      {now?.troubles.map((t) => (
        <p key={t} role="alert" className="text-warning mt-1">
          {t}
        </p>
      ))}
      {now && wanted.length > 0 && <DaysGrid now={now} onKeep={keep} onDrop={drop} />}
      <div className="mt-6 grid gap-x-10 gap-y-6 *:min-w-0 lg:grid-cols-2">
        <NewOrder onKeep={keep} today={today} />
        <div>
          <BenchHours />
          {now && <ColoursWanted now={now} />}
        </div>
      </div>
      <p className="quiet mt-4 max-w-prose text-sm leading-snug">{tr`A plan, not a promise: an order’s pieces by their planned clock one after another, as many more as the log says are lost, each box loaded once an evening. What is due first goes first, as early as it can; found by that rule, not proven the best. A charge is made in the evening when the next day would find the pot too shallow.`}</p>
    </div>
  );
}
