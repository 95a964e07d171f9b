// Whether something on the board is not saved, and its name: all that is asked of the board from outside a piece.
import { create } from 'zustand';

/** The name of the piece with unsaved changes; undefined where there are none. */
export const useUnsavedName = create<{ readonly name: string | undefined }>()(() => ({
  name: undefined,
}));
