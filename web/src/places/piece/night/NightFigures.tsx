// The night's figures, each to be asked why.
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useDisplay } from '../../../stores/display';
import { useWhy } from '../../../stores/asked';
import { namedFigures } from '../figures';
import type { StandingPiece } from '../usePiece';

const SHOWN = ['soak', 'slowRate', 'slowEnd', 'quickRate', 'step', 'leaves', 'passing'];

export function NightFigures({ derived }: { readonly derived: StandingPiece }) {
  const units = useDisplay((s) => s.units);
  const { asked, ask } = useWhy();
  const all = namedFigures(derived);
  return (
    <ul className="mt-4" aria-label={tr`Figures of the night`}>
      {SHOWN.flatMap((id) => all.find((f) => f.id === id) ?? []).map((f) => (
        <li key={f.id} className="border-base-300 border-b">
          <button
            type="button"
            aria-expanded={asked === f.id}
            className={`hover:bg-base-300/40 flex w-full justify-between px-1 py-1 text-left ${asked === f.id ? 'bg-base-300/40' : ''}`}
            onClick={() => {
              ask(f.id);
            }}
          >
            <span>{f.label}</span>
            <span className="num">{printText(f.figure.value, f.figure.kind, units)}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
