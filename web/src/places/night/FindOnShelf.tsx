// Finds pieces for a box by name, and says when more are called so than are listed.
import { Search } from 'lucide-react';
import type { ShelfForBox } from './useShelf';

export function FindOnShelf({
  shelf,
  unseen,
}: {
  readonly shelf: ShelfForBox;
  /** How many more there are than are listed. */
  readonly unseen: number;
}) {
  return (
    <>
      <label className="flex items-center gap-2">
        <Search className="quiet size-4 shrink-0" aria-hidden="true" />
        <span className="sr-only">Find a piece for the box</span>
        <input
          className="input input-sm w-full"
          placeholder="Find by name"
          value={shelf.find}
          onChange={(e) => {
            shelf.setFind(e.target.value);
          }}
        />
      </label>
      <p className="quiet text-sm" aria-live="polite">
        {unseen > 0 && `${String(unseen)} more on the shelf: find them by name.`}
        {shelf.found.length === 0 &&
          shelf.find !== '' &&
          (shelf.none
            ? `Nothing on the shelf is called “${shelf.find}”.`
            : 'What is called so is in already.')}
      </p>
    </>
  );
}
