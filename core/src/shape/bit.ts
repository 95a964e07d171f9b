// Bits: parts off the axis (handle, spout, wing, prunt, dot, wrap, solid sculpture) that carry mass and thickness.
import { joinedMesh, measureMesh, movedMesh, openEdges, turnedMesh, type Mesh } from './mesh';

/** The shape of one bit. Lengths m. Axes: x away from the piece's axis, y along its surface, z up. */
export type BitShape =
  | { readonly kind: 'rod'; readonly diameter: number; readonly length: number }
  | { readonly kind: 'ball'; readonly diameter: number }
  /** Full widths along the three axes. */
  | { readonly kind: 'ellipsoid'; readonly x: number; readonly y: number; readonly z: number }
  | { readonly kind: 'box'; readonly x: number; readonly y: number; readonly z: number }
  /** A dot or prunt: a cap of a sphere that lies on the wall, facing away from the axis. */
  | { readonly kind: 'dot'; readonly diameter: number; readonly rise: number }
  /** A rod (or, with a wall, a tube: a spout) bent along points in the upright plane through the axis. */
  | {
      readonly kind: 'bent';
      readonly diameter: number;
      readonly wall?: number | undefined;
      readonly path: readonly { readonly out: number; readonly up: number }[];
    }
  /** A thread wound round the axis; its middle runs at the bit's distance from the axis. */
  | {
      readonly kind: 'wrap';
      readonly diameter: number;
      readonly turns: number;
      readonly pitch: number;
    }
  | {
      readonly kind: 'mesh';
      readonly positions: readonly number[];
      readonly triangles: readonly number[];
    };

/** Where a bit sits: its anchor's height and distance from the axis (m), round the axis and tilted outwards (rad). */
export interface BitPlace {
  readonly height: number;
  readonly out: number;
  readonly around: number;
  readonly tilt: number;
  /** So many of them, evenly round the axis. */
  readonly copies: number;
}

/** A bit as it is drawn. */
export interface Bit {
  readonly shape: BitShape;
  readonly place: BitPlace;
}

/** What one bit (all its copies together) adds. SI; centre about the axis and height 0. */
export interface BitMeasure {
  readonly volume: number;
  readonly area: number;
  /** Greatest thickness of its glass. */
  readonly thickness: number;
  readonly centre: readonly [number, number, number];
  readonly lowest: number;
  readonly highest: number;
  /** Furthest from the axis. */
  readonly reach: number;
}

const SIDES = 24;
const STEPS = 48;

/** Length of a smooth path through the points, and the path itself, finely. */
function smoothPath(path: readonly { readonly out: number; readonly up: number }[]): {
  x: number[];
  z: number[];
  length: number;
} {
  const x: number[] = [];
  const z: number[] = [];
  const at = (i: number) =>
    path[Math.min(path.length - 1, Math.max(0, i))] as { out: number; up: number };
  const per = Math.max(2, Math.ceil(STEPS / Math.max(1, path.length - 1)));
  const knot = (a: number, b: number, c: number, d: number, t: number): number =>
    0.5 *
    (2 * b +
      (c - a) * t +
      (2 * a - 5 * b + 4 * c - d) * t * t +
      (3 * b - a - 3 * c + d) * t * t * t);
  for (let i = 0; i < path.length - 1; i += 1)
    for (let k = i === 0 ? 0 : 1; k <= per; k += 1) {
      const [a, b, c, d] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
      x.push(knot(a.out, b.out, c.out, d.out, k / per));
      z.push(knot(a.up, b.up, c.up, d.up, k / per));
    }
  let length = 0;
  for (let i = 1; i < x.length; i += 1)
    length += Math.hypot(
      (x[i] as number) - (x[i - 1] as number),
      (z[i] as number) - (z[i - 1] as number),
    );
  return { x, z, length };
}

const disc = (d: number): number => (Math.PI / 4) * d * d;
const tubeArea = (d: number, wall: number | undefined): number =>
  wall === undefined ? disc(d) : disc(d) - disc(d - 2 * wall);

