// What happened at the bench, in the browser's own database first: nothing tapped is lost to a closed tab or a server that is away, and all
// of it goes to the server in order, once.
import type { MakingBegin, MakingEvent } from '@zanfirico/contract';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { beginMaking, Refused, sendEvents } from '../api/client';

interface Drawer extends DBSchema {
  begun: { key: string; value: { readonly begin: MakingBegin; readonly sent: boolean } };
  events: {
    key: number;
    value: { readonly making: string; readonly event: MakingEvent; readonly sent: boolean };
    indexes: { making: string };
  };
}

let drawer: Promise<IDBPDatabase<Drawer>> | undefined;
const opened = (): Promise<IDBPDatabase<Drawer>> =>
  (drawer ??= openDB<Drawer>('zanfirico-bench', 1, {
    upgrade(db) {
      db.createObjectStore('begun');
      db.createObjectStore('events', { autoIncrement: true }).createIndex('making', 'making');
    },
    blocking(_, __, event) {
      (event.target as IDBDatabase).close();
      drawer = undefined;
    },
    terminated() {
      drawer = undefined;
    },
  }));

/** A making is begun: kept here, and sent when the server is there. */
export async function keepBegin(begin: MakingBegin): Promise<void> {
  await (await opened()).put('begun', { begin, sent: false }, begin.id);
  void send(begin.id);
}

/** It happened: kept here, and sent in its turn. */
export async function keepEvent(making: string, event: MakingEvent): Promise<void> {
  await (await opened()).add('events', { making, event, sent: false });
  void send(making);
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

async function sendAll(making: string): Promise<void> {
  const db = await opened();
  const kept = await db.get('begun', making);
  if (kept && !kept.sent) {
    await beginMaking(kept.begin);
    await db.put('begun', { ...kept, sent: true }, making);
  }
  for (;;) {
    const keys = await db.getAllKeysFromIndex('events', 'making', making);
    const all = await Promise.all(
      keys.map(async (key) => ({ key, kept: await db.get('events', key) })),
    );
    const lot = all
      .flatMap(({ key, kept: e }) => (e && !e.sent ? [{ key, kept: e }] : []))
      .slice(0, LOT);
    if (lot.length === 0) return;
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
}
