// The section of a piece as it stands in the box, meshed: its bodies about the axis as one, how it stands, how its hollow breathes.
import type { SectionStands } from '@zanfirico/contract/piece';
import { tr } from '../../words/tr';
import { unpacked } from '../../form/packedLine';
import type { Line } from '../../form/profile';
import { unitedLoops, type Loop, type Point } from './loops';
import { meshOf, MeshProblem, type SectionMesh, type SkinSide } from './mesh';
import { mostlyThick, ORDINARY_SIZE } from './sizing';
import type { Sees } from './warmth';

/** A body about the axis: its name, where along the axis it is, m, and its closed outline, packed; of a blown one its inside line too. */
export interface SectionBody {
  readonly name: string;
  readonly low: number;
  readonly high: number;
  /** Outside from the lowest place up, and inside (of a solid one the axis) the same way; see `packed`. */
  readonly outer: string;
  readonly inner: string;
  readonly hollow: boolean;
  /** A turn of a wrap about it: left out where it cannot be meshed with the rest. */
  readonly ring?: boolean | undefined;
}

/** What of a piece the night of its real section needs; plain data, for it crosses to the worker. m. */
export interface RealSection {
  /** The bodies that are one. */
  readonly bodies: readonly SectionBody[];
  /** The narrowest way into the hollow, and the hollow at its widest, m across the radius; 0 and 0 where there is none. */
  readonly mouth: number;
  readonly widestInside: number;
  /** So many times as big as its lines; 1 when left out. */
  readonly times?: number | undefined;
  /** What it is not: bits off the axis, parts that are not round. Said beside the answer. */
  readonly leavesOut: readonly string[];
}

/** What is assumed of how it stands. */
export interface SectionStanding {
  readonly stands: SectionStands;
  /** Inside corners are rounded so, m: a corner drawn sharp has no stress of its own. */
  readonly rounded: number;
  /** How much of the box its outside and its underside see, and of its mouth is open, 0 to 1; what `stands` says where left out. */
  readonly outside?: number | undefined;
  readonly under?: number | undefined;
  readonly opening?: number | undefined;
}

/** On posts, inside corners as glass rounds them. */
export const ORDINARY_STANDING: SectionStanding = { stands: 'free', rounded: 1e-3 };

/**
 * How much of the box each way of standing leaves in sight: the outside, the underside, the mouth. Lying, a strip touches the shelf
 * and the shelf is near all round it; packed, half of what it sees is other glass as warm as itself. From memory.
 */
const SIGHT: Readonly<Record<SectionStands, { outside: number; under: number; opening: number }>> =
  {
    free: { outside: 1, under: 1, opening: 1 },
    shelf: { outside: 1, under: 0, opening: 1 },
    rim: { outside: 1, under: 0, opening: 0 },
    lying: { outside: 0.8, under: 1, opening: 1 },
    packed: { outside: 0.5, under: 0, opening: 1 },
  };

/** What a way of standing leaves in sight, with what is told otherwise. */
export const sightOf = ({
  stands,
  outside,
  under,
  opening,
}: SectionStanding): {
  readonly outside: number;
  readonly under: number;
  readonly opening: number;
} => {
  const sight = SIGHT[stands];
  return {
    outside: outside ?? sight.outside,
    under: under ?? sight.under,
    opening: opening ?? sight.opening,
  };
};

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
export function seesOf(section: RealSection, standing: SectionStanding): Sees {
  const { outside, under, opening } = sightOf(standing);
  const byMouth = isNarrow(section) || (section.widestInside > 0 && opening < 1);
  const mouth = opening * Math.PI * section.mouth ** 2;
  return { outside, under, hollow: byMouth ? { mouth } : 'open' };
}

/** The same section so many times as big: walls measured too thin are this much thicker. */
export const grown = (section: RealSection, by: number): RealSection => ({
  ...section,
  times: by * (section.times ?? 1),
  mouth: section.mouth * by,
  widestInside: section.widestInside * by,
  bodies: section.bodies.map((b) => ({ ...b, low: b.low * by, high: b.high * by })),
});

