// The layers as they are laid, outside at the top as the wall is looked at; each in the amount the shop measures.
import type { PieceColour } from '@zanfirico/contract';
import { findColour, hexOf, over, printText, WHITE } from '@zanfirico/core';
import { ArrowDown, ArrowUp, X } from 'lucide-react';
import { CountField } from '../../../fields/CountField';
import { QuantityField } from '../../../fields/QuantityField';
import { changePart } from '../../../stores/draft';
import { IconButton } from '../../../shell/IconButton';
import { useDisplay } from '../../../stores/display';
import { thinText } from './looks';
import type { Colouring } from './useColouring';

const KINDS = {
  bar: 'bar',
  weight: 'powder or frit, weighed',
  passes: 'powder or frit, rolls',
  canes: 'canes',
} as const;
type Kind = keyof typeof KINDS;

/** Amounts as first offered. Common practice, no source. */
const FIRST: Readonly<Record<Kind, PieceColour['amount']>> = {
  bar: { kind: 'bar', length: 0.02, diameter: 0.028 },
  weight: { kind: 'weight', mass: 0.015 },
  passes: { kind: 'passes', count: 2 },
  canes: { kind: 'canes', count: 20, diameter: 0.005, length: 0.06 },
};

export function StackEditor({ colouring }: { readonly colouring: Colouring }) {
  const { part, index, laid, shares } = colouring;
  const units = useDisplay((s) => s.units);
  const gathers = part.gathers?.gathers.length ?? 1;
  const put = (colours: PieceColour[]): void => {
    changePart(index, { colours: colours.length > 0 ? colours : undefined });
  };
  const change = (k: number, layer: Partial<PieceColour>): void => {
    put(laid.map((l, i) => (i === k ? { ...l, ...layer } : l)));
  };
  const swap = (k: number, by: 1 | -1): void => {
    const a = laid[k];
    const b = laid[k + by];
    if (!a) return;
    // Past a neighbour of another gather it first joins that gather.
    if (b?.after !== a.after) {
      const after = Math.min(gathers, Math.max(1, a.after + by));
      change(k, { after });
      return;
    }
    const next = [...laid];
    next[k] = b;
    next[k + by] = a;
    put(next);
  };
  const thick = (v: number): string => thinText(v, units);
  const { thickest, thinnest } = part.shape;
  return (
    <>
      <p className="quiet text-sm">outside</p>
      <ol aria-label="Layers, outside first">
        {[...shares].reverse().map((s, i) => {
          const k = s.laid;
          const layer = k === undefined ? undefined : laid[k];
          if (k === undefined || !layer || !s.colour)
            return (
              <li
                key={`g${String(i)}`}
                className="border-base-300 quiet flex items-baseline justify-between border-b py-1.5"
              >
                <span>{part.glass.name}</span>
                <span className="num text-sm">{printText(s.mass, 'mass', units)}</span>
              </li>
            );
          return (
            <li key={k} className="border-base-300 border-b py-2">
              <div className="flex items-center gap-2">
                <span
                  className="size-6 shrink-0 rounded-full border border-black/40"
                  style={{
                    background: hexOf(over(s.colour.seen, s.share * thinnest.wall, WHITE)),
                  }}
                  aria-hidden="true"
                />
                <span className="font-display flex-1 text-xl font-semibold">{s.colour.name}</span>
                <IconButton
                  label={`Lay ${s.colour.name} further out`}
                  onClick={() => {
                    swap(k, 1);
                  }}
                >
                  <ArrowUp className="size-4" />
                </IconButton>
                <IconButton
                  label={`Lay ${s.colour.name} further in`}
                  onClick={() => {
                    swap(k, -1);
                  }}
                >
                  <ArrowDown className="size-4" />
                </IconButton>
                <IconButton
                  label={`Take ${s.colour.name} out`}
                  onClick={() => {
                    put(laid.filter((_, n) => n !== k));
                  }}
                >
                  <X className="size-4" />
                </IconButton>
              </div>
              <div className="mt-1 grid grid-cols-[1fr_1fr_1fr] items-end gap-x-3 gap-y-1">
                <label className="col-span-2 flex flex-col">
                  <span className="quiet text-sm">as</span>
                  <select
                    className="line-field"
                    value={layer.amount.kind}
                    onChange={(e) => {
                      change(k, { amount: FIRST[e.target.value as Kind] });
                    }}
                  >
                    {Object.entries(KINDS).map(([id, says]) => (
                      <option key={id} value={id}>
                        {says}
                      </option>
                    ))}
                  </select>
                </label>
                <CountField
                  label="after gather"
                  value={Math.min(layer.after, gathers)}
                  min={1}
                  max={gathers}
                  onCommit={(after) => {
                    change(k, { after });
                  }}
                />
                <AmountFields
                  amount={layer.amount}
                  onChange={(amount) => {
                    change(k, { amount });
                  }}
                />
              </div>
              <p className="num mt-1 text-sm">
                {thick(s.atGather)} at the gather
                <span className="quiet font-sans"> · on the piece </span>
                {thick(s.share * thinnest.wall)} to {thick(s.share * thickest.wall)}
              </p>
              {s.colour.strikes && (
                <p className="quiet text-sm">Strikes: its colour comes up on reheating.</p>
              )}
            </li>
          );
        })}
      </ol>
      <p className="quiet text-sm">inside</p>
      {laid.some((l) => !findColour(l.colour)) && (
        <p role="alert" className="text-error">
          A colour of this piece is not in the rack; take it out or choose another.
        </p>
      )}
      {laid.length === 0 && (
        <p className="mt-2 leading-snug">
          All clear. Choose a colour from the rack below: it is laid after the first gather, under
          the rest.
        </p>
      )}
    </>
  );
}

function AmountFields({
  amount,
  onChange,
}: {
  readonly amount: PieceColour['amount'];
  readonly onChange: (amount: PieceColour['amount']) => void;
}) {
  const length = (
    label: string,
    value: number,
    min: number,
    max: number,
    set: (v: number) => PieceColour['amount'],
  ) => (
    <QuantityField
      label={label}
      kind="length"
      value={value}
      min={min}
      max={max}
      nudge={0.001}
      onCommit={(v) => {
        onChange(set(v));
      }}
    />
  );
  switch (amount.kind) {
    case 'bar':
      return (
        <>
          {length('Long', amount.length, 0.001, 1, (v) => ({ ...amount, length: v }))}
          {length('Bar ⌀', amount.diameter, 0.002, 0.1, (v) => ({ ...amount, diameter: v }))}
        </>
      );
    case 'weight':
      return (
        <QuantityField
          label="Weighs"
          kind="mass"
          value={amount.mass}
          min={0.0001}
          max={10}
          nudge={0.001}
          onCommit={(mass) => {
            onChange({ ...amount, mass });
          }}
        />
      );
    case 'passes':
      return (
        <CountField
          label="Rolls"
          value={amount.count}
          min={1}
          max={60}
          onCommit={(count) => {
            onChange({ ...amount, count });
          }}
        />
      );
    case 'canes':
      return (
        <>
          <CountField
            label="Canes"
            value={amount.count}
            min={1}
            max={400}
            onCommit={(count) => {
              onChange({ ...amount, count });
            }}
          />
          {length('Cane ⌀', amount.diameter, 0.0005, 0.05, (v) => ({ ...amount, diameter: v }))}
          {length('Long', amount.length, 0.001, 1, (v) => ({ ...amount, length: v }))}
        </>
      );
  }
}
