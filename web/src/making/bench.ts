// What happened at the bench, in the browser's own database first: nothing tapped is lost to a closed tab or a server that is away, and all
// of it goes to the server in order, once.
import type { MakingBegin, MakingEvent } from '@zanfirico/contract/making';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { beginMaking, Refused, sendEvents, sendPhoto, sentenceOf } from '../api/client';
import { useNotices } from '../stores/notices';

interface Drawer extends DBSchema {
  begun: { key: string; value: { readonly begin: MakingBegin; readonly sent: boolean } };
  events: {
    key: number;
    value: { readonly making: string; readonly event: MakingEvent; readonly sent: boolean };
    indexes: { making: string };
  };
  /** Pictures that are not with the server yet, by their ids. */
  photos: {
    key: string;
    value: { readonly id: string; readonly making: string; readonly picture: Blob };
    indexes: { making: string };
  };
}

/** What is on its way into the drawer: a tab may be closed before it is there, and this waits for nothing. */
const JOURNAL = 'zanfirico.bench.journal';
interface Jotted {
  readonly making: string;
  readonly event: MakingEvent;
}
function jotted(): readonly Jotted[] {
  try {
    return JSON.parse(localStorage.getItem(JOURNAL) ?? '[]') as Jotted[];
  } catch {
    return [];
  }
}
function jot(all: readonly Jotted[]): void {
  if (all.length === 0) localStorage.removeItem(JOURNAL);
  else localStorage.setItem(JOURNAL, JSON.stringify(all));
}
const jottedOff = (ids: ReadonlySet<string>): void => {
  jot(jotted().filter((j) => !ids.has(j.event.id)));
};

let drawer: Promise<IDBPDatabase<Drawer>> | undefined;
const opened = (): Promise<IDBPDatabase<Drawer>> =>
  (drawer ??= openedAnew().then(async (db) => {
    // What a closed tab left on its way; kept twice it is sent under one id, and counts once.
    const left = jotted();
    const tx = db.transaction('events', 'readwrite');
    await Promise.all([...left.map((j) => tx.store.add({ ...j, sent: false })), tx.done]);
    jottedOff(new Set(left.map((j) => j.event.id)));
    return db;
  }));
const openedAnew = (): Promise<IDBPDatabase<Drawer>> =>
  openDB<Drawer>('zanfirico-bench', 2, {
    upgrade(db, before) {
      if (before < 1) {
        db.createObjectStore('begun');
        db.createObjectStore('events', { autoIncrement: true }).createIndex('making', 'making');
      }
      db.createObjectStore('photos', { keyPath: 'id' }).createIndex('making', 'making');
    },
    blocking(_, __, event) {
      (event.target as IDBDatabase).close();
      drawer = undefined;
    },
    terminated() {
      drawer = undefined;
    },
  });

/** A making is begun: kept here, and sent when the server is there. */
export async function keepBegin(begin: MakingBegin): Promise<void> {
  await (await opened()).put('begun', { begin, sent: false }, begin.id);
  void send(begin.id);
}

/** It happened: kept here, and sent in its turn. */
export async function keepEvent(making: string, event: MakingEvent): Promise<void> {
  jot([...jotted(), { making, event }]);
  const db = await opened();
  // Opening the drawer takes what is jotted with it.
  if (jotted().some((j) => j.event.id === event.id))
    await db.add('events', { making, event, sent: false });
  jottedOff(new Set([event.id]));
  void send(making);
}

/** A picture, kept here until the server has it; its event comes after. */
export async function keepPhoto(making: string, id: string, picture: Blob): Promise<void> {
  await (await opened()).put('photos', { id, making, picture });
}

/** What is not with the server yet, in order. */
export async function unsent(
  making: string,
): Promise<{ readonly begin: MakingBegin | undefined; readonly events: readonly MakingEvent[] }> {
  const db = await opened();
  const kept = await db.get('begun', making);
  return {
    begin: kept && !kept.sent ? kept.begin : undefined,
    events: (await db.getAllFromIndex('events', 'making', making))
      .filter((e) => !e.sent)
      .map((e) => e.event),
  };
}

