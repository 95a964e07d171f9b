// Tonight's boxes on the wall: how hot each is, what it does, when its door may open.
import { trNodes } from '../../words/trNodes';
import type { DeviceNow } from '@zanfirico/contract/boxes';
import { boxOf, type Box } from '@zanfirico/core/night';
import { printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { useMemo } from 'react';
import { readDevices, sentenceOf } from '../../api/client';
import { useAnnealers } from '../../night/useTonightBox';
import { useDisplay } from '../../stores/display';
import { useTonight } from '../../stores/tonight';
import { useShopHere } from '../../stores/useShopHere';
import { useRun } from '../night/live/useRun';
import { WallFrame } from './WallFrame';

const EVERY = 3000;

export function BoxesWall() {
  useShopHere();
  const asked = useQuery({ queryKey: ['devices'], queryFn: readDevices, refetchInterval: EVERY });
  const boxes = (asked.data ?? []).filter((d) => d.device.kind === 'annealer');
  return (
    <WallFrame title={tr`Tonight’s boxes`} heardAt={asked.dataUpdatedAt || undefined}>
      {asked.error && !asked.data && (
        <p role="alert" className="text-warning text-[3vmin]">
          {sentenceOf(asked.error)}
        </p>
      )}
      {asked.data && boxes.length === 0 && (
        <p className="mt-[2vmin] text-[3.5vmin]">{tr`No box has a controller that can be asked: set one up in Night, “At the boxes”.`}</p>
      )}
      <ul className="mt-[2vmin] grid flex-1 content-start gap-x-[4vmin] gap-y-[2vmin] md:grid-cols-2">
        {boxes.map((b) => (
          <OneBox key={b.device.id} now={b} />
        ))}
      </ul>
      <p className="mt-[2vmin] text-[2.4vmin]">{tr`Leave a door shut until it is time. Power off before reaching in.`}</p>
    </WallFrame>
  );
}

function OneBox({ now }: { readonly now: DeviceNow }) {
  const units = useDisplay((s) => s.units);
  const annealers = useAnnealers();
  const door = useTonight((s) => s.door);
  const annealer = annealers.find((a) => a.name === now.device.of) ?? annealers[0];
  const box = useMemo(() => annealer && boxOf(annealer), [annealer]);
  return (
    <li className="border-base-300 border-t pt-[1vmin]">
      <p className="text-[3.4vmin] leading-tight">
        {now.device.of}
        <span className="quiet"> {now.reading?.state ?? ''}</span>
      </p>
      <p className="num text-primary text-[13vmin] leading-none">
        {now.reading?.temperature === undefined
          ? '?'
          : printText(now.reading.temperature, 'temperature', units)}
      </p>
      {!now.answers && (
        <p className="text-warning text-[3vmin] leading-tight">
          {now.reading
            ? tr`Last read ${format(now.reading.at, 'EEEE HH:mm')}: it does not answer.`
            : tr`It does not answer.`}
        </p>
      )}
      {box && <Door now={now} box={box} door={door} />}
    </li>
  );
}

function Door({
  now,
  box,
  door,
}: {
  readonly now: DeviceNow;
  readonly box: Box;
  readonly door: number;
}) {
  const going = useRun(now, box, door);
  const last = going?.deviations.at(-1);
  if (!going || going.run.endedAt !== undefined)
    return <p className="quiet text-[3vmin] leading-tight">{tr`no night under way`}</p>;
  return (
    <>
      <p className="text-[3.4vmin] leading-tight">
        {going.run.sent.name}
        {going.door !== undefined && (
          <>
            {trNodes`, door ${(<b className="num">{format(going.momentAt(going.door), 'EEE HH:mm')}</b>)}`}
          </>
        )}
      </p>
      {last?.to === undefined && last !== undefined && (
        <p className="text-warning text-[3vmin] leading-tight">{last.says}</p>
      )}
    </>
  );
}
