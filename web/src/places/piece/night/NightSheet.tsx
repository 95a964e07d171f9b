// Night: tonight's annealing for this piece, on a clock, as rows, with its reasons.
import type { PieceDocument } from '@zanfirico/contract';
import { PRACTICES, printText, strainPoint, type Practice, type Schedule } from '@zanfirico/core';
import { lazy, Suspense, useState } from 'react';
import { Choice } from '../../../fields/Choice';
import { QuantityField } from '../../../fields/QuantityField';
import { Verdict } from '../../../marks/Verdict';
import { useDisplay } from '../../../stores/display';
import { useDraft } from '../../../stores/draft';
import { Accident } from '../../night/Accident';
import { Compare } from '../../night/Compare';
import { GoingUp } from '../../night/GoingUp';
import { Inside } from '../../night/Inside';
import { Shorter } from '../../night/Shorter';
import type { Believed as BelievedNight } from '../../night/useChecked';
import { verdictOf } from '../../night/verdictOf';
import { clockWords } from '../clock';
import { usePiece } from '../usePiece';
import { NightFigures } from './NightFigures';
import { ScheduleTable } from './ScheduleTable';
import { TimeField } from './TimeField';

const NightCurve = lazy(async () => ({
  default: (await import('../../../marks/NightCurve')).NightCurve,
}));

const StressStrip = lazy(async () => ({
  default: (await import('../../../marks/StressStrip')).StressStrip,
}));

const setFiring = (change: Partial<PieceDocument['firing']>): void => {
  useDraft.getState().change((d) => ({ ...d, firing: { ...d.firing, ...change } }));
};

/** What can be looked at below the curve. */
const LEAVES = ['Programme', 'Inside', 'Compare', 'Shorter', 'Accidents', 'Going up'] as const;

export function NightSheet() {
  const { document, glass, last, night } = usePiece();
  const [leaf, setLeaf] = useState<(typeof LEAVES)[number]>('Programme');
  const { firing } = document;
  if (!last) return <p className="px-6 py-16">Tonight comes with the form.</p>;
  const { schedule } = last;
  const door = clockWords(firing.lastIn, schedule.total.value);
  const checked = night.state === 'here' ? night.checked : undefined;
  return (
    <div className="flex h-full flex-col xl:flex-row">
      <div className="min-w-0 flex-1 px-5 py-3">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h2 className="text-3xl">
            Door may open <span className="num text-primary">{door.time}</span> {door.day}
          </h2>
          <Believed night={night} schedule={schedule} practice={firing.practice} />
        </div>
        <Suspense fallback={<div className="h-[250px]" />}>
          <NightCurve
            schedule={schedule}
            lastIn={firing.lastIn}
            annealing={glass.annealing}
            strain={strainPoint(glass)}
          />
        </Suspense>
        {checked && (
          <Suspense fallback={<div className="h-[132px]" />}>
            <StressStrip
              outcome={checked.outcome}
              from={schedule.curve[0]?.time ?? 0}
              to={schedule.total.value}
              lastIn={firing.lastIn}
              allows={PRACTICES[firing.practice].allows}
            />
          </Suspense>
        )}
        <div
          className="no-print my-2 flex flex-wrap gap-x-1"
          role="group"
          aria-label="Below the curve"
        >
          {LEAVES.map((name) => (
            <button
              key={name}
              type="button"
              aria-pressed={leaf === name}
              className={`border-b-2 px-2.5 py-1 ${leaf === name ? 'border-primary bg-base-300/50 font-bold' : 'hover:border-base-300 border-transparent'}`}
              onClick={() => {
                setLeaf(name);
              }}
            >
              {name}
            </button>
          ))}
        </div>
        {leaf === 'Programme' && (
          <>
            <ScheduleTable
              schedule={schedule}
              lastIn={firing.lastIn}
              doorAt={firing.doorTemperature}
            />
            <p className="mt-1.5 text-sm leading-snug">{schedule.total.why.says}</p>
          </>
        )}
        {leaf !== 'Programme' && !checked && <p className="quiet">Being simulated …</p>}
        {leaf === 'Inside' && checked && (
          <Inside outcome={checked.outcome} lastIn={firing.lastIn} />
        )}
        {leaf === 'Compare' && checked && (
          <Compare input={last.night} lastIn={firing.lastIn} checked={checked} />
        )}
        {leaf === 'Shorter' && checked && (
          <Shorter input={last.night} lastIn={firing.lastIn} checked={checked} />
        )}
        {leaf === 'Accidents' && checked && (
          <Accident input={last.night} lastIn={firing.lastIn} checked={checked} />
        )}
        {leaf === 'Going up' && <GoingUp input={last.night} lastIn={firing.lastIn} />}
      </div>
      <div className="border-base-300 w-full shrink-0 border-l px-5 py-3 xl:w-[23rem]">
        <Practices practice={firing.practice} />
        <HoldAt />
        <div className="mt-3 grid grid-cols-2 gap-x-6 gap-y-2">
          <TimeField
            label="First piece in"
            value={firing.firstIn}
            onCommit={(firstIn) => {
              setFiring({ firstIn });
            }}
          />
          <TimeField
            label="Last piece in"
            value={firing.lastIn}
            onCommit={(lastIn) => {
              setFiring({ lastIn });
            }}
          />
          <QuantityField
            label="Box cooling time"
            hint="off, till a third is left"
            kind="time"
            value={firing.boxCoolingTime}
            min={600}
            max={604800}
            nudge={600}
            onCommit={(boxCoolingTime) => {
              setFiring({ boxCoolingTime });
            }}
          />
          <QuantityField
            label="Door at"
            kind="temperature"
            value={firing.doorTemperature}
            min={30}
            max={200}
            nudge={1}
            onCommit={(doorTemperature) => {
              setFiring({ doorTemperature });
            }}
          />
        </div>
        <NightFigures derived={last} />
        <p className="quiet mt-3 text-sm leading-snug">
          A calculation, not a promise: your supplier’s sheet and your own box come first. Power off
          before reaching in.
        </p>
      </div>
    </div>
  );
}