/** A body's lines as they are. */
function linesOf(
  { outer, inner }: SectionBody,
  times: number,
): { readonly outer: Line; readonly inner: Line } {
  const line = (text: string): Line => {
    if (text === '') return { r: [], z: [] };
    const { r, z } = unpacked(text);
    return times === 1 ? { r, z } : { r: r.map((v) => v * times), z: z.map((v) => v * times) };
  };
  return { outer: line(outer), inner: line(inner) };
}

/** Up the outside, down the inside; points that fall on one another are one. */
function loopOf({ outer, inner }: { readonly outer: Line; readonly inner: Line }): Loop {
  const points = [
    ...outer.r.map((r, i) => ({ r, z: outer.z[i] })),
    ...inner.r.map((r, i) => ({ r, z: inner.z[i] })).reverse(),
  ];
  return points.filter((p, i) => {
    const q = points[(i + 1) % points.length] as Point;
    return Math.hypot(p.r - q.r, p.z - q.z) > 1e-9;
  });
}

/** How finely a section is meshed: for an answer, and for a search that will be looked at again. */
export type Fine = 'fine' | 'rough';
/** Edges are no longer than this, or in a big solid than this share of how thick it mostly is, m. */
const LONGEST = 1.8e-3;
const OF_THICK = 1 / 11;
/** A rough mesh is so much coarser: some third of the nodes. */
const ROUGHER = { longest: 2, through: 1.05, shortest: 9e-4, curve: 3.6e-3, area: 1e-2 };

/** Meshes it. Throws a MeshProblem, with the place, where that cannot be done. */
export function meshOfSection(
  section: RealSection,
  standing: SectionStanding,
  how: Fine = 'fine',
): SectionMesh {
  const lines = section.bodies.map((b) => linesOf(b, section.times ?? 1));
  const loops = unitedLoops(lines.map(loopOf), standing.rounded);
  const outer = loops.filter((l) => area(l) > 0);
  if (outer.length === 0) throw new MeshProblem(tr`There is no glass about the axis.`, undefined);
  if (outer.length > 1)
    throw new MeshProblem(
      tr`The parts about the axis do not touch here: they are not one body.`,
      outer[1]?.[0],
    );
  const points = loops.flat();
  const shelf =
    standing.stands === 'rim'
      ? Math.max(...points.map((p) => p.z))
      : Math.min(...points.map((p) => p.z));
  const insides = lines.flatMap(({ inner }, i) => (section.bodies[i]?.hollow ? [inner] : []));
  const sideOf = (p: Point): SkinSide => {
    if (Math.abs(p.z - shelf) < ON_SHELF) return 'under';
    return insides.some((line) => isNear(line, p)) ? 'inside' : 'outside';
  };
  const longest = Math.max(LONGEST, OF_THICK * mostlyThick(loops));
  return meshOf(loops, sideOf, {
    ...ORDINARY_SIZE,
    longest,
    ...(how === 'rough' && { ...ROUGHER, longest: ROUGHER.longest * longest }),
    corner: Math.max(3e-4, standing.rounded),
  });
}

/** Is a place within a millimetre or so of a line? */
function isNear({ r, z }: Line, p: Point): boolean {
  for (let i = 0; i + 1 < r.length; i += 1) {
    const [ar, az] = [r[i], z[i]];
    const [er, ez] = [r[i + 1] - ar, z[i + 1] - az];
    const square = er * er + ez * ez;
    const along = square > 0 ? ((p.r - ar) * er + (p.z - az) * ez) / square : 0;
    const t = Math.min(1, Math.max(0, along));
    if (Math.hypot(ar + t * er - p.r, az + t * ez - p.z) < NEAR) return true;
  }
  return false;
}

const area = (loop: Loop): number =>
  loop.reduce((sum, p, i) => {
    const q = loop[(i + 1) % loop.length];
    return sum + (p.r * q.z - q.r * p.z) / 2;
  }, 0);
