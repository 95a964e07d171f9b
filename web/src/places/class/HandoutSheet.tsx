// The handout: one page with the target, the tools and where each lives, the order in the teacher's words, and what is said every time.
import { limitsOf, TWO_WORDS } from '@zanfirico/core/class';
import { drawnOf } from '@zanfirico/core/log';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { factsOf, STEPS, type WorkStep } from '@zanfirico/core/work';
import { Printer } from 'lucide-react';
import { ownWordsAt } from '../../class/wordsAt';
import { stepName } from '../../marks/braid/stepNames';
import { clockText } from '../../marks/braid/strands';
import { useDisplay } from '../../stores/display';
import { KIND, SAYS } from '../log/measureWords';
import { CardSection } from '../piece/card/CardSection';
import { useOfClass } from './ClassPlace';

/** Said every time (TRADE §19). */
const RULES = [
  tr`Turn steadily.`,
  tr`Slow down, not faster, when it is off centre.`,
  tr`Light fingertips when breaking off; do not hammer.`,
  tr`Your partner opens the door wide.`,
  tr`Half-size: more at the second dip. Bigger than the calipers: too much.`,
];

interface Told {
  readonly step: WorkStep;
  readonly times: number;
}

/** Steps that follow one another and are alike are one line. */
const folded = (steps: readonly WorkStep[]): Told[] =>
  steps.reduce<Told[]>((all, step) => {
    const last = all.at(-1);
    return last?.step.kind === step.kind && last.step.part === step.part
      ? [...all.slice(0, -1), { step: last.step, times: last.times + 1 }]
      : [...all, { step, times: 1 }];
  }, []);

export function HandoutSheet() {
  const { lesson, derived, document, steps } = useOfClass();
  const units = useDisplay((s) => s.units);
  if (!derived || !steps)
    return <p className="quiet mt-4">{tr`The order of work is being placed …`}</p>;
  const lines = folded(steps);
  const said = new Set<string>();
  const wordsFor = (kind: string): string[] => {
    // Once is enough on paper.
    const fresh = ownWordsAt(lesson, kind).filter((w) => !said.has(w));
    fresh.forEach((w) => said.add(w));
    return fresh;
  };
  const cautions = [
    ...new Set(steps.flatMap((s) => (s.kind === 'own' ? [] : (STEPS[s.kind].caution ?? [])))),
  ].map((says) => says());
  const hasHeats = steps.some((s) => factsOf(s).does === 'heat');
  return (
    <>
      <p className="no-print mt-3">
        <button
          type="button"
          className="btn btn-primary"
          onClick={() => {
            window.print();
          }}
        >
          <Printer className="size-5" /> {tr`Print the handout`}
        </button>
      </p>
      <article className="handout card-page mt-3 bg-white p-6 text-black">
        <h2 className="font-display text-2xl font-semibold">
          {lesson.name} <span className="font-sans text-base font-normal">{document.name}</span>
        </h2>
        <div className="mt-2 grid grid-cols-2 gap-6">
          <div>
            <h3 className="font-semibold">{tr`The target, as the calipers are set`}</h3>
            <table className="num w-full">
              <tbody>
                {lesson.tolerances.flatMap((t) => {
                  const drawn = drawnOf(derived, t.of, t.up);
                  if (drawn === undefined) return [];
                  const { least, most } = limitsOf(t, drawn);
                  return [
                    <tr key={t.of} className="border-b border-black/30">
                      <th scope="row" className="text-left font-normal">
                        {SAYS[t.of]}
                      </th>
                      <td className="text-right">{printText(drawn, KIND[t.of], units)}</td>
                      <td className="text-right whitespace-nowrap">
                        {tr`${printText(least, KIND[t.of], units)} to ${printText(most, KIND[t.of], units)}`}
                      </td>
                    </tr>,
                  ];
                })}
              </tbody>
            </table>
            <h3 className="mt-2 font-semibold">{tr`Check`}</h3>
            <p>{lesson.checks.join('; ')}.</p>
            <h3 className="mt-2 font-semibold">{tr`Tools, and where each lives`}</h3>
            <ul>
              {lesson.tools.map((t) => (
                <li key={t.name}>
                  {t.name}
                  {t.lives !== '' && <i>: {t.lives}</i>}
                </li>
              ))}
            </ul>
          </div>
          <div className="min-w-0 [&_svg]:max-h-56 [&_svg]:w-full">
            <CardSection document={document} derived={derived} />
            {hasHeats && (
              <>
                <h3 className="font-semibold">{tr`Two words`}</h3>
                <p>{TWO_WORDS['flash']?.()}</p>
                <p>{TWO_WORDS['reheat']?.()}</p>
              </>
            )}
          </div>
        </div>
        <h3 className="mt-2 font-semibold">{tr`The order`}</h3>
        <ol className="columns-2 gap-6">
          {lines.map(({ step, times }, i) => (
            <li key={step.id} className="break-inside-avoid">
              <span className="num">{i + 1}.</span> {stepName(step)}
              {times > 1 && tr` (${times} times)`}{' '}
              <span className="num">{clockText(step.seconds * times)}</span>
              {wordsFor(step.kind).map((w) => (
                <i key={w} className="block pl-5 leading-tight">
                  {w}
                </i>
              ))}
            </li>
          ))}
        </ol>
        <h3 className="mt-2 font-semibold">{tr`Every time`}</h3>
        <p>{RULES.join(' ')}</p>
        {cautions.length > 0 && (
          <p className="mt-1">{tr`! ${cautions.slice(0, 4).join(' ')} The house’s rules and the supplier’s sheet come before this page.`}</p>
        )}
      </article>
    </>
  );
}
