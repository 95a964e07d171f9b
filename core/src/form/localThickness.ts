// How thick the glass is from any place on its skin: by the largest ball inside it, the same for blown and solid work.
import type { OuterLine } from './curve';
import { beyond, BLOCK, blocksOf } from './blocks';
import { sharp } from './edges';
import { ON_AXIS, type Line } from './profile';

/** Balls are fitted under about so many places of the skin. */
const PLACES = 70;
/** Nearer the axis than this the hollow's line is none: the glass is solid there, m. */
const NO_BORE = 2e-5;
/**
 * Cosine of the angle, at a ball's middle, between the two places it touches: 180° in a wall, a rod or a fin, 90° behind a square
 * edge, 120° behind one of 60°, none under a rounded one (Siddiqi & Pizer, Medial Representations, 2008, call it the object angle,
 * doubled). Below 126° the skin runs out to an edge there, and that glass goes with what is behind it.
 */
const TO_EDGE = -0.588;
/** An edge lies within so many radii of the middle of the ball it goes with: a square one at √2, one of 60° at 2. */
const EDGE_SLACK = 2;
/** Every so manieth place of the skin is looked at first. */
const COARSE = 8;
/** Sine squared of the flattest angle to the skin at which another place counts as across the glass. */
const ALONG_SKIN = 0.0144;

interface Skin {
  readonly r: Float64Array;
  readonly z: Float64Array;
  readonly boxes: Float64Array;
}

/** The skin of the whole cut as one row of points, both sides; NaN where it is broken off: along the axis there is none. */
function skinOf(outer: OuterLine, inner: Line): Skin {
  const r: number[] = [];
  const z: number[] = [];
  // Of a run along the axis only its two ends are skin; between them there is none.
  let run = 0;
  const put = (pr: number, pz: number): void => {
    const axis = Math.abs(pr) < NO_BORE;
    run = axis ? run + 1 : 0;
    if (run === 2) {
      r.push(NaN);
      z.push(NaN);
    }
    if (run > 2) {
      r[r.length - 1] = pr;
      z[z.length - 1] = pz;
      return;
    }
    r.push(pr);
    z.push(pz);
  };
  for (const side of [1, -1]) {
    for (let i = 0; i < outer.r.length; i += 1)
      put(side * (outer.r[i] as number), outer.z[i] as number);
    for (let i = inner.r.length - 1; i >= 0; i -= 1)
      put(side * (inner.r[i] as number), inner.z[i] as number);
    put(side * (outer.r[0] as number), outer.z[0] as number);
    r.push(NaN);
    z.push(NaN);
    run = 0;
  }
  return { r: Float64Array.from(r), z: Float64Array.from(z), boxes: blocksOf(r, z) };
}

/** How thick the glass is along the skin, m. */
export interface Thickness {
  /** By the largest ball that reaches each place. */
  readonly thick: readonly number[];
  /** The same, but what sticks out no further than it is thick goes with what it stands on: it cools as one body with it. */
  readonly body: readonly number[];
}

/**
 * Local thickness along the skin, m: the diameter of the largest ball inside the glass that reaches the place
 * (Hildebrand & Rüegsegger, Journal of Microscopy 185, 1997). A ball's is its diameter, a rod's its diameter, a disc's
 * its height, a wall's the wall; where a blown part has no hollow, it is solid.
 */
