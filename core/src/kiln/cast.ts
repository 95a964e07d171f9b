// Cast in a mould: how much glass, how it is put in, what stands above it before it runs together, when it is solid.
import type { Packed } from '@zanfirico/contract/kiln';
import { SURFACE_TENSION } from './flow';

/** How the glass is put in: how much of its heap is glass. Common practice, no source. */
export const PACKED_SHARE = {
  powder: { share: 0.5, grain: 0.0001, name: 'powder' },
  fine: { share: 0.55, grain: 0.0005, name: 'fine frit' },
  frit: { share: 0.55, grain: 0.0015, name: 'frit, 2 to 4 mm' },
  coarse: { share: 0.5, grain: 0.004, name: 'coarse frit' },
  billet: { share: 0.8, grain: 0.02, name: 'blocks and cullet' },
} as const;

/** What a cast takes. kg, m³. */
export interface Cast {
  readonly mass: number;
  /** Grams of water the mould holds stand for it. */
  readonly water: number;
  /** Loose glass is so large a heap. */
  readonly heap: number;
  /** What the mould does not hold of it at once: a reservoir above it, or filling up hot. */
  readonly above: number;
  /** How much it must have flowed until its grains have closed, 1/Pa. */
  readonly closes: number;
}

const WATER = 998;

/**
 * For a mould of a volume (m³). Grains close when they have rounded by about their own radius (Frenkel 1945; Mackenzie & Shuttleworth 1949 for the last of
 * it): bubbles stay between fine ones, blocks veil at their old edges.
 */
export function castOf(
  volume: number,
  { density }: { readonly density: number },
  packed: Packed,
): Cast {
  const { share, grain } = PACKED_SHARE[packed];
  const heap = volume / share;
  return {
    mass: volume * density,
    water: volume * WATER,
    heap,
    above: Math.max(0, heap - volume),
    closes: grain / SURFACE_TENSION,
  };
}

/**
 * How tall a reservoir of an across must be for what stands above, m.
 *
 * @example
 * reservoirTall(0.0001, 0.05) // 0.05093
 */
export const reservoirTall = (above: number, across: number): number =>
  above / ((Math.PI / 4) * across * across);
