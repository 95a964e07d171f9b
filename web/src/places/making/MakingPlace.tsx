// At the bench: one step fills the screen, read from two metres; Space, a pedal or a touch on the lower half is the next.
import { trNodes } from '../../words/trNodes';
import { fireNow, ranFor } from '@zanfirico/core/making';
import type { Derived } from '@zanfirico/core/piece';
import { tr } from '@zanfirico/core/words';
import type { WorkStep } from '@zanfirico/core/work';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useParams } from 'react-router';
import { useAnnealers } from '../../night/useTonightBox';
import type { CrewNow } from '../../making/crewNow';
import { useMakingNow } from '../../making/useMakingNow';
import { intoTonight } from '../../making/intoTonight';
import { chime, speakAloud } from '../../making/sound';
import { PictureInput } from '../../making/PictureInput';
import { useBenchClock, type BenchClock } from '../../making/useBenchClock';
import { useHeatWanted } from '../../making/useLiveHeat';
import { useMaking, type Making } from '../../making/useMaking';
import { useQuiet } from '../../making/useQuiet';
import { stepName } from '../../marks/braid/stepNames';
import { BESIDE } from './beside';
import { BenchHead } from './BenchHead';
import { BenchKeys, useKeys } from './BenchKeys';
import { BenchPanels, type Panel } from './BenchPanels';
import { BoxIt } from './BoxIt';
import { CrewStrip } from './CrewStrip';
import { deedsOf } from './deeds';
import { HeatNow, SOON } from './HeatNow';
import { HelperLane } from './HelperLane';
import { LookBack } from './LookBack';
import { NotHere } from './NotHere';
import { NowStep } from './NowStep';
import { ofParts } from './Reach';

type Good = Extract<Derived, { ok: true }>;

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

/** A rehearsal that is opened again goes on from what happened last. */
function useRehearsal({ begin, state }: Making, { goOn }: BenchClock): void {
  const went = useRef(false);
  useEffect(() => {
    if (begin.rehearsal !== true || went.current) return;
    went.current = true;
    goOn(state.last);
  }, [begin.rehearsal, goOn, state.last]);
}

/** Glass in danger is called by its name, and what is soon to be done by somebody's screen. */
function useCalls(loud: boolean, cold: string | undefined, due: WorkStep | undefined): void {
  useEffect(() => {
    if (!loud || cold === undefined) return;
    chime();
    speakAloud(tr`${cold} is going cold`);
  }, [cold, loud]);
  const soon = due && stepName(due);
  const id = due?.id;
  useEffect(() => {
    if (!loud || id === undefined || soon === undefined) return;
    chime();
    speakAloud(tr`${soon}, soon`);
  }, [id, soon, loud]);
}

/** What comes after what is now. */
function Then({
  next,
  derived,
  onNext,
}: {
  readonly next: readonly WorkStep[];
  readonly derived: Good | undefined;
  readonly onNext: () => void;
}) {
  return (
    <section aria-label={tr`Then`} className="relative mt-6 flex-1">
      {/* A touch anywhere here is the next, as the big key is. */}
      <button
        type="button"
        className="absolute inset-0 cursor-pointer"
        tabIndex={-1}
        aria-hidden
        onClick={onNext}
      />
      <ol className="text-2xl max-sm:text-lg xl:text-4xl">
        {next.map((step) => (
          <li key={step.id} className="border-base-300 border-t py-1.5">
            <span className="quiet">{tr`then `}</span>
            {stepName(step)} <span className="quiet">{ofParts(step, derived)}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** Whose screen this is has their own lane; nobody's has everybody's. */
function Others({
  of: { person, lead, others },
  derived,
  onHappen,
}: {
  readonly of: {
    readonly person: CrewNow | undefined;
    readonly lead: CrewNow | undefined;
    readonly others: readonly CrewNow[];
  };
  readonly derived: Good | undefined;
  readonly onHappen: Making['happen'];
}) {
  return person ? (
    person !== lead && <HelperLane now={person} derived={derived} onHappen={onHappen} />
  ) : others.length > 0 ? (
    <CrewStrip crew={others} derived={derived} />
  ) : null;
}

function OutForAMoment({ onBack }: { readonly onBack: () => void }) {
  return (
    <p role="status" className="text-warning border-base-300 border-t p-3 text-2xl">
      {tr`Out for a moment: the glass goes on cooling. `}
      <button type="button" className="btn btn-outline" onClick={onBack}>
        {trNodes`Back ${(<kbd className="kbd kbd-xs">O</kbd>)}`}
      </button>
    </p>
  );
}

function Work({ making, clock }: { readonly making: Making; readonly clock: BenchClock }) {
  const { begin, events, made, state, happen, undo } = making;
  const annealers = useAnnealers();
  const { derived, parts, fires, heat, told, crew } = useMakingNow(making, clock.shown, clock.now);
  const wanted = useHeatWanted(made, parts, fires);
  const quiet = useQuiet();
  const [open, setOpen] = useState<Panel>();
  const [loud, setLoud] = useState(true);
  const [annealer, setAnnealer] = useState(
    begin.annealer ?? annealers[0]?.name ?? tr`the annealer`,
  );
  // Whose screen this is: each window its own.
  const [whose, setWhose] = useState(() => sessionStorage.getItem(WHOSE) ?? '');
  useRehearsal(making, clock);
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
  const person = crew.find((c) => c.person.id === whose);
  const [lead, ...others] = crew;
  // Somebody's screen calls them: before it is time, not when it is.
  const { job } = person ?? {};
  const due = job && !job.now && job.in < SOON ? job.step.id : undefined;
  useCalls(
    loud,
    danger ? first.name : undefined,
    steps.find((s) => s.id === due),
  );
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
          {current && BESIDE.map((Beside, i) => <Beside key={i} begin={begin} step={current} />)}
          <Others of={{ person, lead, others }} derived={derived} onHappen={happen} />
          <Then next={next.map((i) => steps[i] as WorkStep)} derived={derived} onNext={onward} />
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
      {state.away && <OutForAMoment onBack={outOrBack} />}
      <BenchPanels
        making={making}
        derived={derived}
        current={current}
        open={open}
        onOpen={setOpen}
      />
      <PictureInput id={PICTURE} making={making} />
      <BenchKeys onNext={stands && onward} deeds={deeds} quiet={quiet} />
    </div>
  );
}
