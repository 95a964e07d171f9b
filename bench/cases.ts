// Pieces the bench derives.
import { startingProfile, type Profile } from '@zanfirico/core/form';
import { ORDINARY_FIRING, ORDINARY_MAKING, type PieceInput } from '@zanfirico/core/piece';

/** A bowl redrawn with so many points on its own curve. */
function withPoints(count: number): Profile {
  const base = startingProfile('bowl');
  return Array.from({ length: count }, (_, i) => {
    const at = (i / (count - 1)) * (base.length - 1);
    const k = Math.min(Math.floor(at), base.length - 2);
    const a = base[k];
    const b = base[k + 1];
    if (!a || !b) throw new Error('the starting bowl has too few points');
    const mix = (from: number, to: number): number => from + (to - from) * (at - k);
    return {
      height: mix(a.height, b.height),
      radius: mix(a.radius, b.radius),
      wall: mix(a.wall, b.wall),
    };
  });
}

/** A bowl of so many points. */
export const bowlOf = (points: number): PieceInput => ({
  form: 'bowl',
  way: 'furnace',
  parts: [{ profile: withPoints(points) }],
  making: ORDINARY_MAKING,
  firing: ORDINARY_FIRING,
});

/** Ten parts of twenty points, each standing on the last, with profiles nobody has read before. */
export function tenParts(): PieceInput {
  const parts = Array.from({ length: 10 }, (_, k) => ({
    name: `part ${String(k + 1)}`,
    profile: Array.from({ length: 20 }, (__, i) => ({
      height: 0.04 * (k + i / 19),
      radius: 0.02 + 0.008 * Math.sin((Math.PI * i) / 19) + 0.001 * (k % 3) * Math.sin(i),
      wall: 0.003,
    })),
    ...(k % 2 === 1 && { work: 'solid' as const }),
  }));
  return {
    form: 'stemmed',
    way: 'furnace',
    parts,
    making: ORDINARY_MAKING,
    firing: ORDINARY_FIRING,
  };
}

/** The same with one part drawn anew, as while dragging. */
export function dragged(before: PieceInput): PieceInput {
  const parts = before.parts.map((p, k) =>
    k === 4 ? { ...p, profile: p.profile.map((q) => ({ ...q })) } : p,
  );
  return { ...before, parts };
}
