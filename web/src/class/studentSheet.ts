// One of a student's pieces as their sheet has it: weights, sizes against the calipers, time and heats, and what to change next.
import type { ClassDocument } from '@zanfirico/contract/class';
import type { ClassMaking } from '@zanfirico/contract/making';
import {
  gathersTaken,
  holdAgainst,
  howNear,
  nextTime,
  type GatherTaken,
  type HeldAgainst,
  type NextTime,
} from '@zanfirico/core/class';
import { drawnOf, morningOf } from '@zanfirico/core/log';
import { madeState, plannedSeconds } from '@zanfirico/core/making';
import type { Derived } from '@zanfirico/core/piece';
import { factsOf } from '@zanfirico/core/work';
import { byParts } from '../making/byParts';
import type { ToldMaking } from '../making/followed';
import { ironWeight } from './ironWeight';

/** A line of the sheet. s. */
export interface SheetLine {
  readonly id: string;
  readonly begunAt: number;
  readonly rehearsal: boolean;
  readonly ended: 'boxed' | 'given up' | undefined;
  readonly gather: GatherTaken | undefined;
  readonly held: readonly HeldAgainst[];
  readonly worst: number | undefined;
  readonly within: number;
  readonly measured: number;
  readonly took: number | undefined;
  readonly planned: number;
  readonly heats: { readonly taken: number; readonly planned: number };
  readonly next: readonly NextTime[];
}

/** Works it out; of a making, the drawing it is held against as the class has it. */
export function sheetLine(
  lesson: ClassDocument,
  derived: Extract<Derived, { ok: true }>,
  { id, begunAt, rehearsal }: ClassMaking,
  told: ToldMaking,
): SheetLine {
  const { begin, events } = told;
  const state = madeState(byParts(begin, events));
  const drawn = lesson.tolerances.map((t) => drawnOf(derived, t.of, t.up));
  const morning = morningOf(events);
  const held = holdAgainst(lesson.tolerances, drawn, morning.measured);
  const gathers = gathersTaken(events, ironWeight(derived));
  const isHeat = (s: { readonly step: (typeof state.steps)[number]['step'] }): boolean =>
    factsOf(s.step).does === 'heat';
  const heats = {
    taken: state.steps
      .filter((s) => isHeat(s) && s.state === 'done')
      .reduce((n, s) => n + 1 + s.again, 0),
    planned: state.steps.filter((s) => isHeat(s) && !s.putIn).length,
  };
  const planned = plannedSeconds(begin);
  const took = state.ended?.how === 'boxed' ? (state.ended.at - begin.at) / 1000 : undefined;
  return {
    id,
    begunAt,
    rehearsal,
    ended: state.ended?.how,
    gather: gathers.at(-1),
    held,
    ...howNear(held),
    took,
    planned,
    heats,
    next: rehearsal
      ? []
      : nextTime({
          held,
          gathers,
          mishaps: state.mishaps.map((m) => m.what),
          took,
          planned,
          heats,
          broke: morning.outcome === 'lost' && morning.broke !== undefined,
        }),
  };
}
