// In the kiln: flat glass fired in one programme, and what it does in millimetres; ten degrees and five minutes either side beside it.
import { LIMITS } from '@zanfirico/contract';
import {
  CLOUDY,
  fired,
  printDuration,
  printText,
  warming,
  type Fired,
  type Fuse,
  type ScheduleInput,
} from '@zanfirico/core';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Caution } from '../../../annealing/Caution';
import { useNight } from '../../../annealing/useNight';
import { useTonightBox } from '../../../annealing/useTonightBox';
import { clockWords } from '../../../clock/clockWords';
import { asSent } from '../../../devices/asSent';
import { SendLines } from '../../../devices/SendLines';
import { useDevices } from '../../../devices/useDevices';
import { CountField } from '../../../fields/CountField';
import { GlassField } from '../../../fields/GlassField';
import { QuantityField } from '../../../fields/QuantityField';
import { TimeField } from '../../../fields/TimeField';
import { HeadRow } from '../../../marks/HeadRow';
import { useDisplay } from '../../../stores/display';
import { useRack } from '../../../stores/theRack';
import { useTonight } from '../../../stores/tonight';
import { AnnealerChoice } from '../AnnealerChoice';

const CurvesChart = lazy(async () => ({
  default: (await import('../../../marks/CurvesChart')).CurvesChart,
}));

/** What each fuse is, by what it does. */
const SAYS: Readonly<Record<Fuse, string>> = {
  'not yet stuck': 'Not yet stuck',
  tack: 'Tack: stuck, edges stay',
  contour: 'Contour: edges soft, relief stays',
  full: 'Full: one sheet',
};
/** Tried beside it: K, s. */
const BESIDE = [
  { by: -10, longer: 0 },
  { by: 10, longer: 0 },
  { by: 0, longer: -300 },
  { by: 0, longer: 600 },
] as const;
const MINUTE = 60;
/** Longer than this in the cloudy range is told, s. Common practice, no source. */
const TOO_LONG = 45 * 60;
const SHEET = { minimum: 0.0005, maximum: 0.03 };
const ACROSS = { minimum: 0.02, maximum: 2 };
const HEAT = { minimum: 550, maximum: 950 };

