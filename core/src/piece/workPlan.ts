// A piece's order of work, put together: its parts as the draft, the heat and the rules ask for them.
import type { HeatBit } from '../heat/heatBits';
import { zonesOf, zonesOnPipe, type HeatZone } from '../heat/zones';
import type { HeatPart } from '../heat/hotShop';
import type { BitInput } from './bits';
import type { PlannedPart } from './derive';
import { joins } from './joins';
import type { Form } from '../shape/forms';
import type { DraftBit, DraftColour, DraftInput, DraftPart } from '../sequence/draftInput';
import { bitVolume, type BitPlace, type BitShape } from '../shape/bit';
import type { RulePart } from '../sequence/rules';
import type { Way } from '../work/step';

/** What the order of a piece is made from. */
export interface WorkInput {
  readonly form: Form;
  readonly way: Way;
  readonly parts: readonly PlannedPart[];
  readonly bits: readonly DrawnBit[];
  readonly main: number;
  /** Canes or ribs on the main part, as drawn. */
  readonly cane?: { readonly twist: number; readonly rib?: unknown } | undefined;
}

/** A bit as drawn. */
type DrawnBit = Pick<BitInput, 'name' | 'shape' | 'place'>;
/** A bit as read: what all its copies weigh, kg, and how thick its glass is, m. */
export interface WeighedBit {
  readonly name: string;
  readonly mass: number;
  readonly measure: { readonly thickness: number };
  readonly input: { readonly place: BitPlace; readonly shape: BitShape };
}

/** The part a bit comes onto, and which of its zones: the nearest skin to its anchor. */
function seatOf(
  place: Pick<BitPlace, 'height' | 'out'>,
  parts: readonly PlannedPart[],
): { readonly part: number; readonly along: number } {
  let best = { part: 0, along: 0.5, far: Infinity };
  parts.forEach((p, i) => {
    if (p.role === 'stopper') return;
    const { r, z, s } = p.shape.outer;
    const length = s[s.length - 1] ?? 1;
    for (let k = 0; k < r.length; k += 1) {
      const far = Math.hypot((r[k] as number) - place.out, (z[k] as number) - place.height);
      if (far < best.far) best = { part: i, along: (s[k] as number) / length, far };
    }
  });
  return best;
}

/** Where along its part each of so many zones ends, as a share of the skin: what bits are put by. */
const zoneAlong = (zones: readonly HeatZone[], along: number): number => {
  const all = zones.reduce((sum, z) => sum + z.area, 0);
  let up = 0;
  for (const [k, z] of zones.entries()) {
    up += z.area;
    if (along * all <= up) return k;
  }
  return Math.max(0, zones.length - 1);
};

/** Laid after the last gather, nothing clear lies over it. */
const outside = (part: PlannedPart): boolean => {
  const last = part.layers[part.layers.length - 1];
  return last?.colour !== undefined;
};

/** Parts as heat sees them, with the bits that come onto each. */
export const heatParts = (
  parts: readonly PlannedPart[],
  bits: readonly WeighedBit[] = [],
): HeatPart[] => {
  const seats = bits.map((b) => seatOf(b.input.place, parts));
  return parts.map((p, i) => {
    const zones = zonesOf(p.shape, p.glass);
    return {
      name: p.name,
      glass: p.glass,
      zones,
      onPipe: p.work === 'blown' ? zonesOnPipe(zones, p.glass) : undefined,
      gathered: p.gathers?.gathers.map((g) => g.total / p.glass.density) ?? [p.shape.glassVolume],
      bits: bits.flatMap((b, k): HeatBit[] => {
        const seat = seats[k];
        return seat?.part === i ? [heatBit(b, zoneAlong(zones, seat.along))] : [];
      }),
    };
  });
};

/** Where one copy of a bit touches its wall, m²: a dot with its base, a thread along its length, a handle with both ends. */
function contactOf(shape: BitShape, place: BitPlace, thickness: number): number {
  const disc = (d: number): number => (Math.PI / 4) * d * d;
  if (shape.kind === 'dot') return disc(shape.diameter);
  if (shape.kind === 'wrap')
    return 0.6 * shape.diameter * (bitVolume(shape, place.out) / disc(shape.diameter));
  return disc(thickness) * (shape.kind === 'bent' ? 2 : 1);
}

const heatBit = (b: WeighedBit, at: number): HeatBit => {
  const { place, shape } = b.input;
  const { copies } = place;
  const { thickness } = b.measure;
  const contact = contactOf(shape, place, thickness);
  return { name: b.name, mass: b.mass / copies, thickness, copies, contact, at };
};

