// A piece's order of work, put together: its parts as the draft, the heat and the rules ask for them.
import { zonesOf, zonesOnPipe } from '../heat/zones';
import type { HeatPart } from '../heat/hotShop';
import type { BitInput } from './bits';
import type { PlannedPart } from './derive';
import { joins } from './joins';
import type { Form } from '../shape/forms';
import { draftWork, type DraftBit, type DraftInput, type DraftPart } from '../sequence/draftWork';
import type { WorkStep } from '../work/facts';
import type { RulePart } from '../sequence/rules';
import type { Way } from '../work/step';

/** What the order of a piece is made from. */
export interface WorkInput {
  readonly form: Form;
  readonly way: Way;
  readonly parts: readonly PlannedPart[];
  readonly bits: readonly Pick<BitInput, 'name' | 'shape' | 'place'>[];
  readonly main: number;
}

/** Laid after the last gather, nothing clear lies over it. */
const outside = (part: PlannedPart): boolean => {
  const last = part.layers[part.layers.length - 1];
  return last?.colour !== undefined;
};

/** Parts as heat sees them. */
export const heatParts = (parts: readonly PlannedPart[]): HeatPart[] =>
  parts.map((p) => {
    const zones = zonesOf(p.shape, p.glass);
    return {
      name: p.name,
      glass: p.glass,
      zones,
      onPipe: p.work === 'blown' ? zonesOnPipe(zones, p.glass) : undefined,
      gathered: p.gathers?.gathers.map((g) => g.total / p.glass.density) ?? [p.shape.glassVolume],
    };
  });

/** Parts as the rules see them. */
export const ruleParts = (parts: readonly PlannedPart[], ironDiameter: number): RulePart[] =>
  parts.map((p) => ({
    name: p.name,
    hollow: p.work === 'blown',
    stopper: p.role === 'stopper',
    family: p.glass.family,
    colourOutside: outside(p),
    coloured: p.layers.some((l) => l.colour),
    neck: p.work === 'blown' && p.shape.lipRadius > 0 ? 2 * p.shape.lipRadius : undefined,
    iron: ironDiameter,
  }));

const AS = { bar: 'bar', canes: 'cane', weight: 'powder', passes: 'powder' } as const;

function draftPart(p: PlannedPart, laid: PartColours): DraftPart {
  const gathers = p.gathers?.gathers.length ?? 0;
  return {
    name: p.name,
    hollow: p.work === 'blown',
    closed: p.shape.opening === 'closed',
    stopper: p.role === 'stopper',
    gathers,
    colours: laid.flatMap((l) => {
      const { kind } = l.amount;
      if (kind === 'pieces') return [];
      return [
        {
          after: Math.min(Math.max(1, l.after), Math.max(1, gathers)),
          as: kind === 'coats' ? ('film' as const) : AS[kind],
          outside: outside(p) && l.after >= gathers,
        },
      ];
    }),
    mass: p.mass,
    lowest: p.shape.lowest,
  };
}

type PartColours = readonly {
  readonly after: number;
  readonly amount: { readonly kind: keyof typeof AS | 'coats' | 'pieces' };
}[];

/** What a bit is in the making, by its shape. */
function draftBit(b: Pick<BitInput, 'name' | 'shape' | 'place'>): DraftBit {
  const kind =
    b.shape.kind === 'wrap'
      ? 'wrap'
      : b.shape.kind === 'dot'
        ? 'prunts'
        : b.shape.kind === 'bent'
          ? b.shape.wall === undefined
            ? 'handle'
            : 'spout'
          : 'other';
  return { name: b.name, kind, copies: b.place.copies };
}

/** A piece as the draft asks for it. `colours` by part, as laid. */
export const draftInput = (
  input: WorkInput,
  colours: readonly (PartColours | undefined)[],
): DraftInput => ({
  form: input.form,
  way: input.way,
  parts: input.parts.map((p, i) => draftPart(p, colours[i] ?? [])),
  joins: joins(input.parts).map((j) => [j.a, j.b] as const),
  bits: input.bits.map(draftBit),
  main: input.main,
});

/** The order drafted for a piece. */
export const draftFor = (
  input: WorkInput,
  colours: readonly (PartColours | undefined)[],
): WorkStep[] => draftWork(draftInput(input, colours));
