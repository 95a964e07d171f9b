// Which figure is being asked why.
import { create } from 'zustand';

interface WhyState {
  readonly asked: string | undefined;
  readonly ask: (id: string) => void;
  readonly close: () => void;
}

/** The figure that is asked why. */
export const useWhy = create<WhyState>()((set) => ({
  asked: undefined,
  ask: (id) => {
    set((s) => ({ asked: s.asked === id ? undefined : id }));
  },
  close: () => {
    set({ asked: undefined });
  },
}));