/** Length of a thread wound at a distance from the axis, m. */
const wound = (turns: number, pitch: number, radius: number): number =>
  turns * Math.hypot(2 * Math.PI * radius, pitch);

/** Glass in one bit, m³: closed forms (CRC tables), Pappus along a bent path, tetrahedra for a mesh. */
export function bitVolume(shape: BitShape, out: number): number {
  switch (shape.kind) {
    case 'rod':
      return disc(shape.diameter) * shape.length;
    case 'ball':
      return (Math.PI / 6) * shape.diameter ** 3;
    case 'ellipsoid':
      return (Math.PI / 6) * shape.x * shape.y * shape.z;
    case 'box':
      return shape.x * shape.y * shape.z;
    case 'dot':
      return (Math.PI / 6) * shape.rise * ((3 / 4) * shape.diameter ** 2 + shape.rise ** 2);
    case 'bent':
      return tubeArea(shape.diameter, shape.wall) * smoothPath(shape.path).length;
    case 'wrap':
      return disc(shape.diameter) * wound(shape.turns, shape.pitch, out);
    case 'mesh':
      return measureMesh(shape).volume;
  }
}

/** How thick a bit's glass is at most, m. For a mesh: three times volume over surface, as for a ball, doubled. */
function bitThickness(shape: BitShape): number {
  switch (shape.kind) {
    case 'rod':
      return Math.min(shape.diameter, shape.length);
    case 'ball':
    case 'wrap':
      return shape.diameter;
    case 'ellipsoid':
    case 'box':
      return Math.min(shape.x, shape.y, shape.z);
    case 'dot':
      return shape.rise;
    case 'bent':
      return shape.wall ?? shape.diameter;
    case 'mesh': {
      const { volume, area } = measureMesh(shape);
      return (6 * volume) / area;
    }
  }
}

/** A circle of so many sides with the area of the true one, so that volumes come out exactly. */
const evenCircle = (diameter: number, sides: number): number =>
  (diameter / 2) * Math.sqrt((2 * Math.PI) / (sides * Math.sin((2 * Math.PI) / sides)));

/** A tube or rod swept along a path; frames given by side vector and up vector at each place. */
function swept(
  centres: readonly (readonly [number, number, number])[],
  frames: readonly (readonly [
    readonly [number, number, number],
    readonly [number, number, number],
  ])[],
  diameter: number,
  wall: number | undefined,
): Mesh {
  const radii =
    wall === undefined
      ? [evenCircle(diameter, SIDES)]
      : [diameter, diameter - 2 * wall].map((d) => evenCircle(d, SIDES));
  const positions: number[] = [];
  const triangles: number[] = [];
  const n = centres.length;
  const skins = radii.map((radius) => {
    const base = positions.length / 3;
    centres.forEach((c, i) => {
      const [u, v] = frames[i] as (typeof frames)[number];
      for (let k = 0; k < SIDES; k += 1) {
        const a = (2 * Math.PI * k) / SIDES;
        const p = radius * Math.cos(a);
        const q = radius * Math.sin(a);
        positions.push(
          c[0] + p * u[0] + q * v[0],
          c[1] + p * u[1] + q * v[1],
          c[2] + p * u[2] + q * v[2],
        );
      }
    });
    return base;
  });
  const quad = (a: number, b: number, c: number, d: number): void => {
    triangles.push(a, b, c, a, c, d);
  };
  skins.forEach((base, s) => {
    for (let i = 0; i < n - 1; i += 1)
      for (let k = 0; k < SIDES; k += 1) {
        const next = (k + 1) % SIDES;
        const [a, b] = [base + i * SIDES + k, base + i * SIDES + next];
        if (s === 0) quad(a, b, b + SIDES, a + SIDES);
        else quad(b, a, a + SIDES, b + SIDES);
      }
  });
  const outer = skins[0] as number;
  const inner = skins[1];
  for (const end of [0, n - 1]) {
    const ring = outer + end * SIDES;
    if (inner === undefined) {
      const c = centres[end] as readonly [number, number, number];
      const middle = positions.length / 3;
      positions.push(...c);
      for (let k = 0; k < SIDES; k += 1) {
        const next = (k + 1) % SIDES;
        if (end === 0) triangles.push(middle, ring + next, ring + k);
        else triangles.push(middle, ring + k, ring + next);
      }
    } else {
      const bore = inner + end * SIDES;
      for (let k = 0; k < SIDES; k += 1) {
        const next = (k + 1) % SIDES;
        if (end === 0) quad(ring + next, ring + k, bore + k, bore + next);
        else quad(ring + k, ring + next, bore + next, bore + k);
      }
    }
  }
  return { positions, triangles };
}

