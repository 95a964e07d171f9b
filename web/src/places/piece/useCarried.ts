// The piece's pattern carried between blank and final form, worked out again only when one of them changes.
import type { PieceDocument } from '@zanfirico/contract/piece';
import { measurePart } from '@zanfirico/core/form';
import { carry, stretchMap, type Carried, type StretchMap } from '@zanfirico/core/form/pattern';
import type { Derived } from '@zanfirico/core/piece';
import { useMemo } from 'react';

/** A figure carried from blank to form. */
export interface CarriedPattern {
  readonly map: StretchMap;
  readonly carried: Carried;
  readonly part: number;
}

/** Undefined when there is no pattern, or one of the two forms cannot be made. */
export function useCarried(
  pattern: PieceDocument['pattern'],
  last: Extract<Derived, { ok: true }> | undefined,
): CarriedPattern | undefined {
  const final = pattern && last?.parts.find((p) => p.id === pattern.part);
  const blank = useMemo(
    () => pattern && measurePart({ profile: pattern.blank }),
    // The blank alone decides its shape.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [pattern?.blank],
  );
  return useMemo(() => {
    if (!pattern || !final || final.work === 'solid' || blank?.ok !== true) return undefined;
    const map = stretchMap(blank.shape, final.shape);
    return { map, carried: carry(map, pattern.figure, pattern.drawnOn), part: final.index };
  }, [pattern, final, blank]);
}
