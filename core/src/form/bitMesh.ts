// Bits as closed meshes in their place: swept, turned and moved so that volumes come out exactly.
import type { BitPlace } from '@zanfirico/contract/piece';
import { bitVolume, smoothPath, type Bit, type BitShape, woundAt } from './bit';
import { joinedMesh, measureMesh, movedMesh, turnedMesh, type Mesh } from './mesh';

const SIDES = 24;

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

/** A place on a wrap's middle line after `t` turns, about its own anchor, m. */
export const onHelix = (
  wrap: Pick<Extract<BitShape, { kind: 'wrap' }>, 'turns' | 'pitch' | 'course'>,
  out: number,
  t: number,
): readonly [number, number, number] => {
  const up = (t - wrap.turns / 2) * wrap.pitch;
  const r = woundAt(wrap, up, out);
  return [r * Math.cos(2 * Math.PI * t) - out, r * Math.sin(2 * Math.PI * t), up];
};

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
      return swept(
        along.map((t) => onHelix(shape, out, t)),
        along.map((t) => {
          const a = 2 * Math.PI * t;
          const r = woundAt(shape, (t - shape.turns / 2) * shape.pitch, out);
          const slope = Math.hypot(2 * Math.PI * r, shape.pitch) || 1;
          const s = shape.pitch / slope;
          const c = (2 * Math.PI * r) / slope;
          return [
            [Math.cos(a), Math.sin(a), 0],
            [-Math.sin(a) * s, Math.cos(a) * s, -c],
          ] as const;
        }),
        shape.diameter,
        undefined,
      );
    }
    case 'pulled':
      return { positions: [], triangles: [] };
    case 'mesh':
      return { positions: shape.positions, triangles: shape.triangles };
  }
}

/** From a bit's own axes to the piece's, for copy number `k`. */
export function placing(
  place: BitPlace,
  k: number,
): (x: number, y: number, z: number) => readonly [number, number, number] {
  const c = Math.cos(place.tilt);
  const s = Math.sin(place.tilt);
  const a = place.around + (2 * Math.PI * k) / place.copies;
  const ca = Math.cos(a);
  const sa = Math.sin(a);
  return (x, y, z) => {
    const out = x * c + z * s + place.out;
    const up = -x * s + z * c + place.height;
    return [out * ca - y * sa, out * sa + y * ca, up];
  };
}

/** The bit in its place, all copies: closed meshes for the turning view and for taking away. */
export function bitMesh({ shape, place }: Bit): Mesh {
  const own = ownMesh(shape, place.out);
  return joinedMesh(
    Array.from({ length: place.copies }, (_, k) => movedMesh(own, placing(place, k))),
  );
}
