// The form that comes out of the kiln: a slab of its outline, or a shell as it hangs, with all of its glass in it.

import type { Across } from '@zanfirico/contract/piece';
import type { Mould, ShelfSpot } from '@zanfirico/contract/kiln';
import { measurePart } from '../form/measure';
import type { Profile } from '../form/profile';
import { thinned } from '../form/thinned';
import { asRound, outlineBounds, signedArea } from './laid';
import { isChannel } from './mould';

/** As a part of the piece takes it. m. */
export interface KilnForm {
  readonly profile: Profile;
  readonly across: Across | undefined;
  readonly work: 'solid' | 'blown';
}

/** A sheet as it hangs: distances from the middle, how far down, how thick; how thick it was. */
interface Hung {
  readonly out: readonly number[];
  readonly hangs: readonly number[];
  readonly thick: readonly number[];
  readonly sheet: number;
}

/** An outline moved out square to itself (in, less than nothing): each corner along the mean of its two sides. */
export function offset(outline: readonly ShelfSpot[], by: number): ShelfSpot[] {
  if (by === 0) return [...outline];
  const n = outline.length;
  const sense = Math.sign(signedArea(outline)) || 1;
  return outline.map((p, i) => {
    const [a, b] = [outline[(i + n - 1) % n], outline[(i + 1) % n]];
    const [u, v] = [normal(a, p, sense), normal(p, b, sense)];
    const lean = 1 + u.x * v.x + u.y * v.y;
    // A needle's tip is not sent to infinity.
    const far = by / Math.max(lean, 0.3);
    return { x: p.x + far * (u.x + v.x), y: p.y + far * (u.y + v.y) };
  });
}
const normal = (a: ShelfSpot, b: ShelfSpot, sense: number): ShelfSpot => {
  const long = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  return { x: (sense * (b.y - a.y)) / long, y: (-sense * (b.x - a.x)) / long };
};

/** The form with all of its glass in it: its walls, or a slab's height, so much more or less as it was drawn with fewer points. */
export function keeps(form: KilnForm, volume: number): KilnForm {
  let now = form;
  for (let turn = 0; turn < 5; turn += 1) {
    const read = measurePart({
      work: now.work,
      profile: now.profile,
      ...(now.across && { across: now.across }),
    });
    if (!read.ok) return now;
    const more = volume / read.shape.glassVolume;
    if (Math.abs(more - 1) < 1e-9) return now;
    const profile = now.profile.map((p) => ({
      ...p,
      wall: p.wall * more,
      ...(now.work === 'solid' && { height: p.height * more }),
    }));
    now = { ...now, profile };
  }
  return now;
}

/** Corners an outline is given on with at most. */
const MOST_CORNERS = 120;

/** The form that comes out: a slab, or a shell as it hangs. A channel bends one way only, which no turned form shows: it stays a slab. */
export function formOf(
  outline: readonly ShelfSpot[],
  middle: ShelfSpot,
  thick: number,
  hung: Hung | undefined,
  mould: Mould | undefined,
): KilnForm {
  const b = outlineBounds([outline]);
  const round = asRound(outline);
  const half = round?.radius ?? (b.right - b.left) / 2;
  const every = Math.ceil(outline.length / MOST_CORNERS);
  const across: Across | undefined = round
    ? undefined
    : {
        kind: 'drawn',
        outline: outline
          .filter((_, i) => i % every === 0)
          .map((p) => ({ x: p.x - middle.x, y: p.y - middle.y })),
      };
  if (!hung || !mould || isChannel(mould))
    return {
      work: 'solid',
      across,
      profile: [
        { height: 0, radius: 0, wall: thick },
        { height: 0, radius: half, wall: thick, corner: true },
        { height: thick, radius: half, wall: thick, corner: true },
        { height: thick, radius: 0, wall: thick },
      ],
    };
  const low = Math.max(...hung.hangs);
  const reach = Math.min(half, mould.across / 2);
  const points = plain(
    hung.out.map((r, k) => ({
      height: round6(low - hung.hangs[k]),
      radius: round6((r / (mould.across / 2)) * reach),
      wall: Math.max(0.0004, round6(hung.thick[k])),
    })),
  );
  const rim = points[points.length - 1];
  // What lies past the mould's mouth stays flat.
  if (rim && half > reach + 0.002)
    return {
      work: 'blown',
      across,
      profile: [...points, { ...rim, radius: round6(half), wall: round6(hung.sheet) }],
    };
  return { work: 'blown', across, profile: points };
}
/** What a line may leave out, m. */
const LEFT_OUT = 0.0003;

/** The same line with fewer points; three at least. */
function plain<P extends { readonly height: number; readonly radius: number }>(
  points: readonly P[],
): P[] {
  const kept = thinned(
    points.map((p) => p.radius),
    points.map((p) => p.height),
    LEFT_OUT,
  );
  const all = kept.length > 2 ? kept : [0, points.length >> 1, points.length - 1];
  return all.flatMap((i) => points[i] ?? []);
}
const round6 = (v: number): number => Number(v.toFixed(6));
