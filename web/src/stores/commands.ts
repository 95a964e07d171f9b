// What can be done from where one is: places put their commands up while they are open, the palette shows them all.
import { useEffect } from 'react';
import { create } from 'zustand';
import { withOne } from './withOne';

/** One thing to do, by name. */
export interface Command {
  readonly says: string;
  /** Where it is found otherwise: "Place", "Piece", "Units" … */
  readonly group: string;
  /** Its keys, as they are written on them. */
  readonly keys?: string;
  readonly run: () => void;
}

interface Commands {
  readonly lists: Readonly<Record<string, readonly Command[]>>;
  readonly put: (owner: string, list: readonly Command[]) => void;
  readonly take: (owner: string) => void;
}

/** What can be done from here. */
export const useCommands = create<Commands>()((set) => ({
  lists: {},
  put: (owner, list) => {
    set(({ lists }) => ({ lists: withOne(lists, owner, list) }));
  },
  take: (owner) => {
    set(({ lists }) => ({ lists: withOne(lists, owner, undefined) }));
  },
}));

/** Puts a place's commands up for as long as it is open. Keep the list in a memo. */
export function useOffers(owner: string, list: readonly Command[]): void {
  useEffect(() => {
    useCommands.getState().put(owner, list);
    return () => {
      useCommands.getState().take(owner);
    };
  }, [owner, list]);
}

/**
 * Those that hold every word typed, in their own order; those whose name begins with it first.
 *
 * @example matching(all, 'rev') // "Revisions" before "Undo the revision"
 */
export function matching<C extends Pick<Command, 'says' | 'group'>>(
  commands: readonly C[],
  typed: string,
): readonly C[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const told = commands.filter((c) => {
    const text = `${c.group} ${c.says}`.toLowerCase();
    return words.every((w) => text.includes(w));
  });
  const first = words.join(' ');
  const begins = (c: C): boolean => first !== '' && c.says.toLowerCase().startsWith(first);
  return [...told.filter(begins), ...told.filter((c) => !begins(c))];
}
