// A making that is only looked at, from another screen: what is new in it is fetched again and again, nothing is told.
import type { MakingBegin, MakingEvent } from '@zanfirico/contract/making';
import { madeState, type MadePlan, type MakingState } from '@zanfirico/core/making';
import type { WorkStep } from '@zanfirico/core/work';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { fetchMaking } from '../api/client';
import { byParts } from './byParts';

/** Fetched so often, ms. */
const EVERY = 2000;

/** A making as it is told. */
export interface ToldMaking {
  readonly begin: MakingBegin;
  readonly events: readonly MakingEvent[];
}

/** The same, and how it stands. */
export interface FollowedMaking extends ToldMaking {
  readonly made: MadePlan;
  readonly state: MakingState<WorkStep>;
  /** When it was heard last, ms. */
  readonly heardAt: number;
}

/** Undefined until it is there. One that has ended is asked for too: that can be taken back. */
export function useFollowed(id: string): FollowedMaking | undefined {
  const queries = useQueryClient();
  const queryKey = ['followed', id];
  const asked = useQuery({
    queryKey,
    queryFn: async (): Promise<ToldMaking> => {
      const before = queries.getQueryData<ToldMaking>(queryKey);
      const told = await fetchMaking(id, before?.events.length ?? 0);
      return { begin: told.begin, events: [...(before?.events ?? []), ...told.events] };
    },
    refetchInterval: EVERY,
    structuralSharing: false,
  });
  const told = asked.data;
  // The same events are the same making: what is worked out of it is kept.
  const count = told?.events.length;
  const made = useMemo(
    () => told && byParts(told.begin, told.events),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- by how many there are
    [told?.begin.id, count],
  );
  const state = useMemo(() => made && madeState(made), [made]);
  return told && made && state ? { ...told, made, state, heardAt: asked.dataUpdatedAt } : undefined;
}