export function localThickness(outer: OuterLine, inner: Line): Thickness {
  const n = outer.r.length;
  const skin = skinOf(outer, inner);
  const stride = Math.max(1, Math.round(n / PLACES));
  const fitted: Fitted[] = [];
  const fit = (at: number, r0: number, z0: number, nr: number, nz: number): void => {
    // No ball is under the very edge: at a lip, or where the skin turns sharply.
    const edge = onEdge(outer, at);
    const ball = edge ? { radius: 0, cos: 1 } : largestBall(skin, r0, z0, nr, nz);
    const { radius, cos } = ball;
    if (Number.isFinite(radius))
      fitted.push({ at, r: r0 + nr * radius, z: z0 + nz * radius, radius, edge: cos > TO_EDGE });
  };
  for (let i = 0; i < n; i = i === n - 1 ? n : Math.min(n - 1, i + stride)) {
    const a = Math.max(0, i - 1);
    const b = Math.min(n - 1, i + 1);
    const dr = (outer.r[b] as number) - (outer.r[a] as number);
    const dz = (outer.z[b] as number) - (outer.z[a] as number);
    const length = Math.sqrt(dr * dr + dz * dz) || 1;
    fit(i, outer.r[i] as number, outer.z[i] as number, -dz / length, dr / length);
  }
  const along = fitted.length;
  const whole = new Array<number>(n).fill(0);
  const edge = new Array<boolean>(n).fill(true);
  for (let k = 0; k < along; k += 1) {
    const here = fitted[k] as Fitted;
    const next = k + 1 < along ? fitted[k + 1] : undefined;
    const until = next?.at ?? n;
    whole[here.at] = 2 * here.radius;
    edge[here.at] = here.edge;
    // Between two places that are no edge it goes evenly from one to the other; beside an edge nothing is known yet.
    if (here.edge || next?.edge !== false) continue;
    for (let i = here.at + 1; i < until; i += 1) {
      const t = (i - here.at) / (until - here.at);
      whole[i] = 2 * (here.radius * (1 - t) + next.radius * t);
      edge[i] = false;
    }
  }
  // Flat ends of solid work have balls of their own.
  if ((outer.r[0] as number) > ON_AXIS && (inner.r[0] as number) < NO_BORE)
    fit(-1, 0, outer.z[0] as number, 0, 1);
  if ((outer.r[n - 1] as number) > ON_AXIS && (inner.r[inner.r.length - 1] as number) < NO_BORE)
    fit(-1, 0, outer.z[n - 1] as number, 0, -1);
  const own = [...whole];
  const crests = fitted.filter((_, k) => isCrest(fitted, k));
  const covered = (stubs: boolean): number[] => {
    const all = [...own];
    for (const ball of crests) cover(outer, ball, { own, edge, stubs }, all);
    behindEdges(outer.s, own, edge, all);
    return all.map((v, i) => (v > 0 ? v : 2 * Math.max(outer.r[i] as number, 1e-4)));
  };
  return { thick: covered(false), body: covered(true) };
}

/** Balls within so much of each other, as a share, are alike. */
const ALIKE = 0.002;

/**
 * Does a ball say more than its neighbours along the skin? One beside a larger says less than that, and one among others alike no more
 * than the first and the last of them.
 */
function isCrest(fitted: readonly Fitted[], k: number): boolean {
  const { radius } = fitted[k] as Fitted;
  const [a, b] = [fitted[k - 1]?.radius ?? 0, fitted[k + 1]?.radius ?? 0];
  const alike = (other: number): boolean => Math.abs(other - radius) <= ALIKE * radius;
  if (alike(a) && alike(b)) return false;
  return (radius >= a || alike(a)) && (radius >= b || alike(b));
}

/** Is this sample itself an edge that sticks out: an end off the axis, or a sharp turn towards the glass? */
function onEdge(outer: OuterLine, at: number): boolean {
  if (at < 0) return false;
  if (at === 0 || at === outer.r.length - 1) return (outer.r[at] as number) > ON_AXIS;
  return sharp(outer, at);
}

/**
 * What a ball reaches is as thick as it is across, and so are the edges that run out of it; with `stubs` also what sticks out of it by
 * no more than it is thick itself.
 */
function cover(
  { r, z }: OuterLine,
  ball: Ball,
  { own, edge, stubs }: { own: readonly number[]; edge: readonly boolean[]; stubs: boolean },
  whole: number[],
): void {
  const n = whole.length;
  const { radius } = ball;
  const across = 2 * radius;
  const far = (EDGE_SLACK * radius) ** 2;
  const off = (i: number): number =>
    ((r[i] as number) - ball.r) ** 2 + ((z[i] as number) - ball.z) ** 2;
  for (let i = 0; i < n; i += 1) {
    // An edge has no thickness of its own: it goes with its neighbours.
    const stub = stubs && edge[i] === false ? Math.min(own[i] as number, radius) : 0;
    const reach = radius * HAIR + stub;
    const dz = (z[i] as number) - ball.z;
    if (dz > reach || dz < -reach) continue;
    const dr = (r[i] as number) - ball.r;
    if (dr * dr + dz * dz > reach * reach) continue;
    if (across > (whole[i] as number)) whole[i] = across;
    for (let way = -1; way <= 1; way += 2)
      for (let k = i + way; edge[k] === true; k += way) {
        if (off(k) > far) break;
        if (across > (whole[k] as number)) whole[k] = across;
      }
  }
}

