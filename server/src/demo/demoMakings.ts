// The invented studio's makings: three that ended and one on the bench, at times told from the day the shelf is stocked.
import type { SavedPiece } from '@zanfirico/contract';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { SERVER } from '../home';
import type { MakingStore } from '../making/makingStore';
import type { PieceStore } from '../piece/pieceStore';
import type { DemoMaking } from './demoMaking';
import { halfYear, PHOTOS } from './halfYear';

/** Where the demo's makings are. */
export const MAKINGS_FOLDER = join(SERVER, 'src/demo/makings');
const PHOTOS_FOLDER = join(SERVER, 'src/demo/photos');

/** The demo's makings. */
export const demoMakings = (): DemoMaking[] =>
  readdirSync(MAKINGS_FOLDER)
    .sort()
    .map((f) => JSON.parse(readFileSync(join(MAKINGS_FOLDER, f), 'utf8')) as DemoMaking);

/** When it began, ms since 1970, told from now. */
function begunAt({ daysAgo, at, events }: DemoMaking, now: number): number {
  if (typeof at === 'number') return now - 1000 * at - Math.max(0, ...events.map((e) => e.at));
  const day = new Date(now);
  day.setDate(day.getDate() - daysAgo);
  return day.setHours(at[0], at[1], 0, 0);
}

/** Puts them with the pieces of the shelf. */
export async function stockMakings(
  store: PieceStore,
  makings: MakingStore,
  now = Date.now(),
): Promise<void> {
  const { lines } = await store.page({ putAway: false });
  const full = demoMakings();
  const boxed = full.filter((d) => d.events.some((e) => e.kind === 'boxed'));
  for (const { id, file } of PHOTOS)
    await makings.keepPhoto(id, readFileSync(join(PHOTOS_FOLDER, file)));
  const pieces = new Map<string, SavedPiece>();
  for (const name of new Set(full.map((d) => d.piece))) {
    const line = lines.find((l) => l.name === name);
    const piece = line && (await store.get(line.id));
    if (piece) pieces.set(name, piece);
  }
  const documents = new Map([...pieces].map(([name, p]) => [name, p.document]));
  for (const demo of [...halfYear(boxed, documents), ...full]) {
    const piece = pieces.get(demo.piece);
    if (!piece) continue;
    const at = begunAt(demo, now);
    await makings.readIn({
      begin: {
        ...demo.begin,
        piece: piece.id,
        revision: piece.revision,
        at,
        document: piece.document,
      },
      events: demo.events.map((e) => ({ ...e, at: at + e.at })),
    });
  }
}
