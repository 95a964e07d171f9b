// The draft as it is shown: the order of a good gaffer with its heats and waits in it, worked through by its own clock. Where that
// order will not do, the other ways to put the piece together are tried; where none will, the first line says which step, how many
// seconds, and what would mend it. Everything said to help was tried.
import { tr } from '../words/tr';
import type { HeatPart } from '../iron/hotShop';
import type { Working } from '../iron/passing';
import { placeOnClock, wrongs, type OnClock } from '../iron/placeOnClock';
import type { Fires } from '../iron/surroundings';
import { thicker } from '../iron/zones';
import type { WorkStep } from '../work/facts';
import { assemblyOrders } from './assemblyOrders';
import type { DraftInput } from './draftInput';
import { draftWork } from './draftWork';

/** What keeps an order from working. */
export interface Stopped {
  /** The step, by its id, and how many seconds too long it is; 0 where seconds would not mend it. */
  readonly step: string;
  readonly seconds: number;
  readonly because: string;
  /** What was tried and holds, in words; none where nothing did. */
  readonly mends: readonly string[];
}

/** The draft with its heats. */
export interface Drafted {
  readonly steps: readonly WorkStep[];
  /** Why each heat and each wait is there, by its step's id. */
  readonly reasons: ReadonlyMap<string, string>;
  readonly stopped: Stopped | undefined;
}

/** Orders of assembly tried when the customary one will not do. */
const TRIED_ORDERS = 8;
/** A glory hole is run no hotter than this, °C (2300 °F). Common practice, no source. */
const HOTTEST_HOLE = 1260;
/** Tried thicker by this. */
const THICKER = 1.4;

const works = (made: OnClock): boolean => made.placed.ok && wrongs(made.heat) < 100;

/** Drafts, places and proves an order. Some hundred milliseconds for a piece of many parts: for a worker. */
export function draftPlaced(
  input: DraftInput,
  parts: readonly HeatPart[],
  working: Working,
  fires: Fires,
  /** Ends the trying, where the first order will not do: what is found so far stands. */
  enough: () => boolean = () => false,
): Drafted {
  const make = (
    order: DraftInput['order'],
    how: { parts?: readonly HeatPart[]; working?: Working; fires?: Fires } = {},
  ): OnClock =>
    placeOnClock(
      how.parts ?? parts,
      draftWork({ ...input, order }),
      how.working ?? working,
      how.fires ?? fires,
    );
  let best = make(input.order);
  let order = input.order;
  if (wrongs(best.heat) > 0 && input.order === undefined && input.way === 'furnace') {
    const others = assemblyOrders(input.parts.length, input.joins, input.main, TRIED_ORDERS);
    for (const other of others.length > 1 ? others : []) {
      if (enough()) break;
      const made = make(other);
      if (better(made, best)) [best, order] = [made, other];
      if (works(best) && wrongs(best.heat) === 0) break;
    }
  }
  const { steps, reasons } = best.placed;
  if (works(best)) return { steps, reasons, stopped: undefined };
  const mends: string[] = [];
  if (enough()) return { steps, reasons, stopped: stoppedAt(best, mends) };
  if (!working.helpers && works(make(order, { working: { ...working, helpers: true } })))
    mends.push(tr`with somebody to help it holds`);
  if (
    fires.gloryHole < HOTTEST_HOLE &&
    works(make(order, { fires: { ...fires, gloryHole: HOTTEST_HOLE } }))
  )
    mends.push(tr`with the glory hole at ${HOTTEST_HOLE} °C it holds`);
  const stout = parts.map((p) => ({
    ...p,
    zones: p.zones.map((z) => thicker(z, THICKER, p.glass)),
    ...(p.onPipe && { onPipe: p.onPipe.map((z) => thicker(z, THICKER, p.glass)) }),
  }));
  if (mends.length === 0 && works(make(order, { parts: stout })))
    mends.push(tr`with its walls four tenths thicker it holds`);
  return { steps, reasons, stopped: stoppedAt(best, mends) };
}

/** Works where the other does not, or less is wrong with it. */
const better = (a: OnClock, b: OnClock): boolean =>
  works(a) !== works(b) ? works(a) : wrongs(a.heat) < wrongs(b.heat);

function stoppedAt({ placed, heat }: OnClock, mends: readonly string[]): Stopped {
  if (!placed.ok)
    return { step: placed.step, seconds: placed.seconds, because: placed.because, mends };
  const worst = heat.steps.find((s) => s.verdict?.verdict === 'no');
  return { step: worst?.id ?? '', seconds: 0, because: worst?.verdict?.because ?? '', mends };
}
