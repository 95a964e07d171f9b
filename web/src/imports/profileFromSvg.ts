// A profile out of a drawn line: radius from the axis, height from the lowest place, walls as written or as told.
import type { ProfilePoint } from '@zanfirico/contract/piece';
import { MOST_POINTS, tangentAt } from '@zanfirico/core/form';
import { tr } from '@zanfirico/core/words';
import { onCubic, type Cubic, type SvgLine } from './svgLines';

/** How the line is to be read. */
export interface ProfileReading {
  readonly mmPerUnit: number;
  /** Where the axis stands in the drawing: the line's left or right edge, or x = 0. */
  readonly axis: 'left' | 'right' | 'zero';
  /** Wall for lines that bring none, m. */
  readonly wall: number;
  /** Height of the lowest place in the piece, m; undefined keeps the drawing's own zero (y = 0 is the table). */
  readonly lowest: number | undefined;
}

/** A tangent turns less than this in a smooth run, as a cosine (about 14°). */
const SMOOTH = 0.97;
/** Handles that differ by less than this (m per m of chord) are one tangent. */
const SAME_PULL = 0.004;
const ON_AXIS_MM = 0.05;
/** Points a curved span that fits no single tangent is broken into. */
const BREAK_INTO = 4;

interface Anchor {
  readonly x: number;
  readonly y: number;
  /** Tangents arriving and leaving, per length of chord; undefined at an end. */
  readonly into: readonly [number, number] | undefined;
  readonly out: readonly [number, number] | undefined;
  readonly wall: number | undefined;
  readonly crisp: boolean | undefined;
}

const chordOf = (c: Cubic): number => Math.hypot(c[6] - c[0], c[7] - c[1]) || 1;

function anchorsOf(line: SvgLine): Anchor[] {
  const tangent = (c: Cubic | undefined, end: 0 | 1): readonly [number, number] | undefined => {
    if (!c) return undefined;
    const k = 3 / chordOf(c);
    return end === 0
      ? [(c[2] - c[0]) * k, (c[3] - c[1]) * k]
      : [(c[6] - c[4]) * k, (c[7] - c[5]) * k];
  };
  const n = line.cubics.length;
  const written = line.walls?.length === n + 1 ? line.walls : undefined;
  return Array.from({ length: n + 1 }, (_, i) => {
    const before = line.cubics[i - 1];
    const after = line.cubics[i];
    return {
      x: after ? after[0] : (before?.[6] ?? 0),
      y: after ? after[1] : (before?.[7] ?? 0),
      into: tangent(before, 1),
      out: tangent(after, 0),
      wall: written?.[i],
      crisp: line.corners?.includes(i),
    };
  });
}

const cosine = (a: readonly [number, number], b: readonly [number, number]): number =>
  (a[0] * b[0] + a[1] * b[1]) / (Math.hypot(...a) * Math.hypot(...b) || 1);

const isCrisp = ({ into, out, crisp }: Anchor): boolean =>
  crisp ?? (into !== undefined && out !== undefined && cosine(into, out) < SMOOTH);

/** Does one tangent serve both sides of every smooth anchor, as the profile's own curves have it? */
const fitsExactly = (anchors: readonly Anchor[]): boolean =>
  anchors.every(
    (a) =>
      isCrisp(a) ||
      !a.into ||
      !a.out ||
      Math.hypot(a.into[0] - a.out[0], a.into[1] - a.out[1]) < SAME_PULL,
  );

/** The same line with every span broken up, so that the profile's own curve follows it closely. */
function broken(line: SvgLine): SvgLine {
  const per = Math.max(1, Math.min(BREAK_INTO, Math.floor((MOST_POINTS - 1) / line.cubics.length)));
  const straight = (c: Cubic): boolean =>
    cosine([c[2] - c[0], c[3] - c[1]], [c[6] - c[0], c[7] - c[1]]) > 0.9999 &&
    cosine([c[6] - c[4], c[7] - c[5]], [c[6] - c[0], c[7] - c[1]]) > 0.9999;
  const cubics = line.cubics.flatMap((c): Cubic[] => {
    const n = straight(c) ? 1 : per;
    return Array.from({ length: n }, (_, k) => part(c, k / n, (k + 1) / n));
  });
  return { ...line, cubics, walls: undefined, corners: undefined };
}

