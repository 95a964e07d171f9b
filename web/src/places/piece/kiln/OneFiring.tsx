// One firing: what it does in millimetres, what ten degrees more would, its programme, when it is begun, sent to the kiln.
import type { Mould } from '@zanfirico/contract/kiln';
import { trNodes } from '../../../words/trNodes';
import type { KilnFiring } from '@zanfirico/contract/kiln';
import {
  firePiece,
  flowOf,
  mouldDepth,
  rounds,
  slid,
  type FiredOnce,
  type Hung,
} from '@zanfirico/core/kiln';
import { MAY_PASS } from '@zanfirico/core/night';
import { printDuration, printText } from '@zanfirico/core/units';
import { tr, trWord } from '@zanfirico/core/words';
import { useMemo } from 'react';
import { asSent } from '../../../boxes/asSent';
import { SendLines } from '../../../boxes/SendLines';
import { useDevices } from '../../../boxes/useDevices';
import { HeadRow } from '../../../marks/HeadRow';
import { VerdictMark } from '../../../marks/Verdict';
import { useDisplay } from '../../../stores/display';
import { usePiece } from '../usePiece';
import { ProgrammeLines } from './ProgrammeLines';
import type { ProgrammedNight } from './firings';
import { WhenFired } from './WhenFired';

const MINUTE = 60;
/** Tried beside it: K, s. */
const BESIDE = [
  { by: -10, longer: 0 },
  { by: 10, longer: 0 },
  { by: 0, longer: -5 * MINUTE },
  { by: 0, longer: 10 * MINUTE },
] as const;

export function OneFiring({
  at,
  firing,
  once,
  programmed,
  before,
}: {
  readonly at: number;
  readonly firing: KilnFiring;
  readonly once: FiredOnce | undefined;
  readonly programmed: ProgrammedNight | undefined;
  /** How long the firing before it takes, s. */
  readonly before: number | undefined;
}) {
  const { document, derived, glass, firings } = usePiece();
  const { box, passes } = firings;
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
            {trNodes`${(<span className="capitalize">{trWord(once.name)}</span>)}: its edges round by ${(<span className="num text-primary">{mm(once.rounded)}</span>)}`}
          </>
        )}
        {hung && (
          <>
            {trNodes`Hangs ${(
              <span className="num text-primary">
                {span(hung.held ?? hung.free, hung.free, mm)}
              </span>
            )} deep`}
          </>
        )}
        {sags && !hung && tr`No mould yet: it hangs in nothing`}
        {firing.aim === 'cast' && !once && tr`Cast`}
      </h2>
      <p className="mt-1 leading-snug">
        {once && !sags && (
          <>
            {trNodes`${(<b className="num">{mm(once.middle)}</b>)} in the middle, ${(<b className="num">{mm(once.edge)}</b>)} at its edge; between the kiln’s coldest and hottest place it rounds by ${(<b className="num">{mm(cold ?? 0)}</b>)} to ${(<b className="num">{mm(hot ?? 0)}</b>)}`}
            .{' '}
          </>
        )}
        {hung && <SlumpWords once={once} />}
        {once && once.cloudy > 60 && (
          <>
            {trNodes`${(<b className="num">{printDuration(once.cloudy)}</b>)} where it goes cloudy. `}
          </>
        )}
        {passes !== undefined && at === 0 && (
          <>
            {trNodes`Going up ${(<b className="num">{printText(passes, 'stress', units)}</b>)} passes through it, where ${printText(MAY_PASS, 'stress', units)} may. `}
          </>
        )}
        {programmed && (
          <>{trNodes`Door may open ${(<b className="num">{printDuration(programmed.seconds)}</b>)} after it is begun${programmed.night.state === 'checked' ? '' : tr` (being simulated)`}.`}</>
        )}
      </p>
      {programmed?.remarks.map((r) => (
        <div key={r.because} className="my-1">
          <VerdictMark verdict={r} />
        </div>
      ))}
      <div className="mt-2 grid gap-x-8 gap-y-2 lg:grid-cols-2">
        {programmed && <ProgrammeLines lines={programmed.lines} caption={tr`Its programme`} />}
        {once && <Otherwise at={at} />}
      </div>
      {device && programmed?.night.state === 'checked' && (
        <SendLines
          now={device}
          label={tr`Send this firing to ${document.firing.annealer ?? tr`the kiln`}`}
          says={tr`Read back and compared; it waits to be started at the box.`}
          programme={{
            name: `${document.name}, ${trWord(firing.aim)}`.slice(0, 40),
            lines: asSent(programmed.lines),
            lastIn: 0,
          }}
        />
      )}
      {programmed && (
        <WhenFired at={at} firing={firing} seconds={programmed.seconds} before={before} />
      )}
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
    Number.isFinite(f) ? printDuration(MINUTE * Math.max(1, Math.round(f / perMinute))) : tr`never`;
  const hold = Math.max(
    MINUTE,
    document.kiln?.firings.find((f) => f.aim === 'slump' || f.aim === 'drape')?.process.hold ??
      MINUTE,
  );
  const perMinute = once.flowed / (hold / MINUTE);
  const mm = (v: number): string => printText(v, 'length', units);
  const thin = Math.min(...hung.thick);
  return (
    <>
      {held ? (
        <>
          {trNodes`Its deepest place is down after ${(<b className="num">{minutes(free.bottom)}</b>)} where the rim slides in, ${(<b className="num">{minutes(held.bottom)}</b>)} where it is held; it lies after ${(<b className="num">{minutes(free.lies)}</b>)} or ${(<b className="num">{minutes(held.lies)}</b>)}: watch it.`}
        </>
      ) : (
        <>{trNodes`It lies over its form after ${(<b className="num">{minutes(free.lies)}</b>)}; a round sheet folds as it comes down: watch it.`}</>
      )}{' '}
      {trNodes`The rim slides in by up to ${(<b className="num">{mm(Math.max(0, slid(hung.out, hung.free)))}</b>)}; the thinnest is ${(<b className="num">{mm(thin)}</b>)}. `}
    </>
  );
}

