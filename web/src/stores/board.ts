// What the Section sheet has in hand: which part or bit, which leaf beside the drawing, snapping, the glass view.
import type { PieceDimension } from '@zanfirico/contract/piece';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { chosenWith, NONE } from './chosen';

/** The leaves beside the drawing. */
export type Leaf = 'draw' | 'glass' | 'make' | 'pattern' | 'cane';

interface BoardState {
  readonly part: number;
  /** A bit in hand instead of a part. */
  readonly bit: number | undefined;
  readonly point: number | undefined;
  /** Points chosen to be moved, copied or taken out together; none when only one is in hand. */
  readonly several: readonly number[];
  readonly leaf: Leaf;
  readonly snap: boolean;
  /** A grid under the drawing. */
  readonly grid: boolean;
  /** Measuring between two places: nothing is moved meanwhile. */
  readonly measuring: boolean;
  /** Two places of the picture under the drawing are being picked: to scale it by, or to straighten it. */
  readonly picking: 'scale' | 'upright' | undefined;
  /** Two places picked, whose distance is still to be said. */
  readonly pair: PieceDimension | undefined;
  readonly turning: boolean;
  /** Something is being dragged: what takes long waits until it is let go. */
  readonly moving: boolean;
  readonly takePart: (part: number) => void;
  readonly takeBit: (bit: number) => void;
  readonly takePoint: (point: number | undefined) => void;
  /** Chooses points: one more or one less, or all from the one in hand to it. */
  readonly choose: (point: number, how: 'one' | 'through') => void;
  readonly letGo: () => void;
  readonly show: (leaf: Leaf) => void;
  readonly set: (
    change: Partial<
      Pick<BoardState, 'snap' | 'turning' | 'grid' | 'measuring' | 'picking' | 'pair'>
    >,
  ) => void;
}

/** What is in hand while drawing. */
export const useBoard = create<BoardState>()(
  persist(
    (set) => ({
      part: 0,
      bit: undefined,
      point: undefined,
      several: NONE,
      leaf: 'draw',
      snap: true,
      grid: false,
      measuring: false,
      picking: undefined,
      pair: undefined,
      turning: true,
      moving: false,
      takePart: (part) => {
        set({ part, bit: undefined, point: undefined, several: NONE });
      },
      takeBit: (bit) => {
        set({ bit, point: undefined, several: NONE });
      },
      takePoint: (point) => {
        set({ point });
      },
      choose: (to, how) => {
        set(({ several, point }) => ({ several: chosenWith(several, point, to, how), point: to }));
      },
      letGo: () => {
        set({ several: NONE });
      },
      show: (leaf) => {
        set({ leaf });
      },
      set: (change) => {
        set(change);
      },
    }),
    {
      name: 'zanfirico.board',
      partialize: ({ snap, turning, grid }) => ({ snap, turning, grid }),
    },
  ),
);
