// Events as they hold: each once, in the order they happened, and without what was taken back.

/** An event as far as its order goes; taken back by another that names it. */
interface Told {
  readonly id: string;
  /** ms */
  readonly at: number;
  readonly kind: string;
}

/**
 * What holds of events told in any order, those met twice once. What was taken back never happened, the taking back is none of them, and
 * may itself be taken back. At one moment they go by their ids, so that every screen has them in one order.
 */
export function holding<E extends Told>(events: readonly E[], by = 'taken back'): E[] {
  const seen = new Set<string>();
  const all = events
    .filter(({ id }) => !seen.has(id) && seen.add(id))
    .sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
  const gone = new Set<string>();
  for (const e of [...all].reverse())
    if (e.kind === by && 'event' in e && !gone.has(e.id)) gone.add(e.event as string);
  return all.filter((e) => e.kind !== by && !gone.has(e.id));
}
