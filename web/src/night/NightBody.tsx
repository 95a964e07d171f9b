// A night: when the door may open, the curve on its clock, tension under it, and what can be looked at below.
import { trNodes } from '../words/trNodes';
import { fileName } from '@zanfirico/contract';
import { strainOf } from '@zanfirico/core/glass';
import { PRACTICES, type CheckedNight, type ScheduleInput } from '@zanfirico/core/night';
import type { LoadPiece } from '@zanfirico/core/night/asked';
import type { ArrivingBody } from '@zanfirico/core/night/section';
import { tr, trWord } from '@zanfirico/core/words';
import { FileDown, Maximize2 } from 'lucide-react';
import { lazy, Suspense, useMemo, useState, type ComponentProps } from 'react';
import { download } from '../exports/download';
import { scheduleCsv } from '../exports/scheduleCsv';
import { useWords } from '../fields/useWords';
import { VerdictMark } from '../marks/Verdict';
import { Tabs, tabId } from '../shell/Tabs';
import { changeWords, clockWords } from '../clock/clockWords';
import { ScheduleTable } from './ScheduleTable';
import { Accident } from './Accident';
import { Compare } from './Compare';
import { GoingUp } from './GoingUp';
import { Helps, type HelpChange } from './Helps';
import { InsideLeaf } from './Inside';
import { Keeps } from './Keeps';
import { MarginsLeaf } from './Margins';
import { ShorterLeaf } from './Shorter';
import type { NightAnswer } from './nights';
import { useMargins } from './useMargins';
import { drawnBodies, useSectionPicture } from './useSectionPicture';
import { WallView } from './WallView';
import { verdictOf } from './verdictOf';

const NightCurve = lazy(async () => ({
  default: (await import('../marks/NightCurve')).NightCurve,
}));
const StressStrip = lazy(async () => ({
  default: (await import('../marks/StressStrip')).StressStrip,
}));

const Where = lazy(async () => ({ default: (await import('./Where')).WhereLeaf }));

/** What can be looked at below the curve. */
const LEAVES = [
  'Programme',
  'Where',
  'What helps',
  'Margins',
  'Inside',
  'Compare',
  'Shorter',
  'Accidents',
  'Going up',
] as const;

type Leaf = (typeof LEAVES)[number];

interface Props {
  readonly input: ScheduleInput;
  readonly night: NightAnswer;
  readonly lastIn: string;
  /** What is in the box, for the wall. */
  readonly name: string;
  /** Everything in it, where it is a box and not one piece. */
  readonly load?: readonly LoadPiece[];
  /** What may be changed of it, where it is one piece and on the board. */
  readonly changes?: (() => readonly HelpChange[]) | undefined;
  /** How it comes from the bench, where its order says: recipes and mishaps are judged by that. */
  readonly arrives?: readonly ArrivingBody[] | undefined;
}

const ALONE: readonly LoadPiece[] = [];

