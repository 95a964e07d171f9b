// Reading the glass: everything the form alone tells, from one walk along its two lines.
import type { Across, ProfilePoint } from '@zanfirico/contract/piece';
import { acrossProblem, cutOf, type Cut } from './across';
import { checkForm, checkPoints, type ShapeProblem } from './checkProfile';
import { outerLine, type OuterLine } from './curve';
import { innerLine, type InnerLine } from './inner';
import { insideOf, lineAlong, loftedArea, loftedLine, loftedTurned, type Lofted } from './lofted';
import { closedAtBase, closedAtTop, type Line, type Profile } from './profile';
import { sweptArea, turned, type Turned } from './revolve';
import { localThickness } from './localThickness';
import { axisLine } from './solid';
import { biggestStep, wallRange, type WallAt, type WallStep } from './thickness';

/** How the inside meets the air, which decides how it cools. */
export type MouthOpening = 'open' | 'narrow' | 'closed' | 'through' | 'solid';

/** The form's own facts. SI. */
export interface Shape {
  readonly outer: OuterLine;
  readonly inner: InnerLine;
  /** What it is cut across the axis, where it is not round: the lines are those of its widest plane. */
  readonly cut: Cut | undefined;
  /** The glass along every ray, where it is not round: a closed outline, as `glassOutline` is of a round one. */
  readonly lofted: Lofted | undefined;
  readonly glassVolume: number;
  readonly outsideArea: number;
  /** Brim capacity, m³; 0 for forms that hold nothing (closed, or open at the bottom). */
  readonly capacity: number;
  /** The hollow shut in a form closed at both ends, m³; 0 for every other. */
  readonly shutIn: number;
  readonly height: number;
  readonly lowest: number;
  /** Widest radius, m: half of what calipers read across. */
  readonly widest: number;
  /** Outer radius at the lip, m; 0 when closed. */
  readonly lipRadius: number;
  /** How thick the glass is under each place of the outer line, m: by the largest ball inside it. */
  readonly thick: readonly number[];
  /** The same with short stubs counted to what they stand on: what steps and cooling go by, m. */
  readonly body: readonly number[];
  readonly thickest: WallAt;
  readonly thinnest: WallAt;
  readonly step: WallStep;
  /** Height of the glass's centre of mass above the table, m. */
  readonly centreOfMass: number;
  /** Radius of the ring it stands on, m, to the edge it would tip over first; 0 for a round bottom. */
  readonly footRadius: number;
  /** Tilt at which the empty piece falls, rad: atan(r_foot / h_cm). */
  readonly tippingAngle: number;
  readonly opening: MouthOpening;
  /** The lowest place a hole lets it run out at, m; none where it has no hole. */
  readonly spills?: number | undefined;
  /** The tightest opening of the hollow above its widest place, m (radius). */
  readonly throat: number;
  /** ∫z dV of the glass about height 0, m⁴. */
  readonly moment: number;
}

/** A form read, or what has to be mended first. */
export type ShapeReading =
  | { readonly ok: true; readonly shape: Shape }
  | {
      readonly ok: false;
      readonly problems: readonly ShapeProblem[];
      readonly outer: OuterLine | undefined;
    };

/** Below this share of the widest radius the mouth is a neck, and the inside air hardly helps the cooling. */
const NARROW_MOUTH = 0.4;
/** The piece stands on whatever lies within this height of its lowest point, m. */
const FOOT_CONTACT = 1e-5;
/** A smaller ring than this is a point to roll on, m. */
const LEAST_FOOT = 0.002;

/** The glass itself as one closed outline: up the outside, across the lip, down the inside. */
export function glassOutline(outer: OuterLine, inner: InnerLine): Line {
  const close = (a: readonly number[], b: readonly number[]): number[] => [
    ...a,
    ...[...b].reverse(),
    a[0] as number,
  ];
  return { r: close(outer.r, inner.r), z: close(outer.z, inner.z) };
}

/** The inside up to the brim, the highest place a liquid must climb over. */
function hollowLine(outer: OuterLine, inner: InnerLine): Line {
  const r = [...inner.r, outer.r[outer.r.length - 1] as number];
  const z = [...inner.z, outer.z[outer.z.length - 1] as number];
  const brim = z.reduce((best, v, i) => (v > (z[best] as number) ? i : best), 0);
  return { r: r.slice(0, brim + 1), z: z.slice(0, brim + 1) };
}

/** What a hollow takes up to a height (m, as drawn), whatever its opening: volume m³ and its first moment about height 0, m⁴. */
export function contentsTo(shape: Shape, height: number): Turned {
  const { volume, moment } = hollowTo(shape, hollowOf(shape), height);
  return { volume: Math.max(0, volume), moment: Math.max(0, moment) };
}

/** What a line of the inside encloses, up to a height. */
const hollowTo = (
  { outer, cut }: Pick<Shape, 'outer' | 'cut'>,
  hollow: Line,
  height = Infinity,
): Turned => (cut ? loftedTurned(insideOf(outer, hollow, cut), height) : turned(hollow, height));

/** The glass itself, not round, as one closed outline: up the outside, across the lip, down the inside. */
function glassLofted(outer: Line, inner: Line, cut: Cut): Lofted {
  const down = { r: [...inner.r].reverse(), z: [...inner.z].reverse() };
  const { wide, deep, z } = loftedLine(outer, down, cut);
  const closed = (v: readonly number[]): number[] => [...v, v[0] as number];
  return { cut, wide: closed(wide), deep: closed(deep), z: closed(z) };
}

