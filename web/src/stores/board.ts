// What the Section sheet has in hand: which part or bit, which leaf beside the drawing, snapping, the glass view.
import type { PieceDimension } from '@zanfirico/contract';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** The leaves beside the drawing. */
export type Leaf = 'draw' | 'glass' | 'make' | 'pattern' | 'cane';

interface BoardState {
  readonly part: number;
  /** A bit in hand instead of a part. */
  readonly bit: number | undefined;
  readonly point: number | undefined;
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
  readonly show: (leaf: Leaf) => void;
  readonly set: (
    change: Partial<
      Pick<BoardState, 'snap' | 'turning' | 'grid' | 'measuring' | 'picking' | 'pair'>
    >,
  ) => void;
}

export const useBoard = create<BoardState>()(
  persist(
    (set) => ({
      part: 0,
      bit: undefined,
      point: undefined,
      leaf: 'draw',
      snap: true,
      grid: false,
      measuring: false,
      picking: undefined,
      pair: undefined,
      turning: true,
      moving: false,
      takePart: (part) => {
        set({ part, bit: undefined, point: undefined });
      },
      takeBit: (bit) => {
        set({ bit, point: undefined });
      },
      takePoint: (point) => {
        set({ point });
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
