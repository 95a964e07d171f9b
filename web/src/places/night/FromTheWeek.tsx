// What the week's plan puts into this annealer next, beside the box it is for; one tap stands it there.
import { tr } from '@zanfirico/core/words';
import { format, fromUnixTime, getUnixTime } from 'date-fns';
import { toMinute } from '../../clock/moments';
import { counted, manyNamed } from './useShelf';
import { useWeekPlan } from './useWeekPlan';

/** A load counts as the next until its last piece is so long in, s. */
const STILL_TONIGHT = 12 * 3600;

export function FromTheWeek({
  annealer,
  inBox,
  onTake,
}: {
  readonly annealer: string | undefined;
  readonly inBox: Readonly<Record<string, number>>;
  readonly onTake: (inBox: Readonly<Record<string, number>>) => void;
}) {
  const { answer, idle, nameOf } = useWeekPlan();
  if (idle || answer.state !== 'here') return null;
  const from = getUnixTime(new Date()) - STILL_TONIGHT;
  const next = answer.value.loads.find((l) => l.annealer === annealer && l.lastIn > from);
  if (!next)
    return <p className="quiet mt-2 text-sm">{tr`The week puts nothing more into this box.`}</p>;
  const counts = counted(next.pieces);
  const same =
    Object.keys(counts).length === Object.keys(inBox).length &&
    Object.entries(counts).every(([id, n]) => inBox[id] === n);
  return (
    <section aria-label={tr`From the week`} className="border-base-300 mt-2 border-t pt-2">
      <p className="leading-snug">
        {tr`The week puts in here, ${format(toMinute(fromUnixTime(next.lastIn)), 'EEE HH:mm')}: ${manyNamed(next.pieces, nameOf)}`}
        .
      </p>
      {same ? (
        <p className="quiet text-sm">{tr`That is what stands in it.`}</p>
      ) : (
        <button
          type="button"
          className="btn btn-outline btn-sm mt-1"
          onClick={() => {
            onTake(counts);
          }}
        >
          {tr`Stand these in it`}
        </button>
      )}
    </section>
  );
}
