// Tonight's box: which pieces stand in it and how, whose wall sets the clock, and when the door may open.
import {
  holdingSeconds,
  learnCooling,
  ORDINARY_SHOP,
  printDuration,
  printText,
  readLog,
  stand,
  STUDIO_BOX,
  type LoadPiece,
} from '@zanfirico/core';
import { CalendarDays, Upload } from 'lucide-react';
import { useMemo, useRef } from 'react';
import { Link } from 'react-router';
import type { ShopDocument } from '@zanfirico/contract';
import { sentenceOf } from '../../api/client';
import { download, fileName } from '../../exports/download';
import { nightIcs } from '../../exports/nightIcs';
import { useDisplay } from '../../stores/display';
import { useNotices } from '../../stores/notices';
import { useShop } from '../../stores/shop';
import { useTonight } from '../../stores/tonight';
import { NightBody } from './NightBody';
import { Setting } from './Setting';
import { StandingPlan } from './StandingPlan';
import { failureOf, useNight } from './useNight';
import { useShelf } from './useShelf';

export const NO_BOXES: ShopDocument['annealers'] = [...ORDINARY_SHOP.annealers];

export function BoxView() {
  const units = useDisplay((s) => s.units);
  const { say, trouble } = useNotices.getState();
  const t = useTonight();
  const { shop, save } = useShop();
  const log = useRef<HTMLInputElement>(null);
  const boxes = shop?.document.annealers ?? NO_BOXES;
  const box = boxes.find((b) => b.name === t.annealer) ?? boxes[0];
  const pieces = useShelf();
  const { inBox, practice, hold, door, firstIn, lastIn } = t;
  const load = useMemo(
    () => pieces.flatMap((p) => (p.piece && inBox.includes(p.id) ? [p.piece] : [])),
    [pieces, inBox],
  );
  const hottest = load.reduce<LoadPiece['glass'] | undefined>(
    (g, p) => (!g || p.glass.annealing > g.annealing ? p.glass : g),
    undefined,
  );
  const coolingTime = box?.coolingTime ?? t.coolingTime;
  const request = useMemo(
    () =>
      load.length === 0 || !hottest
        ? undefined
        : {
            kind: 'load' as const,
            pieces: load,
            input: {
              practice,
              holdTemperature: hold ?? hottest.annealing,
              doorTemperature: door,
              box: { ...STUDIO_BOX, coolingTime },
              holding: holdingSeconds(firstIn, lastIn),
            },
          },
    [load, hottest, practice, hold, door, coolingTime, firstIn, lastIn],
  );
  const answer = useNight(request);
  const failure = failureOf(answer);
  const loaded = answer && 'load' in answer ? answer.load : undefined;
  const night = loaded?.ok ? loaded.night : undefined;
  const standing = useMemo(() => (box ? stand(load, box) : undefined), [load, box]);
  const nameOf = (id: string | undefined): string => pieces.find((p) => p.id === id)?.name ?? '';
  const rules = load.find((p) => p.id === night?.rules);
  // One input for as long as the load is one: what is below asks again when it changes.
  const input = useMemo(
    () => request && rules && { ...request.input, glass: rules.glass, wall: rules.wall },
    [request, rules],
  );
  const keepCooling = (seconds: number, told: string): void => {
    if (!shop || !box) {
      t.set({ coolingTime: seconds });
      return;
    }
    save({
      ...shop.document,
      annealers: shop.document.annealers.map((b) =>
        b.name === box.name ? { ...b, coolingTime: seconds } : b,
      ),
    }).then(
      () => {
        say(told);
      },
      (error: unknown) => {
        trouble(sentenceOf(error));
      },
    );
  };
  const learn = (file: File): void => {
    void file.text().then((text) => {
      const read = readLog(text);
      if (!read.ok) {
        trouble(read.says);
        return;
      }
      const learnt = learnCooling(read.curve, STUDIO_BOX.room);
      if (!learnt) {
        trouble(
          'The log has no unbroken fall of 60 K to learn from: let it log a night with the power off.',
        );
        return;
      }
      const seconds = Math.round(Math.min(604800, Math.max(600, learnt.coolingTime)));
      keepCooling(
        seconds,
        `${box?.name ?? 'The box'} cools to a third in ${printDuration(seconds)}; the log lies ${learnt.misfit.toFixed(1)} K from that.`,
      );
    });
  };
  return (
    <div className="flex h-full flex-col xl:flex-row">
      <div className="min-w-0 flex-1 px-5 py-3">
        {load.length === 0 && (
          <p className="py-10 text-lg">
            Nothing is in the box yet: put pieces in on the right, and the night is worked out for
            the one that takes longest.
          </p>
        )}
        {load.length > 0 && !answer && <p className="quiet py-4">Being simulated …</p>}
        {failure !== undefined && (
          <p role="alert" className="text-error py-4">
            {failure}
          </p>
        )}
        {loaded?.ok === false && (
          <p role="alert" className="text-error py-4 text-lg">
            {loaded.says}
          </p>
        )}
        {night && rules && input && (
          <>
            <NightBody
              input={input}
              schedule={night.checked.schedule}
              night={{ state: 'here', checked: night.checked }}
              lastIn={lastIn}
              name={load.map((p) => p.name).join(', ')}
            />
            <section aria-label="The load" className="mt-3">
              <p className="text-lg leading-snug">
                <b>{rules.name}</b> sets the clock
                {night.saves && night.saves.seconds > 60 && (
                  <>
                    ; without it the door opens{' '}
                    <b className="num">{printDuration(night.saves.seconds)}</b> sooner, and{' '}
                    {nameOf(night.saves.then)} would
                  </>
                )}
                .
              </p>
              <ul>
                {night.outcomes.map((o) => (
                  <li key={o.id} className="border-base-300 flex gap-4 border-b py-0.5">
                    <span className="flex-1">{nameOf(o.id)}</span>
                    <span className="num">{printText(o.outcome.kept, 'stress', units)}</span>
                    <span className={o.holds ? 'text-success' : 'text-warning'}>
                      {o.holds ? 'good' : 'watch: more than the practice'}
                    </span>
                  </li>
                ))}
              </ul>
              <button
                type="button"
                className="btn btn-ghost btn-sm no-print mt-2"
                onClick={() => {
                  try {
                    download(
                      `${fileName(box?.name ?? 'night')}.ics`,
                      'text/calendar',
                      nightIcs(
                        load.map((p) => p.name).join(', '),
                        lastIn,
                        night.checked.schedule.total.value,
                        new Date(),
                      ),
                    );
                  } catch (error) {
                    trouble(sentenceOf(error));
                  }
                }}
              >
                <CalendarDays className="size-4" /> Last in and door (iCalendar)
              </button>
            </section>
          </>
        )}
      </div>
      <div className="border-base-300 no-print w-full shrink-0 border-l px-5 py-3 xl:w-[23rem]">
        <label className="flex flex-col">
          <span className="quiet text-sm">Annealer</span>
          <select
            className="line-field"
            value={box?.name ?? ''}
            onChange={(e) => {
              t.set({ annealer: e.target.value });
            }}
          >
            {boxes.map((b) => (
              <option key={b.name}>{b.name}</option>
            ))}
          </select>
        </label>
        {box ? (
          <>
            <StandingPlan
              inside={box}
              standing={standing?.standing ?? []}
              pieces={load}
              rules={night?.rules}
            />
            <p className="quiet text-sm leading-snug">
              Inside {printText(box.width, 'length', units)} wide,{' '}
              {printText(box.depth, 'length', units)} deep, {printText(box.height, 'length', units)}{' '}
              high; cools to a third in {printDuration(coolingTime)}.
            </p>
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              onClick={() => log.current?.click()}
            >
              <Upload className="size-3.5" /> Learn that from a log (CSV)
            </button>
            <input
              ref={log}
              type="file"
              accept=".csv,.txt,.log,text/csv,text/plain"
              className="hidden"
              aria-label="Cool-down log"
              onChange={(e) => {
                const chosen = e.target.files?.[0];
                e.target.value = '';
                if (chosen) learn(chosen);
              }}
            />
          </>
        ) : (
          <p>
            The shop has no annealer yet: <Link to="/rack/shop">give it one</Link>.
          </p>
        )}
        {standing && standing.left.length > 0 && (
          <p role="alert" className="text-error leading-snug">
            No room for {standing.left.map(nameOf).join(', ')}: too tall or too wide beside the
            others.
          </p>
        )}
        <fieldset className="mt-2">
          <legend className="quiet text-sm">In the box</legend>
          <ul className="max-h-64 overflow-y-auto">
            {pieces.map((p) => (
              <li key={p.id}>
                <label className="flex items-center gap-2 py-0.5">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-sm"
                    disabled={!p.piece}
                    checked={inBox.includes(p.id)}
                    onChange={(e) => {
                      t.set({
                        inBox: e.target.checked
                          ? [...inBox, p.id]
                          : inBox.filter((id) => id !== p.id),
                      });
                    }}
                  />
                  <span className="flex-1">{p.name}</span>
                  {p.piece && (
                    <span className="num quiet text-sm">
                      {printText(p.piece.wall.thickest, 'length', units)}
                    </span>
                  )}
                </label>
              </li>
            ))}
          </ul>
        </fieldset>
        <div className="mt-3">
          <Setting
            glass={hottest}
            coolingTime={coolingTime}
            onCooling={(seconds) => {
              keepCooling(
                seconds,
                `${box?.name ?? 'The box'} is taken to cool to a third in ${printDuration(seconds)}.`,
              );
            }}
          />
        </div>
      </div>
    </div>
  );
}
