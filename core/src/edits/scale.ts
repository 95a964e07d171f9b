// "Make it 50 mm wide": a part or the whole piece made larger or smaller in the same form, its walls kept or scaled with it.
import type { PiecePart, ProfilePoint } from '@zanfirico/contract/piece';
import { tr } from '../words/tr';
import type { BitShape } from '../form/bit';
import { LEAST_WALL, MOST_WALL } from '../form/checkProfile';
import { ON_IT } from '../form/presets';
import { profileSpan } from '../form/profile';
import { micron } from './micron';
import { lifted, type Liftable } from './parts';

/** Whether walls stay as thick as they are, or go with the form. */
export type Walls = 'kept' | 'scaled';

const points = (
  profile: readonly ProfilePoint[],
  by: number,
  from: number,
  walls: Walls,
): ProfilePoint[] =>
  profile.map((p) => ({
    ...p,
    height: micron(from + (p.height - from) * by),
    radius: micron(p.radius * by),
    wall:
      walls === 'kept' ? p.wall : Math.min(MOST_WALL, Math.max(LEAST_WALL, micron(p.wall * by))),
  }));

/** A part so many times as large about a height, its holes with it. */
const scaledOne = (part: PiecePart, by: number, from: number, walls: Walls): PiecePart => ({
  ...part,
  profile: points(part.profile, by, from, walls),
  ...(part.holes && {
    holes: part.holes.map((h) => ({
      ...h,
      height: micron(from + (h.height - from) * by),
      diameter: micron(h.diameter * by),
    })),
  }),
});

/** A bit's shape so many times as large; turns and facets stay. */
function shaped<S extends BitShape>(shape: S, by: number): S {
  const scaled = Object.entries(shape).map(([field, value]): [string, unknown] => {
    if (field === 'path')
      return [
        field,
        (value as readonly { out: number; up: number }[]).map((p) => ({
          out: micron(p.out * by),
          up: micron(p.up * by),
        })),
      ];
    if (field === 'positions') return [field, (value as readonly number[]).map((v) => v * by)];
    const length = typeof value === 'number' && field !== 'turns';
    return [field, length ? micron(value * by) : value];
  });
  return Object.fromEntries(scaled) as unknown as S;
}

/** The whole piece so many times as large, from the table up. A factor of nothing or less is an error of the caller. */
export function scaledWhole<D extends Liftable>(piece: D, by: number, walls: Walls): D {
  if (!(by > 0)) throw new RangeError(tr`A piece cannot be made ${by} times as large.`);
  return {
    ...piece,
    parts: piece.parts.map((p) => scaledOne(p, by, 0, walls)),
    ...(piece.bits && {
      bits: piece.bits.map((b) => ({
        ...b,
        shape: shaped(b.shape, by),
        place: { ...b.place, height: micron(b.place.height * by), out: micron(b.place.out * by) },
      })),
    }),
    ...(piece.fillLine !== undefined && { fillLine: micron(piece.fillLine * by) }),
    ...(piece.dimensions && {
      dimensions: piece.dimensions.map(({ from, to }) => ({
        from: { out: micron(from.out * by), height: micron(from.height * by) },
        to: { out: micron(to.out * by), height: micron(to.height * by) },
      })),
    }),
  };
}

/**
 * One part so many times as large where it stands; what stands on it, and bits higher up, go up or down with its top, as when a part is
 * put under them. `vessel` is the id of the part the fill line is in.
 */
export function scaledPart<D extends Liftable>(
  piece: D,
  id: string,
  by: number,
  walls: Walls,
  vessel?: string,
): D {
  if (!(by > 0)) throw new RangeError(tr`A part cannot be made ${by} times as large.`);
  const part = piece.parts.find((p) => p.id === id);
  if (!part) return piece;
  const [from, top] = profileSpan(part.profile);
  const room = lifted(piece, top - ON_IT, (top - from) * (by - 1), vessel);
  return {
    ...room,
    parts: room.parts.map((p) => (p.id === id ? scaledOne(part, by, from, walls) : p)),
  };
}
