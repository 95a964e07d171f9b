// A chip test: a chip of the first glass sunk in the second, its halo between crossed polarisers read off.
import type { ChipReading } from '@zanfirico/contract/rack';
import { trNodes } from '../../../words/trNodes';
import { LIMITS } from '@zanfirico/contract';
import { expectedHalo, testedDifference, type RackLine } from '@zanfirico/core/rack';
import { tr, trWord } from '@zanfirico/core/words';
import { Choice } from '../../../fields/Choice';
import { QuantityField } from '../../../fields/QuantityField';
import { TypedField } from '../../../fields/TypedField';
import { useFields } from '../../../fields/useFields';
import { pointsText } from '../../../marks/speakers';
import { ChipPicture } from './ChipPicture';
import { KeepBar } from './KeepBar';
import { asTestGlass } from './glassOfTest';

interface Props {
  readonly first: RackLine;
  readonly second: RackLine;
}

interface Halo {
  readonly by: 'retardation' | 'discs';
  /** What was read; nothing yet when left out. */
  readonly seen: number | undefined;
  readonly error: number;
  /** Glass looked through, m. */
  readonly thickness: number;
  readonly around: ChipReading['around'];
}
const UNREAD: Halo = {
  by: 'retardation',
  seen: undefined,
  error: 5,
  thickness: 0.01,
  around: 'pulled',
};

export function ChipForm({ first, second }: Props) {
  const [{ by, seen, error, thickness, around }, set] = useFields(UNREAD);
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
        {trNodes`By their numbers the halo should read ${(<b className="num">{tr`${Math.round(expected.nmPerCm)} nm/cm`}</b>)}, the glass round the chip ${trWord(expected.around)}`}
        .{' '}
        <span className="quiet">{tr`Sink a chip in a warm blob, anneal both together, then look beside the chip; a tint plate tells pull from push.`}</span>
      </p>
      <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-3">
        <Choice
          legend={tr`Read in`}
          options={[
            { value: 'retardation', label: 'nm/cm' },
            { value: 'discs', label: tr`reference discs` },
          ]}
          value={by}
          onChange={(next) => {
            set({ by: next, seen: undefined, error: next === 'discs' ? 0.5 : 5 });
          }}
        />
        <div className="w-28">
          <NumberField
            label={by === 'discs' ? tr`Discs` : 'Halo nm/cm'}
            value={seen}
            max={(by === 'discs' ? LIMITS.discs : LIMITS.halo).maximum}
            onCommit={(v) => {
              set({ seen: v });
            }}
          />
        </div>
        <div className="w-20">
          <NumberField
            label="±"
            value={error}
            max={(by === 'discs' ? LIMITS.discsError : LIMITS.haloError).maximum}
            onCommit={(v) => {
              set({ error: v ?? 0 });
            }}
          />
        </div>
        {by === 'discs' && (
          <div className="w-28">
            <QuantityField
              label={tr`Looked through`}
              kind="length"
              value={thickness}
              within={LIMITS.lookedThrough}
              onCommit={(v) => {
                set({ thickness: v });
              }}
            />
          </div>
        )}
        <Choice
          legend={tr`Round the chip the glass is`}
          options={[
            { value: 'pulled', label: tr`pulled` },
            { value: 'pressed', label: tr`pressed` },
          ]}
          value={around}
          onChange={(next) => {
            set({ around: next });
          }}
        />
      </div>
      <KeepBar
        first={first}
        second={second}
        reading={reading}
        says={
          found
            ? tr`${first.entry.name} less ${second.entry.name}: ${pointsText(found.value, found.error)} ×10⁻⁷/K`
            : tr`Type what the halo reads.`
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
          : { ok: false, problem: tr`${label}: given “${text}”; allowed 0 to ${max}.` };
      }}
      onCommit={onCommit}
    />
  );
}
