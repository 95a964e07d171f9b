// A dialog as large as the screen, for the studio's wall: shown, full screen where the browser lets it, ticking while it stands.
import { useEffect, useRef, useState, type RefObject } from 'react';

/** The dialog's ref, and the moment, looked at every so many ms. */
export function useWall(every: number): {
  readonly dialog: RefObject<HTMLDialogElement | null>;
  readonly now: Date;
} {
  const dialog = useRef<HTMLDialogElement>(null);
  const [now, setNow] = useState(() => new Date());
  useEffect(() => {
    const e = dialog.current;
    e?.showModal();
    // Not every browser or frame allows it; the view is as large as the window all the same.
    if (document.fullscreenEnabled) void e?.requestFullscreen().catch(() => undefined);
    const tick = setInterval(() => {
      setNow(new Date());
    }, every);
    return () => {
      clearInterval(tick);
      if (document.fullscreenElement) void document.exitFullscreen().catch(() => undefined);
    };
  }, [every]);
  return { dialog, now };
}
