// The leaves beside the drawing: a line each. All but the drawing's own come when they are looked at.
import { tr } from '@zanfirico/core/words';
import { lazy, type ComponentType } from 'react';
import type { Leaf } from '../../../stores/board';

/** A leaf beside the drawing's own. */
export interface BesideLeaf {
  readonly id: Leaf;
  readonly name: string;
  readonly Leaf: ComponentType;
  /** A cast form is drawn and read; nothing of it is gathered or laid round a bubble. */
  readonly ofCast?: boolean;
}

/** In their order. */
export const BESIDE_DRAW: readonly BesideLeaf[] = [
  {
    id: 'glass',
    name: tr`Read`,
    Leaf: lazy(async () => ({ default: (await import('./ReadLeaf')).ReadLeaf })),
    ofCast: true,
  },
  {
    id: 'make',
    name: tr`Make`,
    Leaf: lazy(async () => ({ default: (await import('./make/MakeLeaf')).MakeLeaf })),
  },
  {
    id: 'pattern',
    name: tr`Pattern`,
    Leaf: lazy(async () => ({ default: (await import('./pattern/PatternLeaf')).PatternLeaf })),
  },
  {
    id: 'cane',
    name: tr`Cane`,
    Leaf: lazy(async () => ({ default: (await import('./cane/CaneLeaf')).CaneLeaf })),
  },
];
