// The piece on the board: undo, gestures, and unsaved work kept through a closed tab.
import type { PieceDocument, SavedPiece } from '@zanfirico/contract';
import { freshDocument } from '../places/pieces/freshDocument';
// First of the stores: they look for the browser's storage when they are loaded.
import { storage } from './fakeStorage';
import { useBoard } from './board';
import { gesture, setProfile, useDraft } from './draft';
import { keepDraft, keptDraft } from './kept';

jest.useFakeTimers();

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

beforeEach(() => {
  storage.items.clear();
  storage.full = false;
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
  it('is kept a moment after each change and found when the piece is opened again', () => {
    rename('kept');
    jest.runAllTimers();
    expect(keptDraft('p1')).toMatchObject({ baseRevision: 3, document: { name: 'kept' } });
    expect(now().open(piece({ revision: 4 }))).toBe(true);
    expect(onBoard().name).toBe('kept');
    // Against the revision it was drawn from: a save will meet the newer one as a conflict.
    expect(now().baseRevision).toBe(3);
  });

  it('is forgotten once saved, dropped, or undone to what was saved', () => {
    rename('saved');
    jest.runAllTimers();
    now().markSaved(piece({ revision: 4, document: onBoard() }));
    expect(keptDraft('p1')).toBeUndefined();
    rename('dropped');
    jest.runAllTimers();
    now().drop();
    expect(onBoard().name).toBe('saved');
    expect(keptDraft('p1')).toBeUndefined();
    rename('undone');
    jest.runAllTimers();
    history().undo();
    jest.runAllTimers();
    expect(keptDraft('p1')).toBeUndefined();
  });

  it('that came in while a save was under way stays unsaved, on the new revision', () => {
    rename('sent');
    const sent = onBoard();
    rename('typed meanwhile');
    now().markSaved(piece({ revision: 4, document: sent }));
    expect(now().baseRevision).toBe(4);
    expect(onBoard().name).toBe('typed meanwhile');
    expect(keptDraft('p1')).toMatchObject({
      baseRevision: 4,
      document: { name: 'typed meanwhile' },
    });
  });

  it('survives a full storage in memory, and ignores what it cannot read', () => {
    storage.full = true;
    rename('no room');
    jest.runAllTimers();
    expect(onBoard().name).toBe('no room');
    storage.full = false;
    storage.setItem('zanfirico.draft.p1', '{"half": ');
    expect(keptDraft('p1')).toBeUndefined();
    storage.setItem('zanfirico.draft.p1', '{"baseRevision":1,"document":{"format":"else"}}');
    expect(keptDraft('p1')).toBeUndefined();
    keepDraft('p1', { baseRevision: 2, document });
    expect(keptDraft('p1')?.baseRevision).toBe(2);
  });
});
