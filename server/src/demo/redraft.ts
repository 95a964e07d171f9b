// npm run demo:redraft: the demo pieces that keep an order of work get it anew, as the core does it today.
import type { PieceDocument } from '@zanfirico/contract/piece';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { SERVER } from '../home';
import { demoFiles } from './demoPieces';
import { redraftedPiece } from './redrafted';

for (const { file, text } of demoFiles()) {
  const next = redraftedPiece(JSON.parse(text) as PieceDocument);
  if (!next) continue;
  writeFileSync(join(SERVER, 'src/demo/pieces', file), `${JSON.stringify(next, null, 2)}\n`);
  process.stdout.write(`${file}: ${String(next.sequence?.variants[0]?.steps.length)} steps\n`);
}
