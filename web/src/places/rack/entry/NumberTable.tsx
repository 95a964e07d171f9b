// Every number of a glass with who gives it: representative, the sheet's, and measured here; the one that speaks stands out.
import type { Given, Quantity, RackEntry } from '@zanfirico/contract/rack';
import type { Changes } from '@zanfirico/core/edits';
import { QUANTITIES, type RackLine } from '@zanfirico/core/rack';
import { tr, trSense } from '@zanfirico/core/words';
import { useState } from 'react';
import { TypedField } from '../../../fields/TypedField';
import { SPEAKER_WORDS } from '../../../marks/speakers';
import { useDisplay } from '../../../stores/display';
import { withOne } from '../../../stores/withOne';
import { fieldText, numberText, readNumber, SHOWN_QUANTITIES, unitOf } from './quantities';

/** Shown at once; the rest on asking. */
const FIRST: readonly Quantity[] = [
  'expansion',
  'strainPoint',
  'annealing',
  'softening',
  'working',
  'density',
];

interface Props {
  readonly line: RackLine;
  readonly onChange: (patch: Changes<RackEntry>) => void;
}

export function NumberTable({ line, onChange }: Props) {
  const { entry, spoken } = line;
  const units = useDisplay((s) => s.units);
  const [all, setAll] = useState(false);
  const shown = all ? QUANTITIES : FIRST;
  const put = (q: Quantity, given: Given): void => {
    const empty = given.sheet === undefined && given.measured === undefined;
    onChange({ values: withOne<Given>(entry.values, q, empty ? undefined : given) });
  };
  const cell = (q: Quantity, from: 'sheet' | 'measured') => {
    const value = entry.values[q]?.[from];
    return (
      <td className={`w-24 pl-2 ${spoken[q].by === from ? 'font-bold' : ''}`}>
        <TypedField<number | undefined>
          bare
          label={`${SHOWN_QUANTITIES[q].label}, ${from === 'sheet' ? tr`from the sheet` : tr`measured`}`}
          shown={value === undefined ? '' : fieldText(q, value, units)}
          read={(text) =>
            text.trim() === '' ? { ok: true, value: undefined } : readNumber(q, text, units)
          }
          onCommit={(next) => {
            put(q, { ...entry.values[q], [from]: next });
          }}
        />
      </td>
    );
  };
  return (
    <>
      <table className="table mt-1 w-full text-left">
        <thead>
          <tr className="quiet text-sm">
            <th className="font-normal" scope="col">{tr`speaks`}</th>
            <th className="pl-2 text-right font-normal" scope="col">
              {trSense('sheet', 'supplier’s')}
            </th>
            <th className="pl-2 text-right font-normal" scope="col">{tr`measured`}</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((q) => (
            <tr key={q} className="border-base-300 border-b align-baseline">
              <th className="py-1 font-normal" scope="row">
                <span className="quiet block text-sm leading-tight">
                  {SHOWN_QUANTITIES[q].label}
                </span>
                <span className="num font-bold">{numberText(q, spoken[q].value, units)}</span>{' '}
                <span className="num quiet text-sm">{unitOf(q, units)}</span>
                <span className="quiet block text-xs">
                  {SPEAKER_WORDS[spoken[q].by]}
                  {spoken[q].error !== undefined && (
                    <> ± {errorText(q, spoken[q].error, units.temperature === 'F')}</>
                  )}
                </span>
              </th>
              {cell(q, 'sheet')}
              {cell(q, 'measured')}
            </tr>
          ))}
        </tbody>
      </table>
      <button
        type="button"
        className="link quiet mt-1 text-sm"
        onClick={() => {
          setAll(!all);
        }}
      >
        {all ? tr`Fewer numbers` : tr`Stiffness, heat and light too`}
      </button>
    </>
  );
}

/** An error in the unit shown: of temperatures, as a difference. */
function errorText(q: Quantity, error: number, fahrenheit: boolean): string {
  const { one, digits } = SHOWN_QUANTITIES[q];
  return one === undefined
    ? String(Math.round(fahrenheit ? error * 1.8 : error))
    : (error / one).toFixed(digits);
}
