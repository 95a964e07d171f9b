// A piece made in the kiln, as its file has it: what is laid, its mould, its firings.
import type { Packed } from './cast';
import type { Laid } from './laid';
import type { Mould } from './mould';

/** What a firing is for. */
export const AIMS = ['polish', 'tack', 'contour', 'full', 'slump', 'drape', 'cast'] as const;
/** What a firing may be for. */
export type Aim = (typeof AIMS)[number];

/** One firing of it. °C, s. */
export interface KilnFiring {
  readonly aim: Aim;
  readonly air: { readonly at: number; readonly hold: number };
  readonly process: { readonly at: number; readonly hold: number };
}

/** A piece made in the kiln. m. */
export interface KilnWork {
  readonly laid: readonly Laid[];
  /** Dams stand so high round it. */
  readonly dam?: number | undefined;
  readonly mould?: Mould | undefined;
  /** Cast in a mould: the piece's own drawn form is what it holds. */
  readonly cast?: { readonly packed: Packed; readonly reservoir?: number | undefined } | undefined;
  readonly firings: readonly KilnFiring[];
}
