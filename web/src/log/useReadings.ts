// Temperatures read at the bench against the heat of their very makings: fetched, then fitted in the worker.
import type { AirExchange } from '@zanfirico/core/iron';
import type { ReadAt } from '@zanfirico/core/log';
import { holding } from '@zanfirico/core/making';
import { NO_SHOP } from '@zanfirico/core/piece';
import type { Robust } from '@zanfirico/core/stats';
import { useEffect, useState } from 'react';
import { fetchMaking } from '../api/client';
import { byParts, firesThen } from '../making/byParts';
import { deriveDocument } from '../derived/deriveDocument';
import { workAsked, workingOf } from '../order/workAsked';
import { useRack } from '../stores/theRack';
import { useShop } from '../stores/theShop';
import { startExchange } from '../workers/workers';

/** Of the latest so many makings it is learnt. */
const MOST = 40;
/** Fetching is so much of the work. */
const FETCHED = 0.3;

type Found = Partial<Record<keyof AirExchange, Robust>>;
type Asked = Parameters<typeof startExchange>[0][number];

/** What readings at the bench say of the exchange of heat. */
export interface ReadingsSay {
  /** 0 to 1; undefined where nothing is under way. */
  readonly share: number | undefined;
  readonly found: Found;
}

const NOTHING: ReadingsSay = { share: undefined, found: {} };

/** A making as the fit asks for it; undefined where it cannot be worked out. */
async function asked(id: string): Promise<Asked | undefined> {
  const { begin, events } = await fetchMaking(id, 0);
  const rack = useRack.getState().rack;
  // In an ordinary shop: what this one has learnt before is not learnt again on top of itself.
  const known = deriveDocument(begin.document, { ...NO_SHOP, rack });
  if (known?.derived.ok !== true) return undefined;
  const { derived, glass } = known;
  const { parts, fires, working } = workAsked(
    begin.document,
    derived,
    workingOf(begin.document.sequence, derived),
    {
      glass,
      pot: begin.document.making.potTemperature,
      holes: useShop.getState().shop?.document.gloryHoles,
      pace: undefined,
      learnt: undefined,
    },
  );
  const readings = holding(events).flatMap((e): ReadAt[] =>
    e.kind === 'reading' && e.of === 'temperature' ? [{ at: e.at, value: e.value }] : [],
  );
  return {
    parts,
    main: working.main,
    made: byParts(begin, events),
    fires: firesThen(begin, fires),
    readings,
  };
}

/** What they say; left off when whoever looks goes away. A making that cannot be read says nothing. */
export function useReadings(ids: readonly string[] | undefined): ReadingsSay {
  const [told, setTold] = useState<{
    readonly ids: readonly string[];
    readonly says: ReadingsSay;
  }>();
  useEffect(() => {
    if (!ids || ids.length === 0) return undefined;
    let live = true;
    let stop = (): void => undefined;
    const say = (says: ReadingsSay): void => {
      if (live) setTold({ ids, says });
    };
    const go = async (): Promise<void> => {
      const some = ids.slice(0, MOST);
      const all: Asked[] = [];
      for (const [i, id] of some.entries()) {
        const one = await asked(id).catch(() => undefined);
        if (!live) return;
        if (one) all.push(one);
        say({ share: (FETCHED * (i + 1)) / some.length, found: {} });
      }
      const work = startExchange(all, (share) => {
        say({ share: FETCHED + (1 - FETCHED) * share, found: {} });
      });
      ({ stop } = work);
      say({ share: undefined, found: (await work.done) ?? {} });
    };
    go().catch(() => {
      say(NOTHING);
    });
    return () => {
      live = false;
      stop();
    };
  }, [ids]);
  return told && told.ids === ids ? told.says : NOTHING;
}
