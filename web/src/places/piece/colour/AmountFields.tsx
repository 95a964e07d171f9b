// The fields of one amount, as the shop measures it.
import { tr } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import type { PieceColour } from '@zanfirico/contract/piece';
import { CountField } from '../../../fields/CountField';
import { QuantityField } from '../../../fields/QuantityField';
import { ThicknessField } from '../../../fields/ThicknessField';

export function AmountFields({
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
          {length(tr`Long`, amount.length, 0.001, 1, (v) => ({ ...amount, length: v }))}
          {length(tr`Bar ⌀`, amount.diameter, 0.002, 0.1, (v) => ({ ...amount, diameter: v }))}
        </>
      );
    case 'weight':
      return (
        <QuantityField
          label={tr`Weighs`}
          kind="mass"
          value={amount.mass}
          within={LIMITS.colourMass}
          nudge={0.001}
          onCommit={(mass) => {
            onChange({ ...amount, mass });
          }}
        />
      );
    case 'passes':
      return (
        <CountField
          label={tr`Rolls`}
          value={amount.count}
          within={LIMITS.passes}
          onCommit={(count) => {
            onChange({ ...amount, count });
          }}
        />
      );
    case 'pinches':
      return (
        <CountField
          label={tr`Pinches`}
          value={amount.count}
          within={LIMITS.pinches}
          onCommit={(count) => {
            onChange({ ...amount, count });
          }}
        />
      );
    case 'canes':
      return (
        <>
          <CountField
            label={tr`Canes`}
            value={amount.count}
            within={LIMITS.caneCount}
            onCommit={(count) => {
              onChange({ ...amount, count });
            }}
          />
          {length(tr`Cane ⌀`, amount.diameter, 0.0005, 0.05, (v) => ({ ...amount, diameter: v }))}
          {length(tr`Long`, amount.length, 0.001, 1, (v) => ({ ...amount, length: v }))}
        </>
      );
    case 'coats':
      return (
        <>
          <CountField
            label={tr`Coats`}
            value={amount.count}
            within={LIMITS.coats}
            onCommit={(count) => {
              onChange({ ...amount, count });
            }}
          />
          <ThicknessField
            label={tr`Each`}
            value={amount.thickness}
            within={LIMITS.coatThickness}
            onCommit={(thickness) => {
              onChange({ ...amount, thickness });
            }}
          />
        </>
      );
    case 'pieces':
      return (
        <>
          <CountField
            label={tr`Pieces`}
            value={amount.count}
            within={LIMITS.lumps}
            onCommit={(count) => {
              onChange({ ...amount, count });
            }}
          />
          {length(tr`Across`, amount.diameter, 0.0001, 0.2, (v) => ({ ...amount, diameter: v }))}
        </>
      );
  }
}
