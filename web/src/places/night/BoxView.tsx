// Tonight's box: which pieces stand in it and how, whose wall sets the clock, and when the door may open.
import { trNodes } from '../../words/trNodes';
import { fileName } from '@zanfirico/contract';
import { learnBox, readLoggerCsv, stand } from '@zanfirico/core/night/asked';
import { holdingSeconds } from '@zanfirico/core/piece';
import { printDuration, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { nightEntry } from '../../exports/nightEntry';
import { useDisplay } from '../../stores/display';
import { useNotices } from '../../stores/notices';
import { useTonight, withCount } from '../../stores/tonight';
import { VerdictWord } from '../../marks/Verdict';
import { AnnealerChoice } from './AnnealerChoice';
import { NightBody } from '../../night/NightBody';
import { GoingOn } from '../../night/Going';
import { EmptyBox } from './EmptyBox';
import { FromTheWeek } from './FromTheWeek';
import { MeantPieces } from './MeantPieces';
import { kept, toldOf } from './learnt';
import { Setting } from './Setting';
import { StandingPlan } from './StandingPlan';
import { ToCalendar } from './ToCalendar';
import { loadNights } from '../../workers/workers';
import { TakeLog } from '../../night/TakeLog';
import { SendNight } from './live/SendNight';
import { manyNamed, soMany } from './useShelf';
import { useLoadNight } from './useLoadNight';
import { useTonightBox } from '../../night/useTonightBox';
import { TroubleLine } from '../../marks/TroubleLine';

type LoadNight = ReturnType<typeof useLoadNight>;

/** Learns a box from its log. */
function useLearning(name: string | undefined): (text: string) => void {
  const { box, keep } = useTonightBox();
  const { trouble } = useNotices.getState();
  return (text) => {
    const read = readLoggerCsv(text);
    if (!read.ok) {
      trouble(read.says);
      return;
    }
    const learnt = learnBox(read.curve, box, read.spread);
    const told = toldOf(learnt);
    if (told === undefined)
      trouble(
        tr`The log has nothing to learn from: no unbroken fall or climb of 60 K, and one place only. Let it log a night with the power off.`,
      );
    else keep(kept(learnt), `${name ?? tr`The box`} ${told}.`);
  };
}

/** Who of the load sets the clock, what each keeps, and where its night goes. */
function TheLoad({
  night,
  rules,
  name,
  annealer,
  nameOf,
  onLive,
}: {
  readonly night: NonNullable<LoadNight['night']>;
  readonly rules: NonNullable<LoadNight['rules']>;
  readonly name: string;
  readonly annealer: string | undefined;
  readonly nameOf: (id: string) => string;
  readonly onLive: () => void;
}) {
  const units = useDisplay((s) => s.units);
  const { inBox, practice, inHand, hold, door, lastIn } = useTonight();
  return (
    <section aria-label={tr`The load`} className="mt-3">
      <p className="text-lg leading-snug">
        {rules.count === 1
          ? trNodes`${(<b>{soMany(rules.count, rules.name)}</b>)} sets the clock`
          : trNodes`${(<b>{soMany(rules.count, rules.name)}</b>)} set the clock`}
        {night.saves && night.saves.seconds > 60 && (
          <>
            {trNodes`; without ${rules.count === 1 ? tr`it` : tr`them`} the door opens ${(<b className="num">{printDuration(night.saves.seconds)}</b>)} sooner, and ${nameOf(night.saves.then)} would`}
          </>
        )}
        .
      </p>
      <ul>
        {night.outcomes.map((o) => (
          <li key={o.id} className="border-base-300 flex gap-4 border-b py-0.5">
            <span className="flex-1">{soMany(inBox[o.id] ?? 1, nameOf(o.id))}</span>
            <span className="num">{printText(o.outcome.kept, 'stress', units)}</span>
            <VerdictWord verdict={o.holds ? 'good' : 'watch'} />
          </li>
        ))}
      </ul>
      {annealer !== undefined && (
        <SendNight
          annealer={annealer}
          name={name}
          schedule={night.checked.schedule}
          night={{ inBox, practice, inHand, hold, door }}
          onLive={onLive}
        />
      )}
      <ToCalendar
        says={tr`Last in and door (iCalendar)`}
        file={`${fileName(annealer ?? 'night')}.ics`}
        entries={() => [
          nightEntry(
            { id: fileName(annealer ?? 'box'), name, annealer: annealer },
            lastIn,
            night.checked.schedule.total.value,
            new Date(),
          ),
        ]}
      />
    </section>
  );
}

export function BoxView({ onLive }: { readonly onLive: () => void }) {
  const units = useDisplay((s) => s.units);
  const t = useTonight();
  const { chosen, box } = useTonightBox();
  const { inBox, practice, inHand, hold, door, assumes, firstIn, lastIn } = t;
  const { shelf, load, hottest, answer, night, rules, input } = useLoadNight(
    {
      inBox,
      practice,
      inHand,
      hold,
      door,
      assumes,
      box,
      holding: holdingSeconds(firstIn, lastIn),
    },
    loadNights,
  );
  const { meant } = shelf;
  const failure = answer.state === 'failed' ? answer.says : undefined;
  const loaded = answer.state === 'here' ? answer.value : undefined;
  const standing = useMemo(() => (chosen ? stand(load, chosen) : undefined), [load, chosen]);
  const nameOf = (id: string): string => meant.find((p) => p.id === id)?.name ?? '';
  const all = load.map((p) => soMany(p.count, p.name)).join(', ');
  const learn = useLearning(chosen?.name);
  return (
    <div className="flex h-full flex-col xl:flex-row">
      <div className="min-w-0 flex-1 px-5 py-3">
        {load.length === 0 && <EmptyBox inside={chosen} />}
        {load.length > 0 && answer.state === 'asked' && (
          <GoingOn says={tr`Being simulated, the pieces as they are drawn`} share={answer.share} />
        )}
        {failure !== undefined && <TroubleLine className="py-4">{failure}</TroubleLine>}
        {loaded?.ok === false && <TroubleLine className="py-4 text-lg">{loaded.says}</TroubleLine>}
        {night && rules && input && (
          <>
            <NightBody
              input={input}
              night={{
                state: 'checked',
                schedule: night.checked.schedule,
                checked: night.checked,
              }}
              lastIn={lastIn}
              name={all}
              load={load}
            />
            <TheLoad
              night={night}
              rules={rules}
              name={all}
              annealer={chosen?.name}
              nameOf={nameOf}
              onLive={onLive}
            />
          </>
        )}
      </div>
      <div className="border-base-300 no-print w-full shrink-0 border-l px-5 py-3 xl:w-[23rem]">
        <AnnealerChoice />
        {chosen ? (
          <>
            {load.length > 0 && (
              <>
                <StandingPlan
                  inside={chosen}
                  standing={standing?.standing ?? []}
                  pieces={load}
                  rules={night?.rules}
                />
                <p className="quiet text-sm leading-snug">
                  {tr`Inside ${printText(chosen.width, 'length', units)} wide, ${printText(chosen.depth, 'length', units)} deep, ${printText(chosen.height, 'length', units)} high.`}
                </p>
              </>
            )}
            <TakeLog
              says={tr`Learn its figures from a log (CSV)`}
              label={tr`Log of a night`}
              className="btn btn-ghost btn-xs"
              onText={learn}
            />
          </>
        ) : (
          <p>{trNodes`The shop has no annealer yet: ${(<Link to="/rack/shop">{tr`give it one`}</Link>)}.`}</p>
        )}
        {standing && standing.left.length > 0 && (
          <TroubleLine>
            {tr`No room for ${manyNamed(standing.left, nameOf)}: too tall or too wide beside the others.`}
          </TroubleLine>
        )}
        <MeantPieces
          legend={tr`In the box`}
          shelf={shelf}
          countOf={(id) => inBox[id] ?? 0}
          onCount={(id, count) => {
            t.set({ inBox: withCount(inBox, id, count) });
          }}
        />
        <FromTheWeek
          annealer={chosen?.name}
          inBox={inBox}
          onTake={(next) => {
            t.set({ inBox: next });
          }}
        />
        <div className="mt-3">
          <Setting glass={hottest} />
        </div>
      </div>
    </div>
  );
}
