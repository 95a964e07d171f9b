// Night: the annealers. Tonight's box with what stands in it, or a night by bare numbers.
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';
import { useShopHere } from '../../stores/useShopHere';
import { Tabs, tabId } from '../../shell/Tabs';
import { BoxView } from './BoxView';
import { LiveView } from './live/LiveView';
import { NumbersView } from './NumbersView';
import { WarmView } from './warm/WarmView';
import { WeekView } from './WeekView';

const VIEWS = [
  ['box', tr`Tonight’s box`],
  ['live', tr`At the boxes`],
  ['week', tr`The week`],
  ['warm', tr`Warm for the bench`],
  ['numbers', tr`By numbers`],
] as const;

export function NightPlace() {
  const [view, setView] = useState<(typeof VIEWS)[number][0]>('box');
  useShopHere();
  return (
    <div className="flex flex-1 flex-col">
      <div className="bg-base-100 border-base-300 no-print flex items-baseline gap-6 border-b px-5 pt-2">
        <h1 className="text-2xl">{tr`Night`}</h1>
        <Tabs
          label={tr`What is annealed`}
          tabs={VIEWS}
          value={view}
          panel="annealed"
          onChange={setView}
          className="*:text-lg"
        />
      </div>
      <div
        id="annealed"
        role="tabpanel"
        aria-labelledby={tabId('annealed', view)}
        className="flex flex-1 flex-col"
      >
        {view === 'numbers' && <NumbersView />}
        {view === 'week' && <WeekView />}
        {view === 'warm' && <WarmView />}
        {view === 'live' && <LiveView />}
        {view === 'box' && (
          <BoxView
            onLive={() => {
              setView('live');
            }}
          />
        )}
      </div>
    </div>
  );
}
