// The drafts this page knows: each order drafted, its heats placed and proven once in the worker, kept by what it is made of.
import type { Fires, HeatPart, Working } from '@zanfirico/core/iron';
import type { Drafted, DraftInput } from '@zanfirico/core/order';
import { useEffect } from 'react';
import { answersKept, type Known } from '../derived/answersKept';
import { braid } from '../workers/workers';

/** What an order is drafted from. */
export interface DraftAsked {
  readonly draft: DraftInput;
  readonly parts: readonly HeatPart[];
  readonly working: Working;
  readonly fires: Fires;
}

/** Drafts kept. */
const MOST_KEPT = 60;
/** Changes closer together than this are one, ms. */
const REST = 60;

const kept = answersKept<DraftAsked, Drafted>(
  ({ draft, parts, working, fires }) => braid((w) => w.draft(draft, parts, working, fires)),
  ({ draft, parts, working, fires }) =>
    JSON.stringify([
      draft,
      working,
      fires,
      parts.map((p) => [
        p.glass.id,
        p.glass.annealing,
        p.glass.softening,
        p.glass.working,
        p.gathered,
        p.bits,
        // A zone's cells follow from these.
        p.zones.map((z) => [z.kind, z.thickness, z.area, z.up, z.stand]),
      ]),
    ]),
  MOST_KEPT,
);

/** The draft of what is asked, once: rejects with a sentence. */
export const placedDraft = kept.ask;

/** The draft of what is asked: undefined while it is being placed. */
export function usePlacedDraft(asked: DraftAsked | undefined): Known<Drafted> | undefined {
  const known = kept.useKnown(asked);
  useEffect(() => {
    if (!asked || known) return undefined;
    const timer = setTimeout(() => {
      // What went wrong is kept with it, and said there.
      kept.ask(asked).catch(() => undefined);
    }, REST);
    return () => {
      clearTimeout(timer);
    };
  }, [asked, known]);
  return known;
}
