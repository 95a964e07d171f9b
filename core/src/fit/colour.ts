// A colour as the fit and the eye ask for it.

import type { Seen } from '@zanfirico/contract/rack';
import type { FitGlass } from './judgeStack';

/** How a glass is bought. */
export type GlassForm = 'pot' | 'rod' | 'tubing' | 'sheet';
/** How a colour is bought. */
export type ColourForm =
  | 'powder'
  | 'frit'
  | 'bar'
  | 'cane'
  | 'thin rod'
  | 'tubing'
  | 'fume'
  | 'enamel'
  | 'leaf'
  | 'inclusion';

/** A colour on the rack. */
export interface Colour extends FitGlass {
  readonly density: number;
  readonly look: 'transparent' | 'opalescent' | 'opaque';
  /** Comes up only on reheating. */
  readonly strikes: boolean;
  /** Holds lead or cadmium: not where food or lips touch. */
  readonly keepOffFood: boolean;
  readonly seen: Seen;
  /** How it is bought. */
  readonly forms: readonly (ColourForm | GlassForm)[];
}