/** Whether the schedule stands: by simulation once that is here, until then the first guess and that it is one. */
function Believed({
  night,
  schedule,
  practice,
}: {
  readonly night: BelievedNight;
  readonly schedule: Schedule;
  readonly practice: Practice;
}) {
  if (night.state === 'failed')
    return (
      <p className="text-warning">Not simulated: {night.says} What stands here is a first guess.</p>
    );
  if (night.state === 'asked')
    return (
      <p className="quiet" role="status">
        about: being simulated …
      </p>
    );
  const { verdict } = schedule;
  return (
    <Verdict
      verdict={verdict.verdict === 'no' ? verdict : verdictOf(night.checked.outcome, practice)}
    />
  );
}

function Practices({ practice }: { readonly practice: Practice }) {
  const units = useDisplay((s) => s.units);
  return (
    <Choice
      legend="Practice: how much tension may stay"
      value={practice}
      options={(Object.keys(PRACTICES) as Practice[]).map((p) => ({
        value: p,
        label: PRACTICES[p].name,
        note: printText(PRACTICES[p].allows, 'stress', units).replace(/\.?0+ /, ' '),
      }))}
      onChange={(next) => {
        setFiring({ practice: next });
      }}
    />
  );
}

const SCHOOLS_F = [900, 925, 950, 1000] as const;
const fromF = (f: number): number => ((f - 32) * 5) / 9;

/** The schools differ on where to hold; all are here, and the clock answers for each. */
function HoldAt() {
  const { document, glass } = usePiece();
  const hold = document.firing.holdTemperature;
  return (
    <div className="mt-3">
      <QuantityField
        label="Hold at"
        kind="temperature"
        value={hold ?? glass.annealing}
        min={300}
        max={800}
        nudge={1}
        onCommit={(holdTemperature) => {
          setFiring({ holdTemperature });
        }}
      />
      <div className="mt-1 flex flex-wrap gap-1" role="group" aria-label="Customary holds">
        <Hold label="annealing point" lit={hold === null} to={null} />
        {SCHOOLS_F.map((f) => (
          <Hold
            key={f}
            label={`${String(f)} °F`}
            lit={hold !== null && Math.abs(hold - fromF(f)) < 0.3}
            to={Number(fromF(f).toFixed(1))}
          />
        ))}
      </div>
      <p className="quiet mt-1 text-sm leading-snug">
        Schools differ on the hold. A cooler one is as sound with a longer soak: the clock shows its
        price.
      </p>
    </div>
  );
}

function Hold({
  label,
  lit,
  to,
}: {
  readonly label: string;
  readonly lit: boolean;
  readonly to: number | null;
}) {
  return (
    <button
      type="button"
      className={`btn btn-xs ${lit ? 'btn-primary' : 'btn-outline'}`}
      aria-pressed={lit}
      onClick={() => {
        setFiring({ holdTemperature: to });
      }}
    >
      {label}
    </button>
  );
}
