// At the bench: one step fills the screen, read from two metres; Space, a pedal or a touch on the lower half is the next.
import { trNodes } from '../../words/trNodes';
import {
  AT_THE_GATHER,
  bandSpans,
  factsOf,
  fireNow,
  fitVft,
  forecast,
  ranFor,
  REMEDIES,
  takenOnTime,
  type StepId,
  type WorkStep,
  tr,
} from '@zanfirico/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useParams } from 'react-router';
import { useAnnealers } from '../../annealing/useTonightBox';
import { firesThen } from '../../bench/byParts';
import { crewNow } from '../../bench/crewNow';
import { intoTonight } from '../../bench/intoTonight';
import { chime, speakAloud } from '../../bench/sound';
import { PictureInput } from '../../bench/PictureInput';
import { useBenchClock, type BenchClock } from '../../bench/useBenchClock';
import { useHeatWanted, useLiveHeat } from '../../bench/useLiveHeat';
import { useMaking, type Making } from '../../bench/useMaking';
import { useQuiet } from '../../bench/useQuiet';
import { SelectField } from '../../fields/SelectField';
import { LessonWords } from '../../lessons/LessonWords';
import { stepCode, stepName } from '../../marks/braid/stepNames';
import { useWorkOf } from '../../orders/useWork';
import { useDisplay } from '../../stores/display';
import { useNotices } from '../../stores/notices';
import { KindOptions } from '../piece/braid/KindOptions';
import { BenchHead } from './BenchHead';
import { BenchKeys, useKeys } from './BenchKeys';
import { BoxIt } from './BoxIt';
import { CrewStrip } from './CrewStrip';
import { deedsOf } from './deeds';
import { HeatNow, SOON } from './HeatNow';
import { HelperLane } from './HelperLane';
import { LookBack } from './LookBack';
import { Mishaps } from './Mishaps';
import { Noting, readingOf } from './Noting';
import { NotHere } from './NotHere';
import { NowStep } from './NowStep';
import { ofParts } from './Reach';
import { Remedies } from './Remedies';

const WHOSE = 'zanfirico.bench.whose';
const PICTURE = 'bench-picture';

export function MakingPlace() {
  const { id = '' } = useParams();
  const clock = useBenchClock();
  const making = useMaking(id, clock.now);
  if (typeof making === 'string') return <NotHere title={tr`Not on the bench`} says={making} />;
  if (!making) return <p className="quiet px-6 py-20 text-center">{tr`Fetching the making …`}</p>;
  return making.state.ended ? <LookBack making={making} /> : <Work making={making} clock={clock} />;
}

