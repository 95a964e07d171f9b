// The door: who is let in, who is who, and when that ends. Sessions are kept in the database and known here by the digest of their cookie.
import { IDLE_MS, LIFE_MS, type Enter, type May, type SessionLine } from '@zanfirico/contract/door';
import type { Session, SessionStore } from './sessionStore';
import { codeBook, type CodeBook } from './codes';
import { isPin, keptPin, newToken, tokenHash } from './secret';

/** Wrong PINs after which a device has to be paired anew. */
const MOST_WRONG_PINS = 5;
/** That a device was seen is written down so often, ms. */
const SEEN_EVERY_MS = 60_000;
/** A session that fell asleep can be woken for so long, ms. */
const SLEEP_MS = 14 * 86_400_000;

/** How a request's cookie stands. */
export type DoorStanding =
  | { readonly kind: 'in'; readonly session: Session }
  | { readonly kind: 'asleep'; readonly session: Session }
  | { readonly kind: 'none' };

/** The door of one server. */
export interface Door {
  readonly codes: CodeBook;
  readonly store: SessionStore;
  /** How a cookie stands now; whoever is in is seen. */
  standing(token: string | undefined): Promise<DoorStanding>;
  /** Lets a device in with a code; the cookie it had before is worth nothing any more. Undefined where the code is none. */
  enter(
    asked: Enter,
    before: string | undefined,
  ): Promise<{ readonly token: string; readonly session: Session } | undefined>;
  /** Wakes a session that sleeps; its cookie changes. */
  wake(
    token: string | undefined,
    pin: string,
  ): Promise<{ readonly token: string; readonly session: Session } | 'wrong' | 'none'>;
  lines(): Promise<SessionLine[]>;
  change(id: string, name: string, may: May): Promise<boolean>;
  end(id: string, why: string): Promise<boolean>;
  endAll(why: string): Promise<void>;
  /** Something a session holds open, to be shut when it ends; what comes back lets go of it. */
  holds(id: string, shut: () => void): () => void;
  /** How much a session holds open. */
  held(id: string): number;
}

/** Sessions as they stand, and what ends them. */
async function sessionsOver(store: SessionStore, now: () => number) {
  const byHash = new Map((await store.open()).map((s) => [s.tokenHash, s]));
  const open = new Map<string, Set<() => void>>();
  const replace = async (session: Session, changed: Partial<Session>): Promise<Session> => {
    const fresh = { ...session, ...changed };
    byHash.delete(session.tokenHash);
    byHash.set(fresh.tokenHash, fresh);
    await store.change(session.id, changed);
    return fresh;
  };
  const shutAll = (id: string): void => {
    for (const shut of open.get(id) ?? []) shut();
    open.delete(id);
  };
  const finish = async (session: Session, why: string): Promise<void> => {
    byHash.delete(session.tokenHash);
    shutAll(session.id);
    await store.end(session.id, why);
  };
  const find = (id: string): Session | undefined => [...byHash.values()].find((s) => s.id === id);
  const isAsleep = (s: Session): boolean => now() - s.seenAt > IDLE_MS[s.may];

  const standing = async (token: string | undefined): Promise<DoorStanding> => {
    const session = token === undefined ? undefined : byHash.get(tokenHash(token));
    if (!session) return { kind: 'none' };
    const idle = now() - session.seenAt;
    const over = now() - session.madeAt > LIFE_MS;
    if (over || (isAsleep(session) && (!session.pin || idle > IDLE_MS[session.may] + SLEEP_MS))) {
      await finish(session, over ? 'too old' : 'idle');
      return { kind: 'none' };
    }
    if (isAsleep(session)) {
      shutAll(session.id);
      return { kind: 'asleep', session };
    }
    if (idle > SEEN_EVERY_MS)
      return { kind: 'in', session: await replace(session, { seenAt: now() }) };
    return { kind: 'in', session };
  };

  return { store, now, byHash, open, replace, shutAll, finish, find, isAsleep, standing };
}
type Sessions = Awaited<ReturnType<typeof sessionsOver>>;

/** Coming in by a code, and waking by a PIN. */
const comingIn = (
  codes: Door['codes'],
  { store, now, byHash, replace, finish, find, isAsleep, standing }: Sessions,
): Pick<Door, 'enter' | 'wake'> => ({
  async enter({ code, device, pin }, before) {
    const whose = await codes.take(code);
    if (!whose) return undefined;
    const old = before === undefined ? undefined : byHash.get(tokenHash(before));
    if (old) await finish(old, 'paired anew');
    const token = newToken();
    const session = await store.add({
      tokenHash: tokenHash(token),
      ...whose,
      device,
      madeAt: now(),
      seenAt: now(),
      pin: pin === undefined ? undefined : await keptPin(pin),
      wrong: 0,
    });
    byHash.set(session.tokenHash, session);
    return { token, session };
  },

  async wake(token, pin) {
    const stands = await standing(token);
    if (stands.kind !== 'asleep') return 'none';
    const { session } = stands;
    // Counted before it is looked at: many at once are many.
    const counted = await replace(session, { wrong: session.wrong + 1 });
    const right = await isPin(pin, counted.pin ?? '');
    const still = find(session.id);
    if (!still || !isAsleep(still)) return 'none';
    if (!right) {
      if (still.wrong >= MOST_WRONG_PINS) await finish(still, 'wrong PINs');
      return 'wrong';
    }
    const fresh = newToken();
    return {
      token: fresh,
      session: await replace(still, { tokenHash: tokenHash(fresh), seenAt: now(), wrong: 0 }),
    };
  },
});

/** Who is in, what each may and holds open, and putting out. */
const whoIsIn = ({
  store,
  now,
  byHash,
  open,
  replace,
  shutAll,
  finish,
  find,
  isAsleep,
}: Sessions): Pick<Door, 'lines' | 'change' | 'end' | 'endAll' | 'holds' | 'held'> => ({
  async lines() {
    // Those that have run out are ended as they are looked at.
    for (const s of [...byHash.values()])
      if (now() - s.madeAt > LIFE_MS || (isAsleep(s) && !s.pin)) await finish(s, 'idle');
    return [...byHash.values()]
      .map((s) => ({
        id: s.id,
        name: s.name,
        may: s.may,
        device: s.device,
        madeAt: s.madeAt,
        seenAt: s.seenAt,
        hasPin: s.pin !== undefined,
        asleep: isAsleep(s),
      }))
      .sort((a, b) => a.madeAt - b.madeAt);
  },

  async change(id, name, may) {
    const session = find(id);
    if (!session) return false;
    // It holds open what it may no longer.
    if (may !== session.may) shutAll(id);
    await replace(session, { name, may });
    return true;
  },

  async end(id, why) {
    const session = find(id);
    if (session) await finish(session, why);
    return session !== undefined;
  },

  async endAll(why) {
    for (const s of byHash.values()) shutAll(s.id);
    byHash.clear();
    await store.endAll(why);
  },

  holds(id, shut) {
    const mine = open.get(id) ?? new Set();
    open.set(id, mine);
    mine.add(shut);
    return () => {
      mine.delete(shut);
    };
  },

  held: (id) => open.get(id)?.size ?? 0,
});

/** The door over a store. */
export async function doorOver(store: SessionStore, now: () => number = Date.now): Promise<Door> {
  const sessions = await sessionsOver(store, now);
  const codes = codeBook(now);
  return {
    codes,
    store,
    standing: sessions.standing,
    ...comingIn(codes, sessions),
    ...whoIsIn(sessions),
  };
}
