// Colour the orders take, beside what the rack has of it.
import { attemptsFor } from '@zanfirico/core/log';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useMemo } from 'react';
import { useDisplay } from '../../stores/display';
import { useRack } from '../../stores/theRack';
import type { DaysPlanNow } from '../../orders/useDaysPlan';

export function ColoursWanted({ now }: { readonly now: DaysPlanNow }) {
  const units = useDisplay((s) => s.units);
  const rack = useRack((s) => s.rack);
  const takes = useMemo(() => {
    const sums = new Map<string, number>();
    for (const w of now.asked.wanted) {
      const piece = now.pieces.get(w.piece);
      const attempts = attemptsFor(w.count, now.lostOf(w.piece));
      for (const [id, mass] of Object.entries(piece?.takes.colours ?? {}))
        sums.set(id, (sums.get(id) ?? 0) + attempts * mass);
    }
    return [...sums].map(([id, mass]) => {
      const line = rack.lines.find((l) => l.entry.id === id);
      const stock = line?.entry.kind === 'colour' ? line.entry.stock : [];
      const has = stock.reduce((sum, s) => sum + (s.mass ?? 0), 0);
      return { id, name: line?.entry.name ?? id, mass, has };
    });
  }, [now, rack]);
  if (takes.length === 0) return null;
  return (
    <section aria-label={tr`Colour they take`} className="mt-4">
      <h2 className="text-2xl">{tr`Colour they take`}</h2>
      <ul>
        {takes.map((t) => (
          <li key={t.id} className="border-base-300 flex flex-wrap gap-x-4 border-b py-0.5">
            <span className="flex-1">{t.name}</span>
            <span className="num">{printText(t.mass, 'mass', units)}</span>
            <span className={t.has < t.mass ? 'text-warning' : 'quiet'}>
              {t.has >= t.mass
                ? tr`the rack has ${printText(t.has, 'mass', units)}`
                : tr`${printText(t.mass - t.has, 'mass', units)} to be bought`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
