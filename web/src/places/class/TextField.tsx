// A line of words, kept when it is left or Enter is pressed; Escape takes it back.
import { useState } from 'react';

interface Props {
  readonly label: string;
  /** The label is for screen readers only. */
  readonly bare?: boolean;
  readonly value: string;
  readonly most: number;
  /** What an empty one shows; without it none is left empty. */
  readonly empty?: string;
  readonly onCommit: (value: string) => void;
}

export function LessonText({ label, bare = false, value, most, empty, onCommit }: Props) {
  const [typed, setTyped] = useState<string>();
  const leave = (): void => {
    if (typed !== undefined && typed !== value && (typed.trim() !== '' || empty !== undefined))
      onCommit(typed.trim());
    setTyped(undefined);
  };
  return (
    <label className="flex min-w-0 flex-1 flex-col">
      <span className={bare ? 'sr-only' : 'quiet text-sm'}>{label}</span>
      <input
        className="input w-full"
        value={typed ?? value}
        maxLength={most}
        placeholder={empty}
        onChange={(e) => {
          setTyped(e.target.value);
        }}
        onBlur={leave}
        onKeyDown={(e) => {
          if (e.key === 'Enter') e.currentTarget.blur();
          if (e.key === 'Escape') setTyped(undefined);
        }}
      />
    </label>
  );
}
