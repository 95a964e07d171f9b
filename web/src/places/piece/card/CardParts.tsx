// The parts and bits on the card: what each weighs and how its glass comes to it.
import type { Derived } from '@zanfirico/core/piece';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { stockWords } from '../../../fields/StockField';
import { useDisplay } from '../../../stores/display';

interface Props {
  readonly derived: Extract<Derived, { ok: true }>;
  /** Of a piece of one part the part itself is told beside. */
  readonly bitsOnly: boolean;
}

export function CardParts({ derived, bitsOnly }: Props) {
  const units = useDisplay((s) => s.units);
  return (
    <ol className="mt-2 border-t border-black pt-1 text-[0.9rem] leading-tight">
      {(bitsOnly ? [] : derived.parts).map((p) => (
        <li key={p.index} className="flex justify-between gap-2">
          <span>
            {p.index + 1} {p.name}
          </span>
          <span className="num text-right">
            {printText(p.mass, 'mass', units)}
            {p.gathers &&
              tr` · ${p.gathers.gathers.length} × to ⌀ ${printText(p.gathers.gathers[p.gathers.gathers.length - 1]?.diameter ?? 0, 'length', units)}`}
            {p.stock &&
              tr` · ${printText(p.stock.length.value, 'length', units)} of ${stockWords(p.stock.stock, units)}`}
          </span>
        </li>
      ))}
      {derived.bits.map((b) => (
        <li key={`b${String(b.index)}`} className="flex justify-between gap-2">
          <span>{b.name}</span>
          <span className="num">
            {b.mass > 0 ? printText(b.mass, 'mass', units) : tr`from the lip`}
            {b.stock &&
              tr` · ${printText(b.stock.length.value, 'length', units)} of ${stockWords(b.stock.stock, units)}`}
          </span>
        </li>
      ))}
    </ol>
  );
}
