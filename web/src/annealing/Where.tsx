// The night of the real section: where it keeps what, at any moment of the night, and the night it would ask for by itself.
import {
  ORDINARY_STANDING,
  placeName,
  PRACTICES,
  printDuration,
  printText,
  SAFETY,
  WORKING_STRESS,
  type OwnNight,
  type RealSection,
  type Schedule,
  type ScheduleInput,
  type SectionChecked,
  type Stands,
} from '@zanfirico/core';
import { Grid3x3, Timer } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { clockWords } from '../clock/clockWords';
import { Choice } from '../fields/Choice';
import { QuantityField } from '../fields/QuantityField';
import { SectionField } from '../marks/section/SectionField';
import { VerdictWord } from '../marks/Verdict';
import { useDisplay } from '../stores/display';
import { useWork } from '../workers/useWork';
import { startOwnNight, startSection } from '../workers/workers';
import { SHOWN, type Shown } from './insideGlass';
import { ScheduleTable } from './ScheduleTable';

interface Props {
  readonly input: ScheduleInput;
  readonly schedule: Schedule;
  readonly section: RealSection;
  readonly lastIn: string;
  /** What the joined walls say stays, Pa. */
  readonly byWalls: number;
}

const STANDS: readonly { readonly value: Stands; readonly label: string; readonly note: string }[] =
  [
    { value: 'free', label: 'Free', note: 'on a grid or on posts' },
    { value: 'shelf', label: 'Flat on the shelf', note: 'its underside is shut off' },
    { value: 'rim', label: 'Mouth down', note: 'the shelf shuts its hollow' },
  ];