function Work({ making, clock }: { readonly making: Making; readonly clock: BenchClock }) {
  const { begin, events, made, state, happen, undo } = making;
  const units = useDisplay((s) => s.units);
  const annealers = useAnnealers();
  const work = useWorkOf(begin.document);
  const derived = work.derived?.ok === true ? work.derived : undefined;
  const planned = work.asked?.fires;
  const parts = work.asked?.parts;
  const fires = useMemo(() => planned && firesThen(begin, planned), [begin, planned]);
  const heat = useLiveHeat(made, parts, fires, clock.now);
  const wanted = useHeatWanted(made, parts, fires);
  const quiet = useQuiet();
  // Timed anew every second, and at every tap.
  const second = Math.floor(clock.shown / 1000);
  const told = useMemo(
    () => parts && forecast(state, made, parts, 1000 * second),
    [state, made, parts, second],
  );
  const [open, setOpen] = useState<'mishaps' | 'note' | 'reading' | 'put in'>();
  const [remedies, setRemedies] = useState<readonly StepId[]>([]);
  const [loud, setLoud] = useState(true);
  const [annealer, setAnnealer] = useState(
    begin.annealer ?? annealers[0]?.name ?? tr`the annealer`,
  );
  // Whose screen this is: each window its own.
  const [whose, setWhose] = useState(() => sessionStorage.getItem(WHOSE) ?? '');
  const { goOn } = clock;
  // A rehearsal that is opened again goes on from what happened last.
  const went = useRef(false);
  useEffect(() => {
    if (begin.rehearsal !== true || went.current) return;
    went.current = true;
    goOn(state.last);
  }, [begin.rehearsal, goOn, state.last]);
  const steps = useMemo(() => state.steps.map((s) => s.step), [state]);
  const { now } = state;
  const current = now === undefined ? undefined : steps[now];
  const stands = now === undefined ? undefined : state.steps[now];
  const next = state.steps
    .flatMap((s, i) => (s.state === 'to come' && s.lane === 0 ? [i] : []))
    .slice(0, 2);
  const fire = fireNow(state);
  const inFire = fire?.what === 'in';
  const fireSince = fire && Math.max(0, clock.shown - fire.since) / 1000;
  const [first] = heat;
  const danger = first?.brittleIn !== undefined && first.brittleIn < SOON;
  const at = (clock.shown - begin.at) / 1000;
  const crew = told ? crewNow(begin, takenOnTime(state, told, clock.shown), told, at) : [];
  const person = crew.find((c) => c.person.id === whose);
  const [lead, ...others] = crew;
  // Somebody's screen calls them: before it is time, not when it is.
  const { job } = person ?? {};
  const due = job && !job.now && job.in < SOON ? job.step.id : undefined;
  useEffect(() => {
    if (!loud) return;
    if (danger) {
      chime();
      speakAloud(tr`${first.name} is going cold`);
    }
    // By the name: it moves in the list with every tick.
  }, [danger, loud, first?.name]);
  useEffect(() => {
    const step = steps.find((s) => s.id === due);
    if (!loud || !step) return;
    chime();
    speakAloud(tr`${stepName(step)}, soon`);
  }, [due, loud, steps]);
  const go = (what: 'done' | 'skipped' | 'again'): void => {
    if (stands) happen({ kind: 'step', what, step: stands.step.id });
  };
  const toggle = (what: typeof open): void => {
    setOpen((o) => (o === what ? undefined : what));
  };
  const box = (where?: string): void => {
    happen({ kind: 'boxed', annealer, ...(where !== undefined && { where }) });
    if (begin.rehearsal !== true) intoTonight({ piece: begin.piece, annealer });
  };
  /** Steps come in before what is now, in their order. */
  const putIn = (kinds: readonly StepId[]): void => {
    const part = begin.document.parts[stands?.step.part ?? 0]?.id ?? 'p1';
    const taken = state.steps.flatMap((s) => /^x(\d+)$/.exec(s.step.id)?.[1] ?? []);
    const first = 1 + Math.max(0, ...taken.map(Number));
    kinds.forEach((kind, i) => {
      const after = i > 0 ? `x${String(first + i - 1)}` : state.steps[(now ?? 0) - 1]?.step.id;
      happen({
        kind: 'put in',
        ...(after !== undefined && { after }),
        step: { id: `x${String(first + i)}`, kind, part, seconds: factsOf({ kind }).seconds },
      });
    });
  };
  const outOrBack = (): void => {
    happen({ kind: 'away', what: state.away ? 'back' : 'gone' });
  };
  const onward = (): void => {
    if (stands) go('done');
    else box();
  };
  const deeds = deedsOf({
    inFire,
    loud,
    onFire: () => {
      happen({ kind: 'fire', what: inFire ? 'out' : 'in' });
    },
    onGo: go,
    onOpen: toggle,
    onPicture: () => document.getElementById(PICTURE)?.click(),
    onUndo: undo,
    onLoud: () => {
      setLoud((v) => !v);
    },
  });
  useKeys({
    ' ': onward,
    PageDown: onward,
    PageUp: undo,
    o: outOrBack,
    ...Object.fromEntries(deeds.map((d) => [d.key, d.run])),
  });
  const names = new Map(begin.crew?.map((p) => [p.id, p.name]));
  const reaches = steps.find((s) => s.id === wanted?.upTo);
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <BenchHead
        begin={begin}
        events={events}
        clock={clock}
        behind={told?.behind}
        total={told?.total}
        whose={whose}
        onWhose={(id) => {
          sessionStorage.setItem(WHOSE, id);
          setWhose(id);
        }}
      />
      <div className="grid min-h-0 flex-1 gap-x-8 px-6 py-4 lg:grid-cols-[1fr_22rem]">
        <div className="flex min-h-0 min-w-0 flex-col">
          {current && stands ? (
            <NowStep
              step={current}
              stands={stands}
              place={now ?? 0}
              steps={steps}
              took={Math.max(0, ranFor(stands.runs, clock.shown))}
              derived={derived}
              fire={{ inFire, since: fireSince }}
              hands={(begin.hands?.[stands.place ?? -1] ?? []).flatMap((h) => names.get(h) ?? [])}
            />
          ) : (
            <BoxIt
              annealer={annealer}
              annealers={annealers.map((a) => a.name)}
              onAnnealer={setAnnealer}
              onBox={box}
            />
          )}
          {begin.lesson && current && <LessonWords lesson={begin.lesson.class} step={current} />}
          {person ? (
            person !== lead && <HelperLane now={person} derived={derived} onHappen={happen} />
          ) : others.length > 0 ? (
            <CrewStrip crew={others} derived={derived} />
          ) : null}
          <section aria-label={tr`Then`} className="relative mt-6 flex-1">
            {/* A touch anywhere here is the next, as the big key is. */}
            <button
              type="button"
              className="absolute inset-0 cursor-pointer"
              tabIndex={-1}
              aria-hidden
              onClick={onward}
            />
            <ol className="text-2xl max-sm:text-lg xl:text-4xl">
              {next.map((i) => (
                <li key={state.steps[i]?.step.id} className="border-base-300 border-t py-1.5">
                  <span className="quiet">{tr`then `}</span>
                  {stepName(steps[i] as WorkStep)}{' '}
                  <span className="quiet">{ofParts(steps[i] as WorkStep, derived)}</span>
                </li>
              ))}
            </ol>
          </section>
        </div>
        <HeatNow
          heat={heat}
          fireSince={fireSince}
          inFire={inFire}
          danger={danger}
          wanted={wanted}
          upTo={reaches && stepName(reaches)}
        />
      </div>
      {state.away && (
        <p role="status" className="text-warning border-base-300 border-t p-3 text-2xl">
          {tr`Out for a moment: the glass goes on cooling. `}
          <button type="button" className="btn btn-outline" onClick={outOrBack}>
            {trNodes`Back ${(<kbd className="kbd kbd-xs">O</kbd>)}`}
          </button>
        </p>
      )}
      {open === 'mishaps' && (
        <Mishaps
          onPick={(what) => {
            happen({ kind: 'mishap', what });
            setOpen(undefined);
            setRemedies(REMEDIES[what] ?? []);
          }}
          onGiveUp={() => {
            happen({ kind: 'given up', ...(current && { where: stepCode(current) }) });
          }}
        />
      )}
      {remedies.length > 0 && (
        <Remedies
          steps={remedies}
          onDone={(taken) => {
            if (taken) putIn(remedies);
            setRemedies([]);
          }}
        />
      )}
      {open === 'put in' && (
        <div className="border-base-300 flex flex-wrap items-end gap-3 border-t p-3">
          <SelectField<StepId | ''>
            label={tr`Put in before what is now`}
            value=""
            onChange={(kind) => {
              if (kind !== '') putIn([kind]);
              setOpen(undefined);
            }}
          >
            <option value="">{tr`which step?`}</option>
            <KindOptions way={begin.document.way} />
          </SelectField>
        </div>
      )}
      {(open === 'note' || open === 'reading') && (
        <Noting
          what={open}
          onDone={(says) => {
            const reading = open === 'reading' && says !== '' ? readingOf(says, units) : undefined;
            if (typeof reading === 'string') {
              useNotices.getState().trouble(reading);
              return;
            }
            // Weighed while a gather is in hand, it is that gather's.
            const where =
              reading?.of === 'mass' && current && factsOf(current).does === 'gather'
                ? { where: AT_THE_GATHER }
                : {};
            if (reading) happen({ kind: 'reading', ...reading, ...where });
            else if (open === 'note' && says !== '') happen({ kind: 'note', says });
            setOpen(undefined);
          }}
          onStopped={() => {
            // Where stiff glass is set, it no longer moves under its own weight.
            const stiff =
              derived &&
              bandSpans(fitVft(derived.main.glass)).find((span) => span.band === 'stiff');
            if (stiff)
              happen({
                kind: 'reading',
                of: 'temperature',
                value: Math.round(stiff.from),
                where: 'stopped moving',
              });
            setOpen(undefined);
          }}
        />
      )}
      <PictureInput id={PICTURE} making={making} />
      <BenchKeys onNext={stands && onward} deeds={deeds} quiet={quiet} />
    </div>
  );
}
