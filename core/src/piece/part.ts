// One numbered part on the axis: its form read, its glass weighed.
import type { PartWork, PiecePart, Role, WallHole } from '@zanfirico/contract/piece';
import { tr } from '../words/tr';
import type { Glass } from '../glass/glass';
import type { ShapeProblem } from '../form/checkProfile';
import type { OuterLine } from '../form/curve';
import { holeProblems, withHoles } from '../form/holes';
import type { Lofted } from '../form/lofted';
import { glassOutline, measurePart, type Shape } from '../form/measure';
import type { Line, Profile } from '../form/profile';

/** What the core needs of a part. Its profile stands at its true height in the piece; without an id it goes by its place. */
export type PartInput = Omit<PiecePart, 'id' | 'name'> & Partial<Pick<PiecePart, 'id' | 'name'>>;

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
