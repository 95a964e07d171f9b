// Things in groups by a word each has.

/**
 * By a word, or by each of several, in the order words are met; what has none is left out.
 *
 * @example grouped(['a', 'b', 'a'], (x) => x) // Map { 'a' => ['a', 'a'], 'b' => ['b'] }
 */
export function grouped<T>(
  items: readonly T[],
  word: (item: T) => string | readonly string[] | undefined,
): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const item of items) {
    const said = word(item);
    for (const of of typeof said === 'string' ? [said] : new Set(said ?? [])) {
      const mine = groups.get(of);
      if (mine) mine.push(item);
      else groups.set(of, [item]);
    }
  }
  return groups;
}