/** One bit's mesh about its own anchor, before it is put in place. */
function ownMesh(shape: BitShape, out: number): Mesh {
  switch (shape.kind) {
    case 'rod': {
      const r = evenCircle(shape.diameter, 2 * SIDES);
      const h = shape.length / 2;
      return turnedMesh({ r: [0, r, r, 0], z: [-h, -h, h, h] }, 2 * SIDES);
    }
    case 'ball':
      return ownMesh(
        { kind: 'ellipsoid', x: shape.diameter, y: shape.diameter, z: shape.diameter },
        out,
      );
    case 'ellipsoid': {
      const rows = SIDES;
      const line = Array.from({ length: rows + 1 }, (_, i) => (Math.PI * i) / rows);
      const ball = turnedMesh(
        {
          r: line.map((a, i) => (i === 0 || i === rows ? 0 : Math.sin(a))),
          z: line.map((a) => -Math.cos(a)),
        },
        2 * SIDES,
      );
      const grow = Math.cbrt((4 * Math.PI) / 3 / measureMesh(ball).volume) / 2;
      return movedMesh(ball, (x, y, z) => [
        x * shape.x * grow,
        y * shape.y * grow,
        z * shape.z * grow,
      ]);
    }
    case 'box': {
      const square = turnedMesh({ r: [0, 1, 1, 0], z: [-0.5, -0.5, 0.5, 0.5] }, 4);
      return movedMesh(square, (x, y, z) => [
        ((x - y) / 2) * shape.x,
        ((x + y) / 2) * shape.y,
        z * shape.z,
      ]);
    }
    case 'dot': {
      // A cap: sphere radius from base and rise, turned about its own axis, then laid to face outwards.
      const a = shape.diameter / 2;
      const radius = (a * a + shape.rise ** 2) / (2 * shape.rise);
      const half = Math.acos(Math.max(-1, 1 - shape.rise / radius));
      const rows = 10;
      const arc = Array.from({ length: rows + 1 }, (_, i) => half * (1 - i / rows));
      const cap = turnedMesh(
        {
          r: [0, ...arc.map((t, i) => (i === rows ? 0 : radius * Math.sin(t)))],
          z: [0, ...arc.map((t) => radius * Math.cos(t) - radius + shape.rise)],
        },
        SIDES,
      );
      const even = Math.sqrt(bitVolume(shape, out) / measureMesh(cap).volume);
      return movedMesh(cap, (x, y, z) => [z, x * even, y * even]);
    }
    case 'bent': {
      const { x, z } = smoothPath(shape.path);
      const n = x.length;
      return swept(
        x.map((v, i) => [v, 0, z[i] as number] as const),
        x.map((_, i) => {
          const a = Math.max(0, i - 1);
          const b = Math.min(n - 1, i + 1);
          const dx = (x[b] as number) - (x[a] as number);
          const dz = (z[b] as number) - (z[a] as number);
          const l = Math.hypot(dx, dz) || 1;
          return [
            [dz / l, 0, -dx / l],
            [0, 1, 0],
          ] as const;
        }),
        shape.diameter,
        shape.wall,
      );
    }
    case 'wrap': {
      const steps = Math.max(24, Math.ceil(shape.turns * 64));
      const along = Array.from({ length: steps + 1 }, (_, i) => (i / steps) * shape.turns);
      const slope = Math.hypot(2 * Math.PI * out, shape.pitch) || 1;
      return swept(
        along.map((t) => {
          const a = 2 * Math.PI * t;
          return [
            out * Math.cos(a) - out,
            out * Math.sin(a),
            (t - shape.turns / 2) * shape.pitch,
          ] as const;
        }),
        along.map((t) => {
          const a = 2 * Math.PI * t;
          const s = shape.pitch / slope;
          const c = (2 * Math.PI * out) / slope;
          return [
            [Math.cos(a), Math.sin(a), 0],
            [-Math.sin(a) * s, Math.cos(a) * s, -c],
          ] as const;
        }),
        shape.diameter,
        undefined,
      );
    }
    case 'mesh':
      return { positions: shape.positions, triangles: shape.triangles };
  }
}

