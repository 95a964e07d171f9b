// What the losses cost: time at the bench, glass as drawn, and money where the shop says what an hour and a kilogram are worth.
import { LIMITS, type LogLine } from '@zanfirico/contract';
import { printText } from '@zanfirico/core';
import { CountField } from '../../fields/CountField';
import { shown } from '../../fields/shown';
import { clockText } from '../../marks/braid/strands';
import { useDisplay } from '../../stores/display';
import { useShop } from '../../stores/theShop';
import { changeShop } from '../../stores/changeShop';

const HOUR = 3600;
const NO_COSTS = { hour: 0, glass: 0 };

export function WhatItCosts({ lost }: { readonly lost: readonly LogLine[] }) {
  const units = useDisplay((s) => s.units);
  const costs = useShop((s) => s.shop?.document.costs) ?? NO_COSTS;
  const seconds = lost.reduce((t, l) => t + (l.lastAt - l.begunAt) / 1000, 0);
  const mass = lost.reduce((m, l) => m + (l.mass ?? 0), 0);
  const money = (seconds / HOUR) * costs.hour + mass * costs.glass;
  const keep = (change: Partial<typeof costs>): void => {
    changeShop(() => ({ costs: { ...costs, ...change } }));
  };
  return (
    <div className="mt-2 flex flex-wrap items-end gap-4">
      <p className="text-lg leading-snug">
        That was <b className="num">{clockText(seconds)}</b> at the bench and{' '}
        <b className="num">{printText(mass, 'mass', units)}</b> of glass as drawn
        {money > 0 && (
          <>
            : <b className="num">{shown(money, 0)}</b> in your money
          </>
        )}
        .
      </p>
      <div className="w-32">
        <CountField
          label="An hour is worth"
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
          label="A kilogram of glass"
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
