// Tonight as it is being thought over: a wall by bare numbers, and what stands in which box. Kept in the browser.
import type { Practice } from '@zanfirico/contract/piece';
import type { Body } from '@zanfirico/core/conduction';
import { IN_HAND, type Assumed } from '@zanfirico/core/night';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { withOne } from './withOne';

/** A wall by bare numbers. m, s, °C. */
export interface Numbers {
  readonly glass: string;
  readonly form: NightForm;
  readonly thickest: number;
  readonly thinnest: number;
}

/** How it stands and cools. */
export type NightForm = 'plate' | 'lying' | 'open' | 'closed' | 'rod' | 'ball' | 'solid';

/** What a form is to the simulation. */
export const BODY_OF: Readonly<Record<NightForm, Body>> = {
  plate: 'slab',
  lying: 'oneSided',
  open: 'slab',
  closed: 'oneSided',
  rod: 'cylinder',
  ball: 'ball',
  solid: 'slab',
};

/** So many of a piece are to be made by then and wanted by then, as local date and time. */
export interface WantedTonight {
  readonly count: number;
  readonly ready: string;
  readonly due: string;
}

interface Tonight {
  readonly numbers: Numbers;
  readonly practice: Practice;
  /** Share of what it allows held in hand. */
  readonly inHand: number;
  /** °C; undefined for the annealing point. */
  readonly hold: number | undefined;
  readonly door: number;
  /** Of a box no shop has, s. */
  readonly coolingTime: number;
  readonly assumes: Assumed;
  readonly firstIn: string;
  readonly lastIn: string;
  /** Name of the annealer; the first of the shop when it is gone. */
  readonly annealer: string;
  /** How many of each piece stand in the box, by id. */
  readonly inBox: Readonly<Record<string, number>>;
  /** Pieces of the week by id. */
  readonly week: Readonly<Record<string, WantedTonight>>;
  readonly set: (change: Partial<Omit<Tonight, 'set'>>) => void;
}

/** Others with so many of this one; none takes it out. */
export const withCount = (
  counts: Readonly<Record<string, number>>,
  id: string,
  count: number,
): Readonly<Record<string, number>> => withOne(counts, id, count > 0 ? count : undefined);

/** Tonight as it is set on this screen. */
export const useTonight = create<Tonight>()(
  persist(
    (set) => ({
      numbers: { glass: 'soft-batch-96', form: 'open', thickest: 0.006, thinnest: 0.004 },
      practice: 'studio',
      inHand: IN_HAND,
      hold: undefined,
      door: 50,
      coolingTime: 4 * 3600,
      assumes: {},
      firstIn: '10:00',
      lastIn: '16:30',
      annealer: '',
      inBox: {},
      week: {},
      set: (change) => {
        set(change);
      },
    }),
    {
      name: 'zanfirico.tonight',
      version: 1,
      // Before there could be many of a piece the box was a list, and the week had dates only.
      migrate: (kept) => {
        const was = kept as {
          readonly inBox?: readonly string[];
          readonly week?: Readonly<Record<string, Omit<WantedTonight, 'count'>>>;
        };
        return {
          ...was,
          inBox: Object.fromEntries((was.inBox ?? []).map((id) => [id, 1])),
          week: Object.fromEntries(
            Object.entries(was.week ?? {}).map(([id, w]) => [id, { count: 1, ...w }]),
          ),
        };
      },
    },
  ),
);