/** Parts as the rules see them. */
export const ruleParts = (parts: readonly PlannedPart[], ironDiameter: number): RulePart[] =>
  parts.map((p) => ({
    name: p.name,
    hollow: p.work === 'blown',
    stopper: p.role === 'stopper',
    family: p.glass.family,
    colourOutside: outside(p),
    coloured: p.layers.some((l) => l.colour),
    neck: p.work === 'blown' ? p.gathers?.gathers.at(-1)?.diameter : undefined,
    iron: ironDiameter,
  }));

const AS = {
  bar: 'bar',
  canes: 'cane',
  weight: 'powder',
  passes: 'powder',
  coats: 'film',
  pieces: 'pieces',
} as const;

function draftPart(p: PlannedPart, laid: PartColours, cane: WorkInput['cane']): DraftPart {
  const gathers = p.gathers?.gathers.length ?? 0;
  return {
    name: p.name,
    hollow: p.work === 'blown',
    closed: p.shape.opening === 'closed',
    stopper: p.role === 'stopper',
    gathers,
    colours: laid.map((l): DraftColour => {
      const colour = p.layers.find((k) => k.colour?.id === l.colour)?.colour;
      const as = AS[l.amount.kind];
      return {
        after: Math.min(Math.max(1, l.after), Math.max(1, gathers)),
        as: as === 'powder' && colour && crumbsOnly(colour.forms) ? 'frit' : as,
        outside: outside(p) && l.after >= gathers,
        diameter: l.amount.diameter,
      };
    }),
    mass: p.mass,
    lowest: p.shape.lowest,
    height: p.shape.height,
    width: 2 * p.shape.widest,
    scrap: p.gathers ? Math.max(0, p.gathers.toGather.value - p.mass) : undefined,
    ribs: cane?.rib !== undefined,
    twisted:
      (cane?.twist ?? 0) !== 0 &&
      (cane?.rib !== undefined || laid.some((l) => l.amount.kind === 'canes')),
  };
}

/** Bought as crumbs and not as powder. */
const crumbsOnly = (forms: readonly string[]): boolean =>
  forms.includes('frit') && !forms.includes('powder');

type PartColours = readonly {
  readonly colour?: string | undefined;
  readonly after: number;
  readonly amount: { readonly kind: keyof typeof AS; readonly diameter?: number | undefined };
}[];

/** A wrap within so much of its part's top is a lip wrap, m. */
const AT_LIP = 0.012;

/** What a bit is in the making, by its shape and its place. */
function draftBit(
  b: DrawnBit,
  parts: readonly PlannedPart[],
  weighed: WeighedBit | undefined,
): DraftBit {
  const seat = seatOf(b.place, parts);
  const part = parts[seat.part];
  const top = part ? part.shape.lowest + part.shape.height : Infinity;
  const kind =
    b.shape.kind === 'wrap'
      ? part?.shape.opening === 'open' && b.place.height > top - AT_LIP
        ? 'lipWrap'
        : 'wrap'
      : b.shape.kind === 'dot'
        ? 'prunts'
        : b.shape.kind === 'bent'
          ? b.shape.wall === undefined
            ? 'handle'
            : 'spout'
          : 'other';
  return {
    name: b.name,
    kind,
    copies: b.place.copies,
    part: seat.part,
    zone: seat.along < 0.2 ? 'base' : seat.along > 0.85 ? 'top' : 'middle',
    mass: weighed && weighed.mass / b.place.copies,
  };
}

/** A piece as the draft asks for it. `colours` by part, as laid. */
export const draftInput = (
  input: WorkInput,
  colours: readonly (PartColours | undefined)[],
  weighed: readonly WeighedBit[] = [],
): DraftInput => ({
  form: input.form,
  way: input.way,
  parts: input.parts.map((p, i) =>
    draftPart(p, colours[i] ?? [], i === input.main ? input.cane : undefined),
  ),
  joins: joins(input.parts).map((j) => [j.a, j.b] as const),
  bits: input.bits.map((b, i) => draftBit(b, input.parts, weighed[i])),
  main: input.main,
});

/** A piece as its file has it, as far as its order goes by it. */
interface DrawnPiece extends Pick<WorkInput, 'form' | 'way' | 'cane'> {
  readonly parts: readonly { readonly colours?: PartColours | undefined }[];
  readonly bits?: readonly DrawnBit[] | undefined;
}

/** What an order is drafted from, and its parts as heat sees them. `main` is the part everything is put onto. */
export const workOf = (
  { form, way, parts, bits = [], cane }: DrawnPiece,
  read: { readonly parts: readonly PlannedPart[]; readonly bits: readonly WeighedBit[] },
  main: number,
): { readonly draft: DraftInput; readonly parts: readonly HeatPart[] } => ({
  draft: draftInput(
    { form, way, parts: read.parts, bits, main, cane },
    parts.map((p) => p.colours),
    read.bits,
  ),
  parts: heatParts(read.parts, read.bits),
});
