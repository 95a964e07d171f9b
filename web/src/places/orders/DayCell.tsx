// How many of an order on one day: planned, or put there by hand. Arrows move between days.
import { tr } from '@zanfirico/core/words';
import { useState } from 'react';

interface Props {
  readonly label: string;
  readonly count: number;
  /** Put there by hand; undefined where it is planned. */
  readonly pinned: number | undefined;
  readonly due: boolean;
  /** Undefined: plan it again. */
  readonly onPin: (count: number | undefined) => void;
}

const MOST = 1000;

export function DayCell({ label, count, pinned, due, onPin }: Props) {
  const [typed, setTyped] = useState<string>();
  const text = pinned !== undefined ? String(pinned) : count > 0 ? String(count) : '';
  const commit = (): void => {
    if (typed === undefined) return;
    const t = typed.trim();
    setTyped(undefined);
    if (t === '') {
      if (pinned !== undefined) onPin(undefined);
      return;
    }
    const n = Number(t);
    if (Number.isInteger(n) && n >= 0 && n <= MOST && t !== text) onPin(n);
  };
  return (
    <span className="relative block">
      <input
        inputMode="numeric"
        aria-label={`${label}${pinned === undefined ? '' : tr`, by hand`}${due ? tr`, due` : ''}`}
        className={`num h-12 w-full min-w-12 border-0 bg-transparent text-center text-xl focus:outline-2 focus:outline-(--color-primary) ${pinned === undefined ? '' : 'text-primary font-bold'}`}
        value={typed ?? text}
        onChange={(e) => {
          setTyped(e.target.value);
        }}
        onFocus={(e) => {
          e.target.select();
        }}
        onBlur={commit}
        onKeyDown={(e) => {
          if (e.key === 'Enter') commit();
          if (e.key === 'Escape') setTyped(undefined);
        }}
      />
      {pinned !== undefined && (
        <span className="pointer-events-none absolute right-1 bottom-0 text-xs" aria-hidden="true">
          {tr`by hand`}
        </span>
      )}
      {due && (
        <span className="pointer-events-none absolute top-0 right-1 text-xs" aria-hidden="true">
          {tr`due`}
        </span>
      )}
    </span>
  );
}
