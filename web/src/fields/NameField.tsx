// A short name: never left empty.
interface Props {
  readonly label: string;
  readonly value: string;
  readonly fallback: string;
  readonly onChange: (name: string) => void;
}

/** A name; left empty it falls back. */
export function NameField({ label, value, fallback, onChange }: Props) {
  return (
    <input
      className="input font-display text-xl font-semibold"
      aria-label={label}
      maxLength={40}
      value={value}
      onChange={(e) => {
        onChange(e.target.value);
      }}
      onBlur={() => {
        if (value.trim() === '') onChange(fallback);
      }}
    />
  );
}
