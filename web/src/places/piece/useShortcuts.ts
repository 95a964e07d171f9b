// Keys that work anywhere inside a piece: save, undo, redo, close the why.
import { useHotkeys } from 'react-hotkeys-hook';
import { useWhy } from '../../stores/asked';
import { useDraft } from '../../stores/draft';

/** Inside a field a key is the field's own, but for saving, which reads the field first. */
export function useShortcuts(save: () => void): void {
  useHotkeys(
    'mod+s',
    () => {
      const field = document.activeElement;
      if (field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement) field.blur();
      save();
    },
    { enableOnFormTags: true, preventDefault: true },
    [save],
  );
  useHotkeys(
    'mod+z',
    () => {
      useDraft.temporal.getState().undo();
    },
    { enableOnFormTags: ['select'], preventDefault: true },
  );
  useHotkeys(
    ['mod+y', 'mod+shift+z'],
    () => {
      useDraft.temporal.getState().redo();
    },
    { enableOnFormTags: ['select'], preventDefault: true },
  );
  useHotkeys('escape', () => {
    useWhy.getState().close();
  });
}
