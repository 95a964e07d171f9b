// Keys that work anywhere inside a piece: save, undo, redo, close the why.
import { useEffect } from 'react';
import { useDraft } from '../../stores/draft';
import { useWhy } from '../../stores/asked';

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;

export function useShortcuts(save: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const command = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      if (command && key === 's') {
        event.preventDefault();
        // A field being typed in is read first.
        if (typing(event.target)) (event.target as HTMLElement).blur();
        save();
      } else if (command && (key === 'z' || key === 'y') && !typing(event.target)) {
        event.preventDefault();
        const history = useDraft.temporal.getState();
        if (key === 'y' || event.shiftKey) history.redo();
        else history.undo();
      } else if (event.key === 'Escape' && !typing(event.target)) useWhy.getState().close();
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [save]);
}
