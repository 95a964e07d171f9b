// What is printed is a page of paper whatever the screen looks like: light, titled, and drawn in full.
import { useEffect } from 'react';
import { flushSync } from 'react-dom';
import { create } from 'zustand';

/** Is the page being printed just now? Lists that draw only what is in sight then draw all of it. */
export const usePaper = create<{ readonly on: boolean }>()(() => ({ on: false }));

/** Long enough for a list that is drawn in full. */
export const ALL_ROWS = 5000;

/** Looks after the page while it is printed, by button or by Ctrl P. */
export function useOnPaper(theme: string): void {
  useEffect(() => {
    const root = document.documentElement;
    const before = (): void => {
      root.dataset['theme'] = 'ash';
      root.style.setProperty('--paper-title', JSON.stringify(document.title));
      flushSync(() => {
        usePaper.setState({ on: true });
      });
    };
    const after = (): void => {
      root.dataset['theme'] = theme;
      usePaper.setState({ on: false });
    };
    window.addEventListener('beforeprint', before);
    window.addEventListener('afterprint', after);
    return () => {
      window.removeEventListener('beforeprint', before);
      window.removeEventListener('afterprint', after);
    };
  }, [theme]);
}
