// Its firings: each in one programme, what it does in millimetres, what ten degrees more would; slumped into what; cast with how much; sent to the box.
import { LIMITS, type PieceFiring } from '@zanfirico/contract';
import {
  AIMS,
  firePiece,
  flowFor,
  flowOf,
  freshFiring,
  mouldDepth,
  PACKED,
  printDuration,
  printText,
  PROCESS,
  processFor,
  reservoirTall,
  rounds,
  type Aim,
  type FiredOnce,
  type Hung,
  type Mould,
  type Packed,
} from '@zanfirico/core';
import { lazy, Suspense, useMemo } from 'react';
import { Caution } from '../../../annealing/Caution';
import { useAnnealers } from '../../../annealing/useTonightBox';
import { asSent } from '../../../devices/asSent';
import { SendLines } from '../../../devices/SendLines';
import { useDevices } from '../../../devices/useDevices';
import { QuantityField } from '../../../fields/QuantityField';
import { SelectField } from '../../../fields/SelectField';
import { HeadRow } from '../../../marks/HeadRow';
import { Verdict } from '../../../marks/Verdict';
import { useBoard } from '../../../stores/board';
import { useDisplay } from '../../../stores/display';
import { editPiece } from '../../../stores/draft';
import { usePiece } from '../usePiece';
import { changeFiring, changeKiln } from './changeKiln';
import { CutThrough } from './CutThrough';
import { MouldFields } from './MouldFields';
import { OtherLines } from './OtherLines';
import { SHELF_BEARS, useCast, useFirings, type Programmed } from './useFirings';
import { WhenFired } from './WhenFired';

const TurningView = lazy(async () => ({
  default: (await import('../../../marks/turning/TurningView')).TurningView,
}));

const NAMES: Readonly<Record<Aim, string>> = {
  polish: 'fire polish: shine, edges stay',
  tack: 'tack: stuck, edges stay',
  contour: 'contour: edges soft, relief stays',
  full: 'full: one sheet',
  slump: 'slump into a mould',
  drape: 'drape over a form',
  cast: 'cast',
};
const MINUTE = 60;
/** Tried beside it: K, s. */
const BESIDE = [
  { by: -10, longer: 0 },
  { by: 10, longer: 0 },
  { by: 0, longer: -5 * MINUTE },
  { by: 0, longer: 10 * MINUTE },
] as const;

export function FiringSheet() {
  const { document, derived, last, carried } = usePiece();
  const { programmed, bears, box } = useFirings(usePiece());
  const turning = useBoard((s) => s.turning);
  const { kiln } = document;
  if (!kiln) return <p className="px-6 py-16">This piece is not made in the kiln.</p>;
  const fired = derived.ok ? derived.fired : undefined;
  return (
    <div className="flex h-full flex-col xl:flex-row">
      <div className="min-w-0 flex-1">
        {fired && (
          <div className="flex h-[19rem]">
            <div className="min-w-0 flex-1">
              <CutThrough fired={fired} mould={kiln.mould} />
            </div>
            {turning && last && (
              <div className="no-print hidden w-56 shrink-0 border-l border-(--chalk-dim)/20 md:block">
                <Suspense fallback={<div className="h-full bg-(--board)" />}>
                  <TurningView derived={last} bits={document.bits} carried={carried} />
                </Suspense>
              </div>
            )}
          </div>
        )}
        <div className="px-5 py-2">
          {fired?.remarks.map((r) => (
            <p key={r} role="alert" className="text-warning my-1 text-lg">
              {r}
            </p>
          ))}
          <CastWords />
          {kiln.firings.map((f, i) => (
            <OneFiring
              key={i}
              at={i}
              firing={f}
              once={fired?.firings[i]}
              programmed={programmed[i]}
            />
          ))}
          {bears && <OtherLines bears={bears} box={box} />}
        </div>
      </div>
      <div className="border-base-300 w-full shrink-0 border-l px-5 py-3 xl:w-[24rem]">
        {kiln.firings.map((f, i) => (
          <FiringFields key={i} at={i} firing={f} />
        ))}
        <MoreFirings />
        {kiln.mould && <MouldFields mould={kiln.mould} />}
        {kiln.cast && <CastFields />}
        <div className="mt-3 grid grid-cols-2 gap-x-5">
          <KilnChoice />
          <QuantityField
            label="Shelf or mould bears"
            kind="temperature"
            value={kiln.limit ?? SHELF_BEARS}
            within={LIMITS.recipeTemperature}
            nudge={5}
            onCommit={(limit) => {
              changeKiln((k) => ({ ...k, limit }));
            }}
          />
        </div>
        <p className="quiet mt-2 text-sm leading-snug">
          Paper or primer under everything, its fumes out of the room; dust of both wet up. Eyes
          shaded at the peephole, power off before reaching in.
        </p>
        <Caution />
      </div>
    </div>
  );
}

