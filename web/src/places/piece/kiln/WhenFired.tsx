// When a firing is begun, when its door may open, and both of a piece on the calendar.
import { trNodes } from '../../../words/trNodes';
import { tr, trWord } from '@zanfirico/core/words';
import type { KilnFiring } from '@zanfirico/contract/kiln';
import { CalendarPlus } from 'lucide-react';
import { sentenceOf } from '../../../api/client';
import { dayWords } from '../../../clock/dayWords';
import { download } from '../../../exports/download';
import { weekIcs } from '../../../exports/nightIcs';
import { DayField } from '../../../fields/DayField';
import { TimeField } from '../../../fields/TimeField';
import { useNotices } from '../../../stores/notices';
import { usePiece } from '../usePiece';
import { changeFiring } from './changeKiln';
import { beginsOf, BEGUN } from './useFirings';

interface Props {
  readonly at: number;
  readonly firing: KilnFiring;
  readonly seconds: number;
  /** How long the firing before it takes; undefined for the first. */
  readonly before: number | undefined;
}

export function WhenFired({ at, firing, seconds, before }: Props) {
  const { document } = usePiece();
  const begins = beginsOf(firing);
  const door = begins && new Date(begins.getTime() + 1000 * seconds);
  const last = document.kiln?.firings[at - 1];
  const begun = last && beginsOf(last);
  const free = begun && before !== undefined && new Date(begun.getTime() + 1000 * before);
  return (
    <div className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-1">
      <DayField
        label={tr`On the day`}
        value={firing.day}
        onCommit={(day) => {
          changeFiring(at, { day });
        }}
      />
      <div className="w-24">
        <TimeField
          label={tr`Begun at`}
          value={firing.at ?? BEGUN}
          onCommit={(clock) => {
            changeFiring(at, { at: clock });
          }}
        />
      </div>
      <p className="leading-snug">
        {door ? (
          <>
            {trNodes`Door may open ${(<b>{dayWords(door.getTime())}</b>)}.`}
            {free && begins < free && (
              <span className="text-warning">
                {' '}
                {tr`The firing before it is in the kiln until ${dayWords(free.getTime())}.`}
              </span>
            )}
          </>
        ) : (
          <span className="quiet">{tr`Give it a day, and it can go on the calendar.`}</span>
        )}
      </p>
      {begins && door && (
        <button
          type="button"
          className="btn btn-outline btn-sm"
          onClick={() => {
            try {
              download(
                tr`${document.name} firing ${at + 1}.ics`,
                'text/calendar',
                weekIcs([
                  {
                    id: `kiln-${String(at)}-${document.name}`,
                    name: `${document.name}, ${trWord(firing.aim)}`,
                    annealer: document.firing.annealer,
                    lastIn: begins,
                    door,
                  },
                ]),
              );
            } catch (error) {
              useNotices.getState().trouble(sentenceOf(error));
            }
          }}
        >
          <CalendarPlus className="size-4" /> {tr`Calendar`}
        </button>
      )}
    </div>
  );
}
