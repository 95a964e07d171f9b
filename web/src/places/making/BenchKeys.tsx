// What can be done at the bench, each by a big key on the screen and one on the board.
import { trNodes } from '../../words/trNodes';
import { tr } from '@zanfirico/core/words';
import { Check, type LucideIcon } from 'lucide-react';
import { useEffect, useRef } from 'react';

/** One thing to do. */
export interface Deed {
  /** Its key, small. */
  readonly key: string;
  readonly says: string;
  readonly icon: LucideIcon;
  readonly run: () => void;
}

/** Keys act wherever the focus is, but for where one types. */
export function useKeys(keys: Readonly<Record<string, () => void>>): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const press = (e: KeyboardEvent): void => {
      const from = e.target as HTMLElement;
      if (e.ctrlKey || e.metaKey || e.altKey || /^(INPUT|TEXTAREA|SELECT)$/.test(from.tagName))
        return;
      const run = latest.current[e.key.length === 1 ? e.key.toLowerCase() : e.key];
      if (!run || e.repeat) return;
      e.preventDefault();
      run();
    };
    window.addEventListener('keydown', press);
    return () => {
      window.removeEventListener('keydown', press);
    };
  }, []);
}

interface Props {
  /** Undefined where there is no next step. */
  readonly onNext: (() => void) | undefined;
  readonly deeds: readonly Deed[];
  /** Between taps only what is lit by itself is left: the keys lose their light, not their place. */
  readonly quiet: boolean;
}

export function BenchKeys({ onNext, deeds, quiet }: Props) {
  return (
    <div className="border-base-300 bg-base-100 sticky bottom-0 z-10 grid shrink-0 grid-cols-[minmax(11rem,2fr)_repeat(10,minmax(0,1fr))] gap-2 border-t p-3 max-md:grid-cols-5 max-md:gap-1.5 max-md:p-2">
      <button
        type="button"
        className={`btn h-24 text-2xl max-md:col-span-5 max-md:h-16 ${quiet ? 'btn-outline btn-primary' : 'btn-primary'}`}
        disabled={!onNext}
        onClick={onNext}
      >
        <Check className="size-8" />{' '}
        {trNodes`Next ${(<kbd className="kbd kbd-sm">{tr`Space`}</kbd>)}`}
      </button>
      {deeds.map(({ key, says, icon: Icon, run }) => (
        <button
          key={key}
          type="button"
          className={`btn h-24 flex-col gap-1 px-1 text-base leading-tight max-lg:text-sm max-md:h-14 max-md:text-xs ${quiet ? 'btn-ghost quiet' : 'btn-outline'}`}
          onClick={run}
        >
          <Icon />
          <span>
            {says} <kbd className="kbd kbd-xs max-md:hidden">{key.toUpperCase()}</kbd>
          </span>
        </button>
      ))}
    </div>
  );
}
