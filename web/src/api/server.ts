// Is the server there? Told by every answer and every silence; while it is away it is asked again.
import { create } from 'zustand';

interface ServerState {
  /** Since when what is shown is old, as far as that is known; undefined while the server answers. */
  readonly away: { readonly keptAt: string | undefined } | undefined;
  readonly heard: () => void;
  readonly silent: (keptAt?: string) => void;
}

export const useServer = create<ServerState>()((set, get) => ({
  away: undefined,
  heard: () => {
    if (get().away) set({ away: undefined });
  },
  silent: (when) => {
    const keptAt = when === '' ? undefined : when;
    const { away } = get();
    if (!away || (keptAt !== undefined && away.keptAt === undefined)) set({ away: { keptAt } });
  },
}));