/** The kiln it goes into: any of the shop’s boxes. */
function KilnChoice() {
  const { document } = usePiece();
  const all = useAnnealers();
  const { annealer } = document.firing;
  return (
    <SelectField
      label="In which kiln"
      value={annealer ?? ''}
      onChange={(chosen) => {
        editPiece((d) => {
          const { annealer: _, ...firing } = d.firing;
          return { ...d, firing: chosen === '' ? firing : { ...firing, annealer: chosen } };
        });
      }}
    >
      <option value="">a studio box</option>
      {all.map((a) => (
        <option key={a.name}>{a.name}</option>
      ))}
      {annealer !== undefined && !all.some((a) => a.name === annealer) && (
        <option value={annealer}>{annealer} (gone from the shop)</option>
      )}
    </SelectField>
  );
}

function CastWords() {
  const { document, last } = usePiece();
  const units = useDisplay((s) => s.units);
  const cast = useCast();
  const { kiln } = document;
  if (!cast || !kiln?.cast || !last) return null;
  const { packed, reservoir } = kiln.cast;
  return (
    <div className="mb-3">
      <h2 className="text-3xl leading-tight">
        Weigh in <span className="num text-primary">{printText(cast.mass, 'mass', units)}</span> of{' '}
        {PACKED[packed].name}
      </h2>
      <p className="mt-1 max-w-prose text-lg leading-snug">
        The mould holds <b className="num">{printText(cast.water, 'mass', units)}</b> of water.
        Loose, its glass is a heap of <b className="num">{printText(cast.heap, 'volume', units)}</b>
        : <b className="num">{printText(cast.above, 'volume', units)}</b> more than the mould holds
        {reservoir !== undefined && (
          <>
            , in a reservoir <b className="num">{printText(reservoir, 'length', units)}</b> across{' '}
            <b className="num">
              {printText(reservoirTall(cast.above, reservoir), 'length', units)}
            </b>{' '}
            tall
          </>
        )}
        .
      </p>
      <p className="quiet mt-1 max-w-prose leading-snug">
        The investment bone dry before glass goes in: steam bursts moulds. Its night is for the
        drawn form and its thickest place: days are honest where it is thick.
      </p>
    </div>
  );
}

