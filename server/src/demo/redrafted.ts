// A demo piece's kept order drafted, heated and planned anew, as the core does it today.
import type { PieceDocument } from '@zanfirico/contract/piece';
import { planPlaced } from '@zanfirico/core/crew';
import { byId, namedPlan } from '@zanfirico/core/edits';
import { draftPlaced } from '@zanfirico/core/order';
import { worked } from './worked';

/** Nodes after which a crew's plan is good enough: counted, so that it is the same on every machine. */
const ENOUGH = 4000;

/** The document with its kept order replaced by today's; undefined where it keeps none, or cannot be made. */
export function redraftedPiece(document: PieceDocument): PieceDocument | undefined {
  const kept = document.sequence?.variants[0];
  const work = kept && worked(document);
  if (!document.sequence || !kept || !work) return undefined;
  const { derived, draft, parts: heated, fires } = work;
  const main = derived.main.index;
  const { crew, helpers, stations } = document.sequence;
  const working = { main, helpers: crew && crew.length > 0 ? crew.length > 1 : helpers };
  const { steps } = draftPlaced(draft, heated, working, fires);
  const planned =
    crew && crew.length > 0
      ? planPlaced({ steps, parts: heated, working, fires }, crew, stations, {
          enough: (nodes) => nodes > ENOUGH,
        })
      : undefined;
  const ids = document.parts.map((p) => p.id);
  return {
    ...document,
    sequence: {
      ...document.sequence,
      chosen: 0,
      variants: [
        {
          name: kept.name,
          steps: byId(planned?.steps ?? steps, ids),
          ...(planned && {
            plan: namedPlan(planned.plan),
          }),
        },
      ],
    },
  };
}