/** All that is known here of a making, sent or not: enough to go on with while the server is away. */
export async function keptHere(
  making: string,
): Promise<{ readonly begin: MakingBegin | undefined; readonly events: readonly MakingEvent[] }> {
  const db = await opened();
  return {
    begin: (await db.get('begun', making))?.begin,
    events: (await db.getAllFromIndex('events', 'making', making)).map((e) => e.event),
  };
}

/** It has ended and the server has all of it: nothing need be kept here. */
export async function letGo(making: string): Promise<void> {
  const db = await opened();
  const { begin, events } = await unsent(making);
  if (begin || events.length > 0) return;
  const keys = await db.getAllKeysFromIndex('events', 'making', making);
  const tx = db.transaction(['begun', 'events'], 'readwrite');
  await Promise.all([
    tx.objectStore('begun').delete(making),
    ...keys.map((k) => tx.objectStore('events').delete(k)),
    tx.done,
  ]);
}

/** Events sent at once. */
const LOT = 200;
/** Tried again after so long, doubling, ms. */
const FIRST_WAIT = 1000;
const MOST_WAIT = 30_000;

const sending = new Map<string, Promise<void>>();
const waits = new Map<string, number>();

/** Sends what is waiting, in order; what the server does not take stays, and is tried again. Refusals other than silence are told by the one who asked. */
export function send(making: string): Promise<void> {
  const under = sending.get(making);
  if (under) return under.then(() => send(making));
  const work = sendAll(making)
    .then(
      () => {
        waits.delete(making);
      },
      (error: unknown) => {
        // What it refuses it refuses for good; silence passes.
        if (error instanceof Refused && error.status >= 400 && error.status < 500) throw error;
        const wait = Math.min(MOST_WAIT, 2 * (waits.get(making) ?? FIRST_WAIT / 2));
        waits.set(making, wait);
        setTimeout(() => {
          void send(making).catch(() => undefined);
        }, wait);
      },
    )
    .finally(() => {
      sending.delete(making);
    });
  sending.set(making, work);
  return work;
}

/** So many of a making's events that are not with the server yet, in order, each with its key. */
async function firstUnsent(
  db: IDBPDatabase<Drawer>,
  making: string,
  most: number,
): Promise<{ readonly key: number; readonly kept: Drawer['events']['value'] }[]> {
  const found = [];
  const mine = db.transaction('events').store.index('making').iterate(making);
  for await (const { primaryKey, value } of mine) {
    if (found.length >= most) break;
    if (!value.sent) found.push({ key: primaryKey, kept: value });
  }
  return found;
}

/** Pictures the server had no room for, or would not have, that was said of. */
const toldOf = new Set<string>();

async function sendAll(making: string): Promise<void> {
  let noRoom: Error | undefined;
  const db = await opened();
  const kept = await db.get('begun', making);
  if (kept && !kept.sent) {
    await beginMaking(kept.begin);
    await db.put('begun', { ...kept, sent: true }, making);
  }
  for (const { id, picture } of await db.getAllFromIndex('photos', 'making', making)) {
    try {
      await sendPhoto(id, picture);
    } catch (error) {
      // A picture it refuses, or has no room for, is no reason to hold back what happened.
      if (!(error instanceof Refused) || error.status < 400) throw error;
      if (!toldOf.has(id)) useNotices.getState().trouble(sentenceOf(error));
      toldOf.add(id);
      if (error.status >= 500) {
        noRoom = error;
        continue;
      }
    }
    await db.delete('photos', id);
  }
  for (;;) {
    const lot = await firstUnsent(db, making, LOT);
    if (lot.length === 0) break;
    await sendEvents(
      making,
      lot.map((e) => e.kept.event),
    );
    const tx = db.transaction('events', 'readwrite');
    await Promise.all([
      ...lot.map(({ key, kept: e }) => tx.store.put({ ...e, sent: true }, key)),
      tx.done,
    ]);
  }
  // It stays here, and is tried again.
  if (noRoom) throw noRoom;
}
