// Holes through a wall: the glass they take away, where the piece now runs out, and the mesh with them in it.
import type { WallHole } from '@zanfirico/contract/piece';
import { tr } from '../words/tr';
import type { ShapeProblem } from './checkProfile';
import type { Mesh } from './mesh';
import type { Shape } from './measure';
import { mm } from '../units/inWords';
import { widestAt } from './widestAt';

/** A hole wider than so much of the part there is a cut, not a hole. */
const WIDEST = 0.9;

/** Outer and inner radius of a form at a height, as it is turned, m; undefined where it has no wall there. */
function wallAt(
  { outer, inner, opening }: Pick<Shape, 'outer' | 'inner' | 'opening'>,
  height: number,
): { readonly out: number; readonly wall: number } | undefined {
  if (opening === 'solid') return undefined;
  const [out, inside] = [widestAt(outer, height), widestAt(inner, height)];
  return out === undefined || inside === undefined ? undefined : { out, wall: out - inside };
}

/** Why a hole cannot be where it is drawn; one sentence each. */
export function holeProblems(shape: Shape, holes: readonly WallHole[]): ShapeProblem[] {
  return holes.flatMap((hole, i): ShapeProblem[] => {
    const name = tr`Hole ${i + 1}`;
    const problem = (message: string): ShapeProblem[] => [
      { point: 0, field: 'height', given: hole.height, message },
    ];
    const half = hole.diameter / 2;
    for (const at of [hole.height - half, hole.height, hole.height + half])
      if (!wallAt(shape, at))
        return problem(
          tr`${name}: ${mm(hole.diameter)} across at ${mm(hole.height)} up; there is no wall with a hollow behind it all the way at that height. Move it, or make it smaller.`,
        );
    const here = wallAt(shape, hole.height);
    const most = 2 * WIDEST * (here?.out ?? 0) * (shape.cut?.near ?? 1);
    return hole.diameter > most
      ? problem(
          tr`${name}: ${mm(hole.diameter)} across; the part is ${mm(2 * (here?.out ?? 0))} wide there, so at most ${mm(most)}.`,
        )
      : [];
  });
}

/** Glass one hole takes, m³: a plug as long as the wall is thick there, along the hole. */
export function holeGlass(shape: Shape, hole: WallHole): number {
  const wall = wallAt(shape, hole.height)?.wall ?? 0;
  return (Math.PI / 4) * hole.diameter ** 2 * wall;
}

/**
 * A form with holes in it: so much less glass and skin, and it holds no further than the lower edge of the lowest. Thickness goes on as
 * it is: a hole cools from its own edge too.
 */
export function withHoles(shape: Shape, holes: readonly WallHole[]): Shape {
  if (holes.length === 0) return shape;
  let [glassVolume, moment, outsideArea] = [shape.glassVolume, shape.moment, shape.outsideArea];
  for (const hole of holes) {
    const taken = holeGlass(shape, hole);
    glassVolume -= taken;
    moment -= taken * hole.height;
    outsideArea -= (Math.PI / 4) * hole.diameter ** 2;
  }
  const centreOfMass = moment / glassVolume - shape.lowest;
  return {
    ...shape,
    glassVolume,
    moment,
    outsideArea,
    centreOfMass,
    tippingAngle: Math.atan2(shape.footRadius, centreOfMass),
    spills: Math.min(...holes.map((h) => h.height - h.diameter / 2)),
  };
}

type Corner = readonly [number, number, number];

/**
 * A closed mesh of a hollow part with holes through its wall. Faces that reach into a hole are taken away on both skins, the two rims
 * that leaves are drawn onto the hole's round, and a wall is set between them. A hole with no faces of its own at this fineness is
 * opened as far as the nearest corners and drawn onto its round all the same. Watertight where the mesh was.
 */
export function punchedMesh(mesh: Mesh, holes: readonly WallHole[]): Mesh {
  return holes.reduce((m, hole) => punched(m, hole), mesh);
}

