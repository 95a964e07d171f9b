// Who has a piece open just now: each tab says so every few seconds, and is forgotten when it says so no more.
import type { InPiece } from '@zanfirico/contract';
import type { Me } from '@zanfirico/contract/door';

/** A tab that was not heard of for so long is gone, ms. */
const GONE_MS = 16_000;
/** Tabs remembered in all. */
const MOST = 2000;

interface Seen extends InPiece {
  readonly piece: string;
  readonly at: number;
}

/** Who is where. */
export interface Presence {
  /** A tab is here; the others that are. */
  here(piece: string, tab: string, me: Me): InPiece[];
}

/** Who is in which piece; forgotten when the server starts. */
export function presence(now: () => number = Date.now): Presence {
  const tabs = new Map<string, Seen>();
  return {
    here(piece, tab, { name, device }) {
      const at = now();
      for (const [key, s] of tabs) if (at - s.at > GONE_MS) tabs.delete(key);
      if (tabs.size < MOST || tabs.has(tab))
        tabs.set(tab, { piece, at, name, ...(device !== undefined && { device }) });
      return [...tabs]
        .filter(([key, s]) => key !== tab && s.piece === piece)
        .map(([, s]) => ({ name: s.name, ...(s.device !== undefined && { device: s.device }) }));
    },
  };
}
