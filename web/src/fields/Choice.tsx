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

/** One of a few, side by side. */
export function Choice<T extends string>(props: Props<T>) {
  const { legend, options, value, hideLegend, onChange } = props;
  return (
    <fieldset className="fieldset">
      <legend className={hideLegend === true ? 'sr-only' : 'fieldset-legend'}>{legend}</legend>
      <div className="tabs tabs-border">
        {options.map((o) => (
          <label key={o.value} className="tab">
            <input
              type="radio"
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
