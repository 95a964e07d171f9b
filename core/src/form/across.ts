// What a form looks like cut across its axis, where it is not round: paddled flat, square, ribbed, or drawn.
import type { Across } from '@zanfirico/contract/piece';
import { tr } from '../words/tr';

interface Place {
  readonly x: number;
  readonly y: number;
}

/** Rays from the axis a cut is told by, evenly round, the first along the width. */
export const RAYS = 180;

/** A cut as the rest of the house takes it. All in units of the profile's radius. */
export interface Cut {
  /** How far the skin is from the axis along each ray. */
  readonly rho: readonly number[];
  /** Along each ray, how much of it a wall takes up, against the wall square to the skin. */
  readonly lean: readonly number[];
  /** Its area, and its way round, against the circle's. */
  readonly area: number;
  readonly rim: number;
  /** The skin nearest the axis and furthest from it. */
  readonly near: number;
  readonly far: number;
  /** Radius of the largest ball that goes through it, wherever in it. */
  readonly ball: number;
  /** How far the nearest edge is it would tip over, standing on it: the least its support reaches in any direction. */
  readonly stands: number;
}

/** A corner is no thicker than so much of its wall along a ray: at a sharp one glass runs round inside. */
const MOST_LEAN = 1.5;

const angleOf = (k: number): number => (2 * Math.PI * k) / RAYS;

/**
 * The ray nearest to an angle round the axis, rad.
 *
 * @example
 * rayAt(Math.PI / 2) // 45
 */
export const rayAt = (angle: number): number =>
  ((Math.round(angle / angleOf(1)) % RAYS) + RAYS) % RAYS;

/** The last cuts made, by what they were made from: a drag asks for the same again and again. */
const kept = new Map<string, Cut>();
const KEPT = 12;

/** The cut of a form that is not round. Throws nothing: whether a drawn outline serves is `acrossProblem`'s to say. */
export function cutOf(across: Across): Cut {
  const key = JSON.stringify(across);
  const before = kept.get(key);
  if (before) return before;
  const made = makeCut(across);
  if (kept.size >= KEPT) kept.delete(kept.keys().next().value ?? '');
  kept.set(key, made);
  return made;
}

function makeCut(across: Across): Cut {
  const rho = Array.from({ length: RAYS }, (_, k) => rhoAt(across, angleOf(k)));
  if (across.kind === 'drawn') {
    // Drawn to any size: half the width it has is one.
    const half = halfWidth(rho);
    rho.forEach((v, k) => {
      rho[k] = v / half;
    });
  }
  const at = (k: number): number => rho[(k + RAYS) % RAYS] as number;
  const step = angleOf(1);
  const lean = rho.map((v, k) =>
    Math.min(MOST_LEAN, Math.hypot(1, (at(k + 1) - at(k - 1)) / (2 * step * v))),
  );
  const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / RAYS;
  const rim = rho.reduce(
    (sum, v, k) => sum + Math.sqrt(v * v + at(k + 1) ** 2 - 2 * v * at(k + 1) * Math.cos(step)),
    0,
  );
  return {
    rho,
    lean,
    area: mean(rho.map((v) => v * v)),
    rim: rim / (2 * Math.PI),
    near: Math.min(...rho),
    far: Math.max(...rho),
    ball: largestIn(rho),
    stands: Math.min(...rho.map((_, k) => supportOf(rho, angleOf(k)))),
  };
}

/** Looked for over so fine a grid, and again so often round the best of it, finer each time. */
const GRID = 12;
const ROUNDS = 4;

/** Radius of the largest circle inside a cut: from the axis outwards, wherever it has most room. */
function largestIn(rho: readonly number[]): number {
  const skin = rho.map((v, k) => [v * Math.cos(angleOf(k)), v * Math.sin(angleOf(k))] as const);
  const room = (x: number, y: number): number => {
    if (Math.hypot(x, y) > (rho[rayAt(Math.atan2(y, x))] as number)) return 0;
    return Math.sqrt(skin.reduce((m, [sx, sy]) => Math.min(m, (sx - x) ** 2 + (sy - y) ** 2), 9e9));
  };
  let best = { x: 0, y: 0, r: Math.min(...rho) };
  let span = Math.max(...rho);
  for (let round = 0; round < ROUNDS; round += 1) {
    const { x, y } = best;
    for (let i = -GRID; i <= GRID; i += 1)
      for (let j = -GRID; j <= GRID; j += 1) {
        const [px, py] = [x + (span * i) / GRID, y + (span * j) / GRID];
        const r = room(px, py);
        if (r > best.r) best = { x: px, y: py, r };
      }
    span /= GRID / 2;
  }
  return best.r;
}

