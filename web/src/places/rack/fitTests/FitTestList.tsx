// Every test kept, newest first: pair, day, lot, what it said, and whether it counts.
import { trNodes } from '../../../words/trNodes';
import type { KeptTest } from '@zanfirico/contract/rack';
import { testedDifference } from '@zanfirico/core/rack';
import { tr, trWord } from '@zanfirico/core/words';
import { sentenceOf } from '../../../api/client';
import { pointsText } from '../../../marks/speakers';
import { useNotices } from '../../../stores/notices';
import { useRack } from '../../../stores/theRack';
import { asTestGlass } from './glassOfTest';

export function TestList() {
  const tests = useRack((s) => s.tests);
  const rack = useRack((s) => s.rack);
  const count = useRack((s) => s.count);
  const { trouble } = useNotices.getState();
  const said = (t: KeptTest): string => {
    const [a, b] = [rack.colour(t.first), rack.colour(t.second)];
    if (!a || !b) return '–';
    const d = testedDifference(t.reading, asTestGlass(a), asTestGlass(b));
    return pointsText(d.value, d.error);
  };
  const name = (id: string): string => rack.line(id)?.entry.name ?? id;
  return (
    <section aria-label={tr`Tests kept`}>
      <h2 className="text-2xl">{tr`Tests kept`}</h2>
      {tests.length === 0 && (
        <p className="mt-1 leading-snug">{tr`None yet. A number on a sheet is only a hint: a bar of another lot may shrink otherwise. A thread takes two minutes, and what it says outranks every sheet here.`}</p>
      )}
      <ul className="mt-1">
        {tests.map((t) => (
          <li
            key={t.id}
            className={`border-base-300 border-b py-2 leading-tight ${t.counts ? '' : 'opacity-60'}`}
          >
            <div className="flex items-baseline justify-between gap-3">
              <span>{trNodes`${(<b>{name(t.first)}</b>)} less ${name(t.second)}`}</span>
              <span className="num font-bold whitespace-nowrap">{said(t)}</span>
            </div>
            <div className="flex items-baseline justify-between gap-3 text-sm">
              <span className="quiet">
                {t.at.slice(0, 10)}, {trWord(t.reading.kind)}
                {t.lot !== undefined && tr`, lot ${t.lot}`}
              </span>
              <label className="flex items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox checkbox-xs"
                  checked={t.counts}
                  onChange={(e) => {
                    count(t.id, e.target.checked).catch((error: unknown) => {
                      trouble(sentenceOf(error));
                    });
                  }}
                />
                {tr`counts`}
              </label>
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}
