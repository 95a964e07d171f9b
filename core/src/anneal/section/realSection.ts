// The section of a piece as it stands in the box, meshed: its bodies about the axis as one, how it stands, how its hollow breathes.
import type { Line } from '../../shape/profile';
import { unitedLoops, type Loop, type Point } from './loops';
import { meshOf, MeshProblem, ORDINARY_SIZE, type SectionMesh, type SkinSide } from './mesh';
import type { Sees } from './warmth';

/** How a piece stands: free all round (a grid, posts), flat on the shelf, or on its rim, mouth down. */
export type Stands = 'free' | 'shelf' | 'rim';

/** What of a piece the night of its real section needs; plain data, for it crosses to the worker. m. */
export interface RealSection {
  /** Closed outlines of the bodies that are one, about the axis. */
  readonly outlines: readonly Line[];
  /** Inside lines of the blown ones. */
  readonly insides: readonly Line[];
  /** The narrowest way into the hollow, and the hollow at its widest, m across the radius; 0 and 0 where there is none. */
  readonly mouth: number;
  readonly widestInside: number;
  /** The bodies by name, and where along the axis each is, m. */
  readonly bodies: readonly {
    readonly name: string;
    readonly low: number;
    readonly high: number;
  }[];
  /** What it is not: bits off the axis, parts that are not round. Said beside the answer. */
  readonly leavesOut: readonly string[];
}

/** What is assumed of how it stands. */
export interface SectionStanding {
  readonly stands: Stands;
  /** Inside corners are rounded so, m: a corner drawn sharp has no stress of its own. */
  readonly rounded: number;
}

/** On posts, inside corners as glass rounds them. */
export const ORDINARY_STANDING: SectionStanding = { stands: 'free', rounded: 1e-3 };

/** A hollow whose mouth is narrower than this share of it breathes by the mouth; wider, on both sides. */
const NARROW = 0.5;
/** On the shelf within this, m. */
const ON_SHELF = 3e-4;
/** A place is of the hollow within this of its line, m. */
const NEAR = 1.2e-3;

/** Does the hollow breathe by its mouth alone? */
export const isNarrow = ({ mouth, widestInside }: RealSection): boolean =>
  widestInside > 0 && mouth < NARROW * widestInside;

/** How its skin stands to the box. */
export function seesOf(section: RealSection, { stands }: SectionStanding): Sees {
  const narrow = isNarrow(section);
  // Mouth down the hollow is shut by the shelf.
  const mouth = stands === 'rim' ? 0 : Math.PI * section.mouth ** 2;
  return {
    outside: 1,
    under: stands === 'free' ? 1 : 0,
    hollow: narrow || (stands === 'rim' && section.widestInside > 0) ? { mouth } : 'open',
  };
}

const loopOf = ({ r, z }: Line): Loop => {
  const points = r.map((v, i) => ({ r: v, z: z[i] as number }));
  const [a, b] = [points[0], points.at(-1)];
  return a && b && Math.hypot(a.r - b.r, a.z - b.z) < 1e-9 ? points.slice(0, -1) : points;
};

/** Meshes it. Throws a MeshProblem, with the place, where that cannot be done. */
export function meshOfSection(section: RealSection, standing: SectionStanding): SectionMesh {
  const loops = unitedLoops(section.outlines.map(loopOf), standing.rounded);
  const outer = loops.filter((l) => area(l) > 0);
  if (outer.length === 0) throw new MeshProblem('There is no glass about the axis.', undefined);
  if (outer.length > 1)
    throw new MeshProblem(
      'The parts about the axis do not touch here: they are not one body.',
      outer[1]?.[0],
    );
  const points = loops.flat();
  const shelf =
    standing.stands === 'rim'
      ? Math.max(...points.map((p) => p.z))
      : Math.min(...points.map((p) => p.z));
  const skins = section.insides.flatMap(({ r, z }) =>
    r.map((v, i) => [v, z[i] as number] as const),
  );
  const sideOf = (p: Point): SkinSide => {
    if (Math.abs(p.z - shelf) < ON_SHELF) return 'under';
    return skins.some(([r, z]) => Math.hypot(r - p.r, z - p.z) < NEAR) ? 'inside' : 'outside';
  };
  return meshOf(loops, sideOf, { ...ORDINARY_SIZE, corner: Math.max(3e-4, standing.rounded) });
}

const area = (loop: Loop): number =>
  loop.reduce((sum, p, i) => {
    const q = loop[(i + 1) % loop.length] as Point;
    return sum + (p.r * q.z - q.r * p.z) / 2;
  }, 0);
