// Keys that work anywhere inside a piece: save, undo, redo, close the why.
import { useHotkeys } from 'react-hotkeys-hook';
import { useWhy } from '../../stores/asked';
import { useDraft } from '../../stores/draft';

/**
 * In a field with something half typed undo is the field's own; in one that was taken it is the drawing's, and the field goes with it.
 * Fields of ours say which they are.
 */
const fieldsOwn = (event: Event): boolean =>
  (event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement) &&
  event.target.dataset['typed'] !== 'no';

/** Inside a field a key is the field's own, but for saving, which reads the field first, and undo where nothing is half typed. */
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
    { enableOnFormTags: true, preventDefault: true, ignoreEventWhen: fieldsOwn },
  );
  useHotkeys(
    ['mod+y', 'mod+shift+z'],
    () => {
      useDraft.temporal.getState().redo();
    },
    { enableOnFormTags: true, preventDefault: true, ignoreEventWhen: fieldsOwn },
  );
  useHotkeys('escape', () => {
    useWhy.getState().close();
  });
}
