// What a document's order of work is made of, as a hook: derived with the shop's facts, its parts as heat sees them, its fires.
import type { PieceDocument } from '@zanfirico/contract/piece';
import type { Derived } from '@zanfirico/core/piece';
import { useMemo } from 'react';
import { deriveDocument } from '../derived/deriveDocument';
import { useFacts } from '../derived/useFacts';
import { useShop } from '../stores/theShop';
import { workAsked, workingOf, type WorkAsked } from './workAsked';

interface Work {
  /** What the document comes to; undefined while the rack is fetched. */
  readonly derived: Derived | undefined;
  /** Undefined where it cannot be made. */
  readonly asked: WorkAsked | undefined;
}

/** A document's work as heat and crew ask it. */
export function useWorkOf(document: PieceDocument | undefined): Work {
  const facts = useFacts(document?.making.gatherer, document?.glass);
  const holes = useShop((s) => s.shop?.document.gloryHoles);
  const pace = useShop((s) => s.shop?.document.pace);
  const learnt = useShop((s) => s.shop?.document.learnt);
  const known = useMemo(() => document && deriveDocument(document, facts), [document, facts]);
  return useMemo(() => {
    const derived = known?.derived;
    return {
      derived,
      asked:
        document && known && derived?.ok === true
          ? workAsked(document, derived, workingOf(document.sequence, derived), {
              glass: known.glass,
              pot: document.making.potTemperature,
              holes,
              pace,
              learnt,
            })
          : undefined,
    };
  }, [document, known, holes, pace, learnt]);
}
