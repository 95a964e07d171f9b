// Pieces of the trade's own clock (TRADE §14), made up for the tests: what somebody demonstrates, drawn as the product asks for it.
import type { Form } from '@zanfirico/contract/piece';
import { draftPlaced, type Drafted } from '../order/draftPlaced';
import { workOf } from './workPlan';
import { firesFor, potFor, type Fires } from '../iron/surroundings';
import { heatOfWork, type WorkHeat } from '../iron/ofWork';
import type { HeatPart } from '../iron/hotShop';
import { SHIPPED_RACK } from '../rack/rack';
import type { Glass } from '../glass/glass';
import type { Profile } from '../form/profile';
import { clockOf } from '../work/clock';
import type { WorkStep } from '../work/facts';
import { derive, type Derived, type PieceInput } from './derive';
import { ORDINARY_FIRING, ORDINARY_MAKING } from './ordinary';

/** A point of an outline, mm. */
export type At = readonly [height: number, radius: number, wall: number, corner?: boolean];

export const outline = (...points: readonly At[]): Profile =>
  points.map(([height, radius, wall, corner]) => ({
    height: height / 1e3,
    radius: radius / 1e3,
    wall: wall / 1e3,
    ...(corner === true && { corner }),
  }));

export const glassOf = (id: string): Glass => {
  const glass = SHIPPED_RACK.glass(id);
  if (!glass) throw new Error(`the rack has lost ${id}`);
  return glass;
};

/** A piece in a glass, with the shop's ordinary settings for that glass. */
export const pieceOf = (
  form: Form,
  glass: string,
  parts: PieceInput['parts'],
  more: Partial<PieceInput> = {},
): PieceInput & { readonly glass: string } => ({
  form,
  way: glassOf(glass).family === 'hard' ? 'torch' : 'furnace',
  glass,
  parts: parts.map((p, i) => ({ ...p, id: `p${String(i)}` })),
  making: { ...ORDINARY_MAKING, potTemperature: potFor(glassOf(glass)) },
  firing: ORDINARY_FIRING,
  ...more,
});

/** An order as it is shown: drafted, its heats in it, by its clock. */
export interface Shown {
  /** The part everything is put onto. */
  readonly main: number;
  readonly derived: Extract<Derived, { ok: true }>;
  readonly drafted: Drafted;
  readonly steps: readonly WorkStep[];
  readonly starts: readonly number[];
  readonly parts: readonly HeatPart[];
  readonly heat: WorkHeat;
  readonly fires: Fires;
}

/** Drafts a piece as the screens do. */
export function shown(
  piece: PieceInput & {
    readonly glass: string;
    readonly cane?: { readonly twist: number; readonly rib?: unknown };
  },
  helpers: boolean,
  /** What leads, and how hot the hole is, °C, where it is not as usual. */
  other: {
    readonly main?: number;
    readonly gloryHole?: number;
    readonly enough?: () => boolean;
  } = {},
): Shown {
  // Demo pieces may be of the demo shop's own glass, which is not in the rack as it ships.
  const glass = SHIPPED_RACK.glass(piece.glass) ?? glassOf('soft-batch-96');
  const derived = derive(piece, glass);
  if (!derived.ok) throw new Error(derived.problems[0]?.message);
  const main = other.main ?? derived.main.index;
  const fires = firesFor(glass, {
    pot: piece.making.potTemperature,
    gloryHole: other.gloryHole,
  });
  const { draft, parts } = workOf(piece, derived, main);
  const drafted = draftPlaced(draft, parts, { main, helpers }, fires, other.enough);
  const { steps } = drafted;
  const starts = clockOf(steps, { main, helpers });
  return {
    main,
    derived,
    drafted,
    steps,
    starts,
    parts,
    heat: heatOfWork(parts, steps, starts, fires),
    fires,
  };
}

/** Seconds from the start of the first step of some kinds to the end of the last of others. */
export const between = (
  { steps, starts }: Pick<Shown, 'steps' | 'starts'>,
  from: (s: WorkStep) => boolean,
  to: (s: WorkStep) => boolean,
): number => {
  const first = Math.min(...steps.flatMap((s, i) => (from(s) ? [starts[i] ?? NaN] : [])));
  const last = Math.max(
    ...steps.flatMap((s, i) => (to(s) ? [(starts[i] ?? NaN) + s.seconds] : [])),
  );
  return last - first;
};