export function Where({ input, schedule, section, lastIn, byWalls }: Props) {
  const units = useDisplay((s) => s.units);
  const [stands, setStands] = useState<Stands>(ORDINARY_STANDING.stands);
  const [rounded, setRounded] = useState(ORDINARY_STANDING.rounded);
  const [share, setShare] = useState({ night: 1, share: 0 });
  const asked = JSON.stringify([schedule.curve, stands, rounded, input.glass.id, input.practice]);
  const [done, setDone] = useState<{ readonly of: string; readonly answer: SectionChecked }>();
  const [own, setOwn] = useState<{ readonly of: string; readonly answer: OwnNight }>();
  const looking = useWork<SectionChecked | undefined>();
  const finding = useWork<OwnNight | undefined>();
  const standing = { stands, rounded };
  const tell = (night: number, so: number): void => {
    setShare({ night, share: so });
  };
  const found = done?.of === asked ? done.answer : undefined;
  const better = own?.of === asked ? own.answer : undefined;
  const allows = PRACTICES[input.practice].allows;
  const busy = looking.busy || finding.busy;
  return (
    <section aria-label="Where">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <Choice
          legend="How it stands in the box"
          value={stands}
          options={STANDS}
          onChange={setStands}
        />
        <div className="w-40">
          <QuantityField
            label="Inside corners rounded by"
            kind="length"
            value={rounded}
            min={0.0003}
            max={0.01}
            nudge={1e-4}
            onCommit={setRounded}
          />
        </div>
        <button
          type="button"
          className="btn btn-primary btn-sm"
          disabled={finding.busy}
          onClick={() => {
            if (looking.busy) {
              looking.stop();
              return;
            }
            tell(1, 0);
            looking.take(startSection({ input, section, standing }, schedule, tell), (answer) => {
              if (answer) setDone({ of: asked, answer });
            });
          }}
        >
          <Grid3x3 className="size-4" /> {looking.busy ? 'Stop' : 'Put the section through it'}
        </button>
        <button
          type="button"
          className="btn btn-outline btn-sm"
          disabled={looking.busy}
          onClick={() => {
            if (finding.busy) {
              finding.stop();
              return;
            }
            tell(1, 0);
            finding.take(startOwnNight({ input, section, standing }, tell), (answer) => {
              if (!answer) return;
              setOwn({ of: asked, answer });
            });
          }}
        >
          <Timer className="size-4" /> {finding.busy ? 'Stop' : 'Find the night it asks for'}
        </button>
      </div>
      {busy && (
        <p role="status" className="mt-2">
          {finding.busy && `night ${String(share.night)}, `}
          {String(Math.round(100 * share.share))} % of the night
          <progress
            className="progress progress-primary ml-3 w-40 align-middle"
            max={1}
            value={share.share}
            aria-label="How far it is"
          />
        </p>
      )}
      {!found && !better && !busy && (
        <p className="quiet mt-2 max-w-prose leading-snug">
          The schedule above takes the piece as a thick wall joined to a thin one. Here its drawn
          section itself is cooled: heat, structure and stress in every place of it, about the axis.
          It takes some seconds.
        </p>
      )}
      {found && (
        <Answer
          section={section}
          answer={found}
          allows={allows}
          lastIn={lastIn}
          title="In the schedule above"
          legend="In the section"
        >
          <p className="mt-1 max-w-prose leading-snug">
            The joined walls, which that schedule, the card and the calendar go by, say{' '}
            {printText(byWalls, 'stress', units)}:{' '}
            {found.night.keeps.stress > 1.05 * allows
              ? 'they are too daring here. Fire it by the night the section asks for, or stand it free.'
              : found.night.keeps.stress < 0.8 * byWalls
                ? 'they are to the safe side here.'
                : 'much the same.'}
          </p>
        </Answer>
      )}
      {better && (
        <Answer
          section={section}
          answer={better}
          allows={allows}
          lastIn={lastIn}
          legend="In it, by its own night"
          title={`The night it asks for: ${printDuration(better.schedule.total.value)} instead of ${printDuration(schedule.total.value)}`}
        >
          {!better.holds && (
            <p className="text-warning">
              Nothing that holds was found in {better.rounds} nights; this is the nearest.
            </p>
          )}
          <ScheduleTable
            schedule={better.schedule}
            lastIn={lastIn}
            doorAt={input.doorTemperature}
          />
        </Answer>
      )}
      {(found ?? better) && (
        <p className="quiet mt-2 max-w-prose text-sm leading-snug">
          In an even box, arriving with its middle hotter than its skin.
          {section.leavesOut.length > 0 &&
            ` Not in the section: ${section.leavesOut.join(', ')}; for those the joined walls stand.`}{' '}
          Tool 1946, Narayanaswamy 1971, Moynihan 1976; finite elements of Crouzeix &amp; Raviart.
        </p>
      )}
    </section>
  );
}

interface AnswerProps {
  readonly section: RealSection;
  readonly answer: SectionChecked;
  readonly allows: number;
  readonly lastIn: string;
  readonly title: string;
  /** What is chosen from beside the picture. */
  readonly legend: string;
  readonly children: ReactNode;
}

