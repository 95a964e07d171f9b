// The demo's orders of work: drafted and with their heats placed, as a studio would keep them.
import type { PieceDocument, PieceStep } from '@zanfirico/contract';
import { derive, draftFor, heatParts, placeHeats, SHIPPED_RACK } from '@zanfirico/core';

/** Pieces that are kept with their full sequence. */
const FULL = new Set(['Harbour candlestick', 'Oil cruet', 'Kelp frond', 'Rain gauge']);

/** The document with its order of work, where the demo keeps one. */
export function withOrder(document: PieceDocument): PieceDocument {
  const glass = SHIPPED_RACK.glass(document.glass);
  if (!glass || !FULL.has(document.name)) return document;
  const derived = derive(document, glass);
  if (!derived.ok) return document;
  const main = derived.main.index;
  const draft = draftFor(
    {
      form: document.form,
      way: document.way,
      parts: derived.parts,
      bits: document.bits ?? [],
      main,
    },
    document.parts.map((p) => p.colours),
  );
  const { steps } = placeHeats(heatParts(derived.parts), draft, { main, helpers: true });
  return {
    ...document,
    sequence: {
      chosen: 0,
      helpers: true,
      ...document.sequence,
      variants: [{ name: 'As planned', steps: structuredClone(steps) as PieceStep[] }],
    },
  };
}
