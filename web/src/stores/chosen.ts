// Choosing several of a list: points of a profile, steps of an order. Places from 0.

/** Nothing chosen. */
export const NONE: readonly number[] = [];

/** What is chosen once `to` was: one more or less, or all from the one in hand; a first choice takes the one in hand with it. */
export function chosenWith(
  several: readonly number[],
  inHand: number | undefined,
  to: number,
  how: 'one' | 'through',
): readonly number[] {
  const before = several.length > 0 || inHand === undefined ? several : [inHand];
  if (how === 'through') {
    const [low, high] = [Math.min(inHand ?? to, to), Math.max(inHand ?? to, to)];
    const run = Array.from({ length: high - low + 1 }, (_, i) => low + i);
    return [...new Set([...before, ...run])];
  }
  return several.includes(to) ? several.filter((i) => i !== to) : [...new Set([...before, to])];
}
