// A chip test: a chip of the first glass sunk in the second, its halo between crossed polarisers read off.
import { LIMITS } from '@zanfirico/contract';
import { expectedHalo, testedDifference, type ChipReading, type RackLine } from '@zanfirico/core';
import { useState } from 'react';
import { Choice } from '../../../fields/Choice';
import { QuantityField } from '../../../fields/QuantityField';
import { TypedField } from '../../../fields/TypedField';
import { pointsText } from '../../../marks/speakers';
import { ChipPicture } from './ChipPicture';
import { KeepBar } from './KeepBar';
import { asTestGlass } from './glassOfTest';

interface Props {
  readonly first: RackLine;
  readonly second: RackLine;
}

export function ChipForm({ first, second }: Props) {
  const [by, setBy] = useState<'retardation' | 'discs'>('retardation');
  const [seen, setSeen] = useState<number>();
  const [error, setError] = useState(5);
  const [thickness, setThickness] = useState(0.01);
  const [around, setAround] = useState<'pulled' | 'pressed'>('pulled');
  const [a, b] = [asTestGlass(first.colour), asTestGlass(second.colour)];
  const expected = expectedHalo(
    { ...a, expansion: first.colour.expansion },
    { ...b, expansion: second.colour.expansion },
  );
  const reading: ChipReading | undefined =
    seen === undefined
      ? undefined
      : {
          kind: 'chip',
          halo:
            by === 'retardation'
              ? { by, nmPerCm: seen, error }
              : { by, discs: seen, thickness, error },
          around,
        };
  const found = reading && testedDifference(reading, a, b);
  return (
    <div className="mt-4">
      <ChipPicture
        first={first.colour}
        second={second.colour}
        around={reading ? around : expected.around}
      />
      <p className="mt-2 leading-snug">
        By their numbers the halo should read{' '}
        <b className="num">{Math.round(expected.nmPerCm)} nm/cm</b>, the glass round the chip{' '}
        {expected.around}.{' '}
        <span className="quiet">
          Sink a chip in a warm blob, anneal both together, then look beside the chip; a tint plate
          tells pull from push.
        </span>
      </p>
      <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-3">
        <Choice
          legend="Read in"
          options={[
            { value: 'retardation', label: 'nm/cm' },
            { value: 'discs', label: 'reference discs' },
          ]}
          value={by}
          onChange={(next) => {
            setBy(next);
            setSeen(undefined);
            setError(next === 'discs' ? 0.5 : 5);
          }}
        />
        <div className="w-28">
          <NumberField
            label={by === 'discs' ? 'Discs' : 'Halo nm/cm'}
            value={seen}
            max={(by === 'discs' ? LIMITS.discs : LIMITS.halo).maximum}
            onCommit={setSeen}
          />
        </div>
        <div className="w-20">
          <NumberField
            label="±"
            value={error}
            max={(by === 'discs' ? LIMITS.discsError : LIMITS.haloError).maximum}
            onCommit={(v) => {
              setError(v ?? 0);
            }}
          />
        </div>
        {by === 'discs' && (
          <div className="w-28">
            <QuantityField
              label="Looked through"
              kind="length"
              value={thickness}
              within={LIMITS.lookedThrough}
              onCommit={setThickness}
            />
          </div>
        )}
        <Choice
          legend="Round the chip the glass is"
          options={[
            { value: 'pulled', label: 'pulled' },
            { value: 'pressed', label: 'pressed' },
          ]}
          value={around}
          onChange={setAround}
        />
      </div>
      <KeepBar
        first={first}
        second={second}
        reading={reading}
        says={
          found
            ? `${first.entry.name} less ${second.entry.name}: ${pointsText(found.value, found.error)} ×10⁻⁷/K`
            : 'Type what the halo reads.'
        }
      />
    </div>
  );
}

function NumberField({
  label,
  value,
  max,
  onCommit,
}: {
  readonly label: string;
  readonly value: number | undefined;
  readonly max: number;
  readonly onCommit: (value: number | undefined) => void;
}) {
  return (
    <TypedField<number | undefined>
      label={label}
      shown={value === undefined ? '' : String(value)}
      read={(text) => {
        if (text.trim() === '') return { ok: true, value: undefined };
        const n = Number(text.trim().replace(',', '.'));
        return n >= 0 && n <= max
          ? { ok: true, value: n }
          : { ok: false, problem: `${label}: given “${text}”; allowed 0 to ${String(max)}.` };
      }}
      onCommit={onCommit}
    />
  );
}
