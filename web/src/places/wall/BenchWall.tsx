// What is being made, on the wall: the step, since when out of the fire, what goes cold first, and who waits for whom.
import { trNodes } from '../../words/trNodes';
import type { MakingLine } from '@zanfirico/contract/making';
import { HEAT_SPREAD } from '@zanfirico/core/making';
import { printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { useQuery } from '@tanstack/react-query';
import { listMakings, sentenceOf } from '../../api/client';
import { studioNow } from '../../api/server';
import { useFollowed, type FollowedMaking } from '../../making/followed';
import { useStanding } from '../../making/useStanding';
import { stepName } from '../../marks/braid/stepNames';
import { clockText } from '../../marks/braid/strands';
import { useDisplay } from '../../stores/display';
import { useShopHere } from '../../stores/useShopHere';
import { SOON } from '../making/HeatNow';
import { JobWords } from '../making/JobWords';
import { ofParts } from '../making/Reach';
import { useTick, WallFrame } from './WallFrame';

const EVERY = 5000;
/** So many fit a wall. */
const MOST = 4;

export function BenchWall() {
  useShopHere();
  const asked = useQuery({ queryKey: ['makings'], queryFn: listMakings, refetchInterval: EVERY });
  const going = (asked.data ?? []).filter((m) => m.ended === undefined && !m.rehearsal);
  return (
    <WallFrame title={tr`Being made`} heardAt={asked.dataUpdatedAt || undefined}>
      {asked.error && !asked.data && (
        <p role="alert" className="text-warning text-[3vmin]">
          {sentenceOf(asked.error)}
        </p>
      )}
      {asked.data && going.length === 0 && (
        <p className="quiet mt-[3vmin] text-[5vmin]">{tr`Nothing is on the bench.`}</p>
      )}
      <div
        className={`mt-[2vmin] grid flex-1 content-start gap-[4vmin] ${going.length > 1 ? 'md:grid-cols-2' : ''}`}
      >
        {going.slice(0, MOST).map((m) => (
          <OneMaking key={m.id} line={m} large={going.length === 1} />
        ))}
      </div>
      {going.length > MOST && (
        <p className="quiet text-[3vmin]">{tr`and ${going.length - MOST} more`}</p>
      )}
    </WallFrame>
  );
}

function OneMaking({ line, large }: { readonly line: MakingLine; readonly large: boolean }) {
  const followed = useFollowed(line.id);
  return (
    <section aria-label={line.name} className="border-base-300 border-t pt-[1vmin]">
      <h2 className="text-[3.4vmin] leading-tight">{line.name}</h2>
      {followed ? (
        <Now followed={followed} large={large} />
      ) : (
        <p className="quiet">{tr`Fetching it …`}</p>
      )}
    </section>
  );
}

function Now({ followed, large }: { readonly followed: FollowedMaking; readonly large: boolean }) {
  const shown = useTick();
  const units = useDisplay((s) => s.units);
  const { derived, step, next, place, of, since, coldest, crew, behind, hole } = useStanding(
    followed.begin.id,
    followed,
    shown,
    studioNow,
  );
  const [lead, ...others] = crew;
  const waits = crew.flatMap(({ person, holds }) => (holds ? [{ person, holds }] : []));
  return (
    <div className={large ? 'grid gap-x-[5vmin] md:grid-cols-[3fr_2fr]' : ''}>
      <div>
        <p
          className={`${large ? 'text-[13vmin]' : 'text-[5.5vmin]'} font-display leading-none font-semibold`}
        >
          {step ? stepName(step) : followed.state.ended ? tr`done` : tr`into the box`}
        </p>
        <p className="quiet text-[3vmin] leading-tight">
          {trNodes`${step && ofParts(step, derived) !== '' && `${ofParts(step, derived)}, `}step ${(<span className="num">{(place ?? of - 1) + 1}</span>)} of ${(<span className="num">{of}</span>)}, at it ${(<span className="num">{clockText(since)}</span>)}`}
          {next && <>{tr`, then ${stepName(next)}`}</>}
        </p>
        <p className="mt-[1vmin] flex flex-wrap items-baseline gap-x-[4vmin] text-[3.4vmin] leading-tight">
          {hole.fire && (
            <span>
              {hole.fire.what === 'in' ? tr`in the fire` : tr`out of the fire`}{' '}
              <b className={`num text-primary ${large ? 'text-[14vmin]' : 'text-[8vmin]'}`}>
                {clockText(hole.fire.since)}
              </b>
            </span>
          )}
          {behind !== undefined && Math.abs(behind) > 30 && (
            <span>
              {behind > 0 ? tr`behind` : tr`ahead`}{' '}
              <b className="num">{clockText(Math.abs(behind))}</b>
            </span>
          )}
        </p>
        {coldest && (
          <p
            className={`${large ? 'text-[4.4vmin]' : 'text-[3.4vmin]'} leading-tight ${coldest.brittleIn !== undefined && coldest.brittleIn < SOON ? 'text-error font-bold' : ''}`}
          >
            {coldest.name}: {trWord(coldest.band)},{' '}
            <span className="num">{printText(coldest.mean, 'temperature', units)}</span>
            {coldest.brittleIn === 0
              ? tr`, its skin is brittle`
              : coldest.brittleIn !== undefined &&
                tr`, its skin is brittle in ${clockText(coldest.brittleIn)}`}
          </p>
        )}
      </div>
      <div>
        {(lead ?? others.length > 0) && (
          <ul
            aria-label={tr`Who waits for whom`}
            className={`mt-[1vmin] leading-snug ${large ? 'text-[4vmin]' : 'text-[3vmin]'}`}
          >
            {crew.map(({ person, job }) => (
              <li key={person.id}>
                <span className="quiet">{person.name}</span>{' '}
                {job ? (
                  <JobWords job={job} derived={derived} />
                ) : (
                  <span className="quiet">{tr`free`}</span>
                )}
              </li>
            ))}
            {waits.map(({ person, holds }) => (
              <li key={`w ${person.id}`} className="text-warning">
                {trNodes`${person.name} holds the ${derived?.parts[holds.part]?.name ?? tr`glass`} and waits ${(<span className="num">{clockText(holds.wantedIn)}</span>)} for ${lead?.person.name ?? tr`the lead`}: flash it.`}
              </li>
            ))}
          </ul>
        )}
        <p className="quiet mt-[1vmin] text-[2vmin]">{tr`Heat is an estimate, good to some ${HEAT_SPREAD} K.`}</p>
      </div>
    </div>
  );
}
