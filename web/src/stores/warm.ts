// What is to be warmed for the bench, and the piece that is made in two sessions. Kept in the browser.
import { tr } from '@zanfirico/core/words';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** One thing in the warming kiln. m. */
export interface Warmed {
  readonly id: number;
  readonly name: string;
  readonly glass: string;
  readonly thick: number;
  readonly body: 'cylinder' | 'slab' | 'oneSided';
}

interface Warm {
  readonly things: readonly Warmed[];
  /** Picked up at, °C. */
  readonly to: number;
  /** Ready at a local day and clock. */
  readonly day: string | undefined;
  readonly ready: string;
  /** A piece of the shelf in two sessions: when its blank goes into the box, how long it is decorated, how long the second session. */
  readonly piece: string | undefined;
  readonly blankDay: string | undefined;
  readonly blankIn: string;
  readonly decorates: number;
  readonly works: number;
  readonly set: (change: Partial<Omit<Warm, 'set'>>) => void;
}

/** A bar of colour, some canes, a blank: what a bench picks up of a morning. */
const BEGIN: readonly Warmed[] = [
  { id: 1, name: tr`colour bar`, glass: 'soft-batch-96', thick: 0.028, body: 'cylinder' },
  { id: 2, name: 'canes', glass: 'soft-batch-96', thick: 0.006, body: 'cylinder' },
];

/** What is warmed for the bench. */
export const useWarm = create<Warm>()(
  persist(
    (set) => ({
      things: BEGIN,
      to: 540,
      day: undefined,
      ready: '10:00',
      piece: undefined,
      blankDay: undefined,
      blankIn: '17:00',
      decorates: 4 * 3600,
      works: 45 * 60,
      set,
    }),
    { name: 'zanfirico.warm' },
  ),
);