/** An edge is as thick as the glass it runs out of, where that begins within twice its thickness along the skin. */
function behindEdges(
  s: readonly number[],
  own: readonly number[],
  edge: readonly boolean[],
  whole: number[],
): void {
  const n = whole.length;
  for (const way of [1, -1]) {
    let from = -1;
    for (let i = way > 0 ? 0 : n - 1; i >= 0 && i < n; i += way) {
      if (edge[i] !== true) {
        from = i;
        continue;
      }
      if (from < 0) continue;
      const across = own[from] as number;
      const off = Math.abs((s[i] as number) - (s[from] as number));
      const known = whole[i] as number;
      // A lip drawn with few places has none nearer.
      if (known === 0 || (off <= EDGE_SLACK * across && across > known)) whole[i] = across;
    }
  }
}

/** Reached means touched too. */
const HAIR = 1 + 1e-9;

interface Ball {
  readonly r: number;
  readonly z: number;
  readonly radius: number;
}
interface Fitted extends Ball {
  /** The sample of the skin it touches. */
  readonly at: number;
  /** The skin runs out to an edge there. */
  readonly edge: boolean;
}

/**
 * Radius of the largest ball that touches the skin at a place, its middle along the normal, and stays inside the closed
 * outline of `m` sides. A ball that touches q has radius |q|²/(2 n·q); no q further away than twice the radius can
 * matter, so sides out of reach are passed over. Points of the same stretch of skin say nothing: they lie along it, not
 * across.
 */
function largestBall(
  { r, z, boxes }: Skin,
  r0: number,
  z0: number,
  nr: number,
  nz: number,
): { readonly radius: number; readonly cos: number } {
  const m = r.length - 1;
  // To begin with, the ball that touches the mirrored place across the axis.
  let radius = nr < 0 && nr * nr > ALONG_SKIN && r0 > 0 ? r0 / -nr : Infinity;
  // Where it touches, from the place it was begun at.
  let touchR = -2 * r0;
  let touchZ = 0;
  // A few places all round first: what they leave is so small that most of the skin is out of its reach.
  for (let j = 0; j < m; j += COARSE) {
    const dr = (r[j] as number) - r0;
    const dz = (z[j] as number) - z0;
    const d = nr * dr + nz * dz;
    const square = dr * dr + dz * dz;
    if (d > 0 && d * d > ALONG_SKIN * square && square < 2 * d * radius) {
      radius = square / (2 * d);
      touchR = dr;
      touchZ = dz;
    }
  }
  for (let j = 0; j < m; j += 1) {
    while (j % BLOCK === 0 && j < m && beyond(boxes, j / BLOCK, r0, z0, 2 * radius)) j += BLOCK;
    if (j >= m) break;
    const dr = (r[j] as number) - r0;
    const dz = (z[j] as number) - z0;
    const r1 = (r[j + 1] as number) - r0;
    const z1 = (z[j + 1] as number) - z0;
    const reach = 2 * radius;
    if (
      (dz > reach && z1 > reach) ||
      (dz < -reach && z1 < -reach) ||
      (dr > reach && r1 > reach) ||
      (dr < -reach && r1 < -reach)
    )
      continue;
    const er = r1 - dr;
    const ez = z1 - dz;
    const d = nr * dr + nz * dz;
    const square = dr * dr + dz * dz;
    if (d > 0 && d * d > ALONG_SKIN * square && square < 2 * d * radius) {
      radius = square / (2 * d);
      touchR = dr;
      touchZ = dz;
    }
    // Where along the side the least such ball touches: a quadratic.
    const c = er * er + ez * ez;
    const e = nr * er + nz * ez;
    const b = 2 * (dr * er + dz * ez);
    let t = -1;
    if (e * e < 1e-18 * c) t = c > 0 ? -b / (2 * c) : -1;
    else {
      const q = d / e;
      const under = q * q - (b * d - e * square) / (c * e);
      if (under >= 0) t = e > 0 ? Math.sqrt(under) - q : -Math.sqrt(under) - q;
    }
    if (!(t > 0 && t < 1)) continue;
    const pr = dr + t * er;
    const pz = dz + t * ez;
    const inwards = nr * pr + nz * pz;
    if (inwards <= 0) continue;
    const far = pr * pr + pz * pz;
    if (inwards * inwards > ALONG_SKIN * far && far < 2 * inwards * radius) {
      radius = far / (2 * inwards);
      touchR = pr;
      touchZ = pz;
    }
  }
  const cos = -(nr * (touchR - nr * radius) + nz * (touchZ - nz * radius)) / radius;
  return { radius, cos };
}
