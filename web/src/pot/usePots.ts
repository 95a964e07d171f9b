// The shop's pots, what happened to them, and what was made since their first entry.
import type { LogLine } from '@zanfirico/contract/making';
import type { PotEventDocument } from '@zanfirico/contract/pot';
import type { PotDocument } from '@zanfirico/contract/shop';
import { ORDINARY_POT } from '@zanfirico/core/piece';
import { useQuery } from '@tanstack/react-query';
import { readAllOf } from '../api/client';
import { readPotEvents } from './asks';
import { useShop } from '../stores/theShop';

const NO_EVENTS: readonly PotEventDocument[] = [];
const NO_LINES: readonly LogLine[] = [];
const ORDINARY: readonly PotDocument[] = [structuredClone(ORDINARY_POT)];

/** An ordinary one until the shop has its own. */
export const usePotList = (): readonly PotDocument[] =>
  useShop((s) => s.shop?.document.pots) ?? ORDINARY;

/** What happened to the pots, and what was made of them. */
export interface PotsLog {
  readonly events: readonly PotEventDocument[];
  readonly made: readonly LogLine[];
  readonly failure: Error | null;
}

/** Asks for it. */
export function usePotsLog(): PotsLog {
  const events = useQuery({ queryKey: ['pots'], queryFn: readPotEvents });
  // What was made before anything was entered is none of a pot's.
  const since = Math.min(...(events.data ?? NO_EVENTS).map((e) => e.at));
  const made = useQuery({
    queryKey: ['log', 'made', since],
    queryFn: () => readAllOf({ since: String(since) }),
    enabled: Number.isFinite(since),
  });
  return {
    events: events.data ?? NO_EVENTS,
    made: made.data ?? NO_LINES,
    failure: events.error ?? made.error,
  };
}
