// The screen kept awake while somebody works by it, where the browser gives that.
import { useEffect, useState } from 'react';

/** Is it kept awake? Undefined until the browser has answered. */
export function useAwake(): boolean | undefined {
  const [awake, setAwake] = useState<boolean | undefined>(() =>
    'wakeLock' in navigator ? undefined : false,
  );
  useEffect(() => {
    if (!('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | undefined;
    let live = true;
    const ask = (): void => {
      if (document.hidden) return;
      navigator.wakeLock.request('screen').then(
        (given) => {
          lock = given;
          if (live) setAwake(true);
          else void given.release();
        },
        () => {
          if (live) setAwake(false);
        },
      );
    };
    ask();
    // It is taken away whenever the window is hidden.
    document.addEventListener('visibilitychange', ask);
    return () => {
      live = false;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
  return awake;
}
