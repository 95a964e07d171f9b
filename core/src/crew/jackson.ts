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
  const left = ids.map((i) => d[i]);
  const order = ids.map((_, k) => k).sort((a, b) => head[ids[a]] - head[ids[b]]);
  let t = 0;
  let bound = 0;
  let next = 0;
  const ready: number[] = [];
  for (;;) {
    while (next < order.length && head[ids[order[next]]] <= t + EPS) {
      ready.push(order[next]);
      next += 1;
    }
    if (ready.length === 0) {
      if (next >= order.length) return bound;
      t = head[ids[order[next]]];
      continue;
    }
    let at = 0;
    for (let k = 1; k < ready.length; k += 1)
      if (tail[ids[ready[k]]] > tail[ids[ready[at]]]) at = k;
    const k = ready[at];
    const until = next < order.length ? head[ids[order[next]]] : Infinity;
    const run = Math.min(left[k], until - t);
    t += run;
    left[k] = left[k] - run;
    if (left[k] <= EPS) {
      ready.splice(at, 1);
      bound = Math.max(bound, t + tail[ids[k]]);
    }
  }
}
