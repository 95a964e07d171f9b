// What the losses cost: time at the bench, glass as drawn, and money where the shop says what an hour and a kilogram are worth.
import { trNodes } from '../../words/trNodes';
import { LIMITS } from '@zanfirico/contract';
import type { LogLine } from '@zanfirico/contract/making';
import { benchHour, pricesOf } from '@zanfirico/core/cost';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { CountField } from '../../fields/CountField';
import { shownNumber } from '../../fields/shown';
import { clockText } from '../../marks/braid/strands';
import { useDisplay } from '../../stores/display';
import { useShop } from '../../stores/theShop';
import { changeShop } from '../../stores/changeShop';

const HOUR = 3600;
/** The log does not keep how many helped: one is taken. */
const HELPED = 1;

export function WhatItCosts({ lost }: { readonly lost: readonly LogLine[] }) {
  const units = useDisplay((s) => s.units);
  const said = useShop((s) => s.shop?.document.costs);
  const costs = pricesOf(said);
  const seconds = lost.reduce((t, l) => t + (l.lastAt - l.begunAt) / 1000, 0);
  const mass = lost.reduce((m, l) => m + (l.mass ?? 0), 0);
  const money = (seconds / HOUR) * benchHour(costs, HELPED, costs.burns) + mass * costs.glass;
  const keep = (change: { readonly hour?: number; readonly glass?: number }): void => {
    changeShop((shop) => ({
      costs: { hour: costs.hour, glass: costs.glass, ...shop.costs, ...change },
    }));
  };
  return (
    <div className="mt-2 flex flex-wrap items-end gap-4">
      <p className="text-lg leading-snug">
        {trNodes`That was ${(<b className="num">{clockText(seconds)}</b>)} at the bench and ${(<b className="num">{printText(mass, 'mass', units)}</b>)} of glass as drawn`}
        {money > 0 && (
          <>
            : <b className="num">{shownNumber(money, 0)}</b>{' '}
            {costs.money === '' ? tr`in your money` : costs.money}
            {trNodes`${said === undefined && tr`, by ordinary prices`}, with one who helped and the fire`}
          </>
        )}
        .
      </p>
      <div className="w-32">
        <CountField
          label={tr`An hour who leads`}
          value={costs.hour}
          step={0.01}
          within={LIMITS.money}
          onCommit={(hour) => {
            keep({ hour });
          }}
        />
      </div>
      <div className="w-32">
        <CountField
          label={tr`A kilogram of glass`}
          value={costs.glass}
          step={0.01}
          within={LIMITS.money}
          onCommit={(glass) => {
            keep({ glass });
          }}
        />
      </div>
    </div>
  );
}
