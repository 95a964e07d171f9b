// Torch stock: the length of tubing or rod that holds the piece's glass.
import type { Glass } from '../glass/glass';
import type { Tube } from '../shape/conserve';
import type { Figure } from '../units/why';
import { stockLength, type Stock } from './moves';

/** What to cut for a piece worked from stock. */
export interface StockPlan {
  readonly stock: Stock;
  readonly length: Figure;
  readonly mass: Figure;
}

/** Tubing that can exist: its two walls leave a bore. */
export const hasBore = (tube: Tube): boolean => 2 * tube.wall < tube.outerDiameter;

/**
 * Length to mark on the tubing or rod, and its weight, with the allowance for points and trimmings.
 * Throws when the tube has no bore (ask `hasBore` first).
 */
export function planStock(
  glass: Glass,
  volume: number,
  allowance: number,
  stock: Stock,
): StockPlan {
  const total = volume * (1 + allowance);
  const rod = stock.wall === undefined;
  return {
    stock,
    length: {
      value: stockLength(total, stock),
      kind: 'length',
      why: {
        says: `Glass is neither made nor lost: this length of ${rod ? 'rod' : 'tubing'} holds the piece and its trimmings.`,
        formula: rod
          ? 'L = V(1 + allowance) / (π/4·d²)'
          : 'L = V(1 + allowance) / (π/4·(OD² − ID²))',
        inputs: [
          { name: 'glass in the piece', value: volume, kind: 'volume' },
          { name: 'allowance', value: allowance, kind: 'ratio' },
          { name: rod ? 'rod, across' : 'tube OD', value: stock.diameter, kind: 'length' },
          ...(stock.wall === undefined
            ? []
            : [{ name: 'tube wall', value: stock.wall, kind: 'length' as const }]),
        ],
        source: 'Conservation of volume.',
        changes: rod
          ? 'Thicker rod is cut shorter.'
          : 'Heavier tubing is cut shorter and blown further.',
      },
    },
    mass: {
      value: total * glass.density,
      kind: 'mass',
      why: {
        says: 'What that length weighs.',
        formula: 'm = V(1 + allowance)·ρ',
        inputs: [
          { name: 'glass in the piece', value: volume, kind: 'volume' },
          { name: 'density', value: glass.density, kind: 'density' },
        ],
        source: glass.source,
        changes: 'The supplier’s density.',
      },
    },
  };
}
