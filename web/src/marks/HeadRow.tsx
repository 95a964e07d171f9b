// The headings of a table of figures: the first and the named ones to the left, the others over their numbers.
interface Props {
  readonly columns: readonly string[];
  /** Columns besides the first that read from the left. */
  readonly left?: readonly string[];
}

/** The head of a table. */
export function HeadRow({ columns, left = [] }: Props) {
  return (
    <thead>
      <tr className="quiet border-base-300 border-b text-right text-sm">
        {columns.map((name, i) =>
          name === '' ? (
            <td key={name} />
          ) : (
            <th
              key={name}
              scope="col"
              className={`font-normal ${i === 0 ? 'text-left' : left.includes(name) ? 'pl-4 text-left' : ''}`}
            >
              {name}
            </th>
          ),
        )}
      </tr>
    </thead>
  );
}
