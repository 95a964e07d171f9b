// The palette: type what you want to do, or the piece you want to open; arrows choose, Enter does it.
import { tr } from '@zanfirico/core/words';
import { useEffect, useId, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { usePieces } from '../api/queries';
import { matching, useCommands, type Command } from '../stores/commands';

/** So many pieces are offered at most. */
const MOST_PIECES = 8;

export function Palette({
  always,
  onClose,
}: {
  /** What can be done from anywhere. */
  readonly always: readonly Command[];
  readonly onClose: () => void;
}) {
  const [typed, setTyped] = useState('');
  const [at, setAt] = useState(0);
  const dialog = useRef<HTMLDialogElement>(null);
  const id = useId();
  const navigate = useNavigate();
  const lists = useCommands((s) => s.lists);
  const found = usePieces(false, typed.trim());
  useEffect(() => {
    dialog.current?.showModal();
  }, []);
  const shown = useMemo(() => {
    const pieces = (found.data?.pages[0]?.lines ?? []).slice(0, MOST_PIECES).map((p): Command => ({
      says: p.name,
      group: tr`Open`,
      run: () => {
        void navigate(`/pieces/${p.id}/section`);
      },
    }));
    const here = [...Object.values(lists).flat(), ...always];
    // Pieces were found by the shelf already: words of theirs need not be among a command's.
    return [...matching(here, typed), ...pieces];
  }, [lists, always, typed, found.data, navigate]);
  const chosen = Math.min(at, shown.length - 1);
  const close = (): void => dialog.current?.close();
  const run = (command: Command | undefined): void => {
    if (!command) return;
    close();
    command.run();
  };
  const optionId = (i: number): string => `${id}-${String(i)}`;
  useEffect(() => {
    document.getElementById(`${id}-${String(chosen)}`)?.scrollIntoView({ block: 'nearest' });
  }, [id, chosen]);
  return (
    <dialog ref={dialog} className="modal modal-top" aria-label={tr`What to do`} onClose={onClose}>
      <div className="modal-box mx-auto mt-[8vh] w-[min(38rem,94vw)] max-w-none p-0">
        <input
          className="input w-full border-b px-5 py-3 text-xl"
          role="combobox"
          aria-label={tr`What to do, or which piece to open`}
          aria-expanded="true"
          aria-controls={`${id}-list`}
          aria-activedescendant={shown.length > 0 ? optionId(chosen) : undefined}
          autoComplete="off"
          placeholder={tr`What to do, or a piece’s name`}
          value={typed}
          onChange={(e) => {
            setTyped(e.target.value);
            setAt(0);
          }}
          onKeyDown={(e) => {
            const by = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
            if (by !== 0) {
              e.preventDefault();
              setAt((chosen + by + shown.length) % Math.max(1, shown.length));
            }
            if (e.key === 'Enter') {
              e.preventDefault();
              run(shown[chosen]);
            }
          }}
        />
        <div
          id={`${id}-list`}
          role="listbox"
          aria-label={tr`What can be done`}
          className="max-h-[60vh] overflow-y-auto py-1"
        >
          {shown.map((c, i) => (
            <button
              type="button"
              tabIndex={-1}
              key={`${c.group} ${c.says} ${String(i)}`}
              id={optionId(i)}
              role="option"
              aria-selected={i === chosen}
              className={`flex w-full cursor-pointer items-baseline text-left gap-3 border-l-4 px-4 py-1.5 ${i === chosen ? 'border-primary bg-base-300' : 'border-transparent'}`}
              onPointerMove={() => {
                setAt(i);
              }}
              onClick={() => {
                run(c);
              }}
            >
              <span className="quiet w-16 shrink-0 text-sm">{c.group}</span>
              <span className="flex-1">{c.says}</span>
              {c.keys !== undefined && <kbd className="num quiet text-sm">{c.keys}</kbd>}
            </button>
          ))}
        </div>
        {shown.length === 0 && (
          <p className="px-5 py-4" role="status">
            {tr`Nothing is called “${typed}”: neither something to do here nor a piece on the shelf.`}
          </p>
        )}
      </div>
      <form method="dialog" className="modal-backdrop">
        <button type="submit" tabIndex={-1} aria-label={tr`Close`} />
      </form>
    </dialog>
  );
}
