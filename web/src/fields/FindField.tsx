// Where one types a name to find something by.
import { Search } from 'lucide-react';

interface Props {
  /** What is found, for screen readers. */
  readonly label: string;
  readonly placeholder: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** How wide it is; all there is room for when left out. */
  readonly wide?: string;
  readonly className?: string;
}

/** Words to find something by. */
export function FindField(props: Props) {
  const { label, placeholder, value, onChange, wide = 'w-full', className = '' } = props;
  return (
    <label className={`flex items-center gap-2 ${className}`}>
      <Search className="quiet size-4 shrink-0" aria-hidden="true" />
      <span className="sr-only">{label}</span>
      <input
        className={`input ${wide}`}
        placeholder={placeholder}
        value={value}
        onChange={(e) => {
          onChange(e.target.value);
        }}
      />
    </label>
  );
}
