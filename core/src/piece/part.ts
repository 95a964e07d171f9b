// One numbered part on the axis: its form read, its glass weighed.
import { tr } from '../words/tr';
import type { Amount } from '../fit/lay';
import type { Glass } from '../glass/glass';
import type { ShapeProblem } from '../form/checkProfile';
import type { OuterLine } from '../form/curve';
import type { Across } from '../form/across';
import { holeProblems, withHoles, type WallHole } from '../form/holes';
import type { Lofted } from '../form/lofted';
import { glassOutline, measurePart, type Shape } from '../form/measure';
import type { Line, Profile } from '../form/profile';
import type { Stock } from '../stock/moves';

/** Hollow blown work, or glass right through. */
export type PartWork = 'blown' | 'solid';

/** Part of the body for good, or set into its mouth and lifted out again. */
export type Role = 'joined' | 'stopper';

/** What the core needs of a part. Its profile stands at its true height in the piece. */
export interface PartInput {
  /** Its own for good; by its place where nobody gave it one. */
  readonly id?: string | undefined;
  readonly name?: string | undefined;
  readonly profile: Profile;
  readonly work?: PartWork | undefined;
  /** What it is cut across, where it is not round. */
  readonly across?: Across | undefined;
  readonly role?: Role | undefined;
  /** Holes through its wall. */
  readonly holes?: readonly WallHole[] | undefined;
  /** Id of its glass, if not the piece's. */
  readonly glass?: string | undefined;
  /** Its own iron and dip, if not the piece's. */
  readonly iron?: { readonly diameter: number; readonly depth: number } | undefined;
  /** Torch stock it is made from, if not the piece's. */
  readonly stock?: Stock | undefined;
  /** Colour between the gathers, from inside to outside, by id in the rack. */
  readonly colours?:
    | readonly { readonly colour: string; readonly after: number; readonly amount: Amount }[]
    | undefined;
  /** Upper half mirrors the lower while drawing. */
  readonly mirror?: boolean | undefined;
}

/** A part read. */
export interface Part {
  readonly index: number;
  readonly id: string;
  readonly name: string;
  readonly work: PartWork;
  readonly role: Role;
  readonly glass: Glass;
  readonly shape: Shape;
  /** The cut glass of one half as one closed outline. */
  readonly outline: Line;
  /** The same along every ray, where it is not round. */
  readonly lofted: Lofted | undefined;
  readonly holes: readonly WallHole[];
  readonly mass: number;
}

/** A part, or what must be mended first. */
export type PartReading =
  | { readonly ok: true; readonly part: Part }
  | {
      readonly ok: false;
      readonly problems: readonly ShapeProblem[];
      readonly outer: OuterLine | undefined;
    };

interface Kept {
  readonly glass: Glass;
  readonly key: string;
  readonly reading: PartReading;
}

/** Readings are kept with the very profile they were made from, so a drag reads again only the part it moves. */
const kept = new WeakMap<Profile, Kept>();

const NO_HOLES: readonly WallHole[] = [];

/** Reads one part. Pure; remembers the last answer for the same profile object. */
export function readPart(input: PartInput, index: number, glass: Glass): PartReading {
  const work = input.work ?? 'blown';
  const role = input.role ?? 'joined';
  const name = input.name ?? tr`part ${index + 1}`;
  const id = input.id ?? `p${String(index + 1)}`;
  const { holes = NO_HOLES } = input;
  const cut = JSON.stringify([input.across, holes]);
  const key = `${String(index)}|${id}|${work}|${role}|${name}|${cut}`;
  const before = kept.get(input.profile);
  if (before?.key === key && before.glass === glass) return before.reading;
  const read = measurePart(input, glass.poisson);
  const unmade = read.ok ? holeProblems(read.shape, holes) : [];
  const shape = read.ok && unmade.length === 0 ? withHoles(read.shape, holes) : undefined;
  const reading: PartReading = shape
    ? {
        ok: true,
        part: {
          index,
          id,
          name,
          work,
          role,
          glass,
          shape,
          outline: glassOutline(shape.outer, shape.inner),
          lofted: shape.lofted,
          holes,
          mass: shape.glassVolume * glass.density,
        },
      }
    : read.ok
      ? { ok: false, problems: unmade, outer: read.shape.outer }
      : { ok: false, problems: read.problems, outer: read.outer };
  kept.set(input.profile, { glass, key, reading });
  return reading;
}
