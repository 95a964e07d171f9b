// The order of work as a piece keeps it: steps name their parts by id, in variants, one of them in hand. Pure, from order to order.
import type { NamedPlan, PieceSequence, PieceStep } from '@zanfirico/contract/order';
import { tr } from '../words/tr';
import type { WorkStep } from '../work/facts';

/** A plan as a piece keeps it: of each step its start and who has a hand in it, each once. */
export const namedPlan = (plan: {
  readonly starts: readonly number[];
  readonly hands: readonly (readonly { readonly person: string | undefined }[])[];
}): NamedPlan => ({
  starts: [...plan.starts],
  hands: plan.hands.map((h) => [
    ...new Set(h.flatMap(({ person }) => (person === undefined ? [] : [person]))),
  ]),
});

/** What a piece keeps of its order: variants, and which is in hand. No variants: drafted from the form. */
export type KeptOrder = Pick<PieceSequence, 'chosen' | 'variants'>;

/** The place of a part that is not there. */
export const NO_PART = -1;
/** How a step whose part was never there is kept: no part has this id. */
const NOBODY = 'none';
/** The name of an order that never got another. */
const FIRST_NAME = () => tr`As planned`;

/** Steps with their parts by place in the list, as heat, rules and crew ask for them; parts that are gone are nowhere. */
export function byNumber(steps: readonly PieceStep[], ids: readonly string[]): WorkStep[] {
  const place = new Map(ids.map((id, i) => [id, i]));
  // The schema has checked that the rest is a step's.
  return steps.map(({ part, to, ...rest }) => ({
    ...(rest as Omit<WorkStep, 'part' | 'to'>),
    part: place.get(part) ?? NO_PART,
    ...(to !== undefined && { to: place.get(to) ?? NO_PART }),
  }));
}

/** The same steps with their parts by id, as a piece keeps them. Fields that are undefined are left out. */
export function byId(steps: readonly WorkStep[], ids: readonly string[]): PieceStep[] {
  return steps.map(({ part, to, ...rest }) => {
    const named = {
      // Steps that were made in the page may say a field is undefined; a file does not.
      ...Object.fromEntries(Object.entries<unknown>(rest).filter(([, v]) => v !== undefined)),
      part: ids[part] ?? NOBODY,
      ...(to !== undefined && { to: ids[to] ?? NOBODY }),
    };
    return named as PieceStep;
  });
}

/** The place of the variant in hand; 0 where there is none yet, for the first that is kept will be it. */
export const inHand = (order: KeptOrder | undefined): number =>
  Math.max(0, Math.min(order?.chosen ?? 0, (order?.variants.length ?? 0) - 1));

/** The variants with the one in hand's steps put in place of its old ones, and of their plan; the first is made where there is none. */
export function withSteps(order: KeptOrder | undefined, steps: readonly PieceStep[]): KeptOrder {
  const there = order?.variants ?? [];
  const chosen = inHand(order);
  if (there.length === 0)
    return { chosen: 0, variants: [{ name: FIRST_NAME(), steps: [...steps] }] };
  return {
    chosen,
    variants: there.map((v, i) => (i === chosen ? { name: v.name, steps: [...steps] } : v)),
  };
}

/** Another variant beside those there are, and taken in hand; `now` are the steps in hand where none is kept yet. */
export function withVariant(
  order: KeptOrder | undefined,
  now: readonly PieceStep[],
  name: string,
  steps: readonly PieceStep[],
): KeptOrder {
  const first =
    order && order.variants.length > 0 ? order.variants : [{ name: FIRST_NAME(), steps: [...now] }];
  return {
    chosen: first.length,
    // Each variant its own: an edit of one is none of another.
    variants: structuredClone([...first, { name, steps: [...steps] }]),
  };
}

/** The variant in hand with steps placed for a crew, and that crew's plan. */
export function withPlan(
  order: KeptOrder | undefined,
  steps: readonly PieceStep[],
  plan: NamedPlan,
): KeptOrder {
  const next = withSteps(order, steps);
  return {
    ...next,
    variants: next.variants.map((v, i) => (i === next.chosen ? { ...v, plan } : v)),
  };
}

/** The variant in hand drafted anew; the only one is simply let go, for the draft follows the form. */
export function redraftedSteps(
  order: KeptOrder | undefined,
  drafted: readonly PieceStep[],
): KeptOrder {
  return (order?.variants.length ?? 0) > 1
    ? withSteps(order, drafted)
    : { chosen: 0, variants: [] };
}