export function KilnView() {
  const units = useDisplay((s) => s.units);
  const rack = useRack((s) => s.rack);
  const t = useTonight();
  const { box, chosen } = useTonightBox();
  const [glassId, setGlass] = useState('kiln-sheet-90');
  const [sheet, setSheet] = useState(0.003);
  const [layers, setLayers] = useState(2);
  const [across, setAcross] = useState(0.2);
  const [air, setAir] = useState({ at: 660, hold: 30 * MINUTE });
  const [process, setProcess] = useState({ at: 810, hold: 10 * MINUTE });
  const [mould, setMould] = useState(0);
  const [begin, setBegin] = useState('18:00');
  const glass = rack.glass(glassId) ?? rack.glass('kiln-sheet-90');
  const stack = sheet * layers;
  const input = useMemo(
    (): ScheduleInput | undefined =>
      glass && {
        glass,
        // It lies on a shelf: its heat leaves upwards. Where it ends thicker than it was laid, that counts.
        wall: { thickest: stack, stepThick: stack, stepThin: stack, body: 'oneSided' },
        practice: t.practice,
        inHand: t.inHand,
        holdTemperature: glass.annealing,
        doorTemperature: t.door,
        assumes: t.assumes,
        box,
        holding: 0,
      },
    [glass, stack, t.practice, t.inHand, t.door, t.assumes, box],
  );
  const night = useNight(input);
  const climb = useMemo(
    () => (input ? warming(input, box, box.room, input.holdTemperature).rate : undefined),
    [input, box],
  );
  const rows = night?.schedule.rows;
  const of = useMemo(() => {
    if (!glass || !rows || climb === undefined) return undefined;
    const down = rows.filter((r) => r.start >= -1e-6);
    return (by: number, longer: number): Fired =>
      fired({
        glass,
        across,
        stack,
        climb,
        air,
        process: { at: process.at + by, hold: Math.max(0, process.hold + longer) },
        down,
        box,
        ...(mould > 0 && { mould }),
      });
  }, [glass, rows, climb, across, stack, air, process, box, mould]);
  const plan = useMemo(() => of?.(0, 0), [of]);
  const device = useDevices().devices.find((d) => d.device.of === chosen?.name);
  const mm = (v: number): string => printText(v, 'length', units);
  const degrees = (v: number): string => printText(v, 'temperature', units);
  return (
    <div className="flex h-full flex-col xl:flex-row">
      <div className="min-w-0 flex-1 px-5 py-3">
        {!plan || !of ? (
          <p>The rack does not have the glass that was chosen; choose another.</p>
        ) : (
          <>
            <h2 className="text-3xl leading-tight">
              {SAYS[plan.name]}; its edges round by{' '}
              <span className="num text-primary">{mm(plan.rounded)}</span>
            </h2>
            <p className="mt-1 text-lg leading-snug">
              {plan.name === 'full' ? (
                <>
                  On a flat shelf it comes to rest at <b className="num">{mm(plan.settles)}</b>, its{' '}
                  <span className="num">{mm(across)}</span> then{' '}
                  <b className="num">{mm(plan.settledAcross)}</b> across
                  {plan.settledAcross < 0.97 * across
                    ? ': it draws in, and thickens at its edge'
                    : plan.settledAcross > 1.03 * across
                      ? ': it spreads, unless it is dammed'
                      : ''}
                  .
                </>
              ) : (
                <>
                  It keeps its <span className="num">{mm(stack)}</span>.
                </>
              )}{' '}
              Door may open{' '}
              <b className="num">
                {clockWords(begin, plan.seconds).time} {clockWords(begin, plan.seconds).day}
              </b>
              .
            </p>
            {plan.sag && (
              <p className="leading-snug">
                Over a mould <span className="num">{mm(mould)}</span> wide its middle hangs{' '}
                <b className="num">{mm(Math.min(plan.sag.held, mould / 2))}</b> where its rim is
                held, <b className="num">{mm(Math.min(plan.sag.free, mould / 2))}</b> where it
                slides in freely: a real rim lies between. Watch it.
              </p>
            )}
            {plan.cloudy > TOO_LONG && (
              <p className="text-warning leading-snug">
                It is {printDuration(plan.cloudy)} between {degrees(CLOUDY.from)} and{' '}
                {degrees(CLOUDY.to)}, where soft glass goes cloudy: go through faster.
              </p>
            )}
            <Suspense fallback={<div className="h-[230px]" />}>
              <CurvesChart
                lastIn={begin}
                named={false}
                curves={[{ id: 'it', name: 'this firing', curve: plan.curve, lead: true }]}
              />
            </Suspense>
            <div className="grid gap-x-10 lg:grid-cols-2">
              <table className="table w-full self-start">
                <caption className="text-left text-xl">Its programme</caption>
                <HeadRow columns={['to', 'at', 'held']} />
                <tbody className="num text-right">
                  {plan.lines.map((l, i) => (
                    <tr key={i} className="border-base-300 border-b">
                      <th scope="row" className="py-1 text-left font-normal">
                        {degrees(l.to)}
                      </th>
                      <td>
                        {l.rate === undefined
                          ? 'as fast as it can'
                          : printText(l.rate, 'rate', units)}
                      </td>
                      <td>{(l.hold ?? 0) > 0 ? printDuration(l.hold ?? 0) : ''}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
              <table className="table w-full self-start">
                <caption className="text-left text-xl">A little otherwise</caption>
                <HeadRow columns={['process', 'rounds', 'that is']} left={['that is']} />
                <tbody>
                  {BESIDE.map(({ by, longer }) => {
                    const other = of(by, longer);
                    return (
                      <tr
                        key={`${String(by)} ${String(longer)}`}
                        className="border-base-300 border-b"
                      >
                        <th scope="row" className="num py-1 text-left font-normal">
                          {degrees(process.at + by)},{' '}
                          {printDuration(Math.max(0, process.hold + longer))}
                        </th>
                        <td className="num text-right">{mm(other.rounded)}</td>
                        <td className="pl-4">{other.name}</td>
                      </tr>
                    );
                  })}
                </tbody>
              </table>
            </div>
            {device && night?.state === 'checked' && (
              <SendLines
                now={device}
                label={`Send this firing to ${chosen?.name ?? 'the box'}`}
                says="Read back and compared; it waits to be started at the box."
                programme={{
                  name: `${SAYS[plan.name].split(':')[0] ?? plan.name}, ${String(layers)} × ${mm(sheet)}`,
                  lines: asSent(plan.lines),
                  lastIn: 0,
                }}
              />
            )}
            <p className="quiet mt-2 max-w-prose text-sm leading-snug">
              By the glass’s own viscosity, ramps counted (Frenkel; de Gennes for where it rests).
              Its climb is what a cold stack of this thickness bears, its fall the checked night of
              a slab on a shelf{night?.state === 'checked' ? '' : ' (being simulated)'}. Primer or
              paper under everything; fumes of both out of the room; eyes shaded at the peephole,
              power off before reaching in.
            </p>
          </>
        )}
      </div>
      <div className="border-base-300 no-print w-full shrink-0 border-l px-5 py-3 xl:w-[23rem]">
        <GlassField
          label="Glass"
          value={glassId}
          onChange={(id) => {
            if (id !== undefined) setGlass(id);
          }}
        />
        <div className="mt-2 grid grid-cols-2 gap-x-6 gap-y-2">
          <QuantityField
            label="A sheet"
            kind="length"
            value={sheet}
            within={SHEET}
            onCommit={setSheet}
          />
          <CountField label="Sheets deep" value={layers} min={1} max={20} onCommit={setLayers} />
          <QuantityField
            label="Across"
            kind="length"
            value={across}
            within={ACROSS}
            onCommit={setAcross}
          />
          <QuantityField
            label="Mould’s mouth"
            hint={mould === 0 ? 'flat: no mould' : ''}
            kind="length"
            value={mould}
            min={0}
            max={ACROSS.maximum}
            onCommit={setMould}
          />
          <QuantityField
            label="Pause for air at"
            kind="temperature"
            value={air.at}
            within={HEAT}
            nudge={5}
            onCommit={(at) => {
              setAir({ ...air, at });
            }}
          />
          <QuantityField
            label="held"
            kind="time"
            value={air.hold}
            within={LIMITS.recipeHold}
            nudge={300}
            onCommit={(hold) => {
              setAir({ ...air, hold });
            }}
          />
          <QuantityField
            label="Process at"
            kind="temperature"
            value={process.at}
            within={HEAT}
            nudge={5}
            onCommit={(at) => {
              setProcess({ ...process, at });
            }}
          />
          <QuantityField
            label="held"
            kind="time"
            value={process.hold}
            within={LIMITS.recipeHold}
            nudge={60}
            onCommit={(hold) => {
              setProcess({ ...process, hold });
            }}
          />
          <TimeField label="Begun at" value={begin} onCommit={setBegin} />
        </div>
        <AnnealerChoice />
        <Caution />
      </div>
    </div>
  );
}
