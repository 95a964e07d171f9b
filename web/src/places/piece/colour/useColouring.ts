// The colour of the part in hand worked out: its layers, how they fit along the wall, how they look.
import type { PieceColour } from '@zanfirico/contract/piece';
import {
  asFitGlass,
  FIT_PLACES,
  formAt,
  judgePart,
  NUMBER_TOLERANCE,
  type Colour,
  type PartFit,
  type Schools,
  type WallShare,
} from '@zanfirico/core/fit';
import type { PlannedPart } from '@zanfirico/core/piece';
import { useMemo } from 'react';
import { useBoard } from '../../../stores/board';
import { useRack } from '../../../stores/theRack';
import { usePiece } from '../usePiece';

/** What is laid on the part in hand, judged. */
export interface Colouring {
  readonly part: PlannedPart;
  readonly index: number;
  readonly laid: readonly PieceColour[];
  readonly shares: readonly WallShare[];
  /** The layers that carry load, as `fit` has them: without leaf and fume. */
  readonly bearing: readonly WallShare[];
  /** How the shop judges here: its tolerance, and its tests. */
  readonly schools: Schools;
  readonly fit: PartFit;
  readonly tolerance: number;
  readonly pieces: number;
  /** The colours that may be laid: of this part's family, metals and minerals; nothing retired. */
  readonly rack: readonly Colour[];
  /** Glasses of the part's family, to be laid as coats or canes of clear. */
  readonly clears: readonly Colour[];
  readonly form: ReturnType<typeof formAt>;
  /** The wall judged worst, m. */
  readonly wall: number;
}

const NO_COLOURS: PieceColour[] = [];

/** Undefined while the form cannot be made. */
export function useColouring(): Colouring | undefined {
  const { document, last } = usePiece();
  const chosen = useBoard((s) => s.part);
  const index = Math.min(chosen, document.parts.length - 1);
  const part = last?.parts[index];
  const laid = document.parts[index]?.colours ?? NO_COLOURS;
  const tolerance = document.fit?.tolerance ?? NUMBER_TOLERANCE;
  const all = useRack((s) => s.rack);
  return useMemo(() => {
    if (!part) return undefined;
    const { glass, shape } = part;
    const shares = part.layers;
    const schools: Schools = {
      tolerance,
      tested: (first, second) => all.tested(first, second)?.value,
    };
    const fit = judgePart(shape, shares, asFitGlass(glass), schools);
    const worst = fit.places[fit.worst];
    const n = shape.outer.r.length;
    return {
      part,
      index,
      laid,
      shares,
      bearing: shares.filter((s) => s.colour?.family !== 'other'),
      schools,
      fit,
      tolerance,
      pieces: document.fit?.pieces ?? 1,
      rack: all.lines.flatMap(({ entry, colour }) =>
        entry.kind === 'colour' &&
        !entry.retired &&
        (entry.family === glass.family || entry.family === 'other')
          ? [colour]
          : [],
      ),
      clears: all.lines.flatMap(({ entry, colour }) =>
        entry.kind === 'glass' && !entry.retired && entry.family === glass.family ? [colour] : [],
      ),
      form: formAt(shape, Math.round(((n - 1) * fit.worst) / (FIT_PLACES - 1))),
      wall: worst?.wall ?? shape.thickest.wall,
    };
  }, [part, index, laid, tolerance, document.fit, all]);
}