function OneFiring({
  at,
  firing,
  once,
  programmed,
}: {
  readonly at: number;
  readonly firing: PieceFiring;
  readonly once: FiredOnce | undefined;
  readonly programmed: Programmed | undefined;
}) {
  const board = usePiece();
  const { document, derived, glass } = board;
  const { box, passes } = useFirings(board);
  const units = useDisplay((s) => s.units);
  const mm = (v: number): string => printText(v, 'length', units);
  const fired = derived.ok ? derived.fired : undefined;
  // The kiln is not as hot everywhere.
  const [cold, hot] = [-0.5, 0.5].map((share) => {
    const at = firing.process.at + share * box.unevenness;
    return rounds(flowOf({ ...firing, process: { ...firing.process, at } }, glass, box));
  });
  const devices = useDevices().devices;
  const device = devices.find((d) => d.device.of === document.firing.annealer);
  const sags = firing.aim === 'slump' || firing.aim === 'drape';
  const many = (document.kiln?.firings.length ?? 1) > 1;
  const hung = sags ? fired?.hung : undefined;
  return (
    <section className="border-base-300 mb-4 border-b pb-3">
      <h2 className="text-2xl leading-tight">
        {many && <span className="quiet">{String(at + 1)} · </span>}
        {once && !sags && (
          <>
            <span className="capitalize">{once.name}</span>: its edges round by{' '}
            <span className="num text-primary">{mm(once.rounded)}</span>
          </>
        )}
        {hung && (
          <>
            Hangs{' '}
            <span className="num text-primary">{span(hung.held ?? hung.free, hung.free, mm)}</span>{' '}
            deep
          </>
        )}
        {sags && !hung && 'No mould yet: it hangs in nothing'}
        {firing.aim === 'cast' && !once && 'Cast'}
      </h2>
      <p className="mt-1 leading-snug">
        {once && !sags && (
          <>
            <b className="num">{mm(once.middle)}</b> in the middle,{' '}
            <b className="num">{mm(once.edge)}</b> at its edge; between the kiln’s coldest and
            hottest place it rounds by <b className="num">{mm(cold ?? 0)}</b> to{' '}
            <b className="num">{mm(hot ?? 0)}</b>.{' '}
          </>
        )}
        {hung && <SlumpWords once={once} />}
        {once && once.cloudy > 60 && (
          <>
            <b className="num">{printDuration(once.cloudy)}</b> where it goes cloudy.{' '}
          </>
        )}
        {passes !== undefined && at === 0 && (
          <>
            Going up <b className="num">{printText(passes, 'stress', units)}</b> passes through it,
            where 3.5 may.{' '}
          </>
        )}
        {programmed && (
          <>
            Door may open <b className="num">{printDuration(programmed.seconds)}</b> after it is
            begun{programmed.night.state === 'checked' ? '' : ' (being simulated)'}.
          </>
        )}
      </p>
      {programmed?.remarks.map((r) => (
        <div key={r.because} className="my-1">
          <Verdict verdict={r} />
        </div>
      ))}
      <div className="mt-2 grid gap-x-8 gap-y-2 lg:grid-cols-2">
        {programmed && (
          <table className="w-full self-start">
            <caption className="text-left text-lg">Its programme</caption>
            <HeadRow columns={['to', 'at', 'held']} />
            <tbody>
              {programmed.lines.map((l, i) => (
                <tr key={i} className="border-base-300 border-b">
                  <td className="num">{printText(l.to, 'temperature', units)}</td>
                  <td className="num text-right">
                    {l.rate === undefined ? 'as the box can' : printText(l.rate, 'rate', units)}
                  </td>
                  <td className="num text-right">{l.hold ? printDuration(l.hold) : '–'}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {once && <Otherwise at={at} />}
      </div>
      {device && programmed?.night.state === 'checked' && (
        <SendLines
          now={device}
          label={`Send this firing to ${document.firing.annealer ?? 'the kiln'}`}
          says="Read back and compared; it waits to be started at the box."
          programme={{
            name: `${document.name}, ${firing.aim}`.slice(0, 40),
            lines: asSent(programmed.lines),
            lastIn: 0,
          }}
        />
      )}
      {programmed && <WhenFired at={at} firing={firing} seconds={programmed.seconds} />}
    </section>
  );
}

function SlumpWords({ once }: { readonly once: FiredOnce | undefined }) {
  const { derived, document } = usePiece();
  const units = useDisplay((s) => s.units);
  const hung = derived.ok ? derived.fired?.hung : undefined;
  const { mould } = document.kiln ?? {};
  if (!hung || !mould || !once) return null;
  const { free, held } = hung.slump;
  // At this firing's own pace: the same flow in so long a hold.
  const minutes = (f: number): string =>
    Number.isFinite(f) ? printDuration(MINUTE * Math.max(1, Math.round(f / perMinute))) : 'never';
  const hold = Math.max(
    MINUTE,
    document.kiln?.firings.find((f) => f.aim === 'slump' || f.aim === 'drape')?.process.hold ??
      MINUTE,
  );
  const perMinute = once.flowed / (hold / MINUTE);
  const mm = (v: number): string => printText(v, 'length', units);
  const thin = Math.min(...hung.thick);
  const rim = hung.out[hung.out.length - 1] ?? 0;
  const along = hung.free.reduce(
    (s, w, i) =>
      i === 0
        ? 0
        : s + Math.hypot((hung.out[i] ?? 0) - (hung.out[i - 1] ?? 0), w - (hung.free[i - 1] ?? 0)),
    0,
  );
  return (
    <>
      {held ? (
        <>
          Its deepest place is down after <b className="num">{minutes(free.bottom)}</b> where the
          rim slides in, <b className="num">{minutes(held.bottom)}</b> where it is held; it lies
          after <b className="num">{minutes(free.lies)}</b> or{' '}
          <b className="num">{minutes(held.lies)}</b>: watch it.
        </>
      ) : (
        <>
          It lies over its form after <b className="num">{minutes(free.lies)}</b>; a round sheet
          folds as it comes down: watch it.
        </>
      )}{' '}
      The rim slides in by up to <b className="num">{mm(Math.max(0, along - rim))}</b>; the thinnest
      is <b className="num">{mm(thin)}</b>.{' '}
    </>
  );
}

/** How deep it hangs, from one limit to the other; once where they are the same. */
function span(held: readonly number[], free: readonly number[], mm: (v: number) => string): string {
  const [a, b] = [mm(Math.max(...held)), mm(Math.max(...free))];
  return a === b ? a : `${a} to ${b}`;
}

/** How much of the way down it has come, by its mean, of 100. */
function lying({ out, hangs }: Hung, mould: Mould): string {
  const mean = (of: (i: number) => number): number => out.reduce((s, r, i) => s + r * of(i), 0);
  const all = mean((i) => mouldDepth(mould, out[i] ?? 0));
  return all > 0 ? String(Math.round((100 * mean((i) => hangs[i] ?? 0)) / all)) : '–';
}

/** Ten degrees, five minutes: what they do. */
function Otherwise({ at }: { readonly at: number }) {
  const { document, glass } = usePiece();
  const units = useDisplay((s) => s.units);
  const { box } = useFirings(usePiece());
  const { kiln } = document;
  const rows = useMemo(() => {
    if (!kiln) return [];
    return BESIDE.map(({ by, longer }) => {
      const firings = kiln.firings.map((f, i) =>
        i === at
          ? {
              ...f,
              process: {
                at: f.process.at + by,
                hold: Math.max(0, f.process.hold + longer),
              },
            }
          : f,
      );
      const fired = firePiece({ ...kiln, firings }, glass, box);
      const f = firings[at] as PieceFiring;
      return { f, once: fired.firings[at] as FiredOnce, hung: fired.hung };
    });
  }, [kiln, at, glass, box]);
  const mm = (v: number): string => printText(v, 'length', units);
  const sags = kiln?.firings[at]?.aim === 'slump' || kiln?.firings[at]?.aim === 'drape';
  return (
    <table className="w-full self-start">
      <caption className="text-left text-lg">A little otherwise</caption>
      <HeadRow
        columns={
          sags ? ['process', 'hangs', 'of 100 down'] : ['process', 'rounds', 'edge', 'that is']
        }
        left={['that is']}
      />
      <tbody>
        {rows.map(({ f, once, hung }, i) => (
          <tr key={i} className="border-base-300 border-b">
            <th scope="row" className="num text-left font-normal">
              {printText(f.process.at, 'temperature', units)}, {printDuration(f.process.hold)}
            </th>
            {sags ? (
              <>
                <td className="num text-right">
                  {hung ? span(hung.held ?? hung.free, hung.free, mm) : '–'}
                </td>
                <td className="num text-right">
                  {hung && kiln?.mould ? lying(hung, kiln.mould) : '–'}
                </td>
              </>
            ) : (
              <>
                <td className="num text-right">{mm(once.rounded)}</td>
                <td className="num text-right">{mm(once.edge)}</td>
                <td className="pl-3">{once.name}</td>
              </>
            )}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function FiringFields({ at, firing }: { readonly at: number; readonly firing: PieceFiring }) {
  const { document, glass, derived } = usePiece();
  const { box } = useFirings(usePiece());
  const { kiln } = document;
  const thick = (derived.ok ? derived.fired?.thick : undefined) ?? 0.006;
  const wanted = kiln && flowFor(firing.aim, glass, kiln, thick);
  const found = wanted === undefined ? undefined : processFor(wanted, firing, glass, box);
  const units = useDisplay((s) => s.units);
  const many = (kiln?.firings.length ?? 1) > 1;
  return (
    <fieldset className="fieldset">
      <legend className="font-display text-xl font-semibold">
        {many ? `Firing ${String(at + 1)}` : 'The firing'}
      </legend>
      <SelectField
        label="For"
        value={firing.aim}
        onChange={(aim: Aim) => {
          changeKiln((k) => {
            const mould =
              aim === 'slump' || aim === 'drape'
                ? {
                    mould: {
                      ...(k.mould ?? { across: 0.22, deep: 0.03, flat: 0 }),
                      kind:
                        aim === 'drape'
                          ? ('drape' as const)
                          : k.mould && k.mould.kind !== 'drape'
                            ? k.mould.kind
                            : ('bowl' as const),
                    },
                  }
                : {};
            const next = { ...k, ...mould };
            const fresh = freshFiring(aim, glass, box, next, thick);
            return {
              ...next,
              firings: next.firings.map((f, i) => (i === at ? { ...f, ...fresh } : f)),
            };
          });
        }}
      >
        {AIMS.filter((a) => (a === 'cast') === (kiln?.cast !== undefined)).map((a) => (
          <option key={a} value={a}>
            {NAMES[a]}
          </option>
        ))}
      </SelectField>
      <div className="mt-1 grid grid-cols-2 gap-x-5 gap-y-2">
        <QuantityField
          label="Pause for air at"
          kind="temperature"
          value={firing.air.at}
          within={LIMITS.kilnHeat}
          nudge={5}
          onCommit={(v) => {
            changeFiring(at, { air: { ...firing.air, at: v } });
          }}
        />
        <QuantityField
          label="held"
          kind="time"
          value={firing.air.hold}
          within={LIMITS.recipeHold}
          nudge={300}
          onCommit={(hold) => {
            changeFiring(at, { air: { ...firing.air, hold } });
          }}
        />
        <QuantityField
          label="Process at"
          kind="temperature"
          value={firing.process.at}
          within={LIMITS.kilnHeat}
          nudge={5}
          onCommit={(v) => {
            changeFiring(at, { process: { ...firing.process, at: v } });
          }}
        />
        <QuantityField
          label="held"
          kind="time"
          value={firing.process.hold}
          within={LIMITS.recipeHold}
          nudge={60}
          onCommit={(hold) => {
            changeFiring(at, { process: { ...firing.process, hold } });
          }}
        />
      </div>
      {found !== undefined && Math.abs(found - firing.process.at) > 1 && (
        <button
          type="button"
          className="btn btn-outline btn-xs mt-2 h-auto py-1"
          onClick={() => {
            changeFiring(at, { process: { ...firing.process, at: found } });
          }}
        >
          {printText(found, 'temperature', units)} does that in this hold
        </button>
      )}
      {found === undefined && wanted !== undefined && (
        <p className="text-warning mt-1 leading-snug">
          Nothing between {printText(PROCESS.minimum, 'temperature', units)} and{' '}
          {printText(PROCESS.maximum, 'temperature', units)} does that in this hold: hold it
          {firing.process.hold < 600 ? ' longer' : ' otherwise'}.
        </p>
      )}
    </fieldset>
  );
}

/** Another firing after the last, or one fewer. */
function MoreFirings() {
  const { document, glass, derived } = usePiece();
  const { box } = useFirings(usePiece());
  const { kiln } = document;
  if (!kiln || kiln.cast) return null;
  const thick = (derived.ok ? derived.fired?.thick : undefined) ?? 0.006;
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      <button
        type="button"
        className="btn btn-outline btn-sm"
        disabled={kiln.firings.length >= 6}
        onClick={() => {
          changeKiln((k) => {
            const mould = k.mould ?? { kind: 'bowl' as const, across: 0.22, deep: 0.03, flat: 0 };
            return {
              ...k,
              mould,
              firings: [...k.firings, freshFiring('slump', glass, box, { mould }, thick)],
            };
          });
        }}
      >
        And then slump it
      </button>
      {kiln.firings.length > 1 && (
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => {
            changeKiln((k) => {
              const firings = k.firings.slice(0, -1);
              const { mould, ...rest } = k;
              return firings.some((f) => f.aim === 'slump' || f.aim === 'drape') && mould
                ? { ...rest, mould, firings }
                : { ...rest, firings };
            });
          }}
        >
          Not the last firing
        </button>
      )}
    </div>
  );
}

function CastFields() {
  const { document } = usePiece();
  const cast = document.kiln?.cast;
  if (!cast) return null;
  return (
    <fieldset className="fieldset mt-3">
      <legend className="font-display text-xl font-semibold">The mould is filled with</legend>
      <div className="grid grid-cols-2 gap-x-5">
        <SelectField
          label="Glass as"
          value={cast.packed}
          onChange={(packed: Packed) => {
            changeKiln((k) => ({ ...k, cast: { ...cast, packed } }));
          }}
        >
          {(Object.keys(PACKED) as Packed[]).map((p) => (
            <option key={p} value={p}>
              {PACKED[p].name}
            </option>
          ))}
        </SelectField>
        <QuantityField
          label="Reservoir, across"
          hint={cast.reservoir === undefined ? 'none' : ''}
          kind="length"
          value={cast.reservoir ?? 0}
          min={0}
          max={2}
          onCommit={(v) => {
            changeKiln((k) => {
              const { reservoir: _, ...rest } = cast;
              return { ...k, cast: v >= 0.001 ? { ...rest, reservoir: v } : rest };
            });
          }}
        />
      </div>
    </fieldset>
  );
}
