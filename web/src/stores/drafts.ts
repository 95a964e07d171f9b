// Unsaved changes in the browser's database, by tab and piece, so that a closed tab, a reload or a dead battery loses nothing.
import { tr } from '@zanfirico/core/words';
import { PIECE_VERSION } from '@zanfirico/contract';
import { upgradePiece, type PieceDocument } from '@zanfirico/contract/piece';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { useNotices } from './notices';
import { openTabs, thisTab } from './thisTab';

/** What is kept of one piece. */
export interface KeptDraft {
  readonly baseRevision: number;
  readonly document: PieceDocument;
}

/** Unsaved changes of one tab on one piece, as they lie there: perhaps of another version, perhaps damaged. */
export interface Draft {
  readonly piece: string;
  readonly tab: string;
  /** When they were kept, ms. */
  readonly at: number;
  readonly name: string;
  readonly baseRevision: number;
  readonly document: unknown;
}

interface Drawer extends DBSchema {
  drafts: { key: [piece: string, tab: string]; value: Draft; indexes: { piece: string } };
}

const NAME = 'zanfirico';

let drawer: Promise<IDBPDatabase<Drawer>> | undefined;
const opened = (): Promise<IDBPDatabase<Drawer>> =>
  (drawer ??= openDB<Drawer>(NAME, 1, {
    upgrade(db) {
      db.createObjectStore('drafts', { keyPath: ['piece', 'tab'] }).createIndex('piece', 'piece');
    },
    // Another page wants a newer one: let go of it, and open again when next asked.
    blocking(_, __, event) {
      (event.target as IDBDatabase).close();
      drawer = undefined;
    },
    terminated() {
      drawer = undefined;
    },
  }));

/** What is still to be written, by piece; undefined forgets. The newest of a piece is all that counts. */
const waiting = new Map<string, KeptDraft | undefined>();
let writing: Promise<void> | undefined;
let told = false;

/** What is being written now. */
let under: { readonly piece: string; readonly kept: KeptDraft | undefined } | undefined;
/** This tab's name, once it is known. */
let tabNow: string | undefined;
/** Pieces whose changes were put where nothing has to be waited for, as the page went. */
const heldFast = new Set<string>();
const placeOf = (piece: string): string => `zanfirico.draft.${piece}`;
/** Whose changes of a piece were to be forgotten as its page went: its tab. */
const goneOf = (piece: string): string => `zanfirico.forgotten.${piece}`;

async function write(piece: string, kept: KeptDraft | undefined): Promise<void> {
  under = { piece, kept };
  const [db, tab] = await Promise.all([opened(), thisTab()]);
  tabNow = tab;
  if (kept)
    await db.put('drafts', { piece, tab, at: Date.now(), name: kept.document.name, ...kept });
  else await db.delete('drafts', [piece, tab]);
  under = undefined;
  if (heldFast.delete(piece))
    for (const place of [placeOf(piece), goneOf(piece)]) localStorage.removeItem(place);
}

/** The page goes: what the database has not got yet is put where it is there at once, and taken over by the next page. */
function holdFast(): void {
  const still = new Map(waiting);
  if (under && !still.has(under.piece)) still.set(under.piece, under.kept);
  for (const [piece, kept] of still) {
    if (!kept && tabNow === undefined) continue;
    try {
      if (kept) localStorage.setItem(placeOf(piece), JSON.stringify({ ...kept, tab: tabNow }));
      else localStorage.setItem(goneOf(piece), tabNow ?? '');
      heldFast.add(piece);
    } catch {
      // no room: what is under way may still arrive
    }
  }
}
if (typeof window !== 'undefined') window.addEventListener('pagehide', holdFast);

async function drain(): Promise<void> {
  for (;;) {
    const next = waiting.entries().next();
    if (next.done === true) return;
    const [piece, kept] = next.value;
    waiting.delete(piece);
    try {
      await write(piece, kept);
      told = false;
    } catch (error) {
      drawer = undefined;
      if (!told)
        useNotices
          .getState()
          .trouble(
            error instanceof DOMException && error.name === 'QuotaExceededError'
              ? tr`The browser’s storage is full: what is not saved would be lost with this page. Save now.`
              : tr`This browser keeps no unsaved changes: they would be lost with this page. Save often.`,
          );
      told = true;
    }
  }
}

