// The shortest sound night: looked for in a worker, best so far shown, stopped at will.
import {
  printDuration,
  recipeCurve,
  type Checked,
  type ScheduleInput,
  type Shorter as Found,
} from '@zanfirico/core';
import { Timer } from 'lucide-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { sentenceOf } from '../../api/client';
import { Verdict } from '../../marks/Verdict';
import { useNotices } from '../../stores/notices';
import { startShortest } from '../../workers/night';
import type { Work } from '../../workers/once';
import { clockWords } from '../piece/clock';
import { RecipeTable } from './RecipeTable';
import { verdictOf } from './verdictOf';

const CurvesChart = lazy(async () => ({
  default: (await import('../../marks/CurvesChart')).CurvesChart,
}));

interface Props {
  readonly input: ScheduleInput;
  readonly lastIn: string;
  readonly checked: Checked;
}

export function Shorter({ input, lastIn, checked }: Props) {
  const { trouble } = useNotices.getState();
  const [work, setWork] = useState<Work<Found>>();
  const [best, setBest] = useState<{ for: ScheduleInput; found: Found }>();
  useEffect(() => () => work?.stop(), [work]);
  const found = best?.for === input ? best.found : undefined;
  const look = (): void => {
    setBest(undefined);
    const started = startShortest(input, (b) => {
      setBest({ for: input, found: b });
    });
    setWork(started);
    started.done.then(
      (result) => {
        setWork(undefined);
        if (result) setBest({ for: input, found: result });
      },
      (error: unknown) => {
        setWork(undefined);
        trouble(sentenceOf(error));
      },
    );
  };
  const saved = found ? checked.schedule.total.value - found.seconds : 0;
  const door = found && clockWords(lastIn, found.seconds);
  return (
    <section aria-label="Shorter">
      <div className="flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="btn btn-primary btn-sm"
          onClick={
            work
              ? () => {
                  work.stop();
                  setWork(undefined);
                }
              : look
          }
        >
          <Timer className="size-4" /> {work ? 'Stop, keep the best' : 'Look for the shortest'}
        </button>
        {work && (
          <span role="status" className="quiet">
            {found
              ? `best so far ${printDuration(found.seconds)}, ${String(found.tries)} nights tried`
              : 'trying …'}
          </span>
        )}
      </div>
      {!found && !work && (
        <p className="quiet mt-2 max-w-prose leading-snug">
          Soak, where the falls bend, and how fast each is are moved about; every try is simulated
          on this piece, kept within the practice and within what this box can do. What is found is
          as safe as tonight’s schedule, by the same measure.
        </p>
      )}
      {found && door && (
        <>
          <p className="mt-2 text-lg leading-snug">
            <b className="num">{printDuration(found.seconds)}</b> to the door, {door.time}{' '}
            {door.day}
            {saved > 60
              ? `: ${printDuration(saved)} less than tonight as set.`
              : ': nothing shorter was found than tonight as set.'}
          </p>
          <Verdict verdict={verdictOf(found.outcome, input.practice, input.glass)} />
          <Suspense fallback={<div className="h-[230px]" />}>
            <CurvesChart
              lastIn={lastIn}
              curves={[
                { id: 'set', name: 'tonight', curve: checked.curve, lead: false },
                {
                  id: 'short',
                  name: 'shortest',
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