/** How far a cut reaches in a direction. */
const supportOf = (rho: readonly number[], direction: number): number =>
  rho.reduce((most, v, k) => Math.max(most, v * Math.cos(angleOf(k) - direction)), -Infinity);

const halfWidth = (rho: readonly number[]): number =>
  (supportOf(rho, 0) + supportOf(rho, Math.PI)) / 2;

function rhoAt(across: Across, angle: number): number {
  const [c, s] = [Math.abs(Math.cos(angle)), Math.abs(Math.sin(angle))];
  switch (across.kind) {
    case 'oval': {
      const { depth, square: n } = across;
      return (c ** n + (s / depth) ** n) ** (-1 / n);
    }
    case 'ribs':
      return 1 - (across.depth / 2) * (1 - Math.cos(across.count * angle));
    case 'flats': {
      // Half a turn of one flat to either side of its middle; the first lies across the depth, so that the width stays.
      const each = (2 * Math.PI) / across.count;
      const from = angle - Math.PI / 2;
      const off = from - each * Math.round(from / each);
      return Math.min(1, (1 - across.depth) / Math.cos(Math.min(Math.abs(off), 1.5)));
    }
    case 'drawn':
      return crossing(centred(across.outline), angle) ?? 1;
  }
}

/** The outline with the middle of its area on the axis: a piece turns and hangs about that. */
export function centred(outline: readonly Place[]): readonly Place[] {
  let area = 0;
  let [mx, my] = [0, 0];
  outline.forEach((a, i) => {
    const b = outline[(i + 1) % outline.length] as Place;
    const twice = a.x * b.y - b.x * a.y;
    area += twice;
    mx += (a.x + b.x) * twice;
    my += (a.y + b.y) * twice;
  });
  if (area === 0) return outline;
  return outline.map(({ x, y }) => ({ x: x - mx / (3 * area), y: y - my / (3 * area) }));
}

/** How far along a ray from the axis the outline is crossed first. */
function crossing(outline: readonly Place[], angle: number): number | undefined {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  let least: number | undefined;
  outline.forEach((a, i) => {
    const b = outline[(i + 1) % outline.length] as Place;
    const [ea, eb] = [a.y * c - a.x * s, b.y * c - b.x * s];
    if (ea === eb || ea * eb > 0) return;
    const t = ea / (ea - eb);
    const far = (a.x + t * (b.x - a.x)) * c + (a.y + t * (b.y - a.y)) * s;
    if (far > 0 && (least === undefined || far < least)) least = far;
  });
  return least;
}

/** Why a cut cannot be used, in a sentence; undefined when it can. */
export function acrossProblem(across: Across): string | undefined {
  if (across.kind === 'flats' && across.depth > 1 - Math.cos(Math.PI / across.count))
    return tr`Flat spots: given ${Math.round(100 * across.depth)} % in; ${across.count} of them meet at ${Math.floor(100 * (1 - Math.cos(Math.PI / across.count)))} %, so no more than that.`;
  if (across.kind !== 'drawn') return undefined;
  const outline = centred(across.outline);
  // Once round, always the same way: every ray meets it once.
  let turned = 0;
  let way = 0;
  for (const [i, a] of outline.entries()) {
    const b = outline[(i + 1) % outline.length] as Place;
    const turn = Math.atan2(a.x * b.y - a.y * b.x, a.x * b.x + a.y * b.y);
    if (Math.abs(turn) < 1e-9) continue;
    if (way !== 0 && turn * way < 0)
      return tr`The outline across doubles back as seen from its middle: draw one that every line from the middle crosses once.`;
    way = turn;
    turned += turn;
  }
  return Math.abs(Math.abs(turned) - 2 * Math.PI) < 1e-3
    ? undefined
    : tr`The outline across does not go round its middle once: draw it closed, round about the axis.`;
}
