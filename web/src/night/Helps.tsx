// What would help: changes of form, and of how it stands, each put through the night; what saves most first, done with one key.
import type { CheckedNight, ScheduleInput } from '@zanfirico/core/night';
import type { Helped } from '@zanfirico/core/night/asked';
import { printDuration, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { Check } from 'lucide-react';
import { proxy } from 'comlink';
import { useMemo } from 'react';
import { useWords } from '../fields/useWords';
import { useDisplay } from '../stores/display';
import { useAnswer } from '../workers/useAnswer';
import { night } from '../workers/workers';
import { GoingOn } from './Going';
import { TroubleLine } from '../marks/TroubleLine';

/** A change that can be tried, and made. */
export interface HelpChange {
  readonly id: string;
  readonly says: string;
  /** What it does to the look: grams, height, what it holds. */
  readonly looks: string;
  readonly input: ScheduleInput;
  readonly make: () => void;
}

/** Less than this is no change of the night, s. */
const SAME = 300;
/** So many are told in full. */
const MOST = 3;

export function Helps({
  input,
  checked,
  changes,
}: {
  readonly input: ScheduleInput;
  readonly checked: CheckedNight;
  readonly changes: readonly HelpChange[];
}) {
  const units = useDisplay((s) => s.units);
  const words = useWords();
  const ask = useMemo(
    () =>
      (onShare: (share: number) => void): Promise<Helped[]> =>
        night((w) =>
          w.helps(
            input,
            checked,
            changes.map(({ id, input: changed }) => ({ id, input: changed })),
            proxy(onShare),
          ),
        ),
    [input, checked, changes],
  );
  const answer = useAnswer(ask);
  if (answer.state === 'failed') return <TroubleLine>{answer.says}</TroubleLine>;
  if (answer.state === 'asked')
    return <GoingOn says={tr`${changes.length} changes are being tried`} share={answer.share} />;
  const told = answer.value.flatMap((h) => {
    const change = changes.find((c) => c.id === h.id);
    return change ? [{ ...h, change }] : [];
  });
  const better = told.filter((h) => h.saves > SAME).slice(0, MOST);
  const rest = told.filter((h) => !better.includes(h));
  return (
    <section aria-label={tr`What helps`}>
      <p className="text-lg leading-snug">
        {better.length === 0
          ? tr`Nothing tried here makes the night shorter by more than a few minutes: the box sets its clock, or the soak.`
          : tr`What would shorten this night most:`}
      </p>
      <ul className="mt-1">
        {better.map(({ id, saves, kept, change }) => (
          <li
            key={id}
            className="border-base-300 flex flex-wrap items-baseline gap-x-4 border-b py-1.5"
          >
            <b className="num text-primary w-24 text-right text-xl">−{printDuration(saves)}</b>
            <span className="min-w-0 flex-1 leading-snug">
              {words(change.says)}
              <span className="quiet block text-sm">
                {tr`${change.looks}; of tonight’s programme it would keep ${printText(kept, 'stress', units)}`}
              </span>
            </span>
            <button type="button" className="btn btn-outline btn-sm" onClick={change.make}>
              <Check className="size-4" /> {tr`Do it`}
            </button>
          </li>
        ))}
      </ul>
      {rest.length > 0 && (
        <p className="quiet mt-2 text-sm leading-snug">
          {tr`Also tried: `}
          {rest
            .map(
              (h) =>
                `${words(h.change.says)} (${
                  h.saves > SAME
                    ? `−${printDuration(h.saves)}`
                    : h.saves < -SAME
                      ? tr`${printDuration(-h.saves)} longer`
                      : tr`the same`
                })`,
            )
            .join('; ')}
          .
        </p>
      )}
      <p className="quiet mt-1 text-sm leading-snug">{tr`Each is put roughly through tonight’s programme; how long its own night is follows from that, tension going nearly by the rate. Taken, it is planned and checked like any other form, and undo takes it back.`}</p>
    </section>
  );
}
