// The shortest sound night: looked for in a worker, best so far shown, stopped at will.
import { trNodes } from '../words/trNodes';
import type { CheckedNight, ScheduleInput } from '@zanfirico/core/night';
import { recipeCurve, type ShorterNight as Found } from '@zanfirico/core/night/asked';
import { printDuration } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { Timer } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { VerdictMark } from '../marks/Verdict';
import { startShortest } from '../workers/workers';
import { useWork } from '../workers/useWork';
import { clockWords } from '../clock/clockWords';
import { RecipeTable } from './RecipeTable';
import { verdictOf } from './verdictOf';

const CurvesChart = lazy(async () => ({
  default: (await import('../marks/CurvesChart')).CurvesChart,
}));

interface Props {
  readonly input: ScheduleInput;
  readonly lastIn: string;
  readonly checked: CheckedNight;
}

export function ShorterLeaf({ input, lastIn, checked }: Props) {
  const { busy, take, stop } = useWork<Found>();
  const [best, setBest] = useState<{ for: ScheduleInput; found: Found }>();
  const found = best?.for === input ? best.found : undefined;
  const keep = (b: Found): void => {
    setBest({ for: input, found: b });
  };
  const look = (): void => {
    setBest(undefined);
    take(startShortest(input, keep), keep);
  };
  const saved = found ? checked.schedule.total.value - found.seconds : 0;
  const door = found && clockWords(lastIn, found.seconds);
  return (
    <section aria-label={tr`Shorter`}>
      <div className="flex flex-wrap items-center gap-3">
        <button type="button" className="btn btn-primary btn-sm" onClick={busy ? stop : look}>
          <Timer className="size-4" /> {busy ? tr`Stop, keep the best` : tr`Look for the shortest`}
        </button>
        {busy && (
          <span role="status" className="quiet">
            {found
              ? tr`best so far ${printDuration(found.seconds)}, ${found.tries} nights tried`
              : tr`trying …`}
          </span>
        )}
      </div>
      {!found && !busy && (
        <p className="quiet mt-2 max-w-prose leading-snug">{tr`Soak, where the falls bend, and how fast each is are moved about; every try is simulated on this piece, kept within the practice and within what this box can do. What is found is as safe as tonight’s schedule, by the same measure.`}</p>
      )}
      {found && door && (
        <>
          <p className="mt-2 text-lg leading-snug">
            {trNodes`${(<b className="num">{printDuration(found.seconds)}</b>)} to the door, ${door.time} ${door.day}`}
            {saved > 60
              ? tr`: ${printDuration(saved)} less than tonight as set.`
              : tr`: nothing shorter was found than tonight as set.`}
          </p>
          <VerdictMark verdict={verdictOf(found.outcome, input)} />
          <Suspense fallback={<div className="h-[230px]" />}>
            <CurvesChart
              lastIn={lastIn}
              curves={[
                { id: 'set', name: tr`tonight`, curve: checked.curve, lead: false },
                {
                  id: 'short',
                  name: tr`shortest`,
                  curve: recipeCurve(found.recipe, input.box),
                  lead: true,
                },
              ]}
            />
          </Suspense>
          <RecipeTable recipe={found.recipe} input={input} lastIn={lastIn} />
        </>
      )}
    </section>
  );
}
