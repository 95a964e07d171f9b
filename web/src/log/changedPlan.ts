// A break's lesson put into the plan of its piece: the newest revision, changed, kept as the next.
import type { SavedPiece } from '@zanfirico/contract';
import type { MakingBegin, MakingEvent } from '@zanfirico/contract/making';
import type { PieceStep } from '@zanfirico/contract/order';
import type { PieceColour, PieceDocument } from '@zanfirico/contract/piece';
import { byId, byNumber, inHand } from '@zanfirico/core/edits';
import type { Glass } from '@zanfirico/core/glass';
import { planChange, type CauseId, type PlanChange } from '@zanfirico/core/log';
import { asMade, holding, leadOf, type MakingState } from '@zanfirico/core/making';
import { METRIC, printText } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import type { WorkStep } from '@zanfirico/core/work';
import { readPiece, savePiece } from '../api/client';
import { shelfChanged } from '../api/queries';
import { clockText } from '../marks/braid/strands';
import { draftsOf } from '../stores/drafts';

const MOST_VARIANTS = 8;
const NAME = 40;

/** A document whose order in hand is these steps, under a name; what was in hand stays beside it. */
export function withOrder(
  document: PieceDocument,
  name: string,
  steps: readonly PieceStep[],
): PieceDocument {
  const { sequence } = document;
  const kept = (sequence?.variants ?? []).filter((v) => v.name !== name);
  const room = kept.length < MOST_VARIANTS ? kept : kept.slice(1);
  const variants = [...room, { name: name.slice(0, NAME), steps: structuredClone([...steps]) }];
  return {
    ...document,
    sequence: { helpers: true, ...sequence, variants, chosen: variants.length - 1 },
  };
}

/** What a cause asks of a document whose order is `steps` where it keeps none. */
export function changeOf(
  cause: CauseId,
  document: PieceDocument,
  steps: readonly PieceStep[],
  main: number,
  glass: Glass,
): PlanChange {
  const ids = document.parts.map((p) => p.id);
  const named = document.sequence?.variants[inHand(document.sequence)]?.steps ?? steps;
  return planChange(cause, {
    steps: byNumber(named, ids),
    main,
    firing: document.firing,
    annealingPoint: glass.annealing,
    coloured: document.parts.some((p) => (p.colours ?? []).length > 0),
  });
}

/** The document with the change in it. */
export function changedDocument(
  document: PieceDocument,
  change: PlanChange,
  name: string,
): PieceDocument {
  switch (change.of) {
    case 'nothing':
      return document;
    case 'steps':
      return withOrder(document, name, inIds(document, change.steps));
    case 'firing':
      return { ...document, firing: { ...document.firing, ...change.firing } };
    case 'colour':
      return {
        ...document,
        parts: document.parts.map((p) =>
          p.colours
            ? {
                ...p,
                colours: p.colours.map((c) => ({ ...c, amount: less(c.amount, change.share) })),
              }
            : p,
        ),
      };
  }
}

const inIds = (document: PieceDocument, steps: readonly WorkStep[]): PieceStep[] =>
  byId(
    steps,
    document.parts.map((p) => p.id),
  );

function less(amount: PieceColour['amount'], share: number): PieceColour['amount'] {
  switch (amount.kind) {
    case 'bar':
      return { ...amount, length: amount.length * share };
    case 'weight':
      return { ...amount, mass: amount.mass * share };
    default:
      return { ...amount, count: Math.max(1, Math.round(amount.count * share)) };
  }
}

/**
 * Changes the newest revision of a piece and keeps it. Throws a sentence where the piece is gone, was changed meanwhile, or lies
 * unsaved in this browser.
 */
export async function reviseBy(
  piece: string,
  change: (document: PieceDocument) => PieceDocument,
): Promise<SavedPiece> {
  const { id, revision, document } = await readPiece(piece);
  if ((await draftsOf(id)).length > 0)
    throw new Error(
      tr`“${document.name}” has changes that are not saved: open it and save it first.`,
    );
  const kept = await savePiece(id, { baseRevision: revision, document: change(document) });
  await shelfChanged();
  return kept;
}

const NOTES = 4000;

/** The recipe as made: the piece as it was, its order and times as they were, what it was made at and by whom. */
export function recipeOf(
  begin: MakingBegin,
  events: readonly MakingEvent[],
  state: MakingState<WorkStep>,
): PieceDocument {
  const { document } = begin;
  const told = holding(events);
  const boxed = told.findLast((e) => e.kind === 'boxed');
  const annealer = boxed?.annealer ?? begin.annealer;
  const read = told.flatMap((e) =>
    e.kind === 'reading'
      ? [tr`${printText(e.value, e.of, METRIC)} at ${clockText((e.at - begin.at) / 1000)}`]
      : [],
  );
  const lead = leadOf(begin);
  const how = [
    tr`As made no. ${begin.number} on ${new Date(begin.at).toISOString().slice(0, 10)}`,
    lead && tr`${lead.name} led`,
    begin.hole !== undefined &&
      `${begin.hole}${begin.holeTemperature === undefined ? '' : tr` at ${printText(begin.holeTemperature, 'temperature', METRIC)}`}`,
    begin.potTemperature !== undefined &&
      tr`pot at ${printText(begin.potTemperature, 'temperature', METRIC)}`,
    ...read,
  ].filter((w) => typeof w === 'string');
  const notes = [document.notes, `${how.join(', ')}.`].filter((w) => w !== '').join('\n');
  const made = withOrder(document, tr`As made no. ${begin.number}`, inIds(document, asMade(state)));
  return {
    ...made,
    notes: notes.slice(-NOTES),
    making: {
      ...document.making,
      ...(begin.potTemperature !== undefined && { potTemperature: begin.potTemperature }),
      ...(lead && document.making.gatherer !== undefined && { gatherer: lead.name }),
    },
    firing: {
      ...document.firing,
      ...(annealer !== undefined && document.firing.annealer !== undefined && { annealer }),
    },
  };
}
