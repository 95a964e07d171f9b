// A sheet over the work: one title, closed by Escape, by its cross, or when its work is done.
import { tr } from '@zanfirico/core/words';
import { X } from 'lucide-react';
import { useEffect, useId, useRef, type ReactNode } from 'react';

interface Props {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
  /** What to press besides leaving it. */
  readonly actions?: ReactNode;
  /** What leaving it says. */
  readonly leave?: string;
  /** Room for two things side by side. */
  readonly wide?: boolean;
  /** The whole is a form, sent by Enter or by the submit button among the actions. */
  readonly onSubmit?: () => void;
}

export function Dialog(props: Props) {
  const { title, onClose, children, actions, leave = tr`Not now`, wide = false, onSubmit } = props;
  const dialog = useRef<HTMLDialogElement>(null);
  const id = useId();
  useEffect(() => {
    dialog.current?.showModal();
  }, []);
  const Body = onSubmit ? 'form' : 'div';
  return (
    <dialog ref={dialog} className="modal" aria-labelledby={id} onClose={onClose}>
      <Body
        className={`modal-box ${wide ? 'w-[min(52rem,94vw)]' : 'w-[min(44rem,94vw)]'}`}
        {...(onSubmit && {
          onSubmit: (e: React.SyntheticEvent) => {
            e.preventDefault();
            onSubmit();
          },
        })}
      >
        <div className="flex items-start justify-between">
          <h2 id={id} className="text-3xl">
            {title}
          </h2>
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label={tr`Close: ${title}`}
            onClick={() => dialog.current?.close()}
          >
            <X className="size-4" />
          </button>
        </div>
        {children}
        <div className="modal-action mt-5 gap-2">
          <button type="button" className="btn btn-ghost" onClick={() => dialog.current?.close()}>
            {leave}
          </button>
          {actions}
        </div>
      </Body>
    </dialog>
  );
}