function put(piece: string, kept: KeptDraft | undefined): void {
  waiting.set(piece, kept);
  writing ??= drain().finally(() => {
    writing = undefined;
  });
}

/** Remembers this tab's unsaved changes, at once; while one lot is being written only the newest waits. */
export const keepDraft = (piece: string, kept: KeptDraft): void => {
  put(piece, kept);
};

/** Forgets this tab's unsaved changes of a piece. */
export const forgetDraft = (piece: string): void => {
  put(piece, undefined);
};

/** Everything that was to be written is. */
export const draftsKept = async (): Promise<void> => {
  while (writing) await writing;
};

/** Unsaved changes there are, of one piece or of all, the newest first. Nothing where this browser keeps none. */
export async function draftsOf(piece?: string): Promise<readonly Draft[]> {
  await draftsKept();
  try {
    const db = await opened();
    const all =
      piece === undefined
        ? await db.getAll('drafts')
        : await db.getAllFromIndex('drafts', 'piece', piece);
    return all.sort((a, b) => b.at - a.at);
  } catch {
    return [];
  }
}

/** Throws one tab's unsaved changes of a piece away. */
export async function dropDraft(draft: Pick<Draft, 'piece' | 'tab'>): Promise<void> {
  await draftsKept();
  await (await opened()).delete('drafts', [draft.piece, draft.tab]);
}

/** What of a piece is to go on the board, and what else there is of it. */
export interface FoundDraft {
  readonly kept: KeptDraft | undefined;
  /** What this tab's own cannot be read for, as a sentence. */
  readonly unreadable?: { readonly draft: Draft; readonly says: string };
  /** Those of other tabs, open or not. */
  readonly others: readonly Draft[];
}

/**
 * This tab's unsaved changes of a piece; else the newest of a tab that is no longer there, which become this tab's. What does not pass
 * the schema stays where it is and is told.
 */
export async function takeDraft(piece: string): Promise<FoundDraft> {
  await fromBefore(piece);
  const all = await draftsOf(piece);
  if (all.length === 0) return { kept: undefined, others: [] };
  const [tab, open] = await Promise.all([thisTab(), openTabs()]);
  const mine = all.find((d) => d.tab === tab) ?? all.find((d) => !open.has(d.tab));
  const others = all.filter((d) => d !== mine);
  if (!mine) return { kept: undefined, others };
  const read = await readDraft(mine);
  if ('says' in read)
    return { kept: undefined, unreadable: { draft: mine, says: read.says }, others };
  if (mine.tab !== tab) {
    keepDraft(piece, read);
    await dropDraft(mine);
  }
  return { kept: read, others };
}

/** A draft brought to the version of today and checked; or what keeps it from being read. */
export async function readDraft(draft: Draft): Promise<KeptDraft | { readonly says: string }> {
  // The schema's checker comes only where there is something to check.
  const { problemIn } = await import('./checkDraft');
  const document = upgradePiece(draft.document) as PieceDocument | undefined;
  const problem = problemIn(document);
  if (
    problem === undefined &&
    document?.version === PIECE_VERSION &&
    Number.isInteger(draft.baseRevision)
  )
    return { baseRevision: draft.baseRevision, document };
  return { says: problem ?? tr`they are no piece of this version` };
}

/** Unsaved changes a page put down as it went, or an older one, which had one place a piece: taken over once. */
async function fromBefore(piece: string): Promise<void> {
  const key = placeOf(piece);
  try {
    const gone = localStorage.getItem(goneOf(piece));
    if (gone !== null) {
      // Saved, and the page went before the database had forgotten it.
      await (await opened()).delete('drafts', [piece, gone]);
      localStorage.removeItem(goneOf(piece));
    }
    const text = localStorage.getItem(key);
    if (text === null) return;
    const {
      baseRevision,
      document,
      tab = 'before',
    } = JSON.parse(text) as KeptDraft & { tab?: string };
    const db = await opened();
    await db.put('drafts', {
      piece,
      tab,
      at: Date.now(),
      name: document.name,
      baseRevision,
      document,
    });
    localStorage.removeItem(key);
  } catch {
    // unreadable: nothing was kept
  }
}
