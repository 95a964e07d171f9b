// What of a glass or colour is on the rack: form by form, weighed or by length, with its lot.
import type { RackEntry, StockLine } from '@zanfirico/contract/rack';
import { withChanges, type Changes } from '@zanfirico/core/edits';
import { tr, trWord } from '@zanfirico/core/words';
import { LIMITS } from '@zanfirico/contract';
import { RACK_FORMS } from '@zanfirico/contract/rack';
import { QuantityField } from '../../../fields/QuantityField';
import { Rows } from '../../../fields/Rows';

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
  return (
    <Rows
      items={stock}
      most={MOST}
      none={tr`None noted.`}
      out={(_, i) => tr`Take stock ${i + 1} off`}
      more={tr`Stock`}
      fresh={() => fresh(entry.forms[0] ?? 'bar')}
      onChange={(lines) => {
        // What there is of it is a form it comes in.
        const forms = [...new Set([...entry.forms, ...lines.map((l) => l.form)])];
        onChange({ stock: lines, forms: forms.length > entry.forms.length ? forms : entry.forms });
      }}
      row={(line, i, put) => {
        const name = tr`Stock ${i + 1}`;
        return (
          <>
            <select
              className="select w-24"
              aria-label={tr`${name}, form`}
              value={line.form}
              onChange={(e) => {
                put(withChanges(fresh(e.target.value as StockLine['form']), { lot: line.lot }));
              }}
            >
              {RACK_FORMS.map((f) => (
                <option key={f} value={f}>
                  {trWord(f)}
                </option>
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
                      put({ ...line, length });
                    }}
                  />
                  <QuantityField
                    label="⌀"
                    kind="length"
                    value={line.diameter ?? 0.028}
                    within={LIMITS.rackAcross}
                    onCommit={(diameter) => {
                      put({ ...line, diameter });
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
                    put({ ...line, mass });
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
                  if (lot !== line.lot) put(withChanges(line, { lot }));
                }}
              />
            </label>
          </>
        );
      }}
    />
  );
}
