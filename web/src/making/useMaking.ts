// A making as this screen knows it: what the server has, what is not sent yet, and what happens here, in step with other screens.
import type { MakingBegin, MakingEvent } from '@zanfirico/contract/making';
import { madeState, type MadePlan, type MakingState } from '@zanfirico/core/making';
import { tr } from '@zanfirico/core/words';
import type { WorkStep } from '@zanfirico/core/work';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { fetchMaking, Refused, sentenceOf } from '../api/client';
import { useNotices } from '../stores/notices';
import { keepEvent, keptHere, letGo, send } from './bench';
import { byParts } from './byParts';

/** An event without what every event has. */
export type Happens = MakingEvent extends infer E
  ? E extends MakingEvent
    ? Omit<E, 'id' | 'at'>
    : never
  : never;

/** A making in hand: how it stands, and what can be told of it. */
export interface Making {
  readonly begin: MakingBegin;
  readonly events: readonly MakingEvent[];
  /** The same with its parts by number, and how it stands. */
  readonly made: MadePlan;
  readonly state: MakingState<WorkStep>;
  /** It happens now, or at a moment; kept at once. */
  readonly happen: (what: Happens, at?: number) => void;
  readonly undo: () => void;
}

/** Undefined while it is fetched; a sentence where there is none. */
export function useMaking(id: string, now: () => number): Making | string | undefined {
  const [begin, setBegin] = useState<MakingBegin>();
  const [events, setEvents] = useState<readonly MakingEvent[]>([]);
  const [failure, setFailure] = useState<string>();
  const fromServer = useRef(0);
  const merge = useCallback((more: readonly MakingEvent[]): void => {
    setEvents((known) => {
      const ids = new Set(known.map((e) => e.id));
      const fresh = more.filter((e) => !ids.has(e.id));
      return fresh.length === 0 ? known : [...known, ...fresh];
    });
  }, []);
  useEffect(() => {
    let live = true;
    const fetchMore = async (): Promise<void> => {
      const from = fromServer.current;
      const told = await fetchMaking(id, from);
      if (!live) return;
      // Two askings may be under way: what both were told counts once.
      fromServer.current = Math.max(fromServer.current, from + told.events.length);
      setBegin((b) => b ?? told.begin);
      merge(told.events);
    };
    const start = async (): Promise<void> => {
      const here = await keptHere(id);
      if (!live) return;
      if (here.begin) setBegin(here.begin);
      merge(here.events);
      await send(id);
      // While the server is away what is here is gone on with.
      await fetchMore().catch((error: unknown) => {
        if (!here.begin || (error instanceof Refused && error.status !== 0)) throw error;
      });
    };
    start().catch((error: unknown) => {
      if (live) setFailure(sentenceOf(error));
    });
    // Not every browser under test has it; without it this screen stands alone.
    const source =
      typeof EventSource === 'undefined' ? undefined : new EventSource(`/api/makings/${id}/live`);
    source?.addEventListener('message', () => {
      fetchMore().catch(() => undefined);
    });
    return () => {
      live = false;
      source?.close();
    };
  }, [id, merge]);
  const made = useMemo(() => begin && byParts(begin, events), [begin, events]);
  const state = useMemo(() => made && madeState(made), [made]);
  /** When this screen's last was: no two of them are at one moment, so that they keep their order everywhere. */
  const lastAt = useRef(0);
  const happen = useCallback(
    (what: Happens, when = now()): void => {
      const at = Math.max(Math.round(when), lastAt.current + 1);
      lastAt.current = at;
      const event = { ...what, id: crypto.randomUUID(), at } as MakingEvent;
      merge([event]);
      keepEvent(id, event).catch((error: unknown) => {
        useNotices.getState().trouble(tr`That was not kept: ${sentenceOf(error)}`);
      });
    },
    [id, merge, now],
  );
  const over = state?.ended !== undefined;
  useEffect(() => {
    if (over)
      void send(id)
        .then(() => letGo(id))
        .catch(() => undefined);
  }, [over, id]);
  const undoable = state?.undoable;
  const undo = useCallback((): void => {
    if (undoable !== undefined) happen({ kind: 'taken back', event: undoable });
  }, [undoable, happen]);
  return useMemo(() => {
    if (begin && made && state) return { begin, events, made, state, happen, undo };
    return failure;
  }, [begin, made, state, events, happen, undo, failure]);
}
