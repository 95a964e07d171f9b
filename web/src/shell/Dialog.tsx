// A sheet over the work: one title, closed by Escape, by its cross, or when its work is done.
import { X } from 'lucide-react';
import { useEffect, useId, useRef, type ReactNode } from 'react';

interface Props {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
  readonly actions?: ReactNode;
}

export function Dialog({ title, onClose, children, actions }: Props) {
  const dialog = useRef<HTMLDialogElement>(null);
  const id = useId();
  useEffect(() => {
    dialog.current?.showModal();
  }, []);
  return (
    <dialog
      ref={dialog}
      className="bg-base-100 text-base-content m-auto w-[min(44rem,94vw)] p-0 backdrop:bg-black/60"
      aria-labelledby={id}
      onClose={onClose}
    >
      <div className="px-7 py-5">
        <div className="flex items-start justify-between">
          <h2 id={id} className="text-3xl">
            {title}
          </h2>
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label={`Close: ${title}`}
            onClick={() => dialog.current?.close()}
          >
            <X className="size-4" />
          </button>
        </div>
        {children}
        <div className="mt-5 flex justify-end gap-2">
          <button type="button" className="btn btn-ghost" onClick={() => dialog.current?.close()}>
            Not now
          </button>
          {actions}
        </div>
      </div>
    </dialog>
  );
}
