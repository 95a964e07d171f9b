// A new piece, asked for over the shelf.
import { Dialog } from '../../shell/Dialog';
import { StartFields, useStarting } from './StartFields';

export function NewPiece({ onClose }: { readonly onClose: () => void }) {
  const starting = useStarting();
  return (
    <Dialog
      title="Start a piece"
      wide
      onClose={onClose}
      onSubmit={starting.start}
      actions={
        <button type="submit" className="btn btn-primary">
          Draw it
        </button>
      }
    >
      <StartFields {...starting} />
    </Dialog>
  );
}
