// A note or a reading, typed without leaving the step.
import { readQuantity, type DisplayUnits } from '@zanfirico/core/units';
import { tr } from '@zanfirico/core/words';
import { useEffect, useRef, useState } from 'react';

/** A reading typed in any unit: a length, a weight or a temperature; a sentence where it is none. */
export function readingOf(
  says: string,
  units: DisplayUnits,
): { readonly of: 'length' | 'mass' | 'temperature'; readonly value: number } | string {
  for (const kind of ['length', 'mass', 'temperature'] as const) {
    // A bare number could be any of them.
    if (!/[a-z°"']/i.test(says)) break;
    const read = readQuantity(says, kind, units);
    if (read.ok) return { of: kind, value: read.value };
  }
  return tr`“${says}” is no reading: give a number with its unit, like 52 mm, 310 g or 980 C.`;
}

export function Noting({
  what,
  onDone,
  onStopped,
}: {
  readonly what: 'note' | 'reading';
  readonly onDone: (says: string) => void;
  /** It stopped moving: as good as a reading of its heat. */
  readonly onStopped: () => void;
}) {
  const [says, setSays] = useState('');
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    field.current?.focus();
  }, []);
  return (
    <form
      className="border-base-300 flex gap-2 border-t p-3"
      onSubmit={(e) => {
        e.preventDefault();
        onDone(says.trim());
      }}
    >
      <input
        ref={field}
        className="input flex-1 text-lg"
        aria-label={what === 'note' ? tr`A note` : tr`A reading`}
        placeholder={
          what === 'note' ? tr`What should be remembered` : tr`With its unit: 52 mm, 310 g, 980 C`
        }
        maxLength={500}
        value={says}
        onChange={(e) => {
          setSays(e.target.value);
        }}
        onKeyDown={(e) => {
          if (e.key === 'Escape') onDone('');
        }}
      />
      <button type="submit" className="btn btn-primary">{tr`Keep it`}</button>
      {what === 'reading' && (
        <button type="button" className="btn btn-outline" onClick={onStopped}>
          {tr`It stopped moving`}
        </button>
      )}
    </form>
  );
}