/** How deep it hangs, from one limit to the other; once where they are the same. */
function span(held: readonly number[], free: readonly number[], mm: (v: number) => string): string {
  const [a, b] = [mm(Math.max(...held)), mm(Math.max(...free))];
  return a === b ? a : tr`${a} to ${b}`;
}

/** How much of the way down it has come, by its mean, of 100. */
function lying({ out, hangs }: Hung, mould: Mould): string {
  const mean = (of: (i: number) => number): number => out.reduce((s, r, i) => s + r * of(i), 0);
  const all = mean((i) => mouldDepth(mould, out[i] ?? 0));
  return all > 0 ? String(Math.round((100 * mean((i) => hangs[i] ?? 0)) / all)) : '–';
}

/** Ten degrees, five minutes: what they do. */
function Otherwise({ at }: { readonly at: number }) {
  const { document, glass, firings: done } = usePiece();
  const units = useDisplay((s) => s.units);
  const { box } = done;
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
      const f = firings[at] as KilnFiring;
      return { f, once: fired.firings[at] as FiredOnce, hung: fired.hung };
    });
  }, [kiln, at, glass, box]);
  const mm = (v: number): string => printText(v, 'length', units);
  const sags = kiln?.firings[at]?.aim === 'slump' || kiln?.firings[at]?.aim === 'drape';
  return (
    <table className="w-full self-start">
      <caption className="text-left text-lg">{tr`A little otherwise`}</caption>
      <HeadRow
        columns={
          sags
            ? [tr`process`, tr`hangs`, tr`of 100 down`]
            : [tr`process`, tr`rounds`, tr`edge`, tr`that is`]
        }
        left={[tr`that is`]}
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
                  {hung && kiln.mould ? lying(hung, kiln.mould) : '–'}
                </td>
              </>
            ) : (
              <>
                <td className="num text-right">{mm(once.rounded)}</td>
                <td className="num text-right">{mm(once.edge)}</td>
                <td className="pl-3">{trWord(once.name)}</td>
              </>
            )}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
