// Parts added, copied and taken away: what named a part goes on naming the same one, whatever comes and goes beside it.
import type { PieceStep } from '@zanfirico/contract/order';
import type { PieceDocument, PiecePart } from '@zanfirico/contract/piece';
import type { PlannedPart } from '../piece/derive';
import type { Whole } from '../piece/whole';
import { newPart, type PartPreset } from '../form/presets';
import { profileSpan } from '../form/profile';
import { factsOf, type WorkStep } from '../work/facts';
import { withoutField } from './changed';
import { copyName } from './copyName';
import { raisedPart } from './profile';

/** A piece as edits of its parts see it. */
export type Edited = Pick<PieceDocument, 'parts' | 'bits' | 'fillLine' | 'pattern' | 'sequence'>;

/** An id no part has, and nothing names. */
export function freshPartId(piece: Pick<Edited, 'parts' | 'pattern' | 'sequence'>): string {
  const taken = new Set(piece.parts.map((p) => p.id));
  if (piece.pattern) taken.add(piece.pattern.part);
  for (const v of piece.sequence?.variants ?? [])
    for (const s of v.steps) taken.add(s.part).add(s.to ?? s.part);
  let n = piece.parts.length + 1;
  while (taken.has(`p${String(n)}`)) n += 1;
  return `p${String(n)}`;
}

/** A name no part has: "knop", "knop 2" … */
export function freshName(parts: readonly PiecePart[], wanted: string): string {
  const taken = new Set(parts.map((p) => p.name));
  let name = wanted;
  for (let n = 2; taken.has(name); n += 1) name = `${wanted} ${String(n)}`;
  return name;
}

/** What an added part has to know of the form: its parts as planned, and the whole. */
export interface StandingOn {
  readonly parts: readonly PlannedPart[];
  readonly whole: Whole;
  readonly main?: PlannedPart;
}

/**
 * A new part of a kind, standing where it usually goes; what stands above it is lifted to make room, and what was measured on a
 * lifted part goes up with it. `inHand` is the place of the part it goes next to.
 */
export function addPart<D extends Edited>(
  piece: D,
  form: StandingOn | undefined,
  preset: PartPreset,
  inHand: number,
): D {
  const joined = (form?.parts ?? []).filter((p) => p.role === 'joined');
  const vessel = form?.whole.vessel;
  const { part, from, by } = newPart(preset, {
    outlines: joined.map((p) => p.outline),
    inHand: joined.findIndex((p) => p.index === inHand),
    vessel: vessel?.index === inHand,
    mouth: vessel && {
      height: vessel.shape.inner.z[vessel.shape.inner.z.length - 1] as number,
      throat: vessel.shape.throat,
    },
  });
  const stands = vessel && piece.parts[vessel.index];
  const room = by === 0 ? piece : lifted(piece, from, by, stands?.id);
  return {
    ...room,
    parts: [
      ...room.parts,
      {
        id: freshPartId(piece),
        ...part,
        name: freshName(piece.parts, part.name),
        profile: part.profile.map((p) => ({ ...p })),
      },
    ],
  };
}

/** A place on the drawing: out from the axis, less than nothing on the left, and up, m. */
export interface PointSpot {
  readonly out: number;
  readonly height: number;
}

/** What a lift of parts moves. */
export type Liftable = Pick<
  PieceDocument,
  'parts' | 'bits' | 'fillLine' | 'dimensions' | 'pattern'
>;

/**
 * Everything that begins at a height or above it moved up by so much, m, and what was measured on a lifted part with it. `vessel` is the
 * id of the part the fill line is in.
 */
export function lifted<D extends Liftable>(
  piece: D,
  from: number,
  by: number,
  vessel: string | undefined,
): D {
  const went = new Set<string>();
  const parts = piece.parts.map((p) => {
    if (profileSpan(p.profile)[0] < from) return p;
    went.add(p.id);
    return raisedPart(p, by);
  });
  const { pattern, fillLine, bits, dimensions } = piece;
  const up = <S extends PointSpot>(spot: S): S =>
    spot.height >= from ? { ...spot, height: spot.height + by } : spot;
  return {
    ...piece,
    parts,
    ...(bits && {
      bits: bits.map((b) =>
        b.place.height >= from ? { ...b, place: { ...b.place, height: b.place.height + by } } : b,
      ),
    }),
    ...(dimensions && {
      dimensions: dimensions.map((d) => ({ ...d, from: up(d.from), to: up(d.to) })),
    }),
    ...(fillLine !== undefined &&
      vessel !== undefined &&
      went.has(vessel) && { fillLine: fillLine + by }),
    ...(pattern?.drawnOn === 'final' &&
      went.has(pattern.part) && {
        pattern: { ...pattern, figure: { ...pattern.figure, height: pattern.figure.height + by } },
      }),
  };
}

/** A part once more, raised by so much, m, at the end of the list. Nothing there is where there is no such part. */
export function copyPart<D extends Edited>(piece: D, id: string, by: number): D {
  const part = piece.parts.find((p) => p.id === id);
  if (!part) return piece;
  const copy = {
    ...raisedPart(part, by),
    id: freshPartId(piece),
    name: copyName(part.name),
  };
  return { ...piece, parts: [...piece.parts, copy] };
}

/** What is done to a piece by the part it is held or heated at: done all the same when that part is gone, at what it hung on. */
const HANDLING = new Set<string>([
  'reheat',
  'flash',
  'longReheat',
  'setBase',
  'clearButton',
  'punty',
  'transfer',
  'straight',
  'firePolish',
  'crackOff',
  'knockOff',
  'polishScar',
  'garage',
  'fetch',
  'scrap',
  'box',
]);

/**
 * An order without a part: its making and its joins go; what was joined to it is joined to what it hung on; how the piece was held
 * and heated there goes on at the same place.
 */
export function stepsWithout(steps: readonly PieceStep[], id: string): PieceStep[] {
  const joins = (s: PieceStep): boolean => factsOf(s as Pick<WorkStep, 'kind'>).does === 'join';
  const own = steps.findIndex((s) => joins(s) && s.part === id && s.to !== undefined);
  const carried = steps.findIndex((s) => joins(s) && s.to === id);
  const heir = steps[own]?.to ?? steps[carried]?.part;
  const from = own >= 0 ? own : carried;
  return steps.flatMap((s, i): PieceStep[] => {
    if (s.to === id) return heir === undefined || s.part === heir ? [] : [{ ...s, to: heir }];
    if (s.part !== id) return [s];
    return heir !== undefined && i > from && HANDLING.has(s.kind) ? [{ ...s, part: heir }] : [];
  });
}

/** Without a part: its pattern, its steps and its joins go with it; everything else stays with its own part. */
export function removePart<D extends Edited>(piece: D, id: string): D {
  const { sequence, pattern } = piece;
  const without = {
    ...piece,
    parts: piece.parts.filter((p) => p.id !== id),
    ...(sequence && {
      sequence: {
        ...sequence,
        variants: sequence.variants.map((v) => ({ ...v, steps: stepsWithout(v.steps, id) })),
      },
    }),
  };
  return pattern?.part === id ? withoutField(without, 'pattern') : without;
}
