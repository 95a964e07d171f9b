// Is the server there, does it know this screen, and what is its clock? Told by every answer and every silence.
import { create } from 'zustand';
import { ANSWERS } from './kept';

interface ServerState {
  /** Since when what is shown is old, as far as that is known; undefined while the server answers. */
  readonly away: { readonly keptAt: string | undefined } | undefined;
  /** This screen is not let in any more, or sleeps. */
  readonly isOut: boolean;
  /** How far the studio's clock is ahead of this screen's, ms; 0 where they agree. */
  readonly ahead: number;
  readonly heard: () => void;
  readonly silent: (keptAt?: string) => void;
  readonly putOut: () => void;
}

/** Whether the server answers. */
export const useServer = create<ServerState>()((set, get) => ({
  away: undefined,
  isOut: false,
  ahead: 0,
  heard: () => {
    if (get().away) set({ away: undefined });
  },
  silent: (when) => {
    const keptAt = when === '' ? undefined : when;
    const { away } = get();
    if (!away || (keptAt !== undefined && away.keptAt === undefined)) set({ away: { keptAt } });
  },
  putOut: () => {
    if (get().isOut) return;
    set({ isOut: true });
    // What was kept of the server's answers is not for whoever is out. Drafts and events stay: they are this screen's own.
    if ('caches' in globalThis) void caches.delete(ANSWERS).catch(() => undefined);
  },
}));

/** Clocks nearer than this agree, ms: an answer is under way for a while. */
const AGREE_MS = 3000;
/** The answer that was under way for the shortest, ms. */
let shortest = Infinity;

/** The server's clock as an answer told it, and when it was asked and answered by this screen's. */
export function clockTold(now: string | null, sent: number, came: number): void {
  if (now === null || !/^\d{13}$/.test(now)) return;
  const took = came - sent;
  // A clock that was set meanwhile is another clock.
  const ahead = Number(now) - (sent + took / 2);
  const known = useServer.getState().ahead;
  const far = Math.abs(ahead - known) > AGREE_MS + took;
  if (took > shortest && !far) return;
  shortest = took;
  const fresh = Math.abs(ahead) < AGREE_MS ? 0 : Math.round(ahead);
  if (far || fresh === 0) useServer.setState({ ahead: fresh });
}

/** What time it is in the studio, ms: this screen's clock, set right by the studio's where they differ. */
export const studioNow = (): number => Date.now() + useServer.getState().ahead;
