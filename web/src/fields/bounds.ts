// What a field may be given: the file's own limits, or narrower ones where something else on screen narrows them.
import type { Limits } from '@zanfirico/contract';

/** What a field takes at least and at most. */
export interface FieldBounds {
  /** The limits the file has for it. */
  readonly within?: Limits;
  /** Narrower, SI. */
  readonly min?: number;
  readonly max?: number;
}

/** Both ends of it; endless where nothing bounds it. */
export const fieldBounds = ({
  within,
  min,
  max,
}: FieldBounds): { readonly min: number; readonly max: number } => ({
  min: min ?? within?.minimum ?? -Infinity,
  max: max ?? within?.maximum ?? Infinity,
});
