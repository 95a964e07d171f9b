// °C or °F, mm or in, g or lb, a decimal point or comma: each a toggle, anywhere in the application.
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../stores/display';

export function UnitSwitch() {
  const units = useDisplay((s) => s.units);
  const setUnits = useDisplay((s) => s.setUnits);
  const pairs = [
    {
      name: tr`Temperature`,
      now: `°${units.temperature}`,
      a: '°C',
      b: '°F',
      flip: () => {
        setUnits({ temperature: units.temperature === 'C' ? 'F' : 'C' });
      },
    },
    {
      name: tr`Length`,
      now: units.length,
      a: 'mm',
      b: 'in',
      flip: () => {
        setUnits({ length: units.length === 'mm' ? 'in' : 'mm' });
      },
    },
    {
      name: tr`Decimals`,
      now: units.decimal === ',' ? '0,5' : '0.5',
      a: '0.5',
      b: '0,5',
      flip: () => {
        setUnits({ decimal: units.decimal === ',' ? '.' : ',' });
      },
    },
    {
      name: tr`Weight`,
      now: units.mass,
      a: 'g',
      b: 'lb',
      flip: () => {
        setUnits({ mass: units.mass === 'g' ? 'lb' : 'g' });
      },
    },
  ];
  return (
    <div className="flex gap-2" role="group" aria-label={tr`Units`}>
      {pairs.map((p) => (
        <button
          key={p.name}
          type="button"
          className="num hover:bg-base-300/60 flex min-h-9 items-center gap-1 px-1.5 text-sm"
          onClick={p.flip}
        >
          <span className="sr-only">
            {tr`${p.name} in ${p.now}; change to ${p.now === p.a ? p.b : p.a}`}
          </span>
          {[p.a, p.b].map((u) => (
            <span
              key={u}
              aria-hidden="true"
              className={
                u === p.now
                  ? 'border-primary border-b-2 font-bold'
                  : 'quiet border-b-2 border-transparent'
              }
            >
              {u}
            </span>
          ))}
        </button>
      ))}
    </div>
  );
}
