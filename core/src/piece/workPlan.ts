// A piece's order of work, put together: its parts as the draft, the heat and the rules ask for them.
import type { Form, Way } from '@zanfirico/contract/piece';
import type { HeatBit } from '../iron/heatBits';
import { zonesOf, zonesOnPipe, type HeatZone } from '../iron/zones';
import type { HeatPart } from '../iron/hotShop';
import type { PlannedPart } from './derive';
import { joinsOf } from './joins';
import type { DraftColour, DraftInput, DraftPart } from '../order/draftInput';
import type { RulePart } from '../order/rules';
import { LAID_COLOUR_AS, type PartColours } from './laidColours';
import { tubeOf } from './patternedTube';
import { draftBit, hangingOn, heatBit, seatOf, type DrawnBit, type WeighedBit } from './workBits';

/** What the order of a piece is made from. */
export interface WorkInput {
  readonly form: Form;
  readonly way: Way;
  readonly parts: readonly PlannedPart[];
  readonly bits: readonly DrawnBit[];
  readonly main: number;
  /** Canes or ribs on the main part, as drawn. */
  readonly cane?: { readonly twist: number; readonly rib?: unknown } | undefined;
  /** Made in the kiln, or cast there. */
  readonly kiln?: { readonly cast?: object | undefined } | undefined;
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
        return seat?.part === i && b.input.shape.kind !== 'pulled'
          ? [heatBit(b, zoneAlong(zones, seat.along))]
          : [];
      }),
    };
  });
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

/** All glass that comes onto the iron for a part, colour too, kg. */
const onIron = (p: PlannedPart): number => p.layers.reduce((sum, l) => sum + l.mass, 0);

function draftPart(p: PlannedPart, laid: PartColours, cane: WorkInput['cane']): DraftPart {
  const gathers = p.gathers?.gathers.length ?? 0;
  return {
    name: p.name,
    hollow: p.work === 'blown',
    closed: p.shape.opening === 'closed',
    stopper: p.role === 'stopper',
    gathers,
    ...(p.glass.family === 'soft' && { soft: true }),
    colours: laid.map((l): DraftColour => {
      const colour = p.layers.find((k) => k.colour?.id === l.colour)?.colour;
      const as = LAID_COLOUR_AS[l.amount.kind];
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
    holes: p.holes.map((h) => h.height - p.shape.lowest),
    scrap: p.gathers ? Math.max(0, onIron(p) - p.mass) : undefined,
    ribs: cane?.rib !== undefined,
    twisted:
      (cane?.twist ?? 0) !== 0 &&
      (cane?.rib !== undefined || laid.some((l) => l.amount.kind === 'canes')),
  };
}

/** Bought as crumbs and not as powder. */
const crumbsOnly = (forms: readonly string[]): boolean =>
  forms.includes('frit') && !forms.includes('powder');

/** A piece as the draft asks for it. `colours` by part, as laid. */
export const draftInput = (
  input: WorkInput,
  colours: readonly (PartColours | undefined)[],
  weighed: readonly WeighedBit[] = [],
): DraftInput => {
  const on = hangingOn(weighed, input.parts);
  const tube = input.way === 'furnace' ? tubeOf(input.parts, colours) : undefined;
  return {
    form: input.form,
    way: input.way,
    ...(input.kiln?.cast && { cast: true }),
    parts: input.parts.map((p, i) =>
      draftPart(p, colours[i] ?? [], i === input.main ? input.cane : undefined),
    ),
    joins: joinsOf(input.parts).map((j) => [j.a, j.b] as const),
    bits: input.bits.map((b, i) =>
      draftBit(b, input.parts, weighed[i], {
        carries: input.bits.flatMap((o, k) => (on[k] === i ? [o.name] : [])),
        carried: on[i] !== undefined,
      }),
    ),
    main: input.main,
    ...(tube && { tube }),
  };
};

/** A piece as its file has it, as far as its order goes by it. */
interface DrawnPiece extends Pick<WorkInput, 'form' | 'way' | 'cane' | 'kiln'> {
  readonly parts: readonly { readonly colours?: PartColours | undefined }[];
  readonly bits?: readonly DrawnBit[] | undefined;
}

/** What an order is drafted from, and its parts as heat sees them. `main` is the part everything is put onto. */
export const workOf = (
  { form, way, parts, bits = [], cane, kiln }: DrawnPiece,
  read: { readonly parts: readonly PlannedPart[]; readonly bits: readonly WeighedBit[] },
  main: number,
): { readonly draft: DraftInput; readonly parts: readonly HeatPart[] } => ({
  draft: draftInput(
    { form, way, parts: read.parts, bits, main, cane, kiln },
    parts.map((p) => p.colours),
    read.bits,
  ),
  parts: heatParts(read.parts, read.bits),
});
