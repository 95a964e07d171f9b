// Finds pieces for a box by name, and says when more are called so than are listed.
import { Search } from 'lucide-react';
import type { ShelfForBox } from './useShelf';

export function FindOnShelf({ shelf }: { readonly shelf: ShelfForBox }) {
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
        {shelf.more > 0 && `${String(shelf.more)} more: find them by name.`}
        {shelf.pieces.length === 0 &&
          shelf.find !== '' &&
          `Nothing on the shelf is called “${shelf.find}”.`}
      </p>
    </>
  );
}
