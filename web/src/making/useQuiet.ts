// Between taps the screen goes quiet: what glows by itself is left, until somebody moves.
import { useEffect, useState } from 'react';

/** Nobody has touched it for so long, ms. */
const STILL = 12_000;

/** Whether nobody has touched the screen for a while. */
export function useQuiet(): boolean {
  const [quiet, setQuiet] = useState(false);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const moved = (): void => {
      setQuiet(false);
      clearTimeout(timer);
      timer = setTimeout(() => {
        setQuiet(true);
      }, STILL);
    };
    moved();
    const moves = ['pointerdown', 'pointermove', 'keydown'] as const;
    for (const m of moves) window.addEventListener(m, moved);
    return () => {
      clearTimeout(timer);
      for (const m of moves) window.removeEventListener(m, moved);
    };
  }, []);
  return quiet;
}