/** The hollow's line from its bottom up: to the brim where it is open, to its own top where it is shut. */
export const hollowOf = ({ outer, inner, opening }: Shape): Line =>
  opening === 'closed' ? inner : hollowLine(outer, inner);

/** Between which heights the hollow lies: its bottom and its brim, m. */
export function hollowRange(shape: Shape): readonly [number, number] {
  const { z } = hollowOf(shape);
  return [Math.min(...z), Math.min(Math.max(...z), shape.spills ?? Infinity)];
}

/**
 * Reads a profile: draws its curves, checks them, and measures. `poisson` sets how far a wall step is felt. Solid work
 * has no inside: its drawn walls are not asked. How thick the glass is, is told by the largest ball inside it for both.
 */
export function measureShape(
  points: Profile,
  poisson: number,
  solid = false,
  across?: Across,
): ShapeReading {
  const wrong = across && acrossProblem(across);
  const pointProblems = [
    ...checkPoints(points),
    ...(wrong === undefined
      ? []
      : [{ point: 0, field: 'radius' as const, given: NaN, message: wrong }]),
  ];
  if (pointProblems.length > 0) return { ok: false, problems: pointProblems, outer: undefined };
  const drawn = outerLine(points);
  const inner = solid ? axisLine(drawn) : innerLine(drawn);
  const cut = across && cutOf(across);
  const narrowest = cut ? nearest(drawn, inner, cut, solid) : { outer: drawn, inner };
  const { thick, body } = localThickness(narrowest.outer, narrowest.inner);
  const outer = solid ? { ...drawn, wall: [...thick] } : drawn;
  const problems = checkForm(points, outer, inner);
  if (problems.length > 0) return { ok: false, problems, outer };

  const lofted = cut && glassLofted(outer, inner, cut);
  const glass = lofted ? loftedTurned(lofted) : turned(glassOutline(outer, inner));
  const lowest = outer.z.reduce((m, v) => Math.min(m, v), Infinity);
  // The lip's inner edge may stand higher than the outline: a flared lip is cut square to its wall.
  const highest = Math.max(...outer.z, ...inner.z);
  const widest = outer.r.reduce((m, v) => Math.max(m, v), 0);
  const contact = outer.r.reduce(
    (m, v, i) => ((outer.z[i] as number) - lowest <= FOOT_CONTACT ? Math.max(m, v) : m),
    0,
  );
  const footRadius = contact < LEAST_FOOT ? 0 : contact * (cut?.stands ?? 1);
  const centreOfMass = glass.moment / glass.volume - lowest;
  const top = points[points.length - 1] as ProfilePoint;
  const holds = !solid && closedAtBase(points) && !closedAtTop(points);
  const throat = throatRadius(inner);
  const { thickest, thinnest } = wallRange(thick);
  return {
    ok: true,
    shape: {
      outer,
      inner,
      cut,
      lofted,
      glassVolume: glass.volume,
      outsideArea: cut ? loftedArea(outer, cut) : sweptArea(outer),
      capacity: holds ? Math.max(0, hollowTo({ outer, cut }, hollowLine(outer, inner)).volume) : 0,
      shutIn:
        !solid && closedAtBase(points) && closedAtTop(points)
          ? Math.max(0, hollowTo({ outer, cut }, inner).volume)
          : 0,
      height: highest - lowest,
      lowest,
      widest,
      lipRadius: top.radius,
      thickest,
      thinnest,
      thick,
      body,
      step: biggestStep(outer, body, poisson),
      centreOfMass,
      footRadius,
      tippingAngle: Math.atan2(footRadius, centreOfMass),
      opening: solid ? 'solid' : openingOf(points, throat, inner),
      throat,
      moment: glass.moment,
    },
  };
}

/** Poisson's ratio of ordinary glass, for a form looked at before its glass is known: it sets only how far a wall step is felt. */
const ANY_GLASS = 0.22;

/** What a part is measured by: its outline, whether it is solid, what it is cut across. */
export interface MeasuredShape {
  readonly profile: Profile;
  readonly work?: 'blown' | 'solid' | undefined;
  readonly across?: Across | undefined;
}

/** Reads a part wherever it is looked at: of its own glass where that is known, else of any. */
export const measurePart = (
  { profile, work, across }: MeasuredShape,
  poisson = ANY_GLASS,
): ShapeReading => measureShape(profile, poisson, work === 'solid', across);

/**
 * The form where its skin is nearest the axis: a wall's ball is no larger than that lets it be. Solid work is as thick as the largest
 * ball through its cut, which need not be on the axis.
 */
function nearest(
  outer: OuterLine,
  inner: InnerLine,
  cut: Cut,
  solid: boolean,
): { readonly outer: OuterLine; readonly inner: Line } {
  if (solid) return { outer: { ...outer, r: outer.r.map((r) => r * cut.ball) }, inner };
  const ray = cut.rho.indexOf(cut.near);
  return {
    outer: { ...outer, r: outer.r.map((r) => r * cut.near) },
    inner: lineAlong(insideOf(outer, inner, cut), ray),
  };
}

/** The tightest inside radius between the widest place of the hollow and the lip. */
function throatRadius(inner: InnerLine): number {
  let widest = 0;
  inner.r.forEach((r, i) => {
    if (r > (inner.r[widest] as number)) widest = i;
  });
  return inner.r.slice(widest).reduce((m, r) => Math.min(m, r), Infinity);
}

function openingOf(points: Profile, throat: number, inner: InnerLine): MouthOpening {
  if (closedAtTop(points)) return 'closed';
  if (!closedAtBase(points)) return 'through';
  const widest = inner.r.reduce((m, r) => Math.max(m, r), 0);
  return throat < NARROW_MOUTH * widest ? 'narrow' : 'open';
}
