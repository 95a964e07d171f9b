// Pieces the bench derives.
import { upgradePiece, type PieceDocument } from '@zanfirico/contract/piece';
import { startingProfile, type Profile } from '@zanfirico/core/form';
import { firesFor } from '@zanfirico/core/iron';
import { STUDIO_BOX } from '@zanfirico/core/night';
import { draftPlaced } from '@zanfirico/core/order';
import {
  derive,
  ORDINARY_FIRING,
  ORDINARY_MAKING,
  workOf,
  type PieceInput,
} from '@zanfirico/core/piece';
import { findGlass } from '@zanfirico/core/rack';
import candlestickFile from '../server/src/demo/pieces/05-harbour-candlestick.1.json';

/** A bowl redrawn with so many points on its own curve. */
function withPoints(count: number): Profile {
  const base = startingProfile('bowl');
  return Array.from({ length: count }, (_, i) => {
    const at = (i / (count - 1)) * (base.length - 1);
    const k = Math.min(Math.floor(at), base.length - 2);
    const a = base[k];
    const b = base[k + 1];
    if (!a || !b) throw new Error('the starting bowl has too few points');
    const mix = (from: number, to: number): number => from + (to - from) * (at - k);
    return {
      height: mix(a.height, b.height),
      radius: mix(a.radius, b.radius),
      wall: mix(a.wall, b.wall),
    };
  });
}

/** A bowl of so many points. */
export const bowlOf = (points: number): PieceInput => ({
  form: 'bowl',
  way: 'furnace',
  parts: [{ profile: withPoints(points) }],
  making: ORDINARY_MAKING,
  firing: ORDINARY_FIRING,
});

/** Ten parts of twenty points, each standing on the last, with profiles nobody has read before. */
export function tenParts(): PieceInput {
  const parts = Array.from({ length: 10 }, (_, k) => ({
    name: `part ${String(k + 1)}`,
    profile: Array.from({ length: 20 }, (__, i) => ({
      height: 0.04 * (k + i / 19),
      radius: 0.02 + 0.008 * Math.sin((Math.PI * i) / 19) + 0.001 * (k % 3) * Math.sin(i),
      wall: 0.003,
    })),
    ...(k % 2 === 1 && { work: 'solid' as const }),
  }));
  return {
    form: 'stemmed',
    way: 'furnace',
    parts,
    making: ORDINARY_MAKING,
    firing: ORDINARY_FIRING,
  };
}

/** The same with one part drawn anew, as while dragging. */
export function dragged(before: PieceInput): PieceInput {
  const parts = before.parts.map((p, k) =>
    k === 4 ? { ...p, profile: p.profile.map((q) => ({ ...q })) } : p,
  );
  return { ...before, parts };
}

const soft = findGlass('soft-batch-96');
if (!soft) throw new Error('the rack has lost its soft batch');
/** What everything is measured with. */
export const GLASS = soft;

/** The demo's candlestick, drafted and its heats placed. */
export function candlestick() {
  const document = upgradePiece(candlestickFile) as PieceDocument;
  const stick = derive(document, GLASS);
  if (!stick.ok) throw new Error('the candlestick should be good');
  const working = { main: stick.main.index, helpers: true };
  const { draft: asked, parts } = workOf(document, stick, working.main);
  const fires = firesFor(GLASS);
  const placed = draftPlaced(asked, parts, working, fires).steps;
  return { asked, parts, working, fires, placed };
}

/** Even. */
export const SLAB = { thickest: 0.012, stepThick: 0.012, stepThin: 0.012, body: 'slab' } as const;
/** A night with a step in its wall, its time asked of the simulation. */
export const TONIGHT = {
  glass: GLASS,
  wall: { ...SLAB, stepThin: 0.005 },
  practice: 'studio',
  holdTemperature: GLASS.annealing,
  doorTemperature: 60,
  box: STUDIO_BOX,
  holding: 4 * 3600,
} as const;
