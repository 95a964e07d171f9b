// How much of each colour the part takes, for so many pieces, and whether the rack has it.
import { LIMITS } from '@zanfirico/contract';
import type { PieceColour } from '@zanfirico/contract/piece';
import { amountVolume } from '@zanfirico/core/fit';
import { stockFor } from '@zanfirico/core/rack';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { CountField } from '../../../fields/CountField';
import { thicknessText } from '../../../fields/ThicknessField';
import { changePiece } from '../../../stores/draft';
import { useDisplay } from '../../../stores/display';
import { useRack } from '../../../stores/theRack';
import type { Colouring } from './useColouring';

export function Amounts({ colouring }: { readonly colouring: Colouring }) {
  const { laid, shares, pieces, tolerance } = colouring;
  const units = useDisplay((s) => s.units);
  const rack = useRack((s) => s.rack);
  if (laid.length === 0) return null;
  const length = (v: number): string => printText(v, 'length', units);
  const inWords = (amount: PieceColour['amount']): string => {
    switch (amount.kind) {
      case 'bar':
        return tr`${length(amount.length * pieces)} of bar ⌀ ${length(amount.diameter)}`;
      case 'canes':
        return tr`${amount.count * pieces} canes of ${length(amount.length)}`;
      case 'passes':
        return tr`${amount.count} rolls each`;
      case 'pinches':
        return tr`${amount.count} pinches each`;
      case 'coats':
        return tr`${amount.count} × ${thicknessText(amount.thickness, units)} each`;
      case 'pieces':
        return tr`${amount.count * pieces} of ${length(amount.diameter)}`;
      case 'weight':
        return '';
    }
  };
  // One colour laid twice comes out of one stock: needs are added up as they are counted down.
  const taken = new Map<string, number>();
  const rows = laid.map((l, k) => {
    const line = rack.line(l.colour);
    const density = line?.colour.density ?? 0;
    const each =
      shares.find((s) => s.laid === k)?.mass ??
      (l.amount.kind === 'pieces' ? amountVolume(l.amount, density, 0) * density : undefined);
    const need = each === undefined ? undefined : each * pieces;
    const have = line && stockFor(line.entry.stock, l.amount.kind, density);
    const key = `${l.colour} ${l.amount.kind}`;
    const before = taken.get(key) ?? 0;
    if (need !== undefined) taken.set(key, before + need);
    const left = have === undefined || need === undefined ? undefined : have - before - need;
    return { l, name: line?.colour.name ?? l.colour, need, have, left };
  });
  return (
    <section className="mt-5" aria-label={tr`Amounts`}>
      <div className="flex items-end gap-4">
        <h2 className="flex-1 text-2xl">{tr`To lay out`}</h2>
        <div className="w-20">
          <CountField
            label={tr`Pieces`}
            value={pieces}
            within={LIMITS.pieces}
            onCommit={(next) => {
              changePiece({ fit: { tolerance, pieces: next } });
            }}
          />
        </div>
      </div>
      <ul className="mt-1">
        {rows.map(({ l, name, need, have, left }, k) => (
          <li key={k} className="border-base-300 border-b py-1">
            <div className="flex justify-between">
              <span>{name}</span>
              <span className="num text-right">
                {need === undefined ? '–' : printText(need, 'mass', units)}
                <span className="quiet block text-sm">{inWords(l.amount)}</span>
              </span>
            </div>
            {left !== undefined && have !== undefined && (
              <p className={`text-sm leading-tight ${left < 0 ? 'text-warning' : 'quiet'}`}>
                {left < 0
                  ? tr`Short by ${printText(-left, 'mass', units)}: the rack has ${printText(have, 'mass', units)} of it in this form.`
                  : tr`${printText(left, 'mass', units)} stay on the rack.`}
              </p>
            )}
          </li>
        ))}
      </ul>
      {rows.every((r) => r.have === undefined) && (
        <p className="quiet mt-1 text-sm">{tr`No stock is noted for these; note it in the rack and it is counted here.`}</p>
      )}
    </section>
  );
}
