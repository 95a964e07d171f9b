// Edits of the kiln's part of the piece on the board; each is one undo.
import type { KilnFiring, KilnWork, Laid } from '@zanfirico/contract/kiln';
import { withChanges, type Changes } from '@zanfirico/core/edits';
import { editPiece } from '../../../stores/draft';

/** Edits what is laid and fired. */
export const changeKiln = (edit: (kiln: KilnWork) => KilnWork): void => {
  editPiece((d) => (d.kiln ? { ...d, kiln: edit(d.kiln) } : d));
};

/** Changes one thing laid. */
export const changeLaid = (id: string, change: Changes<Laid>): void => {
  changeKiln((k) => ({
    ...k,
    laid: k.laid.map((l) => (l.id === id ? withChanges(l, change) : l)),
  }));
};

/** Changes one firing. */
export const changeFiring = (at: number, change: Changes<KilnFiring>): void => {
  changeKiln((k) => ({
    ...k,
    firings: k.firings.map((f, i) => (i === at ? withChanges(f, change) : f)),
  }));
};

/** An id nothing laid has yet. */
export const freshId = ({ laid }: KilnWork): string => {
  const taken = new Set(laid.map((l) => l.id));
  for (let n = laid.length + 1; ; n += 1) if (!taken.has(`l${String(n)}`)) return `l${String(n)}`;
};
