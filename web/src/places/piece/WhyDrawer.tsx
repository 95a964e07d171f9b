// Why: the formula behind the asked figure, what went in, where it is from, what would move it.
import { printQuantity, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { X } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';
import { useDisplay } from '../../stores/display';
import { useWhy } from '../../stores/asked';
import { namedFigures } from './figures';
import type { OnBoard } from './usePiece';

export function WhyDrawer({ board }: { readonly board: OnBoard }) {
  const units = useDisplay((s) => s.units);
  // On the Section it lies over the leaf, so that the drawing keeps its room.
  const over = useLocation().pathname.endsWith('/section');
  const asked = useWhy((s) => s.asked);
  const close = useWhy((s) => s.close);
  const drawer = useRef<HTMLElement>(null);
  // It takes the focus when it opens and gives it back to the figure that was asked.
  useEffect(() => {
    if (asked === undefined) return undefined;
    const from = document.activeElement;
    drawer.current?.focus();
    const held = drawer.current;
    return () => {
      const lost =
        document.activeElement === document.body || held?.contains(document.activeElement);
      if (lost && from instanceof HTMLElement) from.focus();
    };
  }, [asked]);
  const named = board.last && namedFigures(board.last).find((f) => f.id === asked);
  if (!named) return null;
  const { why, value, kind } = named.figure;
  const { number, unit } = printQuantity(value, kind, units);
  return (
    <aside
      ref={drawer}
      tabIndex={-1}
      className={`no-print bg-base-100 border-base-300 fixed inset-y-0 right-0 z-20 w-[22rem] max-w-full overflow-y-auto border-l px-5 py-4 shadow-2xl lg:shadow-none ${over ? 'lg:absolute' : 'lg:static'}`}
      aria-label={tr`Why: ${named.label}`}
    >
      <div className="flex items-start justify-between">
        <h2 className="text-2xl">{named.label}</h2>
        <button
          type="button"
          className="btn btn-ghost btn-sm btn-square"
          aria-label={tr`Close the why`}
          onClick={close}
        >
          <X className="size-4" />
        </button>
      </div>
      <p className="num mt-1 text-3xl font-semibold">
        {number} <span className="quiet text-base">{unit}</span>
      </p>
      <p className="mt-3 leading-snug">{why.says}</p>
      <p className="formula bg-base-200 mt-3 px-3 py-2 leading-snug">{why.formula}</p>
      <table className="table mt-3 w-full text-[0.95rem]">
        <caption className="sr-only">{tr`What went in`}</caption>
        <tbody>
          {why.inputs.map((input) => (
            <tr key={input.name} className="border-base-300 border-b">
              <th scope="row" className="py-1 pr-2 text-left font-normal">
                {input.name}
              </th>
              <td className="num py-1 text-right whitespace-nowrap">
                {printText(input.value, input.kind, units)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-3 leading-snug">
        <span className="quiet">{tr`What would change it: `}</span>
        {why.changes}
      </p>
      <p className="quiet mt-3 text-sm leading-snug">{tr`Source: ${why.source}`}</p>
    </aside>
  );
}
