// A night by bare numbers: glass, thickest and thinnest wall, form.
import type { ScheduleInput } from '@zanfirico/core/night';
import { holdingSeconds } from '@zanfirico/core/piece';
import { tr } from '@zanfirico/core/words';
import { useMemo } from 'react';
import { Choice } from '../../fields/Choice';
import { GlassField } from '../../fields/GlassField';
import { QuantityField } from '../../fields/QuantityField';
import { useRack } from '../../stores/theRack';
import { BODY_OF, useTonight, type NightForm } from '../../stores/tonight';
import { NightBody } from '../../night/NightBody';
import { Setting } from './Setting';
import { useNight } from '../../night/useNight';
import { useTonightBox } from '../../night/useTonightBox';
import { AnnealerChoice } from './AnnealerChoice';
import { Caution } from '../../night/Caution';

const FORMS: readonly {
  readonly value: NightForm;
  readonly label: string;
  readonly note?: string;
}[] = [
  { value: 'open', label: tr`Open vessel`, note: tr`air on both sides` },
  { value: 'closed', label: tr`Closed or narrow`, note: tr`cools from outside` },
  { value: 'plate', label: tr`Plate, stood up` },
  { value: 'lying', label: tr`Plate, lying`, note: tr`cools from above` },
  { value: 'rod', label: tr`Rod` },
  { value: 'ball', label: tr`Ball` },
  { value: 'solid', label: tr`Uneven solid` },
];

export function NumbersView() {
  const t = useTonight();
  const rack = useRack((s) => s.rack);
  const { numbers } = t;
  const glass = rack.glass(numbers.glass);
  const put = (change: Partial<typeof numbers>): void => {
    t.set({ numbers: { ...numbers, ...change } });
  };
  const { thickest, thinnest, form } = numbers;
  // Nothing thinner hangs on a rod or a ball; one with a fin is an uneven solid.
  const even = form === 'rod' || form === 'ball';
  const { practice, hold, door, assumes, firstIn, lastIn } = t;
  const { box } = useTonightBox();
  const input = useMemo(
    (): ScheduleInput | undefined =>
      glass && {
        glass,
        wall: {
          thickest,
          stepThick: thickest,
          stepThin: even ? thickest : Math.min(thickest, thinnest),
          body: BODY_OF[form],
        },
        practice,
        holdTemperature: hold ?? glass.annealing,
        doorTemperature: door,
        assumes,
        box,
        holding: holdingSeconds(firstIn, lastIn),
      },
    [glass, thickest, thinnest, form, even, practice, hold, door, assumes, box, firstIn, lastIn],
  );
  const night = useNight(input);
  return (
    <div className="flex h-full flex-col xl:flex-row">
      <div className="min-w-0 flex-1 px-5 py-3">
        {input && night ? (
          <NightBody
            input={input}
            night={night}
            lastIn={lastIn}
            name={FORMS.find((f) => f.value === form)?.label ?? ''}
          />
        ) : (
          <p>{tr`The rack does not have the glass that was chosen; choose another.`}</p>
        )}
      </div>
      <div className="border-base-300 w-full shrink-0 border-l px-5 py-3 xl:w-[23rem]">
        <GlassField
          label={tr`Glass`}
          value={numbers.glass}
          onChange={(id) => {
            if (id !== undefined) put({ glass: id });
          }}
        />
        <div className="mt-2">
          <Choice
            legend={tr`Form, as it stands`}
            value={form}
            options={FORMS}
            onChange={(next) => {
              put({ form: next });
            }}
          />
        </div>
        <div className="my-2 grid grid-cols-2 gap-x-6">
          <QuantityField
            label={even ? tr`Diameter` : tr`Thickest`}
            kind="length"
            value={thickest}
            min={0.0005}
            max={2}
            nudge={0.0005}
            onCommit={(v) => {
              put({ thickest: v });
            }}
          />
          {!even && (
            <QuantityField
              label={tr`Thinnest beside it`}
              kind="length"
              value={Math.min(thickest, thinnest)}
              min={0.0005}
              max={2}
              nudge={0.0005}
              onCommit={(v) => {
                put({ thinnest: v });
              }}
            />
          )}
        </div>
        <AnnealerChoice />
        <Setting glass={glass} />
        <Caution />
      </div>
    </div>
  );
}
