// Jackson's bound of one machine whose tasks may be interrupted.
import { EPS } from './problem';

/**
 * No shorter than this can one thing do the tasks `ids`, each `d` s long, begun no earlier than its head and followed by its tail
 * (Jackson's preemptive schedule; Carlier 1982). s
 */
export function jackson(
  ids: readonly number[],
  d: readonly number[],
  head: Float64Array,
  tail: Float64Array,
): number {
  const left = ids.map((i) => d[i] as number);
  const order = ids
    .map((_, k) => k)
    .sort((a, b) => (head[ids[a] as number] as number) - (head[ids[b] as number] as number));
  let t = 0;
  let bound = 0;
  let next = 0;
  const ready: number[] = [];
  for (;;) {
    while (
      next < order.length &&
      (head[ids[order[next] as number] as number] as number) <= t + EPS
    ) {
      ready.push(order[next] as number);
      next += 1;
    }
    if (ready.length === 0) {
      if (next >= order.length) return bound;
      t = head[ids[order[next] as number] as number] as number;
      continue;
    }
    let at = 0;
    for (let k = 1; k < ready.length; k += 1)
      if (
        (tail[ids[ready[k] as number] as number] as number) >
        (tail[ids[ready[at] as number] as number] as number)
      )
        at = k;
    const k = ready[at] as number;
    const until =
      next < order.length ? (head[ids[order[next] as number] as number] as number) : Infinity;
    const run = Math.min(left[k] as number, until - t);
    t += run;
    left[k] = (left[k] as number) - run;
    if (left[k] <= EPS) {
      ready.splice(at, 1);
      bound = Math.max(bound, t + (tail[ids[k] as number] as number));
    }
  }
}
