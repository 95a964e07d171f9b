// Where the margin is thin: the same night with each thing it stands on a little off, the worst first.
import { trNodes } from '../words/trNodes';
import {
  CLOSE,
  WORKING_STRESS,
  type CheckedNight,
  type ScheduleInput,
} from '@zanfirico/core/night';
import { printDuration, printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { useWords } from '../fields/useWords';
import { useDisplay } from '../stores/display';
import { HeadRow } from '../marks/HeadRow';
import { useMargins } from './useMargins';
import { TroubleLine } from '../marks/TroubleLine';

/** The bar's end, as a share of what is allowed. */
const FULL = 2;
const per = (share: number): string => `${String(Math.round(100 * share))} %`;

export function MarginsLeaf({
  input,
  checked,
}: {
  readonly input: ScheduleInput;
  readonly checked: CheckedNight;
}) {
  const units = useDisplay((s) => s.units);
  const words = useWords();
  const known = useMargins(input, checked);
  if (known && 'says' in known) return <TroubleLine>{known.says}</TroubleLine>;
  if (!known) return <p className="quiet">{tr`Some ten nights are being simulated …`}</p>;
  const told = known.answer;
  const [first] = told.margins;
  const over = told.margins.filter((m) => m.used > CLOSE);
  return (
    <section aria-label={tr`Margins`}>
      <p className="text-lg leading-snug">
        {trNodes`As planned ${(<b className="num">{per(told.used)}</b>)} of what is allowed is used, by the tension that ${trWord(told.by)}. `}
        {first && over.length > 0 ? (
          <>
            {trNodes`Most is lost if it turns out that ${(<b>{words(first.name)}</b>)}`}
            {over.length > 1 && (
              <>{tr`; ${over.length} of these would take it over the practice`}</>
            )}
            .{' '}
            {input.inHand === undefined || input.inHand === 0
              ? tr`The programme is made to use all of it`
              : tr`${per(input.inHand)} of it is held in hand`}
            {trNodes`; the worst of them keeps ${(
              <b className="num">
                {printText(Math.max(...over.map((m) => m.kept)), 'stress', units)}
              </b>
            )}`}
            {tr`, and glass is in danger from ${printText(WORKING_STRESS, 'stress', units)}.`}
          </>
        ) : (
          tr`None of these would take it over.`
        )}
      </p>
      <table className="table w-full">
        <caption className="sr-only">{tr`The same programme with one thing off, the worst first`}</caption>
        <HeadRow
          columns={[tr`if`, tr`of what is allowed`, tr`stays`, tr`passes`, tr`a night made for it`]}
          left={[tr`of what is allowed`]}
        />
        <tbody className="num text-right text-[0.95rem]">
          {told.margins.map((m) => (
            <tr key={m.id} className="border-base-300 border-b">
              <th scope="row" className="py-1 text-left font-sans leading-tight font-normal">
                {words(m.name)}
              </th>
              <td className="w-[24%] pl-4 text-left">
                <span className="flex items-center gap-2">
                  <span className="bg-base-300/60 relative h-2.5 flex-1">
                    <span
                      className={`absolute inset-y-0 left-0 ${m.used > CLOSE ? 'bg-primary' : 'bg-success'}`}
                      style={{ width: `${String((100 * Math.min(FULL, m.used)) / FULL)}%` }}
                    />
                    <span
                      className="bg-base-content absolute -inset-y-0.5 w-px"
                      style={{ left: `${String(100 / FULL)}%` }}
                    />
                  </span>
                  <span className="w-14 text-right">
                    {per(m.used)}
                    {m.used > CLOSE && <span className="sr-only">{tr` too much`}</span>}
                  </span>
                </span>
              </td>
              <td className="pl-4">{printText(m.kept, 'stress', units)}</td>
              <td className="pl-4">{printText(m.passing, 'stress', units)}</td>
              <td>
                {m.longer === undefined
                  ? '–'
                  : Math.abs(m.longer) < 120
                    ? tr`the same`
                    : `${m.longer > 0 ? '+' : '−'}${printDuration(Math.abs(m.longer))}`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="quiet mt-1 text-sm leading-snug">{tr`How far each is off is what a calliper, a supplier’s sheet and a thermocouple are usually good for (from memory). What uses most is worth measuring first.`}</p>
    </section>
  );
}
