// One box as it is: how hot, what it does, its night beside the plan, what went otherwise and what to do about it.
import { trNodes } from '../../../words/trNodes';
import type { DeviceNow } from '@zanfirico/contract/boxes';
import { boxOf } from '@zanfirico/core/night';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { format } from 'date-fns';
import { Maximize2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useAnnealers } from '../../../night/useTonightBox';
import { shownNumber } from '../../../fields/shown';
import { Keys } from '../../../boxes/Keys';
import { MonthOfReadings } from '../../../boxes/MonthOfReadings';
import { StandInDrawer } from '../../../boxes/StandInDrawer';
import { useDisplay } from '../../../stores/display';
import { useTonight } from '../../../stores/tonight';
import { LiveCurve } from './LiveCurve';
import { LiveWall } from './LiveWall';
import { RunJudged } from './RunJudged';
import { useRun } from './useRun';
import { TroubleLine } from '../../../marks/TroubleLine';

const STATES: Readonly<Record<string, string>> = {
  idle: tr`off, no programme runs`,
  running: 'runs',
  held: tr`held where it is`,
  done: tr`done, off`,
  faulty: tr`stopped itself: a fault`,
};

/** A moment as one says it: the clock, and the day where it is another. */
const moment = (at: number): string =>
  format(at, new Date(at).toDateString() === new Date().toDateString() ? 'HH:mm' : 'EEEE HH:mm');

/** What it was sent last, and how that ended. */
function LastSent({ now }: { readonly now: DeviceNow }) {
  const { reading, run } = now;
  const steps = run?.sent.lines.length ?? 0;
  return (
    <>
      {run && run.endedAt === undefined && run.startedAt === undefined && (
        <p className="mt-1 text-lg leading-snug">{trNodes`It holds ${(<b>{run.sent.name}</b>)}: ${steps} steps, sent ${moment(run.sentAt)} and read back the same. Nothing heats until it is started.`}</p>
      )}
      {run?.endedAt !== undefined && (
        <p className="mt-1 leading-snug">
          {trNodes`Last night: ${(<b>{run.sent.name}</b>)}`}
          {run.startedAt === undefined
            ? tr`, sent and never started.`
            : tr`, ${moment(run.startedAt)} to ${moment(run.endedAt)}.`}
          {run.startedAt !== undefined && now.answers && reading?.state === 'idle' && (
            <span className="text-warning">
              {' '}
              {tr`It ended before its programme did: stopped, or the controller began anew. Its load is judged below.`}
            </span>
          )}
        </p>
      )}
    </>
  );
}

/** When its door may open, by what it has done. */
function DoorMay({
  now,
  going,
}: {
  readonly now: DeviceNow;
  readonly going: NonNullable<ReturnType<typeof useRun>>;
}) {
  if (going.door === undefined) return null;
  return (
    <p className="mt-1 text-xl leading-snug">
      {trNodes`Door may open ${(<b className="num text-primary text-3xl">{moment(going.momentAt(going.door))}</b>)} by what it has done`}
      {Math.abs(going.door - going.doorPlanned) > 600 && (
        <>
          ;{' '}
          {trNodes`${(
            <span className="num">
              {shownNumber(Math.abs(going.door - going.doorPlanned) / 3600, 1)} h
            </span>
          )} ${going.door > going.doorPlanned ? tr`later` : tr`sooner`} than planned`}
        </>
      )}
      {now.speed !== undefined && now.speed > 1 && (
        <span className="quiet text-base">
          {' '}
          {trNodes`(its clock runs ${(<span className="num">{String(now.speed)}</span>)} times faster)`}
        </span>
      )}
    </p>
  );
}

