// Night: the annealers. Tonight's box with what stands in it, or a night by bare numbers.
import { useShop } from '../../stores/theShop';
import { useNotices } from '../../stores/notices';
import { sentenceOf } from '../../api/client';
import { useEffect, useState } from 'react';
import { BoxView } from './BoxView';
import { NumbersView } from './NumbersView';
import { WeekView } from './WeekView';

const VIEWS = ['Tonight’s box', 'The week', 'By numbers'] as const;

export function NightPlace() {
  const [view, setView] = useState<(typeof VIEWS)[number]>(VIEWS[0]);
  const load = useShop((s) => s.load);
  const { say } = useNotices.getState();
  useEffect(() => {
    load().catch((error: unknown) => {
      say(sentenceOf(error));
    });
  }, [load, say]);
  return (
    <div className="flex flex-1 flex-col">
      <div className="bg-base-100 border-base-300 no-print flex items-baseline gap-6 border-b px-5 pt-2">
        <h1 className="text-2xl">Night</h1>
        <div role="group" aria-label="What is annealed" className="flex gap-1">
          {VIEWS.map((v) => (
            <button
              key={v}
              type="button"
              aria-pressed={view === v}
              className={`border-b-2 px-3 py-1.5 text-lg ${view === v ? 'border-primary font-bold' : 'hover:border-base-300 border-transparent'}`}
              onClick={() => {
                setView(v);
              }}
            >
              {v}
            </button>
          ))}
        </div>
      </div>
      {view === 'By numbers' ? <NumbersView /> : view === 'The week' ? <WeekView /> : <BoxView />}
    </div>
  );
}
