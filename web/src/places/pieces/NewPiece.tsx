// A new piece, asked for over the shelf.
import { tr } from '@zanfirico/core/words';
import { Dialog } from '../../shell/Dialog';
import { StartFields, useStarting } from './StartFields';

export function NewPiece({ onClose }: { readonly onClose: () => void }) {
  const starting = useStarting();
  return (
    <Dialog
      title={tr`Start a piece`}
      wide
      onClose={onClose}
      onSubmit={starting.start}
      actions={<button type="submit" className="btn btn-primary">{tr`Draw it`}</button>}
    >
      <StartFields {...starting} />
    </Dialog>
  );
}
