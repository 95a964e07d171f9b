// Solid work: a turned form that is glass right through, and how thick it is from any place on its skin.
import type { OuterLine } from './curve';
import type { InnerLine } from './inner';

/** A ball is fitted under every so many samples of the skin. */
const STRIDE = 5;
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
  // The whole cut: up the right side, down the left, closed flat at both ends.
  const r = [...outer.r, ...[...outer.r].reverse().map((v) => -v)];
  const z = [...outer.z, ...[...outer.z].reverse()];
  const balls: { r: number; z: number; radius: number }[] = [];
  const fit = (r0: number, z0: number, nr: number, nz: number): number => {
    let radius = Infinity;
    // A ball that touches (r0, z0) and q has radius |q|²/(2 n·q). Points of the same stretch of skin say nothing: they
    // lie along it, not across.
    const touch = (dr: number, dz: number): void => {
      const inwards = nr * dr + nz * dz;
      const square = dr * dr + dz * dz;
      if (inwards > 0 && inwards * inwards > ALONG_SKIN * square)
        radius = Math.min(radius, square / (2 * inwards));
    };
    for (let j = 0; j < r.length; j += 1) {
      const k = j + 1 === r.length ? 0 : j + 1;
      const dr = (r[j] as number) - r0;
      const dz = (z[j] as number) - z0;
      touch(dr, dz);
      // Where along the side j → k the least such ball touches: a quadratic.
      const er = (r[k] as number) - (r[j] as number);
      const ez = (z[k] as number) - (z[j] as number);
      const c = er * er + ez * ez;
      const d = nr * dr + nz * dz;
      const e = nr * er + nz * ez;
      const b = 2 * (dr * er + dz * ez);
      let t = -1;
      if (Math.abs(e) < 1e-9 * Math.sqrt(c)) t = c > 0 ? -b / (2 * c) : -1;
      else {
        const under = (d / e) ** 2 - (b * d - e * (dr * dr + dz * dz)) / (c * e);
        if (under >= 0) t = -d / e + Math.sign(e) * Math.sqrt(under);
      }
      if (t > 0 && t < 1) touch(dr + t * er, dz + t * ez);
    }
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
  return outer.r.map((pr, i) => {
    const pz = outer.z[i] as number;
    let best = own[i] as number;
    for (const ball of balls) {
      if (Math.hypot(pr - ball.r, pz - ball.z) <= EDGE_SLACK * ball.radius)
        best = Math.max(best, 2 * ball.radius);
    }
    return best > 0 ? best : 2 * Math.max(pr, 1e-4);
  });
}
