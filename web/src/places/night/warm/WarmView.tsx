// Warm for the bench: bars, canes, murrine and blanks in one kiln, ready at a clock time; and a piece of two sessions on one line with its two nights.
import { trNodes } from '../../../words/trNodes';
import { LIMITS } from '@zanfirico/contract';
import type { ToWarm, WarmsTogether } from '@zanfirico/core/kiln';
import { printDuration, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useMemo } from 'react';
import { AnnealerChoice } from '../AnnealerChoice';
import { Caution } from '../../../night/Caution';
import { useTonightBox } from '../../../night/useTonightBox';
import { momentOn, today } from '../../../clock/days';
import { dayWords } from '../../../clock/dayWords';
import { asSent } from '../../../boxes/asSent';
import { SendLines } from '../../../boxes/SendLines';
import { useDevices } from '../../../boxes/useDevices';
import { DayField } from '../../../fields/DayField';
import { GlassOptions } from '../../../fields/GlassField';
import { QuantityField } from '../../../fields/QuantityField';
import { SelectField } from '../../../fields/SelectField';
import { TimeField } from '../../../fields/TimeField';
import { useDisplay } from '../../../stores/display';
import { useRack } from '../../../stores/theRack';
import { useWarm, type Warmed } from '../../../stores/warm';
import { useAnswer } from '../../../workers/useAnswer';
import { night } from '../../../workers/workers';
import { TwoSessions } from './TwoSessions';
import { TroubleLine } from '../../../marks/TroubleLine';

const BODIES: Readonly<Record<Warmed['body'], string>> = {
  cylinder: tr`bar or cane`,
  slab: tr`slice or blank, from two sides`,
  oneSided: tr`flat on the shelf`,
};
const HEAT = { minimum: 300, maximum: 700 };
/** Begun by the hour people are there or not: under so long it is the same morning. */
const MOST = 24;

/** One thing to warm, and what it bears by itself. */
function WarmedLine({
  thing: t,
  alone,
  onPut,
  onTakeOut,
}: {
  readonly thing: Warmed;
  readonly alone: WarmsTogether['alone'][number] | undefined;
  readonly onPut: (change: Partial<Warmed>) => void;
  readonly onTakeOut: () => void;
}) {
  const units = useDisplay((s) => s.units);
  return (
    <li className="border-base-300 border-b pb-2">
      <div className="grid grid-cols-2 gap-x-5 gap-y-1 md:grid-cols-4">
        <label className="flex flex-col">
          <span className="quiet text-sm">{tr`What`}</span>
          <input
            className="input"
            maxLength={40}
            value={t.name}
            onChange={(e) => {
              onPut({ name: e.target.value });
            }}
          />
        </label>
        <SelectField
          label={tr`Glass`}
          value={t.glass}
          onChange={(glass) => {
            onPut({ glass });
          }}
        >
          <GlassOptions value={t.glass} />
        </SelectField>
        <QuantityField
          label={tr`Thick`}
          kind="length"
          value={t.thick}
          within={LIMITS.laidThick}
          nudge={0.001}
          onCommit={(thick) => {
            onPut({ thick });
          }}
        />
        <SelectField
          label={tr`It is a`}
          value={t.body}
          onChange={(body: Warmed['body']) => {
            onPut({ body });
          }}
        >
          {(Object.keys(BODIES) as Warmed['body'][]).map((b) => (
            <option key={b} value={b}>
              {BODIES[b]}
            </option>
          ))}
        </SelectField>
      </div>
      <p className="mt-1 leading-snug">
        {alone && (
          <>
            {trNodes`By itself it bears ${(<b className="num">{printText(alone.rate, 'rate', units)}</b>)}, even in ${(<b className="num">{printDuration(alone.soak)}</b>)}`}
            .{' '}
            {alone.slumps && (
              <span className="text-warning">
                {tr`So hot it slumps on its shelf: pick it up cooler. `}
              </span>
            )}
            {alone.brittle && (
              <span className="text-warning">
                {tr`So cold it cracks at the iron: pick it up hotter. `}
              </span>
            )}
          </>
        )}
        <button type="button" className="btn btn-ghost btn-xs" onClick={onTakeOut}>
          {tr`Take ${t.name || tr`it`} out`}
        </button>
      </p>
    </li>
  );
}

