// The piece on the board: undo, gestures, and unsaved work kept through a closed tab.
import type { SavedPiece } from '@zanfirico/contract';
import type { PieceDocument } from '@zanfirico/contract/piece';
import { freshDocument } from '../places/pieces/freshDocument';
// First of the stores: they look for the browser's storage when they are loaded.
import { storage } from './fakeStorage';
import 'fake-indexeddb/auto';
import { useBoard } from './board';
import { gesture, setProfile, useDraft } from './draft';
import { draftsOf, dropDraft, takeDraft } from './drafts';

const document = freshDocument({ name: 'Board', form: 'tumbler', glass: 'soft-batch-96' });
const piece = (change: Partial<SavedPiece> = {}): SavedPiece => ({
  id: 'p1',
  revision: 3,
  savedAt: '2026-01-01T00:00:00.000Z',
  putAway: false,
  document,
  ...change,
});
const now = () => useDraft.getState();
const history = () => useDraft.temporal.getState();
const rename = (name: string): void => {
  now().change((d) => ({ ...d, name }));
};
const onBoard = (): PieceDocument => {
  const d = now().document;
  if (!d) throw new Error('nothing is on the board');
  return d;
};

const kept = async () => (await draftsOf('p1')).map((d) => ({ ...d, at: 0 }));

beforeEach(async () => {
  for (const draft of await draftsOf()) await dropDraft(draft);
  now().open(piece());
});

describe('undo', () => {
  it('goes back change by change without limit, and forward again', () => {
    for (let i = 0; i < 500; i += 1) rename(`name ${String(i)}`);
    expect(history().pastStates).toHaveLength(500);
    history().undo(500);
    expect(onBoard()).toBe(document);
    history().redo(500);
    expect(onBoard().name).toBe('name 499');
  });

  it('takes a whole drag back at once', () => {
    const drag = gesture();
    expect(useBoard.getState().moving).toBe(false);
    for (let i = 1; i <= 40; i += 1)
      drag.step(() => {
        setProfile(
          0,
          document.parts[0]?.profile.map((p) => ({ ...p, height: p.height * (1 + i / 100) })) ?? [],
        );
      });
    expect(useBoard.getState().moving).toBe(true);
    drag.end();
    expect(useBoard.getState().moving).toBe(false);
    rename('after');
    expect(history().pastStates).toHaveLength(2);
    history().undo(2);
    expect(onBoard()).toBe(document);
  });

  it('starts anew with each piece', () => {
    rename('changed');
    now().open(piece({ id: 'p2' }));
    expect(history().pastStates).toHaveLength(0);
  });
});

describe('unsaved work', () => {
  it('is kept at each change and found when the piece is opened again', async () => {
    rename('kept');
    expect(await kept()).toMatchObject([{ baseRevision: 3, name: 'kept' }]);
    const found = await takeDraft('p1');
    now().open(piece({ revision: 4 }), found.kept);
    expect(onBoard().name).toBe('kept');
    // Against the revision it was drawn from: a save will meet the newer one as a conflict.
    expect(now().baseRevision).toBe(3);
  });

  it('of a thousand changes made at once the last is kept', async () => {
    for (let i = 0; i < 1000; i += 1) rename(`name ${String(i)}`);
    expect(await kept()).toMatchObject([{ name: 'name 999' }]);
  });

  it('is forgotten once saved, dropped, or undone to what was saved', async () => {
    rename('saved');
    now().markSaved(piece({ revision: 4, document: onBoard() }));
    expect(await kept()).toEqual([]);
    rename('dropped');
    now().drop();
    expect(onBoard().name).toBe('saved');
    expect(await kept()).toEqual([]);
    rename('undone');
    history().undo();
    expect(await kept()).toEqual([]);
  });

  it('saved, and the page gone before the database had forgotten it: it does not come back', async () => {
    rename('saved already');
    const [left] = await kept();
    // What the page put down as it went, where nothing has to be waited for.
    storage.setItem('zanfirico.forgotten.p1', left?.tab ?? '');
    expect((await takeDraft('p1')).kept).toBeUndefined();
    expect(await kept()).toEqual([]);
    expect(storage.getItem('zanfirico.forgotten.p1')).toBeNull();
    // What is drawn afterwards is kept as ever.
    rename('drawn after');
    expect((await takeDraft('p1')).kept?.document.name).toBe('drawn after');
  });

  it('drawn on an older revision and dropped, the next is drawn on the newest', () => {
    now().open(piece({ revision: 7 }), { baseRevision: 3, document: { ...document, name: 'old' } });
    expect(now().baseRevision).toBe(3);
    now().drop();
    expect([now().baseRevision, onBoard().name]).toEqual([7, 'Board']);
  });

  it('that came in while a save was under way stays unsaved, on the new revision', async () => {
    rename('sent');
    const sent = onBoard();
    rename('typed meanwhile');
    now().markSaved(piece({ revision: 4, document: sent }));
    expect(now().baseRevision).toBe(4);
    expect(onBoard().name).toBe('typed meanwhile');
    expect(await kept()).toMatchObject([{ baseRevision: 4, name: 'typed meanwhile' }]);
  });
});
