// Torch stock: the length of tubing or rod that holds the piece's glass.
import type { Stock, Tube } from '@zanfirico/contract/piece';
import { tr, trWord } from '../words/tr';
import type { Glass } from '../glass/glass';
import type { Figure } from '../units/why';
import { stockLength } from './moves';

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
        says: tr`Glass is neither made nor lost: this length of ${rod ? 'rod' : 'tubing'} holds the piece and its trimmings.`,
        formula: rod
          ? tr`L = V(1 + allowance) / (π/4·d²)`
          : tr`L = V(1 + allowance) / (π/4·(OD² − ID²))`,
        inputs: [
          { name: tr`glass in the piece`, value: volume, kind: 'volume' },
          { name: 'allowance', value: allowance, kind: 'ratio' },
          { name: rod ? tr`rod, across` : tr`tube OD`, value: stock.diameter, kind: 'length' },
          ...(stock.wall === undefined
            ? []
            : [{ name: tr`tube wall`, value: stock.wall, kind: 'length' as const }]),
        ],
        source: tr`Conservation of volume.`,
        changes: rod
          ? tr`Thicker rod is cut shorter.`
          : tr`Heavier tubing is cut shorter and blown further.`,
      },
    },
    mass: {
      value: total * glass.density,
      kind: 'mass',
      why: {
        says: tr`What that length weighs.`,
        formula: tr`m = V(1 + allowance)·ρ`,
        inputs: [
          { name: tr`glass in the piece`, value: volume, kind: 'volume' },
          { name: 'density', value: glass.density, kind: 'density' },
        ],
        source: trWord(glass.source),
        changes: tr`The supplier’s density.`,
      },
    },
  };
}
