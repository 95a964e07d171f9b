// The rack: the colours and glasses, what was tested together, and what the shop has to work them with.
import { tr } from '@zanfirico/core/words';
import { Outlet } from 'react-router';
import { SheetLinks } from '../../shell/Tabs';

const SHEETS = [
  { to: '/rack', name: tr`Colours`, end: true },
  { to: '/rack/glasses', name: tr`Glasses`, end: false },
  { to: '/rack/tests', name: tr`Tests`, end: false },
  { to: '/rack/shop', name: tr`Irons, boxes, torch stock`, end: false },
  { to: '/rack/screens', name: tr`Screens`, end: false },
];

export function RackPlace() {
  return (
    <div className="mx-auto w-full max-w-[1840px] px-6 py-4">
      <div className="flex flex-wrap items-baseline gap-x-8">
        <h1 className="text-4xl">{tr`Rack`}</h1>
        <SheetLinks label={tr`In the rack`} links={SHEETS} />
      </div>
      <Outlet />
    </div>
  );
}
