// The demo's makings: files a user's could be, of steps their pieces have, and with the heat their stories tell.
import type { MakingEvent } from '@zanfirico/contract/making';
import { MakingSchema } from '@zanfirico/contract/making';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { byNumber } from '@zanfirico/core/edits';
import { lookedBack, makingState, oddities } from '@zanfirico/core/making';
import { checker } from '../check/schema';
import { logStore } from '../log/logStore';
import { makingStore } from '../making/makingStore';
import { openDatabase, type Database } from '../store/database';
import { pieceStore } from '../piece/pieceStore';
import { rackStore } from '../rack/rackStore';
import { demoMakings, stockMakings } from './demoMakings';
import { demoPieces } from './demoPieces';
import { stockDemo } from './stockDemo';
import { worked } from './worked';

const check = checker(MakingSchema);
const NOON = new Date(2026, 10, 27, 12).getTime();

let db: Database;
beforeAll(async () => {
  db = await openDatabase(':memory:');
  const store = pieceStore(db);
  await stockDemo(store, rackStore(db));
  await stockMakings(store, makingStore(db), NOON);
});
afterAll(() => db.destroy());

it('two came into the box, one was given up, one is on the bench; every file is one a user could read in', async () => {
  const makings = makingStore(db);
  const lines = (await makings.list()).filter((l) => l.id.includes('-4000-8'));
  expect(lines.map((l) => [l.name, l.ended])).toEqual([
    ['Harbour candlestick', undefined],
    ['Tide-pool bowl', 'boxed'],
    ['Quay goblet', 'given up'],
    ['Salt cellar', 'boxed'],
  ]);
  for (const { id } of lines) {
    const making = await makings.get(id);
    expect(check({ format: 'zanfirico.making', version: 1, ...making })).toMatchObject({
      ok: true,
    });
    const { steps, at } = making?.begin ?? { steps: [], at: 0 };
    expect(oddities(steps, at, making?.events as MakingEvent[], NOON)).toEqual([]);
  }
});

it('half a year: about 120 makings, fourteen lost after the box, each a file a user could read in', async () => {
  const came = await logStore(db).all({ outcome: 'came' });
  expect(came).toHaveLength(117);
  expect(came.filter((l) => l.outcome === 'lost' && l.ended === 'boxed')).toHaveLength(14);
  const { lines, total } = await logStore(db).page({ outcome: 'waits' });
  expect([total, lines.map((l) => l.name)]).toEqual([2, ['Tide-pool bowl', 'Salt cellar']]);
  for (const { id } of came) {
    const making = await makingStore(db).get(id);
    expect(check({ format: 'zanfirico.making', version: 1, ...making })).toMatchObject({
      ok: true,
    });
  }
});

it.each(demoMakings().map((m) => [m.piece, m] as const))(
  '%s: its heat tells its story',
  (name, demo) => {
    const document = demoPieces()
      .map((p) => p.at(-1) as PieceDocument)
      .find((d) => d.name === name);
    const work = document && worked(document);
    if (!work) throw new Error('no such piece');
    const { parts, fires } = work;
    const ids = document.parts.map((p) => p.id);
    const state = makingState(
      byNumber(demo.begin.steps, ids),
      0,
      demo.events.map((e) =>
        e.kind === 'put in' ? { ...e, step: byNumber([e.step], ids)[0] } : e,
      ) as MakingEvent[],
      demo.begin,
    );
    const lost =
      lookedBack(parts, state, fires, demo.begin)?.lost.filter((l) => l.verdict === 'no') ?? [];
    if (state.ended?.how === 'given up') expect(lost.length).toBeGreaterThan(0);
    else expect(lost).toEqual([]);
  },
);
