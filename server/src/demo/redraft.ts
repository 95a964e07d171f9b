// npm run demo:redraft: the demo pieces that keep an order of work get it drafted and heated anew, as the core does it today.
import type { PieceDocument, PieceStep } from '@zanfirico/contract';
import { byId, derive, draftFor, heatParts, placeHeats, SHIPPED_RACK } from '@zanfirico/core';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { demoFiles } from './demoPieces';

/** The document with its kept order replaced by today's; undefined where it keeps none, or cannot be made. */
function redrafted(document: PieceDocument): PieceDocument | undefined {
  const glass = SHIPPED_RACK.glass(document.glass);
  const kept = document.sequence?.variants[0];
  const derived = glass && kept && derive(document, glass);
  if (!document.sequence || !kept || derived?.ok !== true) return undefined;
  const main = derived.main.index;
  const { form, way, bits = [] } = document;
  const draft = draftFor(
    { form, way, parts: derived.parts, bits, main },
    document.parts.map((p) => p.colours),
  );
  const { helpers } = document.sequence;
  const { steps } = placeHeats(heatParts(derived.parts), draft, { main, helpers });
  const ids = document.parts.map((p) => p.id);
  return {
    ...document,
    sequence: {
      ...document.sequence,
      chosen: 0,
      variants: [{ name: kept.name, steps: byId<PieceStep>(steps, ids) }],
    },
  };
}

for (const { file, text } of demoFiles()) {
  const next = redrafted(JSON.parse(text) as PieceDocument);
  if (!next) continue;
  writeFileSync(join(import.meta.dirname, 'pieces', file), `${JSON.stringify(next, null, 2)}\n`);
  process.stdout.write(`${file}: ${String(next.sequence?.variants[0]?.steps.length)} steps\n`);
}
