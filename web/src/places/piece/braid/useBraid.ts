// The order of work of the piece in hand: its steps, their clock, the heat through them, and what the rules say.
import type { NamedHole } from '@zanfirico/contract/shop';
import type { Skill } from '@zanfirico/contract/order';
import type { PieceSequence, PieceStep } from '@zanfirico/contract/order';
import type { CrewPlan } from '@zanfirico/core/crew';
import {
  byId,
  byNumber,
  inHand,
  namedPlan,
  redraftedSteps,
  withPlan,
  withSteps,
  withVariant,
} from '@zanfirico/core/edits';
import { heatOfWork, type Fires, type HeatPart, type WorkHeat } from '@zanfirico/core/iron';
import {
  checkOrder,
  type Drafted,
  type DraftInput,
  type Finding,
  type Stopped,
} from '@zanfirico/core/order';
import { ruleParts } from '@zanfirico/core/piece';
import type { Verdict } from '@zanfirico/core/units';
import { clockOf, factsOf, onTheClock, type WorkStep } from '@zanfirico/core/work';
import { useMemo, useState } from 'react';
import { placedDraft, usePlacedDraft } from '../../../order/placedDrafts';
import { workAsked, workingOf, type WorkAsked } from '../../../order/workAsked';
import { changePiece } from '../../../stores/draft';
import { useShop } from '../../../stores/theShop';
import { usePiece } from '../usePiece';
import { troubled } from '../../../stores/troubled';

/** What of a crew's plan is kept with the piece. */
export type KeptPlan = Pick<CrewPlan, 'starts' | 'hands' | 'total'>;

/** The order in hand, with its heat and what the rules say. */
export interface Braid {
  readonly steps: readonly WorkStep[];
  readonly starts: readonly number[];
  readonly parts: readonly HeatPart[];
  /** The ids of those parts in the piece, in the same order. */
  readonly ids: readonly string[];
  readonly heat: WorkHeat;
  readonly findings: readonly Finding[];
  readonly main: number;
  /** What an order is drafted from. */
  readonly draft: DraftInput;
  readonly helpers: boolean;
  readonly fires: Fires;
  /** The glory hole it goes to; undefined where the furnace's mouth serves. */
  readonly hole: NamedHole | undefined;
  readonly passes: Verdict | undefined;
  /** Another draft is being placed; this is the one before. */
  readonly placing: boolean;
  /** Drafted from the form just now; nothing of it is kept until it is changed. */
  readonly drafted: boolean;
  /** Why each heat and each wait of the draft is there, by its step. */
  readonly reasons: ReadonlyMap<string, string>;
  /** Where no order works: the draft's step that will not do, and what was tried and holds. */
  readonly stopped: Stopped | undefined;
  readonly sequence: PieceSequence | undefined;
  /** The crew's plan kept with these steps. */
  readonly plan: KeptPlan | undefined;
  readonly change: (steps: readonly WorkStep[]) => void;
  readonly setSequence: (change: Partial<PieceSequence>) => void;
  /** The steps placed for a crew, and its plan, kept. */
  readonly keepPlan: (steps: readonly WorkStep[], plan: KeptPlan) => void;
  /** An order kept as a variant of its own, and taken in hand. */
  readonly addVariant: (name: string, steps: readonly WorkStep[]) => void;
  /** The order drafted anew, in place of the variant in hand. */
  readonly afresh: () => void;
}

const NO_REASONS: ReadonlyMap<string, string> = new Map();

/** What there is of an order: the braid, that it is being placed, or why there is none. */
export type BraidState =
  | { readonly state: 'there'; readonly braid: Braid }
  | { readonly state: 'placing' }
  | { readonly state: 'failed'; readonly says: string }
  | { readonly state: 'no form' };

