// Choosing one of a few: every choice in sight, as a row of words.
interface Option<T extends string> {
  readonly value: T;
  readonly label: string;
  readonly note?: string;
}

interface Props<T extends string> {
  readonly legend: string;
  readonly options: readonly Option<T>[];
  readonly value: T;
  readonly hideLegend?: boolean;
  readonly onChange: (value: T) => void;
}

export function Choice<T extends string>(props: Props<T>) {
  const { legend, options, value, hideLegend, onChange } = props;
  return (
    <fieldset className="min-w-0">
      <legend className={hideLegend === true ? 'sr-only' : 'quiet text-sm'}>{legend}</legend>
      <div className="flex flex-wrap gap-x-1 gap-y-1">
        {options.map((o) => (
          <label
            key={o.value}
            className={`has-focus-visible:outline-primary cursor-pointer border-b-2 px-2 py-1 has-focus-visible:outline-2 ${
              o.value === value
                ? 'border-primary bg-base-300/50 font-bold'
                : 'hover:border-base-300 border-transparent'
            }`}
          >
            <input
              type="radio"
              className="sr-only"
              name={legend}
              value={o.value}
              checked={o.value === value}
              onChange={() => {
                onChange(o.value);
              }}
            />
            {o.label}
            {o.note !== undefined && <span className="quiet ml-1 font-normal">{o.note}</span>}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
