// The order of work of a piece as its class learns it: the one in hand, else drafted and its heats placed.
import type { PieceDocument } from '@zanfirico/contract/piece';
import { byNumber, inHand } from '@zanfirico/core/edits';
import type { Derived } from '@zanfirico/core/piece';
import type { WorkStep } from '@zanfirico/core/work';
import { useMemo } from 'react';
import { usePlacedDraft } from '../order/placedDrafts';
import { useWorkOf } from '../order/useWork';

interface Order {
  readonly derived: Extract<Derived, { ok: true }> | undefined;
  /** Undefined until it is placed. */
  readonly steps: readonly WorkStep[] | undefined;
}

/** A class's order of work, drafted for its exercise. */
export function useOrder(document: PieceDocument | undefined): Order {
  const work = useWorkOf(document);
  const kept = useMemo(() => {
    const variant = document?.sequence?.variants[inHand(document.sequence)];
    return (
      variant &&
      byNumber(
        variant.steps,
        document.parts.map((p) => p.id),
      )
    );
  }, [document]);
  const known = usePlacedDraft(kept ? undefined : work.asked);
  return {
    derived: work.derived?.ok === true ? work.derived : undefined,
    steps: kept ?? (known && 'answer' in known ? known.answer.steps : undefined),
  };
}