/** One night in the section: the verdict, the picture, the clock. */
function Answer(props: AnswerProps) {
  const { section, answer, allows, lastIn, title, legend, children } = props;
  const { mesh, night } = answer;
  const units = useDisplay((s) => s.units);
  const [shown, setShown] = useState<Shown>('stress');
  const last = night.moments.length;
  const [at, setAt] = useState(last);
  const [corner, setCorner] = useState<number>();
  const cold = at >= last;
  const moment = night.moments[Math.min(at, last - 1)];
  if (!moment) return null;
  const kind = shown === 'stress' ? 'stress' : 'temperature';
  const tell = (v: number): string => printText(v, kind, units);
  const values =
    shown !== 'stress' ? moment[shown] : cold ? Float32Array.from(night.kept.most) : moment.most;
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const where = placeName(mesh, section, night.keeps);
  const passes = WORKING_STRESS / SAFETY;
  const share = Math.max(night.keeps.stress / allows, night.worst.stress / passes);
  const clock = clockWords(lastIn, moment.time);
  const history = corner === undefined ? [] : night.moments.map((m) => m.most[corner] as number);
  return (
    <div className="mt-4" role="group" aria-label={title}>
      <h3 className="text-xl">{title}</h3>
      <p className="leading-snug">
        <VerdictWord verdict={share > 1 ? 'no' : share > 0.92 ? 'watch' : 'good'} /> It keeps{' '}
        <b className="num">{printText(night.keeps.stress, 'stress', units)}</b> {where}, of{' '}
        {printText(allows, 'stress', units)} allowed;{' '}
        {printText(night.worst.stress, 'stress', units)} passes through it, of{' '}
        {printText(passes, 'stress', units)}.
      </p>
      {children}
      <div className="mt-2 grid gap-x-6 lg:grid-cols-[minmax(0,34rem)_1fr]">
        <div>
          <SectionField
            mesh={mesh}
            values={values}
            low={low}
            high={high}
            signed={shown === 'stress'}
            mark={
              shown === 'stress' && cold
                ? {
                    r: night.keeps.r,
                    z: night.keeps.z,
                    says: printText(night.keeps.stress, 'stress', units),
                  }
                : undefined
            }
            at={corner}
            onTake={setCorner}
            label={`The section ${cold ? 'once cold' : `at ${clock.time}`}: ${shown === 'stress' ? 'tension, hatched where it is pressed,' : 'temperature'} from ${tell(low)} to ${tell(high)}; the most is kept ${where}`}
          />
          <input
            type="range"
            className="range range-xs mt-2 w-full max-w-[34rem]"
            aria-label="Moment of the night"
            min={0}
            max={last}
            value={at}
            aria-valuetext={cold ? 'cold' : `${clock.time} ${clock.day}`}
            onChange={(e) => {
              setAt(Number(e.target.value));
            }}
          />
        </div>
        <div>
          <Choice legend={legend} value={shown} options={SHOWN} onChange={setShown} />
          <p className="mt-2 text-lg">
            {cold ? (
              'Once cold'
            ) : (
              <>
                <b className="num">{clock.time}</b> {clock.day}, box{' '}
                <span className="num">{printText(moment.kiln, 'temperature', units)}</span>
              </>
            )}
          </p>
          <p className="quiet leading-snug">
            from <span className="num">{tell(low)}</span> to{' '}
            <span className="num">{tell(high)}</span>
            {shown === 'stress' && '; orange is pulled, hatched blue is pressed in every direction'}
          </p>
          {corner === undefined ? (
            <p className="quiet mt-3 leading-snug">Click a place for what it went through.</p>
          ) : (
            <>
              <p className="mt-3 leading-snug">
                {placeName(mesh, section, {
                  r: mesh.r[corner] as number,
                  z: mesh.z[corner] as number,
                })}
                : <b className="num">{tell(values[corner] as number)}</b>
              </p>
              <History values={history} at={cold ? last - 1 : at} />
            </>
          )}
        </div>
      </div>
    </div>
  );
}

/** Tension of one place through the night, about nothing. */
function History({ values, at }: { readonly values: readonly number[]; readonly at: number }) {
  const limit = Math.max(1, ...values.map(Math.abs));
  const x = (i: number): number => (260 * i) / Math.max(1, values.length - 1);
  const y = (v: number): number => 45 - (40 * v) / limit;
  return (
    <svg
      viewBox="0 0 260 90"
      className="mt-1 w-full max-w-sm bg-(--board)"
      role="img"
      aria-label="Its tension through the night"
    >
      <line x1={0} x2={260} y1={45} y2={45} stroke="var(--chalk-dim)" strokeOpacity={0.5} />
      <polyline
        points={values.map((v, i) => `${x(i).toFixed(1)},${y(v).toFixed(1)}`).join(' ')}
        fill="none"
        stroke="var(--color-primary)"
        strokeWidth={2}
      />
      <line x1={x(at)} x2={x(at)} y1={0} y2={90} stroke="var(--chalk)" strokeDasharray="3 3" />
    </svg>
  );
}
