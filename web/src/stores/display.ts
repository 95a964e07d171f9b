// How this person reads numbers and the screen: units and theme, kept in the browser.
import type { DisplayUnits } from '@zanfirico/core/units';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { Language } from '@zanfirico/words';
import { chooseLanguage, decimalOf } from '../words/language';

/** Dark or light. */
export type Theme = 'soot' | 'ash';

interface DisplayState {
  readonly units: DisplayUnits;
  readonly theme: Theme;
  readonly setUnits: (change: Partial<DisplayUnits>) => void;
  readonly setTheme: (theme: Theme) => void;
}

/** What the person's machine is set to; dark where it does not say. */
const wished = (): Theme =>
  typeof matchMedia === 'function' && matchMedia('(prefers-color-scheme: light)').matches
    ? 'ash'
    : 'soot';

/** How numbers are read, and in which light. */
export const useDisplay = create<DisplayState>()(
  persist(
    (set) => ({
      units: { temperature: 'C', length: 'mm', mass: 'g', decimal: decimalOf() },
      theme: wished(),
      setUnits: (change) => {
        set((s) => ({ units: { ...s.units, ...change } }));
      },
      setTheme: (theme) => {
        set({ theme });
      },
    }),
    { name: 'zanfirico.display' },
  ),
);

/** Another language, and decimals as it writes them. */
export function takeLanguage(code: Language): void {
  useDisplay.getState().setUnits({ decimal: decimalOf(code) });
  chooseLanguage(code);
}
