// The days to come as they are planned for what is wanted: asked for by the orders and by the pot alike.
import type { WantedDocument } from '@zanfirico/contract/orders';
import {
  planDays,
  type DaysAsked,
  type DaysPlan,
  type PotFor,
  type WantedPiece,
} from '@zanfirico/core/orders';
import { ORDINARY_MAKING } from '@zanfirico/core/piece';
import { tr } from '@zanfirico/core/words';
import { useQueries, useQuery } from '@tanstack/react-query';
import { addDays, differenceInCalendarDays, parseISO, startOfDay } from 'date-fns';
import { useMemo } from 'react';
import { readCame, readPiece } from '../api/client';
import { useAnnealers } from '../night/useTonightBox';
import { dayOf } from '../clock/days';
import { howOftenLost } from '../log/howOftenLost';
import { cookIn, potNow } from '../pot/potNow';
import { usePotList, usePotsLog } from '../pot/usePots';
import { useRack } from '../stores/theRack';
import { useShop } from '../stores/theShop';
import { useTonight } from '../stores/tonight';
import { readWanted } from './asks';
import { pieceForDays, type PieceForDays } from './pieceForDays';

/** Planned ahead, days. */
export const DAYS_AHEAD = 28;
/** Worked at the bench where the shop does not say, s: Monday to Friday. From memory. */
const SIX_HOURS = 6 * 3600;
/** Hours at the bench, Monday first, s, where the shop says nothing. */
export const ORDINARY_HOURS: readonly number[] = [
  ...Array.from({ length: 5 }, () => SIX_HOURS),
  0,
  0,
];
/** Charged at once, kg, where the shop has no habit; as the pot’s own sheet begins with. */
const A_CHARGE = 40;
/** From an evening’s charge to the next morning’s first gather, s. */
const OVERNIGHT = 14 * 3600;
const DAY = 86_400;

const NONE: readonly WantedDocument[] = [];

/** A day to come. */
export interface DayName {
  readonly date: Date;
  /** As it is written in an order. */
  readonly day: string;
}

/** The days as they are planned now. */
export interface DaysPlanNow {
  readonly wanted: readonly WantedDocument[];
  readonly days: readonly DayName[];
  readonly asked: DaysAsked;
  readonly plan: DaysPlan;
  readonly pieces: ReadonlyMap<string, PieceForDays>;
  readonly lostOf: (piece: string) => number;
  /** Pieces that cannot be planned, each as a sentence. */
  readonly troubles: readonly string[];
}

/** How far the plan of the days is. */
interface DaysState {
  readonly now: DaysPlanNow | undefined;
  readonly wanted: readonly WantedDocument[];
  readonly here: boolean;
  readonly failure: Error | null;
  /** How many pieces are still being worked out. */
  readonly working: number;
}

/** Pieces of the Night's week, as orders: out by the day they are wanted. */
const fromTheWeek = (week: ReturnType<typeof useTonight.getState>['week']): WantedDocument[] =>
  Object.entries(week).map(([piece, { count, due }]) => ({
    id: `the week’s ${piece}`,
    piece,
    count,
    due: due.slice(0, 10),
  }));

/** Plans the days to come; `week`: for what the Night's week has as well. */
export function useDaysPlan(today: Date, week = false): DaysState {
  const asked = useQuery({ queryKey: ['wanted'], queryFn: readWanted });
  const meant = useTonight((s) => s.week);
  const wanted = useMemo(
    () => [...(asked.data ?? NONE), ...(week ? fromTheWeek(meant) : [])],
    [asked.data, meant, week],
  );
  const shop = useShop((s) => s.shop);
  const weighIns = useShop((s) => s.weighIns);
  const rack = useRack((s) => s.rack);
  const annealers = useAnnealers();
  const pots = usePotList();
  const potsLog = usePotsLog();
  const came = useQuery({ queryKey: ['log', 'came'], queryFn: readCame });
  const ids = useMemo(() => [...new Set(wanted.map((w) => w.piece))].sort(), [wanted]);
  const found = useQueries({
    queries: ids.map((id) => ({
      queryKey: ['days', id, shop?.revision],
      queryFn: async () => {
        if (!shop) throw new Error(tr`The shop is not here yet.`);
        return pieceForDays(await readPiece(id), shop.document, weighIns, rack, [...annealers]);
      },
      enabled: shop !== undefined,
    })),
    combine: (all) => ({
      pieces: all.flatMap((q) => q.data ?? []),
      troubles: all.flatMap((q) => (q.error ? [q.error.message] : [])),
      working: all.filter((q) => q.isPending).length,
    }),
  });
  const { pieces, troubles, working } = found;
  const hours = shop?.document.benchHours ?? ORDINARY_HOURS;
  const allowance = shop?.document.learnt?.allowance?.factor ?? ORDINARY_MAKING.allowance;
  const now = useMemo((): DaysPlanNow | undefined => {
    if (!shop || !asked.isSuccess || working > 0) return undefined;
    const days = Array.from({ length: DAYS_AHEAD }, (_, i) => {
      const date = addDays(startOfDay(today), i);
      return { date, day: dayOf(date.getTime()) };
    });
    const lostOf = (piece: string): number => howOftenLost(came.data ?? [], piece)?.of ?? 0;
    const indexOf = (day: string): number =>
      differenceInCalendarDays(parseISO(day), startOfDay(today));
    const forDays: DaysAsked = {
      wanted: wanted.flatMap((w) => {
        const left = w.count - (w.done ?? 0);
        return left > 0
          ? [
              {
                id: w.id,
                piece: w.piece,
                count: left,
                due: indexOf(w.due),
                ...(w.from !== undefined && { from: indexOf(w.from) }),
                pinned: Object.fromEntries(
                  Object.entries(w.pinned ?? {}).map(([day, n]) => [indexOf(day), n]),
                ),
              },
            ]
          : [];
      }),
      pieces: pieces.map((p): WantedPiece => ({ ...p, lost: lostOf(p.id) })),
      // Monday first in the shop’s list, Sunday first in a date.
      bench: days.map(({ date }) => hours[(date.getDay() + 6) % 7] ?? 0),
      pots: pots.flatMap((p): PotFor[] => {
        const glass = rack.glass(p.glass);
        if (!glass) return [];
        const { level, holds } = potNow(
          p,
          glass,
          potsLog.events,
          potsLog.made,
          allowance,
          today.getTime(),
        );
        const charge = Math.min(A_CHARGE, holds);
        const { fit } = cookIn(p, glass, {
          mass: charge,
          there: p.least,
          kind: 'pellets',
          at: p.cooking,
        });
        const ready = 1 + Math.max(0, Math.ceil(((fit ?? 10 * DAY) - OVERNIGHT) / DAY));
        return [{ glass: p.glass, level: level.mass, least: p.least, holds, charge, ready }];
      }),
    };
    return {
      wanted,
      days,
      asked: forDays,
      plan: planDays(forDays),
      pieces: new Map(pieces.map((p) => [p.id, p])),
      lostOf,
      troubles,
    };
  }, [
    shop,
    asked.isSuccess,
    working,
    wanted,
    pieces,
    troubles,
    came.data,
    hours,
    pots,
    potsLog.events,
    potsLog.made,
    rack,
    allowance,
    today,
  ]);
  return {
    now,
    wanted,
    here: asked.isSuccess,
    failure: asked.error ?? potsLog.failure,
    working,
  };
}
