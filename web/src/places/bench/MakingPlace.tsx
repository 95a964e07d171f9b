// At the bench: one step fills the screen, read from two metres; Space, a pedal or a touch on the lower half is the next.
import type { MakingBegin } from '@zanfirico/contract';
import {
  byNumber,
  factsOf,
  inWords,
  REMEDIES,
  STEPS,
  type StepId,
  type WorkStep,
} from '@zanfirico/core';
import {
  Check,
  Flame,
  FlameKindling,
  ListPlus,
  MessageSquare,
  RotateCcw,
  Ruler,
  SkipForward,
  TriangleAlert,
  Undo2,
  Volume2,
  VolumeX,
} from 'lucide-react';
import { format } from 'date-fns';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { chime } from '../../bench/chime';
import { useBenchClock } from '../../bench/useBenchClock';
import { useLiveHeat } from '../../bench/useLiveHeat';
import { useMaking, type Making } from '../../bench/useMaking';
import { deriveDocument } from '../../derived/deriveDocument';
import { SelectField } from '../../fields/SelectField';
import { useFacts } from '../../derived/useFacts';
import { kindOf, stepName } from '../../marks/braid/stepNames';
import { clockText } from '../../marks/braid/strands';
import { workAsked } from '../../orders/workAsked';
import { useDisplay } from '../../stores/display';
import { useNotices } from '../../stores/notices';
import { useShop } from '../../stores/theShop';
import { useTonight, withCount } from '../../stores/tonight';
import { KindOptions } from '../piece/braid/KindOptions';
import { HeatNow, SOON } from './HeatNow';
import { HelperLane } from './HelperLane';
import { LookBack } from './LookBack';
import { Mishaps } from './Mishaps';
import { Noting, readingOf } from './Noting';
import { ofParts, Reach } from './Reach';

const SPEEDS = [1, 2, 4, 8] as const;
/** A call stands so long, ms. */
const CALL_SHOWN = 15_000;
const WHOSE = 'zanfirico.bench.whose';

export function MakingPlace() {
  const { id = '' } = useParams();
  const clock = useBenchClock();
  const making = useMaking(id, clock.now);
  if (typeof making === 'string')
    return (
      <div className="mx-auto max-w-2xl px-6 py-20">
        <h1 className="text-4xl">Not on the bench</h1>
        <p role="alert" className="my-4 text-xl">
          {making}
        </p>
        <Link to="/bench" className="link">
          Back to the bench
        </Link>
      </div>
    );
  if (!making) return <p className="quiet px-6 py-20 text-center">Fetching the making …</p>;
  return making.state.ended ? <LookBack making={making} /> : <Work making={making} clock={clock} />;
}

