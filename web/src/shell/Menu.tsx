// A small menu that drops from a word: closes on a choice, on Escape, and when something else is touched.
import { useEffect, useRef, type ReactNode } from 'react';

interface Item {
  readonly says: string;
  /** A heading it stands under, with those beside it that have the same. */
  readonly group?: string;
  readonly disabled?: boolean;
  readonly run: () => void;
}

export function Menu({
  label,
  items,
  named,
  end = false,
}: {
  readonly label: ReactNode;
  /** What it is called where its label does not say it all. */
  readonly named?: string;
  readonly items: readonly Item[];
  /** Drops to the left, for menus at the right edge. */
  readonly end?: boolean;
}) {
  const menu = useRef<HTMLDetailsElement>(null);
  const close = (): void => {
    if (menu.current) menu.current.open = false;
  };
  useEffect(() => {
    const elsewhere = (event: Event): void => {
      if (menu.current?.open === true && !menu.current.contains(event.target as Node))
        menu.current.open = false;
    };
    const escape = (event: KeyboardEvent): void => {
      if (event.key === 'Escape' && menu.current?.open === true) {
        menu.current.open = false;
        menu.current.querySelector('summary')?.focus();
      }
    };
    document.addEventListener('pointerdown', elsewhere);
    document.addEventListener('focusin', elsewhere);
    document.addEventListener('keydown', escape);
    return () => {
      document.removeEventListener('pointerdown', elsewhere);
      document.removeEventListener('focusin', elsewhere);
      document.removeEventListener('keydown', escape);
    };
  }, []);
  return (
    <details ref={menu} className={`dropdown ${end ? 'dropdown-end' : ''}`}>
      <summary className="btn btn-ghost btn-sm" aria-label={named}>
        {label}
      </summary>
      <ul className="menu dropdown-content bg-base-100 border-base-300 z-30 mt-1 max-h-[70vh] w-64 flex-nowrap overflow-y-auto border p-1 text-base shadow-xl">
        {items.map((item, i) => (
          <li key={`${item.group ?? ''} ${item.says}`}>
            {item.group !== undefined && item.group !== items[i - 1]?.group && (
              <span className="quiet pointer-events-none pt-2 pb-0 text-sm">{item.group}</span>
            )}
            <button
              type="button"
              disabled={item.disabled}
              onClick={() => {
                close();
                item.run();
              }}
            >
              {item.says}
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
