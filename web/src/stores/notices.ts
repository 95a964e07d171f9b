// Short notices at the foot of the screen, each with at most one thing to do about it.
import { create } from 'zustand';

/** Something said to this person. */
export interface Notice {
  readonly key: number;
  readonly text: string;
  readonly tone: 'plain' | 'trouble';
  readonly action?: { readonly label: string; readonly run: () => void } | undefined;
}

interface NoticeState {
  readonly notices: readonly Notice[];
  readonly say: (text: string, action?: Notice['action']) => void;
  readonly trouble: (text: string) => void;
  readonly dismiss: (key: number) => void;
}

const STAYS_MS = 8000;
let last = 0;

/** What is said to this person. */
export const useNotices = create<NoticeState>()((set, get) => {
  const add = (notice: Omit<Notice, 'key'>): void => {
    last += 1;
    const key = last;
    set((s) => ({ notices: [...s.notices.slice(-2), { ...notice, key }] }));
    if (notice.tone === 'plain')
      setTimeout(() => {
        get().dismiss(key);
      }, STAYS_MS);
  };
  return {
    notices: [],
    say: (text, action) => {
      add({ text, tone: 'plain', action });
    },
    trouble: (text) => {
      add({ text, tone: 'trouble' });
    },
    dismiss: (key) => {
      set((s) => ({ notices: s.notices.filter((n) => n.key !== key) }));
    },
  };
});
