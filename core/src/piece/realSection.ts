// What of a piece the night of its real section is worked out from: its round bodies on the axis that are one.
import type { RealSection, SectionBody } from '../night/section/realSection';
import { woundAt, type BitShape } from '../form/bit';
import { packed } from '../form/packedLine';
import type { BitInput } from './bits';
import type { Part } from './part';

/** Written to a micron. */
const written = (v: number): number => Math.round(v * 1e6) / 1e6;

interface Named {
  readonly name: string;
  readonly input?: BitInput;
}
type Wrap = BitInput & { readonly shape: Extract<BitShape, { kind: 'wrap' }> };

/** Is it a wrap laid about the axis: a ring of it, as far as a section can tell? */
export const isRing = (input: BitInput | undefined): input is Wrap =>
  input?.shape.kind === 'wrap' && input.place.copies === 1;

const AROUND = 14;
/** Turns drawn of one wrap at most. */
const MOST_TURNS = 12;

/** The turns of a wrap as rings, each where its middle lies. */
function ringsOf(name: string, { shape, place }: Wrap): SectionBody[] {
  const turns = Math.max(1, Math.min(MOST_TURNS, Math.round(shape.turns)));
  const radius = shape.diameter / 2;
  return Array.from({ length: turns }, (_, k): SectionBody => {
    const up = (k + 0.5) * (shape.turns / turns) * shape.pitch;
    const [r0, z0] = [woundAt(shape, up, place.out), place.height + up];
    const angles = Array.from({ length: AROUND }, (__, i) => (2 * Math.PI * i) / AROUND);
    return {
      name,
      low: written(z0 - radius),
      high: written(z0 + radius),
      outer: packed({
        r: angles.map((a) => Math.max(0, r0 + radius * Math.cos(a))),
        z: angles.map((a) => z0 + radius * Math.sin(a)),
      }),
      inner: '',
      hollow: false,
      ring: true,
    };
  });
}

/** The section of bodies that are one: what of them is round, and the names of what is not. */
function sectionOf(
  parts: readonly Part[],
  leavesOut: readonly string[],
  wraps: readonly Named[] = [],
): RealSection | undefined {
  const round = parts.filter((p) => !p.lofted);
  if (round.length === 0) return undefined;
  const blown = round.filter((p) => p.work !== 'solid');
  let [mouth, widestInside] = [0, 0];
  for (const { shape } of blown) {
    const { r } = shape.inner;
    const widest = Math.max(...r);
    if (widest <= widestInside) continue;
    widestInside = widest;
    mouth = Math.min(...r.slice(r.indexOf(widest)));
  }
  return {
    mouth: mouth < 1e-4 ? 0 : written(mouth),
    widestInside: written(widestInside),
    bodies: [
      ...round.map(({ name, work, shape: { outer, inner } }) => {
        const z = [...outer.z, ...inner.z];
        return {
          name,
          low: written(Math.min(...z)),
          high: written(Math.max(...z)),
          outer: packed(outer),
          inner: packed(inner),
          hollow: work !== 'solid',
        };
      }),
      ...wraps.flatMap(({ name, input }) => (isRing(input) ? ringsOf(name, input) : [])),
    ],
    leavesOut: [...parts.filter((p) => p.lofted).map((p) => p.name), ...leavesOut],
  };
}

/** The real section of a planned piece; undefined where nothing of it is round about the axis. */
export const realSectionOf = (
  parts: readonly Part[],
  bits: readonly Named[],
): RealSection | undefined =>
  sectionOf(
    parts.filter((p) => p.role !== 'stopper'),
    bits.filter((b) => !isRing(b.input)).map((b) => b.name),
    bits,
  );

/** Stoppers, each a body by itself. */
export const apartOf = (parts: readonly Part[]): readonly RealSection[] =>
  parts.filter((p) => p.role === 'stopper').flatMap((p) => sectionOf([p], []) ?? []);
