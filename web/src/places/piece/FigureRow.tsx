// A figure in a line: its name, its number, and why on asking.
import { printQuantity, type Figure } from '@zanfirico/core/units';
import { useDisplay } from '../../stores/display';
import { useWhy } from '../../stores/asked';

export function FigureRow({
  id,
  label,
  figure,
}: {
  readonly id: string;
  readonly label: string;
  readonly figure: Figure | undefined;
}) {
  const units = useDisplay((s) => s.units);
  const asked = useWhy((s) => s.asked === id);
  const ask = useWhy((s) => s.ask);
  if (!figure) return null;
  const { number, unit } = printQuantity(figure.value, figure.kind, units);
  return (
    <li>
      <button
        type="button"
        aria-expanded={asked}
        className="hover:bg-base-300/40 border-base-300 flex w-full items-baseline border-b py-1 text-left"
        onClick={() => {
          ask(id);
        }}
      >
        <span className="flex-1">{label}</span>
        <span className="num text-lg font-semibold">{number}</span>
        <span className="quiet w-9 pl-1 text-sm">{unit}</span>
      </button>
    </li>
  );
}
