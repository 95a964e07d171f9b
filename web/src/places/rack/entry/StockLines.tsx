// What of a glass or colour is on the rack: form by form, weighed or by length, with its lot.
import type { RackEntry, StockLine } from '@zanfirico/contract/rack';
import { withChanges, type Changes } from '@zanfirico/core/edits';
import { tr, trWord } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import { RACK_FORMS } from '@zanfirico/contract/rack';
import { Plus, X } from 'lucide-react';
import { QuantityField } from '../../../fields/QuantityField';
import { IconButton } from '../../../shell/IconButton';

interface Props {
  readonly entry: RackEntry;
  readonly onChange: (patch: Changes<RackEntry>) => void;
}

/** Kept by length; everything else is weighed. */
const BY_LENGTH = new Set<string>(['bar', 'rod', 'tubing', 'cane', 'thin rod']);
const MOST = 40;

const fresh = (form: StockLine['form']): StockLine =>
  BY_LENGTH.has(form) ? { form, length: 0.25, diameter: 0.028 } : { form, mass: 0.1 };

export function StockLines({ entry, onChange }: Props) {
  const { stock } = entry;
  const put = (i: number, line: StockLine): void => {
    const forms = entry.forms.includes(line.form) ? entry.forms : [...entry.forms, line.form];
    onChange({ stock: stock.map((l, k) => (k === i ? line : l)), forms });
  };
  return (
    <div>
      {stock.length === 0 && <p className="quiet text-sm">{tr`None noted.`}</p>}
      <ul>
        {stock.map((line, i) => {
          const name = tr`Stock ${i + 1}`;
          return (
            <li key={i} className="border-base-300 flex items-end gap-2 border-b py-1">
              <select
                className="select w-24"
                aria-label={tr`${name}, form`}
                value={line.form}
                onChange={(e) => {
                  put(
                    i,
                    withChanges(fresh(e.target.value as StockLine['form']), { lot: line.lot }),
                  );
                }}
              >
                {RACK_FORMS.map((f) => (
                  <option key={f}>{trWord(f)}</option>
                ))}
              </select>
              <div className="grid flex-1 grid-cols-2 gap-2">
                {BY_LENGTH.has(line.form) ? (
                  <>
                    <QuantityField
                      label={tr`long`}
                      kind="length"
                      value={line.length ?? 0}
                      within={LIMITS.rackAmount}
                      onCommit={(length) => {
                        put(i, { ...line, length });
                      }}
                    />
                    <QuantityField
                      label="⌀"
                      kind="length"
                      value={line.diameter ?? 0.028}
                      within={LIMITS.rackAcross}
                      onCommit={(diameter) => {
                        put(i, { ...line, diameter });
                      }}
                    />
                  </>
                ) : (
                  <QuantityField
                    label={tr`weighs`}
                    kind="mass"
                    value={line.mass ?? 0}
                    within={LIMITS.rackAmount}
                    onCommit={(mass) => {
                      put(i, { ...line, mass });
                    }}
                  />
                )}
              </div>
              <label className="flex w-20 flex-col">
                <span className="quiet text-sm">{tr`lot`}</span>
                <input
                  className="input"
                  maxLength={40}
                  aria-label={tr`${name}, lot`}
                  defaultValue={line.lot ?? ''}
                  key={line.lot ?? ''}
                  onBlur={(e) => {
                    const lot = e.target.value.trim() === '' ? undefined : e.target.value.trim();
                    if (lot !== line.lot) put(i, withChanges(line, { lot }));
                  }}
                />
              </label>
              <IconButton
                label={tr`Take ${name.toLowerCase()} off`}
                onClick={() => {
                  onChange({ stock: stock.filter((_, k) => k !== i) });
                }}
              >
                <X className="size-4" />
              </IconButton>
            </li>
          );
        })}
      </ul>
      <button
        type="button"
        className="btn btn-ghost btn-sm mt-1"
        disabled={stock.length >= MOST}
        onClick={() => {
          const form = entry.forms[0] ?? 'bar';
          onChange({
            stock: [...stock, fresh(form)],
            forms: entry.forms.includes(form) ? entry.forms : [...entry.forms, form],
          });
        }}
      >
        <Plus className="size-4" /> {tr`Stock`}
      </button>
    </div>
  );
}