export function NightBody({ input, night, lastIn, name, load = ALONE, changes, arrives }: Props) {
  const words = useWords();
  const [leaf, setLeaf] = useState<Leaf>('Programme');
  const [onWall, setOnWall] = useState(false);
  const { schedule } = night;
  const drawn = input.drawn !== undefined;
  const coming = useMemo(() => (arrives ? { ...input, arrives } : input), [input, arrives]);
  const without: readonly Leaf[] = [
    ...(drawn ? (['Inside'] as const) : (['Where'] as const)),
    ...(changes && drawn ? [] : (['What helps'] as const)),
  ];
  const leaves = LEAVES.filter((l) => !without.includes(l)).map((l) => [l, trWord(l)] as const);
  const door = clockWords(lastIn, schedule.total.value);
  const changed = changeWords(lastIn, schedule.total.value);
  const checked = night.state === 'checked' ? night.checked : undefined;
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="text-3xl">
          {trNodes`Door may open ${(<span className="num text-primary">{door.time}</span>)} ${door.day}`}
        </h2>
        <Believed night={night} input={input} />
      </div>
      {onWall && (
        <OnWall
          name={name}
          input={input}
          schedule={schedule}
          checked={checked}
          lastIn={lastIn}
          onClose={() => {
            setOnWall(false);
          }}
        />
      )}
      <Suspense fallback={<div className="h-[250px]" />}>
        <NightCurve
          schedule={schedule}
          lastIn={lastIn}
          annealing={input.glass.annealing}
          strain={strainOf(input.glass)}
        />
      </Suspense>
      {checked && (
        <Suspense fallback={<div className="h-[132px]" />}>
          <StressStrip
            outcome={checked.outcome}
            from={schedule.curve[0]?.time ?? 0}
            to={schedule.total.value}
            lastIn={lastIn}
            allows={PRACTICES[input.practice].allows}
          />
        </Suspense>
      )}
      {checked && <Keeps input={input} outcome={checked.outcome} />}
      <div className="no-print my-2 flex flex-wrap items-center gap-x-1">
        <Tabs
          label={tr`Below the curve`}
          tabs={leaves}
          value={leaf}
          panel="below-curve"
          onChange={setLeaf}
        />
        <button
          type="button"
          className="btn btn-ghost btn-sm no-print ml-auto"
          onClick={() => {
            setOnWall(true);
          }}
        >
          <Maximize2 className="size-4" /> {tr`On the wall`}
        </button>
      </div>
      <div id="below-curve" role="tabpanel" aria-labelledby={tabId('below-curve', leaf)}>
        {leaf === 'Programme' && (
          <>
            <ScheduleTable schedule={schedule} lastIn={lastIn} doorAt={input.doorTemperature} />
            <p className="mt-1.5 text-sm leading-snug">
              {words(schedule.total.why.says)} {changed}
            </p>
            <button
              type="button"
              className="btn btn-ghost btn-sm no-print mt-1"
              disabled={night.state === 'guess'}
              onClick={() => {
                download(
                  `${fileName(name)}.night.csv`,
                  'text/csv',
                  scheduleCsv(schedule, lastIn, new Date()),
                );
              }}
            >
              <FileDown className="size-4" /> {tr`This schedule (CSV)`}
            </button>
          </>
        )}
        {leaf !== 'Programme' && !checked && <p className="quiet">{tr`Being simulated …`}</p>}
        {leaf === 'Where' && checked && (
          <Suspense fallback={<p className="quiet">{tr`One moment …`}</p>}>
            <Where input={input} checked={checked} lastIn={lastIn} />
          </Suspense>
        )}
        {leaf === 'What helps' && checked && changes && (
          <Changes input={input} checked={checked} changes={changes} />
        )}
        {leaf === 'Margins' && checked && <MarginsLeaf input={input} checked={checked} />}
        {leaf === 'Inside' && checked && (
          <InsideLeaf input={input} checked={checked} lastIn={lastIn} />
        )}
        {leaf === 'Compare' && checked && (
          <Compare input={input} coming={coming} lastIn={lastIn} checked={checked} />
        )}
        {leaf === 'Shorter' && checked && (
          <ShorterLeaf input={input} lastIn={lastIn} checked={checked} />
        )}
        {leaf === 'Accidents' && checked && (
          <Accident input={coming} lastIn={lastIn} checked={checked} load={load} />
        )}
        {leaf === 'Going up' && <GoingUp input={input} lastIn={lastIn} />}
      </div>
    </>
  );
}

/** The wall, with the section's picture as soon as that is here. */
function OnWall({
  input,
  checked,
  ...wall
}: Omit<ComponentProps<typeof WallView>, 'section'> & {
  readonly input: ScheduleInput;
  readonly checked: CheckedNight | undefined;
}) {
  const picture = useSectionPicture(
    input,
    checked,
    drawnBodies(input)[checked?.outcome.section?.of ?? 0],
  );
  return <WallView {...wall} section={picture.state === 'here' ? picture.value : undefined} />;
}

/** What may be changed is worked out when it is looked at. */
function Changes({
  input,
  checked,
  changes,
}: {
  readonly input: ScheduleInput;
  readonly checked: CheckedNight;
  readonly changes: () => readonly HelpChange[];
}) {
  const all = useMemo(() => changes(), [changes]);
  return <Helps input={input} checked={checked} changes={all} />;
}

/** Whether the schedule stands: by simulation once that is here, until then the first guess and that it is one. */
function Believed({
  night,
  input,
}: {
  readonly night: NightAnswer;
  readonly input: ScheduleInput;
}) {
  const margins = useMargins(input, night.state === 'checked' ? night.checked : undefined);
  if (night.state === 'failed')
    return (
      <p className="text-warning">{tr`Not simulated: ${night.says} What stands here is a first guess.`}</p>
    );
  if (night.state === 'guess')
    return (
      <p className="quiet" role="status">
        {night.sound
          ? tr`sound as it is; a shorter one is looked for …`
          : tr`about: being simulated …`}
        {night.share !== undefined && (
          <progress
            className="progress progress-primary ml-3 w-28 align-middle"
            max={1}
            value={night.share}
            aria-label={tr`How far it is`}
          />
        )}
      </p>
    );
  const { verdict } = night.schedule;
  const told = margins && 'answer' in margins ? margins.answer : undefined;
  return (
    <VerdictMark
      verdict={verdict.verdict === 'no' ? verdict : verdictOf(night.checked.outcome, input, told)}
    />
  );
}
