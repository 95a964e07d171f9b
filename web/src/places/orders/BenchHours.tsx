// How long the bench is worked each day of a week; kept with the shop.
import { tr } from '@zanfirico/core/words';
import { CountField } from '../../fields/CountField';
import { changeShop } from '../../stores/changeShop';
import { useShop } from '../../stores/theShop';
import { ORDINARY_HOURS } from '../../orders/useDaysPlan';

const DAYS = [tr`Mon`, tr`Tue`, tr`Wed`, tr`Thu`, tr`Fri`, tr`Sat`, tr`Sun`];
const HOUR = 3600;

export function BenchHours() {
  const shop = useShop((s) => s.shop?.document);
  // Nothing is typed into a shop that is not here yet.
  if (!shop) return null;
  const hours = shop.benchHours ?? ORDINARY_HOURS;
  return (
    <section aria-label={tr`Hours at the bench`}>
      <h2 className="text-2xl">{tr`Hours at the bench`}</h2>
      <div className="mt-1 grid grid-cols-4 gap-x-3 sm:grid-cols-7">
        {DAYS.map((d, i) => (
          <CountField
            key={d}
            label={d}
            value={(hours[i] ?? 0) / HOUR}
            step={0.25}
            min={0}
            max={24}
            onCommit={(v) => {
              changeShop(() => ({
                benchHours: DAYS.map((_, k) => (k === i ? v * HOUR : (hours[k] ?? 0))),
              }));
            }}
          />
        ))}
      </div>
    </section>
  );
}