function punched(mesh: Mesh, hole: WallHole): Mesh {
  const [ux, uy] = [Math.cos(hole.around), Math.sin(hole.around)];
  const corner = (i: number): Corner => [
    mesh.positions[3 * i] as number,
    mesh.positions[3 * i + 1] as number,
    mesh.positions[3 * i + 2] as number,
  ];
  /** Along the hole, across it, and up from its middle. */
  const seen = (i: number): Corner => {
    const [x, y, z] = corner(i);
    return [x * ux + y * uy, y * ux - x * uy, z - hole.height];
  };
  const n = mesh.positions.length / 3;
  const at = Array.from({ length: n }, (_, i) => seen(i));
  const facing = (i: number): boolean => (at[i] as Corner)[0] > 0;
  const off = (i: number): number => Math.hypot((at[i] as Corner)[1], (at[i] as Corner)[2]);
  // At least the nearest corners go.
  const nearest = Math.min(...at.map((_, i) => (facing(i) ? off(i) : Infinity)));
  const reach = Math.max(hole.diameter / 2, nearest * 1.2);
  const inside = (i: number): boolean => facing(i) && off(i) <= reach;
  const stay: number[] = [];
  const gone: number[] = [];
  for (let t = 0; t < mesh.triangles.length; t += 3) {
    const three = mesh.triangles.slice(t, t + 3);
    (three.some(inside) ? gone : stay).push(...three);
  }
  const loops = rims(gone, stay);
  const [one, other] = loops;
  // Two skins are gone through, or it is no hole: the part is left as it was.
  if (!one || !other || loops.length !== 2) return mesh;
  const positions = [...mesh.positions];
  for (const i of new Set([...one, ...other])) {
    const [along, across, up] = at[i] as Corner;
    const far = Math.hypot(across, up) || 1;
    const [a, u] = [(across * hole.diameter) / 2 / far, (up * hole.diameter) / 2 / far];
    positions[3 * i] = along * ux - a * uy;
    positions[3 * i + 1] = along * uy + a * ux;
    positions[3 * i + 2] = hole.height + u;
  }
  const triangles = [
    ...stay,
    ...zipped(one, other, (i) => Math.atan2((at[i] as Corner)[2], (at[i] as Corner)[1])),
  ];
  return { positions, triangles };
}

/** The closed rims of what is left, each walked as the faces that stay walk it. */
function rims(gone: readonly number[], stay: readonly number[]): number[][] {
  const edges = (list: readonly number[]): [number, number][] =>
    list.map((a, k) => [a, list[k % 3 === 2 ? k - 2 : k + 1] as number]);
  const left = new Set(edges(stay).map(([a, b]) => `${String(a)} ${String(b)}`));
  // An edge of what is gone whose other side stays.
  const next = new Map<number, number>();
  for (const [a, b] of edges(gone)) if (left.has(`${String(b)} ${String(a)}`)) next.set(b, a);
  const loops: number[][] = [];
  while (next.size > 0) {
    const [first] = next.keys();
    const loop: number[] = [];
    for (let i = first; i !== undefined && next.has(i);) {
      loop.push(i);
      const to: number | undefined = next.get(i);
      next.delete(i);
      i = to;
    }
    loops.push(loop);
  }
  return loops;
}

/** Faces between two rims walked opposite ways round the same hole, by their angle round it. */
function zipped(
  one: readonly number[],
  other: readonly number[],
  angle: (i: number) => number,
): number[] {
  const turn = (a: number): number => Math.atan2(Math.sin(a), Math.cos(a));
  const back = [...other].reverse();
  const from = angle(one[0] as number);
  const start = back.reduce(
    (best, i, k) =>
      Math.abs(turn(angle(i) - from)) < Math.abs(turn(angle(back[best] as number) - from))
        ? k
        : best,
    0,
  );
  const b = (k: number): number => back[(start + k) % back.length] as number;
  const a = (k: number): number => one[k % one.length] as number;
  const triangles: number[] = [];
  let [i, k] = [0, 0];
  while (i < one.length || k < back.length) {
    const onwards =
      k >= back.length ||
      (i < one.length &&
        Math.abs(turn(angle(a(i + 1)) - angle(b(k)))) <=
          Math.abs(turn(angle(b(k + 1)) - angle(a(i)))));
    if (onwards) {
      triangles.push(a(i + 1), a(i), b(k));
      i += 1;
    } else {
      triangles.push(a(i), b(k), b(k + 1));
      k += 1;
    }
  }
  return triangles;
}
