// A finished piece against its drawing: what the drawing has, how far the glass is from it, whether that passes, and whether a figure was
// typed in another unit.
import type { Measure } from '@zanfirico/contract/making';
import { mark, tr, trWord } from '../words/tr';
import type { Derived } from '../piece/derive';

type Good = Extract<Derived, { ok: true }>;

/** How far off may pass: m for lengths, a share of the drawing's for weight and capacity. */
export type LetPass = Readonly<Record<Measure, number>>;

/** What is customary in a studio that makes sets. Common practice, no source. */
export const LET_PASS: LetPass = {
  height: 0.003,
  lip: 0.002,
  wall: 0.0005,
  weight: 0.08,
  capacity: 0.05,
  ovality: 0.002,
};

/** Measured as a share of the drawing's figure, not in its unit. */
export const BY_SHARE: ReadonlySet<Measure> = new Set(['weight', 'capacity']);

/** One measure beside the drawing's. SI. */
export interface Against {
  readonly drawn: number;
  readonly made: number;
  /** Made less drawn; a share of the drawn for weight and capacity. */
  readonly off: number;
  readonly allowed: number;
  readonly passes: boolean;
  /** What it would be had it been typed in the unit it seems to be in. */
  readonly meant: { readonly value: number; readonly unit: string } | undefined;
}

/**
 * The wall as drawn at a height above the table it stands on, m: of the outermost part there; undefined where no glass is.
 */
export function wallDrawn({ parts, whole }: Good, up: number): number | undefined {
  const z = whole.lowest + up;
  let found: { r: number; wall: number } | undefined;
  for (const { shape, role } of parts) {
    if (role !== 'joined' && parts.length > 1) continue;
    const { outer, thick } = shape;
    for (let i = 1; i < outer.z.length; i += 1) {
      const [a, b] = [outer.z[i - 1] as number, outer.z[i] as number];
      if (a === b || z < Math.min(a, b) || z > Math.max(a, b)) continue;
      const t = (z - a) / (b - a);
      const mix = (v: ArrayLike<number>): number =>
        (v[i - 1] as number) * (1 - t) + (v[i] as number) * t;
      const r = mix(outer.r);
      if (!found || r > found.r) found = { r, wall: mix(thick) };
    }
  }
  return found?.wall;
}

/** What the drawing has of a measure, SI; undefined where it has none. `ovality` is what the drawing says its mouth is out of round. */
export function drawnOf(
  derived: Good,
  of: Measure,
  up: number | undefined,
  ovality = 0,
): number | undefined {
  const { whole } = derived;
  switch (of) {
    case 'height':
      return whole.height;
    case 'lip':
      return whole.lipRadius > 0 ? 2 * whole.lipRadius : undefined;
    case 'wall':
      return up === undefined ? whole.thinnest.wall : wallDrawn(derived, up);
    case 'weight':
      return whole.mass;
    case 'capacity':
      return whole.capacity > 0 ? whole.capacity : undefined;
    case 'ovality':
      return ovality;
  }
}

/** Mistaken units by kind of measure: what was read as one, and what one of the other is of it. */
const MISTAKEN: Readonly<
  Record<'length' | 'weight' | 'capacity', readonly (readonly [string, number])[]>
> = {
  length: [
    ['cm', 10],
    ['in', 25.4],
    ['m', 1000],
  ],
  weight: [
    ['kg', 1000],
    ['oz', 28.35],
    ['lb', 453.6],
  ],
  capacity: [
    ['l', 1000],
    [mark('fl oz'), 29.57],
  ],
};
/** So many times more or less than drawn is no piece made by that drawing. */
const FAR = 3;
/** With another unit it would be so near. */
const NEAR = 1.35;

/** A measure held against the drawing's. A drawn 0 (a round mouth) has no size to be questioned by. */
export function against(
  of: Measure,
  drawn: number,
  made: number,
  letPass: LetPass = LET_PASS,
): Against {
  const share = BY_SHARE.has(of) && drawn > 0;
  const off = share ? made / drawn - 1 : made - drawn;
  const allowed = letPass[of];
  const passes = (of === 'ovality' ? off : Math.abs(off)) <= allowed * (1 + 1e-9);
  return { drawn, made, off, allowed, passes, meant: meantBy(of, drawn, made) };
}

function meantBy(of: Measure, drawn: number, made: number): Against['meant'] {
  if (drawn <= 0 || made <= 0) return undefined;
  const ratio = made / drawn;
  if (ratio < FAR && ratio > 1 / FAR) return undefined;
  const kinds = MISTAKEN[of === 'weight' || of === 'capacity' ? of : 'length'];
  const found = kinds

    .flatMap(([unit, one]) => [
      { unit: trWord(unit), value: made * one },
      { unit: tr`the other way round, ${trWord(unit)}`, value: made / one },
    ])
    .map((m) => ({ ...m, far: Math.abs(Math.log(m.value / drawn)) }))
    .reduce((a, b) => (b.far < a.far ? b : a));
  return found.far < Math.log(NEAR) ? { value: found.value, unit: found.unit } : undefined;
}
