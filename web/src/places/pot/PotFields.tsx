// What a pot is: its inside, its heats, its furnace; changed in place, kept with the shop.
import { tr, trWord } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import type { PotDocument } from '@zanfirico/contract/shop';
import { QuantityField } from '../../fields/QuantityField';
import { GlassField } from '../../fields/GlassField';
import { HeavyField } from './HeavyField';
import { SelectField } from '../../fields/SelectField';

interface Props {
  readonly pot: PotDocument;
  readonly onChange: (pot: PotDocument) => void;
}

const FORMS = {
  bowl: 'straight on a round bottom',
  cylinder: 'straight',
  cone: 'wider at the mouth',
} as const;

export function PotFields({ pot, onChange }: Props) {
  const { form } = pot;
  const size = (label: string, value: number, set: (v: number) => PotDocument['form']) => (
    <QuantityField
      label={label}
      kind="length"
      value={value}
      within={LIMITS.potSize}
      onCommit={(v) => {
        onChange({ ...pot, form: set(v) });
      }}
    />
  );
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-1 sm:grid-cols-3">
      <GlassField
        label={tr`Its glass`}
        value={pot.glass}
        onChange={(glass) => {
          if (glass !== undefined) onChange({ ...pot, glass });
        }}
      />
      <SelectField
        label={tr`Its inside`}
        value={form.kind}
        onChange={(kind: PotDocument['form']['kind']) => {
          const { diameter, height } = form;
          onChange({
            ...pot,
            form:
              kind === 'cylinder'
                ? { kind, diameter, height }
                : kind === 'cone'
                  ? { kind, diameter, height, bottom: 0.8 * diameter }
                  : { kind, diameter, height, ball: 0.6 * diameter },
          });
        }}
      >
        {Object.entries(FORMS).map(([kind, says]) => (
          <option key={kind} value={kind}>
            {trWord(says)}
          </option>
        ))}
      </SelectField>
      {size(tr`Across its mouth`, form.diameter, (diameter) =>
        form.kind === 'bowl'
          ? { ...form, diameter, ball: Math.max(form.ball, diameter / 2) }
          : { ...form, diameter },
      )}
      {size(tr`Deep`, form.height, (height) => ({ ...form, height }))}
      {form.kind === 'cone' &&
        size(tr`Across its bottom`, form.bottom, (bottom) => ({ ...form, bottom }))}
      {form.kind === 'bowl' &&
        size(tr`Round of its bottom`, form.ball, (ball) => ({
          ...form,
          ball: Math.max(ball, form.diameter / 2),
        }))}
      {(['working', 'cooking'] as const).map((key) => (
        <QuantityField
          key={key}
          label={key === 'working' ? tr`Gathered from at` : tr`Cooked at`}
          kind="temperature"
          value={pot[key]}
          within={LIMITS.potTemperature}
          onCommit={(v) => {
            onChange({ ...pot, [key]: v });
          }}
        />
      ))}
      {(['power', 'loses'] as const).map((key) => (
        <QuantityField
          key={key}
          label={key === 'power' ? tr`The furnace gives` : tr`It loses, held hot`}
          kind="power"
          value={pot[key]}
          within={LIMITS.furnacePower}
          onCommit={(v) => {
            onChange({ ...pot, [key]: v });
          }}
        />
      ))}
      <HeavyField
        label={tr`Too shallow under`}
        value={pot.least}
        within={LIMITS.charge}
        onCommit={(least) => {
          onChange({ ...pot, least });
        }}
      />
    </div>
  );
}