function Work({
  making,
  clock,
}: {
  readonly making: Making;
  readonly clock: ReturnType<typeof useBenchClock>;
}) {
  const { begin, events, state, happen, undo } = making;
  const units = useDisplay((s) => s.units);
  const holes = useShop((s) => s.shop?.document.gloryHoles);
  const facts = useFacts(begin.document.making.gatherer, begin.document.glass);
  const known = useMemo(() => deriveDocument(begin.document, facts), [begin.document, facts]);
  const derived = known?.derived.ok === true ? known.derived : undefined;
  const asked = useMemo(
    () => known && derived && workAsked(begin.document, derived, known.glass, holes),
    [begin.document, known, derived, holes],
  );
  const heat = useLiveHeat(begin, events, asked?.parts, asked?.fires, clock.now);
  const [mishaps, setMishaps] = useState(false);
  const [noting, setNoting] = useState<'note' | 'reading'>();
  const [putting, setPutting] = useState(false);
  const [remedies, setRemedies] = useState<readonly StepId[]>([]);
  const [loud, setLoud] = useState(true);
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
  const ids = begin.document.parts.map((p) => p.id);
  const steps = byNumber(
    state.steps.map((s) => s.step),
    ids,
  );
  const now = state.now;
  const current = now === undefined ? undefined : steps[now];
  const stands = now === undefined ? undefined : state.steps[now];
  const next = state.steps.flatMap((s, i) => (s.state === 'to come' ? [i] : [])).slice(0, 2);
  const fireSince = state.fire && (clock.shown - state.fire.since) / 1000;
  const [first] = heat;
  const danger = first?.brittleIn !== undefined && first.brittleIn < SOON;
  useEffect(() => {
    if (danger && loud) chime();
  }, [danger, loud]);
  const go = (what: 'done' | 'skipped' | 'again'): void => {
    if (stands) happen({ kind: 'step', what, step: stands.step.id });
  };
  const fire = (): void => {
    happen({ kind: 'fire', what: state.fire?.what === 'in' ? 'out' : 'in' });
  };
  const box = (): void => {
    happen({ kind: 'boxed', annealer: begin.annealer ?? 'the annealer' });
    if (begin.rehearsal !== true) intoTonight(begin);
  };
  /** Steps come in before what is now, in their order. */
  const putIn = (kinds: readonly StepId[]): void => {
    const part = stands?.step.part ?? state.steps[0]?.step.part ?? 'p1';
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
  const onward = (): void => {
    if (stands) go('done');
    else box();
  };
  const keys: Readonly<Record<string, () => void>> = {
    ' ': onward,
    PageDown: onward,
    PageUp: undo,
    f: fire,
    a: () => {
      go('again');
    },
    s: () => {
      go('skipped');
    },
    u: undo,
    m: () => {
      setMishaps((v) => !v);
    },
    n: () => {
      setNoting('note');
    },
    r: () => {
      setNoting('reading');
    },
    p: () => {
      setPutting((v) => !v);
    },
    o: () => {
      happen({ kind: 'away', what: state.away ? 'back' : 'gone' });
    },
    v: () => {
      setLoud((v) => !v);
    },
  };
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const press = (e: KeyboardEvent): void => {
      const from = e.target as HTMLElement;
      if (e.ctrlKey || e.metaKey || e.altKey || /^(INPUT|TEXTAREA|SELECT)$/.test(from.tagName))
        return;
      const run = latest.current[e.key.length === 1 ? e.key.toLowerCase() : e.key];
      if (!run || e.repeat) return;
      e.preventDefault();
      run();
    };
    window.addEventListener('keydown', press);
    return () => {
      window.removeEventListener('keydown', press);
    };
  }, []);
  const person = begin.crew?.find((p) => p.id === whose);
  const lastCall = [...events].reverse().find((e) => e.kind === 'call');
  const called =
    lastCall?.kind === 'call' && clock.shown - lastCall.at < CALL_SHOWN ? lastCall.says : undefined;
  const took = stands?.begun === undefined ? 0 : (clock.shown - stands.begun) / 1000;
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="border-base-300 flex flex-wrap items-baseline justify-between gap-x-6 border-b px-6 py-2">
        <h1 className="text-2xl">
          {begin.document.name}
          {begin.number > 1 && <span className="num"> no. {begin.number}</span>}
          {begin.rehearsal === true && <span className="quiet"> rehearsal, no glass</span>}
        </h1>
        {called !== undefined && (
          <p role="status" className="text-primary text-2xl font-semibold">
            {called}
          </p>
        )}
        <p className="quiet">
          <span className="num">{clockText((clock.shown - begin.at) / 1000)}</span> since the first
          gather
        </p>
        {(begin.crew?.length ?? 0) > 1 && (
          <SelectField
            label="This screen is for"
            value={whose}
            onChange={(id) => {
              sessionStorage.setItem(WHOSE, id);
              setWhose(id);
            }}
          >
            <option value="">everybody</option>
            {begin.crew?.map((p) => (
              <option key={p.id} value={p.id}>
                the {p.name}
              </option>
            ))}
          </SelectField>
        )}
        {begin.rehearsal === true && (
          <div role="group" aria-label="How fast it runs" className="flex gap-1">
            {SPEEDS.map((s) => (
              <button
                key={s}
                type="button"
                className={`btn btn-xs ${clock.speed === s ? 'btn-primary' : 'btn-outline'}`}
                aria-pressed={clock.speed === s}
                onClick={() => {
                  clock.setSpeed(s);
                }}
              >
                ×{s}
              </button>
            ))}
          </div>
        )}
      </div>
      <div className="grid min-h-0 flex-1 gap-x-8 px-6 py-4 lg:grid-cols-[1fr_22rem]">
        <div className="flex min-h-0 min-w-0 flex-col">
          {current && stands ? (
            <section aria-label="Now" aria-live="polite">
              <p className="quiet text-lg">
                step <span className="num">{(now ?? 0) + 1}</span> of{' '}
                <span className="num">{state.steps.length}</span>
                {stands.again > 0 && `, again`}
                {stands.putIn && ', put in'}
              </p>
              <h2 className="text-6xl leading-[1.05] max-sm:text-4xl xl:text-8xl">
                {stepName(current)}
              </h2>
              <p className="mt-2 text-3xl max-sm:text-xl xl:text-4xl">
                {ofParts(current, derived)}
                <Reach step={current} place={now ?? 0} steps={steps} derived={derived} />
              </p>
              <p className="mt-4 text-2xl xl:text-3xl">
                <span className="num">{clockText(took)}</span>
                <span className="quiet">
                  {' '}
                  of some <span className="num">{clockText(current.seconds)}</span>
                  {took > 1.5 * current.seconds && current.seconds > 0 && ': behind the plan'}
                </span>
              </p>
              {STEPS[kindOf(current)].caution !== undefined && (
                <p className="mt-2 text-xl italic">
                  ! {inWords(STEPS[kindOf(current)].caution ?? '', units)}
                </p>
              )}
              {current.note !== undefined && (
                <p className="mt-2 text-xl">{inWords(current.note, units)}</p>
              )}
            </section>
          ) : (
            <section aria-label="Now">
              <h2 className="text-5xl">Every step is done</h2>
              <p className="mt-2 text-2xl">Into {begin.annealer ?? 'the annealer'} with it.</p>
              <button type="button" className="btn btn-primary btn-lg mt-5" onClick={box}>
                <Check /> It is in the box
              </button>
            </section>
          )}
          {person && (
            <HelperLane
              person={person}
              begin={begin}
              state={state}
              steps={steps}
              took={took}
              onCall={happen}
            />
          )}
          <section aria-label="Then" className="relative mt-6 flex-1">
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
                  <span className="quiet">then </span>
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
          inFire={state.fire?.what === 'in'}
          danger={danger}
        />
      </div>
      {state.away && (
        <p role="status" className="text-warning border-base-300 border-t p-3 text-2xl">
          Out for a moment: the glass goes on cooling.{' '}
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => {
              happen({ kind: 'away', what: 'back' });
            }}
          >
            Back <kbd className="kbd kbd-xs">O</kbd>
          </button>
        </p>
      )}
      {mishaps && (
        <Mishaps
          onPick={(what) => {
            happen({ kind: 'mishap', what });
            setMishaps(false);
            setRemedies(REMEDIES[what] ?? []);
          }}
          onGiveUp={() => {
            happen({ kind: 'given up' });
          }}
        />
      )}
      {remedies.length > 0 && (
        <section
          aria-label="What is usually done"
          className="border-base-300 flex flex-wrap items-center gap-2 border-t p-3"
        >
          <span className="quiet text-lg">usually:</span>
          <button
            type="button"
            className="btn btn-primary h-14 text-lg"
            onClick={() => {
              putIn(remedies);
              setRemedies([]);
            }}
          >
            {remedies.map((kind) => STEPS[kind].name).join(', then ')}
          </button>
          <button
            type="button"
            className="btn btn-outline h-14 text-lg"
            onClick={() => {
              setRemedies([]);
            }}
          >
            Go on
          </button>
        </section>
      )}
      {putting && (
        <div className="border-base-300 flex flex-wrap items-end gap-3 border-t p-3">
          <SelectField<StepId | ''>
            label="Put in before what is now"
            value=""
            onChange={(kind) => {
              if (kind !== '') putIn([kind]);
              setPutting(false);
            }}
          >
            <option value="">which step?</option>
            <KindOptions way={begin.document.way} />
          </SelectField>
        </div>
      )}
      {noting && (
        <Noting
          what={noting}
          onDone={(says) => {
            const reading =
              noting === 'reading' && says !== '' ? readingOf(says, units) : undefined;
            if (typeof reading === 'string') {
              useNotices.getState().trouble(reading);
              return;
            }
            if (reading) happen({ kind: 'reading', ...reading });
            else if (noting === 'note' && says !== '') happen({ kind: 'note', says });
            setNoting(undefined);
          }}
        />
      )}
      <div className="border-base-300 grid shrink-0 grid-cols-[minmax(12rem,2fr)_repeat(9,minmax(0,1fr))] gap-2 border-t p-3 max-md:grid-cols-3">
        <button
          type="button"
          className="btn btn-primary h-24 text-2xl max-md:col-span-3 max-md:h-16"
          disabled={!stands}
          onClick={() => {
            go('done');
          }}
        >
          <Check className="size-8" /> Next <kbd className="kbd kbd-sm">Space</kbd>
        </button>
        <Big
          says={state.fire?.what === 'in' ? 'Out' : 'Into the fire'}
          keys="F"
          onDo={fire}
          icon={state.fire?.what === 'in' ? <FlameKindling /> : <Flame />}
        />
        <Big
          says="Again"
          keys="A"
          icon={<RotateCcw />}
          onDo={() => {
            go('again');
          }}
        />
        <Big
          says="Skip"
          keys="S"
          icon={<SkipForward />}
          onDo={() => {
            go('skipped');
          }}
        />
        <Big
          says="Mishap"
          keys="M"
          icon={<TriangleAlert />}
          onDo={() => {
            setMishaps((v) => !v);
          }}
        />
        <Big
          says="Note"
          keys="N"
          icon={<MessageSquare />}
          onDo={() => {
            setNoting('note');
          }}
        />
        <Big
          says="Reading"
          keys="R"
          icon={<Ruler />}
          onDo={() => {
            setNoting('reading');
          }}
        />
        <Big
          says="Put in"
          keys="P"
          icon={<ListPlus />}
          onDo={() => {
            setPutting((v) => !v);
          }}
        />
        <Big says="Undo" keys="U" icon={<Undo2 />} onDo={undo} />
        <Big
          says={loud ? 'Sound on' : 'Sound off'}
          keys="V"
          icon={loud ? <Volume2 /> : <VolumeX />}
          onDo={() => {
            setLoud((v) => !v);
          }}
        />
      </div>
    </div>
  );
}

function Big({
  says,
  keys,
  icon,
  onDo,
}: {
  readonly says: string;
  readonly keys: string;
  readonly icon: ReactNode;
  readonly onDo: () => void;
}) {
  return (
    <button
      type="button"
      className="btn btn-outline h-24 flex-col gap-1 px-1 text-base leading-tight max-md:h-14 max-md:text-sm"
      onClick={onDo}
    >
      {icon}
      <span>
        {says} <kbd className="kbd kbd-xs">{keys}</kbd>
      </span>
    </button>
  );
}

/** In the box it is part of tonight's load, at its own time. */
function intoTonight({ piece, annealer }: Pick<MakingBegin, 'piece' | 'annealer'>): void {
  const { inBox, set } = useTonight.getState();
  const lastIn = format(new Date(), 'HH:mm');
  set({
    inBox: withCount(inBox, piece, (inBox[piece] ?? 0) + 1),
    lastIn,
    ...(annealer !== undefined && { annealer }),
  });
  useNotices.getState().say('It is in tonight’s box: its night is under Night.');
}
