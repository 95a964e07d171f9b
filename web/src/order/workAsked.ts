// What an order of work is drafted from, of a piece that can be made: its parts as heat sees them, who helps, and its fires.
import type { NamedHole } from '@zanfirico/contract/shop';
import type { PieceSequence } from '@zanfirico/contract/order';
import type { ShopDocument } from '@zanfirico/contract/shop';
import type { Glass } from '@zanfirico/core/glass';
import type { Fires, Working } from '@zanfirico/core/iron';
import { piecesFires, workOf, type Derived } from '@zanfirico/core/piece';
import type { Verdict } from '@zanfirico/core/units';
import type { PaceOfKinds } from '@zanfirico/core/work';
import type { DraftAsked } from './placedDrafts';

/** What an order is drafted and heated from. */
export interface WorkAsked extends DraftAsked {
  /** The glory hole it goes to; undefined where the furnace's mouth serves. */
  readonly hole: NamedHole | undefined;
  readonly passes: Verdict | undefined;
}

type Made = Extract<Derived, { ok: true }>;

/** Which part everything hangs on, and whether bits are made beside it: as the order says, or the form. */
export function workingOf(
  sequence: PieceSequence | undefined,
  { parts, main }: Pick<Made, 'parts' | 'main'>,
): Working {
  const crew = sequence?.crew;
  const lead = sequence?.lead;
  return {
    main: parts.find((p) => p.id === lead && p.role !== 'stopper')?.index ?? main.index,
    helpers: crew && crew.length > 0 ? crew.length > 1 : (sequence?.helpers ?? true),
  };
}

const kindsOf = (pace: NonNullable<ShopDocument['pace']>): PaceOfKinds =>
  Object.fromEntries(pace.map((p) => [p.kind, p.factor]));

const exchangeOf = (learnt: ShopDocument['learnt']): Fires['exchange'] =>
  learnt?.bench || learnt?.hole
    ? { bench: learnt.bench?.factor, hole: learnt.hole?.factor }
    : undefined;

/** Works it out for a document's form as it was derived; `pot` in °C. */
export function workAsked(
  form: Parameters<typeof workOf>[0],
  { parts, bits, whole }: Pick<Made, 'parts' | 'bits' | 'whole'>,
  working: Working,
  {
    glass,
    pot,
    holes,
    pace,
    learnt,
  }: {
    readonly glass: Glass;
    readonly pot: number;
    readonly holes: ShopDocument['gloryHoles'] | undefined;
    /** What steps take in this shop. */
    readonly pace: ShopDocument['pace'];
    readonly learnt: ShopDocument['learnt'];
  },
): WorkAsked {
  const bulk = { height: whole.height, across: 2 * whole.widest };
  const { draft, ...work } = workOf(form, { parts, bits }, working.main);
  return {
    ...work,
    draft: pace ? { ...draft, pace: kindsOf(pace) } : draft,
    working,
    ...piecesFires(glass, pot, bulk, holes, exchangeOf(learnt)),
  };
}