/** The bit in its place, all copies: closed meshes for the turning view and for taking away. */
export function bitMesh({ shape, place }: Bit): Mesh {
  const own = ownMesh(shape, place.out);
  const c = Math.cos(place.tilt);
  const s = Math.sin(place.tilt);
  return joinedMesh(
    Array.from({ length: place.copies }, (_, k) => {
      const a = place.around + (2 * Math.PI * k) / place.copies;
      const ca = Math.cos(a);
      const sa = Math.sin(a);
      return movedMesh(own, (x, y, z) => {
        const out = x * c + z * s + place.out;
        const up = -x * s + z * c + place.height;
        return [out * ca - y * sa, out * sa + y * ca, up];
      });
    }),
  );
}

/** Measures a bit with all its copies. */
export function measureBit(bit: Bit): BitMeasure {
  const { shape, place } = bit;
  const mesh = bitMesh(bit);
  const { area, centre } = measureMesh(mesh);
  let lowest = Infinity;
  let highest = -Infinity;
  let reach = 0;
  for (let i = 0; i < mesh.positions.length; i += 3) {
    const z = mesh.positions[i + 2] as number;
    lowest = Math.min(lowest, z);
    highest = Math.max(highest, z);
    reach = Math.max(
      reach,
      Math.hypot(mesh.positions[i] as number, mesh.positions[i + 1] as number),
    );
  }
  return {
    volume: bitVolume(shape, place.out) * place.copies,
    area,
    thickness: bitThickness(shape),
    centre,
    lowest,
    highest,
    reach,
  };
}

/** What is wrong with a bit itself, in a sentence, or undefined. */
export function bitProblem({ shape, place }: Bit, name: string): string | undefined {
  const mm = (v: number): string => `${String(Number((v * 1e3).toFixed(2)))} mm`;
  if (shape.kind === 'bent') {
    if (shape.wall !== undefined && 2 * shape.wall >= shape.diameter)
      return `${name}: its wall, ${mm(shape.wall)}, leaves no bore in ${mm(shape.diameter)}; thin the wall or leave it out for solid rod.`;
    if (!(smoothPath(shape.path).length > 1e-4))
      return `${name}: its path has no length; move its points apart.`;
  }
  if (shape.kind === 'wrap' && place.out < shape.diameter / 2)
    return `${name}: it is wound ${mm(place.out)} from the axis, closer than its own half thickness; move it out.`;
  if (shape.kind === 'wrap' && shape.turns > 1 && Math.abs(shape.pitch) < shape.diameter)
    return `${name}: its turns rise ${mm(shape.pitch)} each, less than its ${mm(shape.diameter)}, so they run into each other; raise the pitch.`;
  if (shape.kind === 'dot' && shape.rise > shape.diameter)
    return `${name}: it rises ${mm(shape.rise)} from a base of ${mm(shape.diameter)}; a dot rises less than its width.`;
  if (shape.kind === 'mesh') {
    const [open] = openEdges(shape);
    if (open)
      return `${name}: the mesh is not closed near ${open.at.map((v) => mm(v)).join(', ')}; mend it where it was made and read it in again.`;
    if (measureMesh(shape).volume <= 0)
      return `${name}: the mesh is inside out; flip its faces where it was made.`;
  }
  return undefined;
}