/** The order of the piece in hand. A crew's plan gives the clock for as long as it is kept with the steps in hand. */
export function useBraid(): BraidState {
  const { document, last, glass } = usePiece();
  const { form, way, parts, bits, cane } = document;
  const { ironDiameter, potTemperature } = document.making;
  const { sequence } = document;
  const variant = sequence?.variants[inHand(sequence)];
  const named = variant?.steps;
  // A memo of the names alone: a drag makes new parts, not new orders.
  const idText = parts.map((p) => p.id).join(' ');
  const ids = useMemo(() => idText.split(' '), [idText]);
  const kept = useMemo(() => named && byNumber(named, ids), [named, ids]);
  const crew = sequence?.crew;
  const holes = useShop((s) => s.shop?.document.gloryHoles);
  const pace = useShop((s) => s.shop?.document.pace);
  const learnt = useShop((s) => s.shop?.document.learnt);
  // Of what is drawn, not of its night: what was worked out of it stands when the night has been checked.
  const plan = last?.parts;
  const read = last?.bits;
  const whole = last?.whole;
  const working = last && workingOf(sequence, last);
  const main = working?.main;
  const helpers = working?.helpers;
  const asked = useMemo((): WorkAsked | undefined => {
    if (!plan || !read || !whole || main === undefined || helpers === undefined) return undefined;
    return workAsked(
      { form, way, parts, bits, cane },
      { parts: plan, bits: read, whole },
      { main, helpers },
      { glass, pot: potTemperature, holes, pace, learnt },
    );
  }, [
    plan,
    read,
    whole,
    main,
    glass,
    potTemperature,
    holes,
    pace,
    learnt,
    form,
    way,
    bits,
    cane,
    parts,
    helpers,
  ]);
  // A kept order needs no draft; one is made when it is asked for afresh.
  const known = usePlacedDraft(kept ? undefined : asked);
  const fresh = known && 'answer' in known ? known.answer : undefined;
  // While another is being placed the last one of the same parts stays to be looked at.
  const [before, setBefore] = useState<{ readonly of: string; readonly drafted: Drafted }>();
  if (fresh && before?.drafted !== fresh) setBefore({ of: idText, drafted: fresh });
  const drafted = fresh ?? (before?.of === idText ? before.drafted : undefined);
  const placing = !kept && !known;
  const rules = useMemo(() => plan && ruleParts(plan, ironDiameter), [plan, ironDiameter]);
  const braid = useMemo((): Braid | undefined => {
    const steps = kept ?? drafted?.steps;
    if (!asked || !rules || !steps) return undefined;
    const { draft, parts: heated, fires, hole, passes, working } = asked;
    const keptPlan = kept && variant?.plan ? planOf(kept, variant.plan) : undefined;
    const starts = keptPlan?.starts ?? clockOf(steps, working);
    const skills = crew && new Set<Skill>(crew.flatMap((p) => p.skills));
    const asKept = (list: readonly WorkStep[]): PieceStep[] => structuredClone(byId(list, ids));
    const setSequence = (change: Partial<PieceSequence>): void => {
      const next = { chosen: 0, helpers: true, variants: [], ...sequence, ...change };
      // Another crew, another plan.
      const other = ['crew', 'stations', 'helpers', 'lead'].some((k) => k in change);
      changePiece({
        sequence: other
          ? { ...next, variants: next.variants.map(({ name, steps: s }) => ({ name, steps: s })) }
          : next,
      });
    };
    return {
      steps,
      starts,
      parts: heated,
      ids,
      heat: heatOfWork(heated, steps, starts, fires),
      findings: checkOrder({ way, steps, parts: rules, main: working.main, skills }),
      main: working.main,
      draft,
      helpers: working.helpers,
      fires,
      hole,
      passes,
      placing,
      drafted: kept === undefined,
      reasons: drafted?.reasons ?? NO_REASONS,
      stopped: kept ? undefined : drafted?.stopped,
      sequence,
      plan: keptPlan,
      setSequence,
      keepPlan: (placed, made) => {
        setSequence(withPlan(sequence, asKept(placed), namedPlan(made)));
      },
      addVariant: (name, fresh) => {
        setSequence(withVariant(sequence, asKept(steps), name, asKept(fresh)));
      },
      afresh: () => {
        placedDraft(asked).then((fresh) => {
          setSequence(redraftedSteps(sequence, asKept(fresh.steps)));
        }, troubled);
      },
      change: (next) => {
        setSequence(withSteps(sequence, asKept(next)));
      },
    };
  }, [asked, rules, kept, drafted, placing, variant, crew, sequence, ids, way]);
  if (braid) return { state: 'there', braid };
  if (known && 'says' in known) return { state: 'failed', says: known.says };
  return asked ? { state: 'placing' } : { state: 'no form' };
}

/** A kept plan as the drawing and the leaves ask for it; undefined where it is for other steps. */
function planOf(
  steps: readonly WorkStep[],
  kept: { readonly starts: readonly number[]; readonly hands: readonly (readonly string[])[] },
): KeptPlan | undefined {
  if (kept.starts.length !== steps.length || kept.hands.length !== steps.length) return undefined;
  return {
    starts: kept.starts,
    hands: kept.hands.map((people, i) => {
      const { hands } = factsOf(steps[i] as WorkStep);
      return people.map((person, k) => ({ skill: hands[k] ?? 'gaff', person }));
    }),
    total: steps.reduce(
      (most, s, i) => (onTheClock(s) ? Math.max(most, (kept.starts[i] ?? 0) + s.seconds) : most),
      0,
    ),
  };
}
