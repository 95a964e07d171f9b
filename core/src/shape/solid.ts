// Solid work: a turned form that is glass right through, and how thick it is from any place on its skin.
import type { OuterLine } from './curve';
import type { InnerLine } from './inner';

/** A ball is fitted under every so many samples of the skin. */
const STRIDE = 8;
/**
 * An edge that sticks out less than half the glass behind it goes with it: it lies within two radii of that ball's middle
 * (a square edge at √2, one of 60° at 2). Only fins that reach further out are thin glass on thick.
 */
const EDGE_SLACK = 2;
/** Sine squared of the flattest angle to the skin at which another place counts as across the glass. */
const ALONG_SKIN = 0.0144;

/** The "inside" of solid work: the axis itself, so that outline, volume and drawing need no case of their own. */
export function axisLine(outer: OuterLine): InnerLine {
  const last = outer.z.length - 1;
  return {
    r: [0, 0],
    z: [outer.z[0] as number, outer.z[last] as number],
    pinchedAt: undefined,
    longestCut: undefined,
  };
}

/**
 * Local thickness along the skin, m: the diameter of the largest ball inside the glass that reaches the place
 * (Hildebrand & Rüegsegger, Journal of Microscopy 185, 1997). A ball's is its diameter, a rod's its diameter, a disc's
 * its height.
 */
export function solidThickness(outer: OuterLine): number[] {
  const n = outer.r.length;
  const m = 2 * n;
  // The whole cut: up the right side, down the left, closed flat at both ends.
  const r = new Float64Array(m + 1);
  const z = new Float64Array(m + 1);
  for (let i = 0; i < n; i += 1) {
    r[i] = outer.r[i] as number;
    z[i] = outer.z[i] as number;
    r[m - 1 - i] = -(outer.r[i] as number);
    z[m - 1 - i] = outer.z[i] as number;
  }
  r[m] = r[0] as number;
  z[m] = z[0] as number;
  const balls: Ball[] = [];
  const fit = (r0: number, z0: number, nr: number, nz: number): number => {
    const radius = largestBall(r, z, m, r0, z0, nr, nz);
    if (!Number.isFinite(radius)) return 0;
    balls.push({ r: r0 + nr * radius, z: z0 + nz * radius, radius });
    return 2 * radius;
  };
  const own = new Array<number>(n).fill(0);
  let before = 0;
  for (let i = 0; i < n; i = i === n - 1 ? n : Math.min(n - 1, i + STRIDE)) {
    const a = Math.max(0, i - 1);
    const b = Math.min(n - 1, i + 1);
    const dr = (outer.r[b] as number) - (outer.r[a] as number);
    const dz = (outer.z[b] as number) - (outer.z[a] as number);
    const length = Math.hypot(dr, dz) || 1;
    own[i] = fit(outer.r[i] as number, outer.z[i] as number, -dz / length, dr / length);
    for (let k = before + 1; k < i; k += 1) {
      const t = (k - before) / (i - before);
      own[k] = (own[before] as number) * (1 - t) + (own[i] as number) * t;
    }
    before = i;
  }
  if ((outer.r[0] as number) > 0) fit(0, outer.z[0] as number, 0, 1);
  if ((outer.r[n - 1] as number) > 0) fit(0, outer.z[n - 1] as number, 0, -1);
  const whole = [...own];
  for (const ball of balls) {
    const within = EDGE_SLACK * ball.radius;
    const square = within * within;
    const across = 2 * ball.radius;
    for (let i = 0; i < n; i += 1) {
      const dz = (z[i] as number) - ball.z;
      if (dz > within || dz < -within || across <= (whole[i] as number)) continue;
      const dr = (r[i] as number) - ball.r;
      if (dr * dr + dz * dz <= square) whole[i] = across;
    }
  }
  return whole.map((v, i) => (v > 0 ? v : 2 * Math.max(r[i] as number, 1e-4)));
}

interface Ball {
  readonly r: number;
  readonly z: number;
  readonly radius: number;
}

/**
 * Radius of the largest ball that touches the skin at a place, its middle along the normal, and stays inside the closed
 * outline of `m` sides. A ball that touches q has radius |q|²/(2 n·q); no q further away than twice the radius can
 * matter, so sides out of reach are passed over. Points of the same stretch of skin say nothing: they lie along it, not
 * across.
 */
function largestBall(
  r: Float64Array,
  z: Float64Array,
  m: number,
  r0: number,
  z0: number,
  nr: number,
  nz: number,
): number {
  // To begin with, the ball that touches the mirrored place across the axis.
  let radius = nr < 0 && nr * nr > ALONG_SKIN && r0 > 0 ? r0 / -nr : Infinity;
  for (let j = 0; j < m; j += 1) {
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
    if (d > 0 && d * d > ALONG_SKIN * square && square < 2 * d * radius) radius = square / (2 * d);
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
    if (inwards * inwards > ALONG_SKIN * far && far < 2 * inwards * radius)
      radius = far / (2 * inwards);
  }
  return radius;
}
