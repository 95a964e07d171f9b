// A making's steps and events with their parts by number, as heat and rules ask for them; the file has them by id.
import type { MakingBegin, MakingEvent } from '@zanfirico/contract/making';
import { byNumber } from '@zanfirico/core/edits';
import type { Fires } from '@zanfirico/core/iron';
import type { Happened, MadePlan } from '@zanfirico/core/making';

const idsOf = (begin: MakingBegin): string[] => begin.document.parts.map((p) => p.id);

/** A making with its parts by number. */
export function byParts(begin: MakingBegin, events: readonly MakingEvent[]): MadePlan {
  const ids = idsOf(begin);
  return {
    plan: byNumber(begin.steps, ids),
    begun: begin.at,
    lanes: begin.lanes,
    starts: begin.starts,
    hands: begin.hands,
    happened: events.map((e): Happened =>
      e.kind === 'put in' ? { ...e, step: byNumber([e.step], ids)[0] ?? e.step } : e,
    ),
  };
}

/** The fires it is made at: as they were read off when it was begun, else the plan's. */
export const firesThen = (begin: MakingBegin, planned: Fires): Fires => ({
  ...planned,
  gloryHole: begin.holeTemperature ?? planned.gloryHole,
  pot: begin.potTemperature ?? planned.pot,
});
