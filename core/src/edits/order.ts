// The order of work as a piece keeps it: steps name their parts by id, in variants, one of them in hand. Pure, from order to order.
import { tr } from '../words/tr';
import type { WorkStep } from '../work/facts';

/** A step as a piece keeps it: its parts by id, and whatever else the file says of a step. */
export interface NamedStep {
  id: string;
  kind: string;
  part: string;
  to?: string | undefined;
}

/** One order of work with its name. */
export interface OrderVariant<S extends NamedStep = NamedStep> {
  name: string;
  steps: S[];
  /** A crew's plan of these very steps. */
  plan?: NamedPlan;
}

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

/** A crew's plan as a piece keeps it: each step's start, s, and its people by id. */
export interface NamedPlan {
  starts: number[];
  hands: string[][];
}

/** What a piece keeps of its order: variants, and which is in hand. No variants: drafted from the form. */
export interface KeptOrder<S extends NamedStep = NamedStep> {
  chosen: number;
  variants: OrderVariant<S>[];
}

/** The place of a part that is not there. */
export const NO_PART = -1;
/** How a step whose part was never there is kept: no part has this id. */
const NOBODY = 'none';
/** The name of an order that never got another. */
const FIRST_NAME = () => tr`As planned`;

/** Steps with their parts by place in the list, as heat, rules and crew ask for them; parts that are gone are nowhere. */
export function byNumber(steps: readonly NamedStep[], ids: readonly string[]): WorkStep[] {
  const place = new Map(ids.map((id, i) => [id, i]));
  // The schema has checked that the rest is a step's.
  return steps.map(({ part, to, ...rest }) => ({
    ...(rest as Omit<WorkStep, 'part' | 'to'>),
    part: place.get(part) ?? NO_PART,
    ...(to !== undefined && { to: place.get(to) ?? NO_PART }),
  }));
}

/** The same steps with their parts by id, as a piece keeps them. Fields that are undefined are left out. */
export function byId<S extends NamedStep = NamedStep>(
  steps: readonly WorkStep[],
  ids: readonly string[],
): S[] {
  return steps.map(({ part, to, ...rest }) => {
    const named = {
      ...Object.fromEntries(Object.entries(rest).filter(([, v]) => v !== undefined)),
      part: ids[part] ?? NOBODY,
      ...(to !== undefined && { to: ids[to] ?? NOBODY }),
    };
    return named as NamedStep as S;
  });
}

/** The place of the variant in hand; 0 where there is none yet, for the first that is kept will be it. */
export const inHand = (order: KeptOrder | undefined): number =>
  Math.max(0, Math.min(order?.chosen ?? 0, (order?.variants.length ?? 0) - 1));

/** The variants with the one in hand's steps put in place of its old ones, and of their plan; the first is made where there is none. */
export function withSteps<S extends NamedStep>(
  order: KeptOrder<S> | undefined,
  steps: readonly S[],
): KeptOrder<S> {
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
export function withVariant<S extends NamedStep>(
  order: KeptOrder<S> | undefined,
  now: readonly S[],
  name: string,
  steps: readonly S[],
): KeptOrder<S> {
  const first =
    order && order.variants.length > 0 ? order.variants : [{ name: FIRST_NAME(), steps: [...now] }];
  return {
    chosen: first.length,
    // Each variant its own: an edit of one is none of another.
    variants: structuredClone([...first, { name, steps: [...steps] }]),
  };
}

/** The variant in hand with steps placed for a crew, and that crew's plan. */
export function withPlan<S extends NamedStep>(
  order: KeptOrder<S> | undefined,
  steps: readonly S[],
  plan: NamedPlan,
): KeptOrder<S> {
  const next = withSteps(order, steps);
  return {
    ...next,
    variants: next.variants.map((v, i) => (i === next.chosen ? { ...v, plan } : v)),
  };
}

/** The variant in hand drafted anew; the only one is simply let go, for the draft follows the form. */
export function redraftedSteps<S extends NamedStep>(
  order: KeptOrder<S> | undefined,
  drafted: readonly S[],
): KeptOrder<S> {
  return (order?.variants.length ?? 0) > 1
    ? withSteps(order, drafted)
    : { chosen: 0, variants: [] };
}
