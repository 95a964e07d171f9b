// Torch stock: the length of tubing that holds the piece's glass.
import type { Glass } from '../glass/glass';
import { tubeLength, type Tube } from '../shape/conserve';
import type { Figure } from '../units/why';

/** What to cut for a piece worked from tubing. */
export interface StockPlan {
  readonly length: Figure;
  readonly mass: Figure;
}

/** Tubing that can exist: its two walls leave a bore. */
export const hasBore = (tube: Tube): boolean => 2 * tube.wall < tube.outerDiameter;

/**
 * Length to mark on the tubing, and its weight, with the allowance for points and trimmings.
 * Throws when the tube has no bore (ask `hasBore` first).
 */
export function planStock(glass: Glass, volume: number, allowance: number, tube: Tube): StockPlan {
  const total = volume * (1 + allowance);
  return {
    length: {
      value: tubeLength(total, tube),
      kind: 'length',
      why: {
        says: 'Glass is neither made nor lost: this length of tubing holds the piece and its trimmings.',
        formula: 'L = V(1 + allowance) / (π/4·(OD² − ID²))',
        inputs: [
          { name: 'glass in the piece', value: volume, kind: 'volume' },
          { name: 'allowance', value: allowance, kind: 'ratio' },
          { name: 'tube OD', value: tube.outerDiameter, kind: 'length' },
          { name: 'tube wall', value: tube.wall, kind: 'length' },
        ],
        source: 'Conservation of volume.',
        changes: 'Heavier tubing is cut shorter and blown further.',
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
