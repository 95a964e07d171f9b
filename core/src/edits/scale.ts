// "Make it 50 mm wide": a part or the whole piece made larger or smaller in the same form, its walls kept or scaled with it.
import type { BitShape } from '../shape/bit';
import { LEAST_WALL, MOST_WALL } from '../shape/checkProfile';
import type { ProfilePoint } from '../shape/profile';

interface SizedPart {
  readonly id: string;
  readonly profile: readonly ProfilePoint[];
}
interface SizedBit {
  readonly shape: BitShape;
  readonly place: { readonly height: number; readonly out: number };
}
/** What a piece has that has a size. Lengths m. */
export interface Sized {
  readonly parts: readonly SizedPart[];
  readonly bits?: readonly SizedBit[] | undefined;
  readonly fillLine?: number | undefined;
}

/** Whether walls stay as thick as they are, or go with the form. */
export type Walls = 'kept' | 'scaled';

const MICRON = 1e6;
const round = (v: number): number => Math.round(v * MICRON) / MICRON;

const points = (
  profile: readonly ProfilePoint[],
  by: number,
  from: number,
  walls: Walls,
): ProfilePoint[] =>
  profile.map((p) => ({
    ...p,
    height: round(from + (p.height - from) * by),
    radius: round(p.radius * by),
    wall: walls === 'kept' ? p.wall : Math.min(MOST_WALL, Math.max(LEAST_WALL, round(p.wall * by))),
  }));

/** A bit's shape so many times as large; turns and facets stay. */
function shaped<S extends BitShape>(shape: S, by: number): S {
  const scaled = Object.entries(shape).map(([field, value]): [string, unknown] => {
    if (field === 'path')
      return [
        field,
        (value as readonly { out: number; up: number }[]).map((p) => ({
          out: round(p.out * by),
          up: round(p.up * by),
        })),
      ];
    if (field === 'positions') return [field, (value as readonly number[]).map((v) => v * by)];
    const length = typeof value === 'number' && field !== 'turns';
    return [field, length ? round(value * by) : value];
  });
  return Object.fromEntries(scaled) as unknown as S;
}

/** The whole piece so many times as large, from the table up. A factor of nothing or less is an error of the caller. */
export function scaledWhole<D extends Sized>(piece: D, by: number, walls: Walls): D {
  if (!(by > 0)) throw new RangeError(`A piece cannot be made ${String(by)} times as large.`);
  return {
    ...piece,
    parts: piece.parts.map((p) => ({ ...p, profile: points(p.profile, by, 0, walls) })),
    ...(piece.bits && {
      bits: piece.bits.map((b) => ({
        ...b,
        shape: shaped(b.shape, by),
        place: { ...b.place, height: round(b.place.height * by), out: round(b.place.out * by) },
      })),
    }),
    ...(piece.fillLine !== undefined && { fillLine: round(piece.fillLine * by) }),
  };
}

const lowest = ({ profile }: SizedPart): number => Math.min(...profile.map((p) => p.height));
const highest = ({ profile }: SizedPart): number => Math.max(...profile.map((p) => p.height));
/** What begins within this of a part's top stands on it, m. */
const ON_IT = 3e-4;

/** One part so many times as large where it stands; what stands on it, and bits higher up, go up or down with its top. */
export function scaledPart<D extends Sized>(piece: D, id: string, by: number, walls: Walls): D {
  if (!(by > 0)) throw new RangeError(`A part cannot be made ${String(by)} times as large.`);
  const part = piece.parts.find((p) => p.id === id);
  if (!part) return piece;
  const [from, top] = [lowest(part), highest(part)];
  const rises = round((top - from) * (by - 1));
  return {
    ...piece,
    parts: piece.parts.map((p) => {
      if (p.id === id) return { ...p, profile: points(p.profile, by, from, walls) };
      if (lowest(p) < top - ON_IT) return p;
      return { ...p, profile: p.profile.map((q) => ({ ...q, height: round(q.height + rises) })) };
    }),
    ...(piece.bits && {
      bits: piece.bits.map((b) =>
        b.place.height < top - ON_IT
          ? b
          : { ...b, place: { ...b.place, height: round(b.place.height + rises) } },
      ),
    }),
  };
}
