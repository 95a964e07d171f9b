/** A list by name with this one set, or, set to nothing, without it. */
export function withOne<V>(
  all: Readonly<Record<string, V>>,
  key: string,
  value: V | undefined,
): Readonly<Record<string, V>> {
  const others = Object.fromEntries(Object.entries(all).filter(([k]) => k !== key));
  return value === undefined ? others : { ...others, [key]: value };
}