/** The stretch of a cubic between two of its places. */
function part(c: Cubic, from: number, to: number): Cubic {
  const slope = (t: number): readonly [number, number] => {
    const u = 1 - t;
    const at = (i: 0 | 1): number =>
      3 *
      (u * u * ((c[2 + i] as number) - c[i]) +
        2 * u * t * ((c[4 + i] as number) - (c[2 + i] as number)) +
        t * t * ((c[6 + i] as number) - (c[4 + i] as number)));
    return [at(0), at(1)];
  };
  const a = onCubic(c, from);
  const b = onCubic(c, to);
  const k = (to - from) / 3;
  const [p, q] = [slope(from), slope(to)];
  return [
    a[0],
    a[1],
    a[0] + p[0] * k,
    a[1] + p[1] * k,
    b[0] - q[0] * k,
    b[1] - q[1] * k,
    b[0],
    b[1],
  ];
}

/** Reads a line as a profile; throws a sentence when it cannot be one. */
export function profileFromLine(line: SvgLine, reading: ProfileReading): ProfilePoint[] {
  if (line.closed)
    throw new Error(
      tr`This path is closed. Draw only the outside, one open line from the middle of the base to the lip.`,
    );
  const exact = fitsExactly(anchorsOf(line));
  const anchors = anchorsOf(exact ? line : broken(line));
  if (anchors.length < 3 && line.cubics.length < 2)
    throw new Error(tr`This path has fewer than three points; a profile needs three at least.`);
  if (anchors.length > MOST_POINTS)
    throw new Error(
      tr`This path has ${anchors.length} points; at most ${MOST_POINTS} can be taken. Simplify it.`,
    );
  const xs = anchors.map((a) => a.x);
  const axisX =
    reading.axis === 'zero' ? 0 : reading.axis === 'left' ? Math.min(...xs) : Math.max(...xs);
  const side =
    reading.axis === 'right' || Math.max(...xs) - axisX < axisX - Math.min(...xs) ? -1 : 1;
  const lowestY = Math.max(...anchors.map((a) => a.y));
  const k = reading.mmPerUnit / 1e3;
  const baseY = reading.lowest === undefined ? 0 : lowestY;
  const raise = reading.lowest ?? 0;
  const upwards = (anchors[0]?.y ?? 0) >= (anchors[anchors.length - 1]?.y ?? 0);
  const ordered = upwards ? anchors : [...anchors].reverse();
  const round = (v: number): number => Number(v.toFixed(7));
  const points = ordered.map((a, i): ProfilePoint => {
    const off = (a.x - axisX) * side;
    const end = i === 0 || i === ordered.length - 1;
    const radius = Math.abs(off) * reading.mmPerUnit < ON_AXIS_MM && end ? 0 : off * k;
    if (radius < 0)
      throw new Error(
        tr`Point ${i + 1} of the path lies across the axis, ${Number((-radius * 1e3).toFixed(1))} mm on the other side. Choose another axis.`,
      );
    return {
      radius: round(radius),
      height: round((baseY - a.y) * k + raise),
      wall: a.wall === undefined ? reading.wall : a.wall / 1e3,
      ...(isCrisp(a) && { corner: true }),
    };
  });
  // Tangents stay only where the line would not find them by itself.
  return points.map((p, i) => {
    const a = ordered[i];
    const drawn = upwards ? (a?.out ?? a?.into) : (a?.into ?? a?.out);
    if (!drawn || p.corner === true || p.radius === 0) return p;
    const turn = upwards ? 1 : -1;
    const pull = { radius: drawn[0] * side * turn, height: -drawn[1] * turn };
    const own = tangentAt(points, i);
    return Math.hypot(own.radius - pull.radius, own.height - pull.height) < SAME_PULL
      ? p
      : { ...p, pull: { radius: round(pull.radius), height: round(pull.height) } };
  });
}
