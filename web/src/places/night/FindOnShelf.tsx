// Finds pieces for a box by name, and says when more are called so than are listed.
import { tr } from '@zanfirico/core/words';
import { FindField } from '../../fields/FindField';
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
      <FindField
        label={tr`Find a piece for the box`}
        placeholder={tr`Find by name`}
        value={shelf.find}
        onChange={shelf.setFind}
        wide="input-sm w-full"
      />
      <p className="quiet text-sm" aria-live="polite">
        {unseen > 0 && tr`${unseen} more on the shelf: find them by name.`}
        {shelf.found.length === 0 &&
          shelf.find !== '' &&
          (shelf.none
            ? tr`Nothing on the shelf is called “${shelf.find}”.`
            : tr`What is called so is in already.`)}
      </p>
    </>
  );
}
