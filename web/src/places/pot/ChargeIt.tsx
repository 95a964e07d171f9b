// A charge before it is made: how far it cools the pot, when it is fit to gather, what cooking hotter or longer would do; then kept.
import type { Charged } from '@zanfirico/contract/pot';
import { trNodes } from '../../words/trNodes';
import { LIMITS } from '@zanfirico/contract';
import type { DeviceNow } from '@zanfirico/contract/boxes';
import type { PotDocument } from '@zanfirico/contract/shop';
import type { Glass } from '@zanfirico/core/glass';
import { CHARGED, potMass, type Cooked } from '@zanfirico/core/pot';
import { printDuration, printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { format } from 'date-fns';
import { useState } from 'react';
import { SendLines } from '../../boxes/SendLines';
import { SelectField } from '../../fields/SelectField';
import { shownNumber } from '../../fields/shown';
import { HeadRow } from '../../marks/HeadRow';
import { cookIn } from '../../pot/potNow';
import { useDisplay } from '../../stores/display';
import { HeavyField } from './HeavyField';
import { heavyText } from '../../fields/heavy';

interface Props {
  readonly pot: PotDocument;
  readonly glass: Glass;
  /** Glass in it now, kg. */
  readonly there: number;
  readonly now: number;
  /** Its furnace’s controller, where that can be asked. */
  readonly furnace?: DeviceNow | undefined;
  readonly onCharge: (what: Charged, mass: number) => void;
}

/** Cooked so much hotter and cooler beside, K. */
const BESIDE = [-50, 0, 50];
const KWH = 3.6e6;
/** After a cook held so long, s, or until it is told otherwise: as long as a controller's minutes reach. */
const ON = 1000 * 3600;
/** After the day's work. */
const EVENING = 18;

export function ChargeIt({ pot, glass, there, now, furnace, onCharge }: Props) {
  const units = useDisplay((s) => s.units);
  const holds = potMass(pot.form, pot.form.height, glass.density);
  const room = Math.max(0, holds - there);
  const [what, setWhat] = useState<Charged>('pellets');
  const [wanted, setMass] = useState<number>();
  const mass = wanted ?? Math.max(LIMITS.charge.minimum, Math.min(40, room));
  const over = mass > room + 1e-9;
  const of = (at: number): Cooked => cookIn(pot, glass, { mass, there, kind: what, at });
  const plan = of(pot.cooking);
  const evening = new Date(now).setHours(EVENING, 0, 0, 0);
  const when = (seconds: number): string => format(now + 1000 * seconds, 'EEEE HH:mm');
  return (
    <section aria-label={tr`Charge it`} className="mt-6">
      <h2 className="text-2xl">{tr`Charge it`}</h2>
      <div className="mt-1 flex flex-wrap items-end gap-4">
        <SelectField label={tr`What`} value={what} onChange={setWhat}>
          {CHARGED.map((c) => (
            <option key={c} value={c}>
              {trWord(c)}
            </option>
          ))}
        </SelectField>
        <div className="w-32">
          <HeavyField label={tr`How much`} value={mass} within={LIMITS.charge} onCommit={setMass} />
        </div>
        <button
          type="button"
          className="btn btn-primary"
          disabled={over}
          onClick={() => {
            onCharge(what, mass);
          }}
        >
          {tr`It was charged now`}
        </button>
      </div>
      {over ? (
        <p role="alert" className="text-warning mt-2">
          {tr`There is room for ${heavyText(room, units)}: charge less, or in two.`}
        </p>
      ) : (
        <>
          <p className="mt-2 text-lg leading-snug">
            {plan.fit === undefined ? (
              tr`This furnace never gets it hot: it loses as much as it gives.`
            ) : (
              <>
                {trNodes`Fit to gather ${(<b>{when(plan.fit)}</b>)}, charged now and cooked at ${(<span className="num">{printText(pot.cooking, 'temperature', units)}</span>)}. It cools the pot by ${(<span className="num">{printText(plan.cools, 'temperatureDifference', units)}</span>)}`}
                {plan.used !== undefined && (
                  <>
                    {' '}
                    {trNodes`and takes ${(<span className="num">{shownNumber(plan.used / KWH, 0)} kWh</span>)}`}
                  </>
                )}
                .
              </>
            )}
          </p>
          {plan.fit !== undefined && evening > now && (
            <p className="leading-snug">
              {tr`Charged at ${format(evening, 'HH:mm')} instead, after the day’s work, it is fit ${format(evening + 1000 * plan.fit, 'EEEE HH:mm')}`}
              .
            </p>
          )}
          <table className="table mt-1 w-full max-w-xl">
            <caption className="sr-only">{tr`The same cooked cooler and hotter`}</caption>
            <HeadRow
              columns={[tr`cooked at`, tr`hot again`, tr`free of seed`, tr`down again`, tr`fit`]}
            />
            <tbody className="num text-right">
              {BESIDE.map((by) => {
                const c = of(pot.cooking + by);
                return (
                  <tr key={by} className="border-base-300 border-b">
                    <th scope="row" className="py-1 text-left font-normal">
                      {printText(pot.cooking + by, 'temperature', units)}
                    </th>
                    <td>{c.heating === undefined ? tr`never` : printDuration(c.heating)}</td>
                    <td>{printDuration(c.clearing)}</td>
                    <td>{printDuration(c.falling)}</td>
                    <td>{c.fit === undefined ? tr`never` : when(c.fit)}</td>
                  </tr>
                );
              })}
            </tbody>
          </table>
          {furnace && plan.fit !== undefined && (
            <SendLines
              now={furnace}
              label={tr`Send this cook to the furnace`}
              says={tr`It waits to be started; afterwards it holds working heat until it is told otherwise.`}
              programme={{
                name: tr`Cook ${trWord(what)}, ${heavyText(mass, units)}`,
                lines: [
                  { to: pot.cooking, hold: plan.clearing },
                  { to: pot.working, hold: ON },
                ],
                lastIn: 0,
              }}
            />
          )}
          <p className="quiet mt-1 max-w-prose text-sm leading-snug">{tr`Free of seed: when bubbles half a millimetre wide have risen out (Hadamard and Rybczynski 1911); smaller ones stay, dissolving is not counted. Charging spits: face shield, gloves, sleeves, dry tools, dust kept down; the supplier’s sheet, local codes and whoever is licensed for the burner come first.`}</p>
        </>
      )}
    </section>
  );
}
