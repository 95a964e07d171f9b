// A making as it begins: the order and its clock, who is here, in whose lane each step is, and what it is made at; frozen with the piece.
import type { Person } from '@zanfirico/contract/order';
import type { MakingBegin } from '@zanfirico/contract/making';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { byId } from '@zanfirico/core/edits';
import { benchPlan } from '@zanfirico/core/making';
import type { Derived } from '@zanfirico/core/piece';
import { clockOf, ourSeconds, secondsOf, type WorkStep } from '@zanfirico/core/work';
import { studioNow } from '../api/server';
import type { WorkAsked } from '../order/workAsked';

/** What a making is begun with. */
export interface BeginAsked {
  readonly piece: string;
  readonly revision: number;
  readonly document: PieceDocument;
  readonly derived: Extract<Derived, { ok: true }>;
  readonly asked: WorkAsked;
  /** The order, its heats placed; drafted now, or kept with the piece. */
  readonly steps: readonly WorkStep[];
  readonly drafted: boolean;
  /** A crew's plan for these very steps and people. */
  readonly plan?:
    | { readonly starts: readonly number[]; readonly hands: readonly (readonly string[])[] }
    | undefined;
  readonly people: readonly Person[];
  readonly number: number;
  readonly of: number;
  readonly hole: string | undefined;
  readonly annealer: string;
  readonly ready: MakingBegin['ready'];
  readonly rehearsal: boolean;
  /** Where it is made in a class. */
  readonly lesson?: MakingBegin['lesson'];
}

/** A making as it begins: its plan, frozen. */
export function makingOf(wanted: BeginAsked): MakingBegin {
  const { document, derived, asked, steps, plan, people } = wanted;
  const clock = plan?.starts ?? clockOf(steps, asked.working);
  const bench = benchPlan(steps, clock, asked.working.main, people, plan?.hands);
  // What it takes is held against this: a draft's times are ordinary but for the shop's own pace, a kept order's are somebody's.
  const { pace } = asked.draft;
  const ordinary = bench.steps.map((s) =>
    wanted.drafted || s.kind === 'own'
      ? (1000 * s.seconds) / ourSeconds(s, 1000, pace)
      : secondsOf(s.kind, derived.parts[s.part]?.mass ?? 0.1),
  );
  return {
    id: crypto.randomUUID(),
    piece: wanted.piece,
    revision: wanted.revision,
    at: studioNow(),
    number: wanted.number,
    ...(wanted.of > 1 && { of: wanted.of }),
    document,
    steps: structuredClone(
      byId(
        bench.steps,
        document.parts.map((p) => p.id),
      ),
    ),
    starts: [...bench.starts],
    lanes: [...bench.lanes],
    hands: bench.hands.map((h) => [...h]),
    ordinary,
    crew: people.map((p) => ({ ...p, skills: [...p.skills] })),
    ...(wanted.hole !== undefined && { hole: wanted.hole }),
    holeTemperature: asked.fires.gloryHole,
    potTemperature: asked.fires.pot,
    ...(wanted.annealer !== '' && { annealer: wanted.annealer }),
    ...(wanted.ready && wanted.ready.length > 0 && { ready: wanted.ready }),
    ...(wanted.rehearsal && { rehearsal: true }),
    ...(wanted.lesson && { lesson: wanted.lesson }),
  };
}