export function LiveBox({ now }: { readonly now: DeviceNow }) {
  const units = useDisplay((s) => s.units);
  const [onWall, setOnWall] = useState(false);
  const { device, reading, run } = now;
  const annealer = useAnnealers().find((a) => a.name === device.of);
  const box = useMemo(() => boxOf({ ...annealer }), [annealer]);
  const doorTonight = useTonight((s) => s.door);
  const door = run?.sent.night?.door ?? doorTonight;
  const going = useRun(now, box, door);
  const degrees = (v: number): string => printText(v, 'temperature', units);
  const steps = run?.sent.lines.length ?? 0;
  const goes = going !== undefined && run?.endedAt === undefined;
  return (
    <article aria-label={device.of} className="border-base-300 mb-6 border-b pb-4">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h2 className="text-3xl">{device.of}</h2>
        <p className="text-2xl leading-none" role="status">
          {!now.answers ? (
            <span className="text-warning">{tr`does not answer`}</span>
          ) : reading?.temperature === undefined ? (
            <span className="text-warning">{tr`nobody knows how hot`}</span>
          ) : (
            <b className="num text-4xl">{degrees(reading.temperature)}</b>
          )}
        </p>
        {now.answers && (
          <p className="leading-snug">
            {STATES[reading?.state ?? ''] ?? tr`does not say what it does`}
            {goes && reading?.step !== undefined && (
              <>
                {trNodes`, step ${(<span className="num">{reading.step + 1}</span>)} of ${(<span className="num">{steps}</span>)}`}
              </>
            )}
            {reading?.setPoint !== undefined &&
              reading.state !== 'idle' &&
              reading.state !== 'done' && (
                <>
                  {trNodes`; asked ${(<span className="num">{degrees(reading.setPoint)}</span>)}`}
                </>
              )}
            {reading?.output !== undefined &&
              reading.state !== 'idle' &&
              reading.state !== 'done' && (
                <>{trNodes`, ${(<span className="num">{shownNumber(100 * reading.output, 0)} %</span>)} of its heat`}</>
              )}
          </p>
        )}
        {goes && (
          <button
            type="button"
            className="btn btn-ghost btn-sm no-print ml-auto"
            onClick={() => {
              setOnWall(true);
            }}
          >
            <Maximize2 className="size-4" /> {tr`On the wall`}
          </button>
        )}
      </div>
      {now.says !== undefined && (
        <p className="text-warning leading-snug">
          {now.says}
          {!now.answers && reading && (
            <>
              {' '}
              {tr`Last read ${moment(reading.at)}`}
              {reading.temperature !== undefined && `, ${degrees(reading.temperature)}`}.
            </>
          )}
        </p>
      )}
      {now.changed === true && (
        <TroubleLine className="mt-1">
          {tr`Its programme is no longer the one that was sent: somebody changed it at the controller, or another computer writes to it. Send the night again once that is settled.`}
        </TroubleLine>
      )}
      <LastSent now={now} />
      {going && (
        <>
          {goes && <DoorMay now={now} going={going} />}
          {going.deviations.map((d) => (
            <p
              key={`${d.kind}${String(d.from)}`}
              role={d.to === undefined ? 'alert' : undefined}
              className="border-warning my-1 border-l-4 pl-3 leading-snug"
            >
              <b>{moment(going.momentAt(d.from))}</b> {d.says} {d.remedy}
            </p>
          ))}
          <LiveCurve going={going} />
          {annealer && run?.sent.night && going.curve && (
            <RunJudged now={now} going={going} night={run.sent.night} box={box} />
          )}
        </>
      )}
      {!going && !run && now.answers && (
        <p className="quiet mt-1">{tr`Nothing was sent to it. Put tonight’s pieces in its box, and send their night from there.`}</p>
      )}
      <div className="no-print mt-2">
        <Keys now={now} />
      </div>
      {now.speed !== undefined && <StandInDrawer now={now} />}
      <details className="mt-2" open={!goes}>
        <summary className="cursor-pointer">{tr`What was read, by the month`}</summary>
        <div className="mt-2 max-w-4xl">
          <MonthOfReadings id={device.id} name={device.of} />
        </div>
      </details>
      {onWall && going && (
        <LiveWall
          name={device.of}
          now={now}
          going={going}
          onClose={() => {
            setOnWall(false);
          }}
        />
      )}
    </article>
  );
}
