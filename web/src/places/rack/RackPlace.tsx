// The rack: the colours and glasses, what was tested together, and what the shop has to work them with.
import { NavLink, Outlet } from 'react-router';

const SHEETS = [
  { to: '/rack', name: 'Colours', end: true },
  { to: '/rack/glasses', name: 'Glasses', end: false },
  { to: '/rack/tests', name: 'Tests', end: false },
  { to: '/rack/shop', name: 'Irons, boxes, torch stock', end: false },
] as const;

export function RackPlace() {
  return (
    <div className="mx-auto w-full max-w-[1400px] px-6 py-4">
      <div className="flex flex-wrap items-baseline gap-x-8">
        <h1 className="text-4xl">Rack</h1>
        <nav aria-label="In the rack" className="flex">
          {SHEETS.map(({ to, name, end }) => (
            <NavLink
              key={to}
              to={to}
              end={end}
              className={({ isActive }) =>
                `border-b-3 px-3 py-1 text-lg ${
                  isActive
                    ? 'border-primary font-bold'
                    : 'quiet hover:border-base-300 border-transparent'
                }`
              }
            >
              {name}
            </NavLink>
          ))}
        </nav>
      </div>
      <Outlet />
    </div>
  );
}
