// A drawn section put through a curve as it stands, and what came of it in a few figures with their places.
import { tr } from '../../words/tr';
import type { BoxExchange } from '../../conduction/lattice';
import type { Glass } from '../../glass/glass';
import type { KilnCurve } from '../relaxing/walkCurve';
import { skinNear } from './depth';
import type { Point } from './loops';
import { MeshProblem, type SectionMesh } from './mesh';
import { sectionNight, type SectionNight, type SectionTrace } from './night';
import { placeName } from './placeName';
import {
  meshOfSection,
  seesOf,
  type Fine,
  type RealSection,
  type SectionStanding,
} from './realSection';

/** A section and how it stands. */
export interface DrawnSection {
  readonly section: RealSection;
  readonly standing: SectionStanding;
}

/** A tension and its place in the trade's words. */
export interface Somewhere extends Point {
  readonly stress: number;
  /** "in the middle of the foot", "where the bowl meets the merese". */
  readonly where: string;
  readonly at: 'skin' | 'middle';
}

/** What a curve did to a section. Pa, °C, s. */
export interface SectionOutcome {
  /** Of several bodies which it is: 0 the piece, then what stands apart from it. */
  readonly of?: number | undefined;
  readonly keeps: Somewhere;
  readonly pressed: number;
  readonly worst: Somewhere & {
    readonly time: number;
    readonly kiln: number;
    readonly temperature: number;
  };
  readonly soaked: number;
  readonly trace: SectionTrace;
  /** Where a picture was asked for: the mesh, and how it was, moment by moment. */
  readonly picture?: { readonly mesh: SectionMesh; readonly night: SectionNight } | undefined;
}

/** How a body comes from the bench: °C at its skin and in its middle, and where along the axis that is, m. */
export interface ArrivingBody {
  readonly low: number;
  readonly high: number;
  readonly skin: number;
  readonly middle: number;
}

/** How it is put through. */
export interface SectionThrough {
  readonly start?: number | undefined;
  readonly startFictive?: number | undefined;
  readonly startUneven?: number | undefined;
  readonly arrives?: readonly ArrivingBody[] | undefined;
  readonly soakEnds?: number | undefined;
  readonly exchange?: BoxExchange | undefined;
  readonly liquidRatio?: number | undefined;
  readonly picture?: boolean | undefined;
  readonly how?: Fine | undefined;
  readonly onStep?: ((share: number) => boolean) | undefined;
}

/** Stopped on the way. */
export class NightStopped extends Error {
  constructor() {
    super(tr`Stopped.`);
  }
}

/** A rough night's steps. */
const ROUGH = 8;
/** Under this depth a place is at the skin, m. */
const SKIN = 8e-4;

/** A section's meshes are kept with it: a search puts many nights through one. */
const meshes = new WeakMap<RealSection, Map<string, SectionMesh | MeshProblem>>();

/** The mesh of a section as it stands, made once. Throws a MeshProblem where it cannot be made. */
function meshed({ section, standing }: DrawnSection, how: Fine): SectionMesh {
  const known = meshes.get(section) ?? new Map<string, SectionMesh | MeshProblem>();
  meshes.set(section, known);
  const key = `${how} ${standing.stands} ${String(standing.rounded)}`;
  const made =
    known.get(key) ?? withoutRings(section, (of) => tried(() => meshOfSection(of, standing, how)));
  known.set(key, made);
  if (made instanceof MeshProblem) throw made;
  return made;
}

/** With the turns of its wraps, or where they keep it from being meshed without them. */
function withoutRings(
  section: RealSection,
  mesh: (of: RealSection) => SectionMesh | MeshProblem,
): SectionMesh | MeshProblem {
  const made = mesh(section);
  return made instanceof MeshProblem && section.bodies.some((b) => b.ring === true)
    ? mesh({ ...section, bodies: section.bodies.filter((b) => b.ring !== true) })
    : made;
}

function tried(make: () => SectionMesh): SectionMesh | MeshProblem {
  try {
    return make();
  } catch (error) {
    if (error instanceof MeshProblem) return error;
    throw error;
  }
}

/** Why a section cannot be meshed; undefined where it can. */
export function meshProblem(drawn: DrawnSection): MeshProblem | undefined {
  const made = tried(() => meshed(drawn, 'fine'));
  return made instanceof MeshProblem ? made : undefined;
}

/** Puts it through. Throws a MeshProblem where it cannot be meshed, NightStopped where it was told to stop. */
export function putSection(
  drawn: DrawnSection,
  glass: Glass,
  curve: KilnCurve,
  through: SectionThrough = {},
): SectionOutcome {
  const { how = 'fine', soakEnds, arrives, ...more } = through;
  const mesh = meshed(drawn, how);
  const night = sectionNight({
    mesh,
    glass,
    curve,
    sees: seesOf(drawn.section, drawn.standing),
    countFrom: soakEnds,
    ...more,
    ...(arrives && { arrives: arrivingAt(arrives) }),
    ...(how === 'rough' && { fineness: ROUGH }),
  });
  if (!night) throw new NightStopped();
  const named = (p: Point & { readonly stress: number }): Somewhere => ({
    stress: p.stress,
    r: p.r,
    z: p.z,
    where: placeName(mesh, drawn.section, p),
    at: skinNear(mesh, p).depth > SKIN ? 'middle' : 'skin',
  });
  const { worst } = night;
  return {
    keeps: named(night.keeps),
    pressed: night.pressed,
    worst: {
      ...named(worst),
      time: worst.time,
      kiln: worst.kiln,
      temperature: worst.temperature,
    },
    soaked: night.soaked,
    trace: night.trace,
    ...(through.picture === true && { picture: { mesh, night } }),
  };
}

/** Of the body a height lies in, or the nearest: from its skin's temperature to its middle's. */
function arrivingAt(bodies: readonly ArrivingBody[]): (z: number, deep: number) => number {
  const off = (b: ArrivingBody, z: number): number => Math.max(b.low - z, z - b.high, 0);
  return (z, deep) => {
    const at = bodies.reduce((a, b) => (off(b, z) < off(a, z) ? b : a));
    return at.skin + (at.middle - at.skin) * deep;
  };
}
