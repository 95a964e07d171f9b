// A day of the calendar.
interface Props {
  readonly label: string;
  /** "2026-11-28", local; none when undefined. */
  readonly value: string | undefined;
  readonly onCommit: (day: string | undefined) => void;
}

/** A day. */
export function DayField({ label, value, onCommit }: Props) {
  return (
    <label className="flex w-44 flex-col">
      <span className="quiet text-sm">{label}</span>
      <input
        type="date"
        className="input"
        value={value ?? ''}
        onChange={(e) => {
          onCommit(e.target.value === '' ? undefined : e.target.value);
        }}
      />
    </label>
  );
}