export function WarmView() {
  const units = useDisplay((s) => s.units);
  const rack = useRack((s) => s.rack);
  const { things, to, day, ready, set } = useWarm();
  const { box, chosen } = useTonightBox();
  const known = useMemo(
    () =>
      things.flatMap(({ name, glass, thick, body }): ToWarm[] => {
        const found = rack.glass(glass);
        return found ? [{ name, glass: found, thick, body }] : [];
      }),
    [things, rack],
  );
  const ask = useMemo(
    () =>
      known.length === things.length && things.length > 0
        ? () => night((w) => w.warmTogether(known, box, to))
        : undefined,
    [known, things.length, box, to],
  );
  const answer = useAnswer(ask, 200);
  const told = answer.state === 'here' ? answer.value : undefined;
  const readyAt = momentOn(day ?? today(1), ready);
  const begins = told && readyAt && new Date(readyAt.getTime() - 1000 * told.seconds);
  const device = useDevices().devices.find((d) => d.device.of === chosen?.name);
  const put = (id: number, change: Partial<Warmed>): void => {
    set({ things: things.map((t) => (t.id === id ? { ...t, ...change } : t)) });
  };
  return (
    <div className="flex h-full flex-col xl:flex-row">
      <div className="min-w-0 flex-1 px-5 py-3">
        <h2 className="text-3xl leading-tight">
          {begins ? (
            <>
              {trNodes`Into the kiln by ${(<span className="text-primary">{dayWords(begins.getTime())}</span>)}`}
            </>
          ) : things.length === 0 ? (
            tr`Nothing is in the kiln`
          ) : (
            tr`Working …`
          )}
        </h2>
        {told && (
          <p className="mt-1 text-lg leading-snug">
            {trNodes`Up at ${(<b className="num">{printText(told.recipe.lines[0]?.rate ?? 0, 'rate', units)}</b>)}`}
            {things.length > 1 && (
              <>{trNodes`, as the ${(<b>{things[told.slowest]?.name}</b>)} bears`}</>
            )}
            {trNodes`, then ${(<b className="num">{printDuration(told.recipe.lines[0]?.hold ?? 0)}</b>)} to be even at ${(<b className="num">{printText(to, 'temperature', units)}</b>)}: ${(<b className="num">{printDuration(told.seconds)}</b>)} in all.`}
          </p>
        )}
        {answer.state === 'failed' && <TroubleLine className="mt-2">{answer.says}</TroubleLine>}
        <ul className="mt-3 flex flex-col gap-3">
          {things.map((t, i) => (
            <WarmedLine
              key={t.id}
              thing={t}
              alone={told?.alone[i]}
              onPut={(change) => {
                put(t.id, change);
              }}
              onTakeOut={() => {
                set({ things: things.filter((x) => x.id !== t.id) });
              }}
            />
          ))}
        </ul>
        <button
          type="button"
          className="btn btn-outline btn-sm mt-2"
          disabled={things.length >= MOST}
          onClick={() => {
            set({
              things: [
                ...things,
                {
                  id: Math.max(0, ...things.map((t) => t.id)) + 1,
                  name: tr`blank`,
                  glass: 'soft-batch-96',
                  thick: 0.005,
                  body: 'slab',
                },
              ],
            });
          }}
        >
          {tr`Another in the same kiln`}
        </button>
        {device && told && (
          <SendLines
            now={device}
            label={tr`Send this to ${chosen?.name ?? tr`the kiln`}`}
            says={tr`Read back and compared; it waits to be started at the box.`}
            programme={{
              name: tr`Warm for the bench`,
              lines: asSent(told.recipe.lines),
              lastIn: 0,
            }}
          />
        )}
        <TwoSessions warms={told?.seconds} />
      </div>
      <div className="border-base-300 no-print w-full shrink-0 border-l px-5 py-3 xl:w-[23rem]">
        <div className="grid grid-cols-2 gap-x-6 gap-y-2">
          <QuantityField
            label={tr`Picked up at`}
            kind="temperature"
            value={to}
            within={HEAT}
            nudge={5}
            onCommit={(v) => {
              set({ to: v });
            }}
          />
          <div />
          <DayField
            label={tr`Ready on`}
            value={day ?? today(1)}
            onCommit={(to) => {
              set({ day: to });
            }}
          />
          <TimeField
            label={tr`at`}
            value={ready}
            onCommit={(clock) => {
              set({ ready: clock });
            }}
          />
        </div>
        <AnnealerChoice />
        <p className="quiet mt-2 text-sm leading-snug">{tr`The climb is what each bears cold (half the working stress passes at most); enamel, lustre and leaf have heats of their own: their supplier’s sheet goes first. Schools pick up at 510 to 570 °C; 540 is between.`}</p>
        <Caution />
      </div>
    </div>
  );
}
