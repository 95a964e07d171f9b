// A recipe's lines with the clock they begin at in this box.
import type { Recipe } from '@zanfirico/contract/shop';
import { fileName } from '@zanfirico/contract';
import type { ScheduleInput } from '@zanfirico/core/night';
import { recipeCurve } from '@zanfirico/core/night/asked';
import { printDuration, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { FileDown } from 'lucide-react';
import { useMemo } from 'react';
import { download } from '../exports/download';
import { recipeCsv } from '../exports/recipeCsv';
import { useDisplay } from '../stores/display';
import { clockWords } from '../clock/clockWords';
import { HeadRow } from '../marks/HeadRow';

interface Props {
  readonly recipe: Recipe;
  readonly input: ScheduleInput;
  /** Clock at the recipe's start. */
  readonly lastIn: string;
}

export function RecipeTable({ recipe, input, lastIn }: Props) {
  const units = useDisplay((s) => s.units);
  const { ends } = useMemo(() => recipeCurve(recipe, input.box), [recipe, input.box]);
  return (
    <>
      <table className="table w-full max-w-2xl">
        <caption className="sr-only">{recipe.name}</caption>
        <HeadRow columns={[tr`to`, tr`at`, tr`held`, tr`takes`, tr`until`]} />
        <tbody className="num text-right text-[0.95rem]">
          {recipe.lines.map((l, i) => {
            const end = ends[i] as number;
            const clock = clockWords(lastIn, end);
            return (
              <tr key={i} className="border-base-300 border-b">
                <th scope="row" className="num py-1 text-left font-normal">
                  {printText(l.to, 'temperature', units)}
                </th>
                <td>{l.rate === undefined ? '–' : printText(l.rate, 'rate', units)}</td>
                <td>{l.hold === undefined ? '–' : printDuration(l.hold)}</td>
                <td>{printDuration(end - (ends[i - 1] ?? 0))}</td>
                <td>
                  {clock.time}
                  {clock.day !== 'today' && <span className="quiet font-sans"> {clock.day}</span>}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <button
        type="button"
        className="btn btn-ghost btn-sm no-print mt-1"
        onClick={() => {
          download(`${fileName(recipe.name)}.csv`, 'text/csv', recipeCsv(recipe));
        }}
      >
        <FileDown className="size-4" /> {tr`This recipe (CSV)`}
      </button>
    </>
  );
}
