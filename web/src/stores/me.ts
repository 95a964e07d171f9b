// Who this screen is to the studio: everything on its own machine, what it was let in for elsewhere.
import type { Me, May } from '@zanfirico/contract/door';
import { create } from 'zustand';
import { Refused } from '../api/client';
import { readMe } from '../api/door';

interface MeState {
  /** Undefined until the server has said it; a server without a door lets its own machine do everything. */
  readonly me: Me | undefined;
  /** It could not be asked. */
  readonly unknown: boolean;
  readonly load: () => Promise<void>;
}

/** Who this screen is. */
export const useMe = create<MeState>()((set) => ({
  me: undefined,
  unknown: false,
  load: async () => {
    try {
      set({ me: await readMe() });
    } catch (error) {
      if (!(error instanceof Refused) || error.status !== 404) {
        set({ unknown: true });
        throw error;
      }
      set({ me: { name: '', may: 'lead', here: true, device: undefined, session: undefined } });
    }
  },
}));

const RANK: Readonly<Record<May, number>> = { look: 1, hand: 2, lead: 3 };

/** May this screen do what takes at least that? Until it is known it is taken to. */
export const useMay = (least: May): boolean =>
  useMe(({ me }) => me === undefined || RANK[me.may] >= RANK[least]);
