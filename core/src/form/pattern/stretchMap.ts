// The stretch map: how a blank's skin becomes the final form's, ring by ring, glass conserved.
import type { OuterLine } from '../curve';
import type { Shape } from '../measure';

/** One place on both forms that is the same glass. Arc lengths from the base along the outside, m. */
export interface StretchRow {
  /** Share of the glass below it, 0 at the base to 1 at the blank's or final form's lip, whichever holds less. */
  readonly share: number;
  readonly blank: SkinPlace;
  readonly final: SkinPlace;
  /** Hoop (round) and meridian (along) stretch from blank to final. */
  readonly hoop: number;
  readonly meridian: number;
}

/** A place on a form's outside. */
export interface SkinPlace {
  readonly s: number;
  readonly radius: number;
  readonly height: number;
  readonly wall: number;
}

/** The whole map, and how the two glass volumes compare. */
export interface StretchMap {
  readonly rows: readonly StretchRow[];
  /** Glass in the blank over glass in the final form; above 1 the blank's top is trimmed or stays on the iron. */
  readonly glassRatio: number;
}

const ROWS = 120;

/**
 * Glass below each sample of the outside, m³: shell strips cut square to the skin, by Pappus. Along a wall it is exact;
 * at a crisp corner neighbouring strips overlap or gape a little (under 2 % of a form's whole).
 */
export function glassBelow({ outer }: Pick<Shape, 'outer'>): number[] {
  const total = [0];
  let sum = 0;
  const inside = (i: number): readonly [number, number] => {
    const n = outer.r.length;
    const a = Math.max(0, i - 1);
    const b = Math.min(n - 1, i + 1);
    const dr = (outer.r[b] as number) - (outer.r[a] as number);
    const dz = (outer.r[i] as number) < 1e-6 ? 0 : (outer.z[b] as number) - (outer.z[a] as number);
    const l = Math.hypot(dr, dz) || 1;
    const w = outer.wall[i] as number;
    return [
      Math.max(0, (outer.r[i] as number) - (dz / l) * w),
      (outer.z[i] as number) + (dr / l) * w,
    ];
  };
  let before = inside(0);
  for (let i = 1; i < outer.r.length; i += 1) {
    const here = inside(i);
    const r = [outer.r[i - 1] as number, outer.r[i] as number, here[0], before[0]];
    const z = [outer.z[i - 1] as number, outer.z[i] as number, here[1], before[1]];
    // Area times the way of its centroid (Pappus), summed as ∮ over the strip's four sides.
    let turned = 0;
    for (let k = 0; k < 4; k += 1) {
      const m = (k + 1) % 4;
      const [r0, r1] = [r[k] as number, r[m] as number];
      turned += (r0 * r0 + r0 * r1 + r1 * r1) * ((z[m] as number) - (z[k] as number));
    }
    sum += Math.max(0, (Math.PI / 3) * turned);
    total.push(sum);
    before = here;
  }
  return total;
}

const placeAt = (outer: OuterLine, below: readonly number[], volume: number): SkinPlace => {
  let low = 0;
  let high = below.length - 1;
  while (high - low > 1) {
    const m = (low + high) >> 1;
    if ((below[m] as number) <= volume) low = m;
    else high = m;
  }
  const a = below[low] as number;
  const b = below[high] as number;
  const t = b === a ? 0 : Math.min(1, Math.max(0, (volume - a) / (b - a)));
  const mix = (values: readonly number[]): number =>
    (values[low] as number) * (1 - t) + (values[high] as number) * t;
  return { s: mix(outer.s), radius: mix(outer.r), height: mix(outer.z), wall: mix(outer.wall) };
};

/** Maps a blank onto a final form, both blown hollow: equal glass counted from the base is the same glass. */
export function stretchMap(blank: Shape, final: Shape): StretchMap {
  const inBlank = glassBelow(blank);
  const inFinal = glassBelow(final);
  const most = Math.min(
    inBlank[inBlank.length - 1] as number,
    inFinal[inFinal.length - 1] as number,
  );
  const places = Array.from({ length: ROWS + 1 }, (_, i) => {
    // Crowded towards the base, where a little glass covers a lot of height.
    const share = (i / ROWS) ** 1.5;
    return {
      share,
      blank: placeAt(blank.outer, inBlank, share * most),
      final: placeAt(final.outer, inFinal, share * most),
    };
  });
  const rows = places.map((p, i): StretchRow => {
    const a = places[Math.max(0, i - 1)] as (typeof places)[number];
    const b = places[Math.min(ROWS, i + 1)] as (typeof places)[number];
    const ds = b.blank.s - a.blank.s;
    const onAxis = p.blank.radius < 1e-4 || p.final.radius < 1e-4;
    const meridian = ds > 0 ? (b.final.s - a.final.s) / ds : 1;
    return { ...p, hoop: onAxis ? meridian : p.final.radius / p.blank.radius, meridian };
  });
  return {
    rows,
    glassRatio: (inBlank[inBlank.length - 1] as number) / (inFinal[inFinal.length - 1] as number),
  };
}

/** The other form's place for an arc length on one; undefined above what the two share. */
export function across(
  map: StretchMap,
  from: 'blank' | 'final',
  s: number,
): StretchRow | undefined {
  const { rows } = map;
  const last = rows[rows.length - 1];
  if (!last || s > last[from].s + 1e-9 || s < -1e-9) return undefined;
  let i = rows.findIndex((r) => r[from].s >= s);
  if (i <= 0) i = 1;
  const a = rows[i - 1] as StretchRow;
  const b = rows[i] as StretchRow;
  const t = b[from].s === a[from].s ? 0 : (s - a[from].s) / (b[from].s - a[from].s);
  const mix = (p: number, q: number): number => p + (q - p) * t;
  const place = (p: SkinPlace, q: SkinPlace): SkinPlace => ({
    s: mix(p.s, q.s),
    radius: mix(p.radius, q.radius),
    height: mix(p.height, q.height),
    wall: mix(p.wall, q.wall),
  });
  return {
    share: mix(a.share, b.share),
    blank: place(a.blank, b.blank),
    final: place(a.final, b.final),
    hoop: mix(a.hoop, b.hoop),
    meridian: mix(a.meridian, b.meridian),
  };
}
