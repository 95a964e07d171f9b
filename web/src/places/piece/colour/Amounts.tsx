// How much of each colour the part takes, for so many pieces.
import { findColour, printText } from '@zanfirico/core';
import { CountField } from '../../../fields/CountField';
import { changePiece } from '../../../stores/draft';
import { useDisplay } from '../../../stores/display';
import type { Colouring } from './useColouring';

export function Amounts({ colouring }: { readonly colouring: Colouring }) {
  const { laid, shares, pieces, tolerance } = colouring;
  const units = useDisplay((s) => s.units);
  if (laid.length === 0) return null;
  return (
    <section className="mt-5" aria-label="Amounts">
      <div className="flex items-end gap-4">
        <h2 className="flex-1 text-2xl">To lay out</h2>
        <div className="w-20">
          <CountField
            label="Pieces"
            value={pieces}
            min={1}
            max={1000}
            onCommit={(next) => {
              changePiece({ fit: { tolerance, pieces: next } });
            }}
          />
        </div>
      </div>
      <ul className="mt-1">
        {laid.map((l, k) => {
          const share = shares.find((s) => s.laid === k);
          const name = findColour(l.colour)?.name ?? l.colour;
          const length = (v: number): string => printText(v, 'length', units);
          const amount =
            l.amount.kind === 'bar'
              ? `${length(l.amount.length * pieces)} of bar ⌀ ${length(l.amount.diameter)}`
              : l.amount.kind === 'canes'
                ? `${String(l.amount.count * pieces)} canes of ${length(l.amount.length)}`
                : l.amount.kind === 'passes'
                  ? `${String(l.amount.count)} rolls each`
                  : '';
          return (
            <li key={k} className="border-base-300 flex justify-between border-b py-1">
              <span>{name}</span>
              <span className="num text-right">
                {share ? printText(share.mass * pieces, 'mass', units) : '–'}
                {amount !== '' && <span className="quiet block text-sm">{amount}</span>}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
