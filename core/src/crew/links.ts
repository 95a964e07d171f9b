// An order of work as tasks and waits, the same for every crew.
import type { HeatPart } from '../iron/hotShop';
import { eachApart, joinOf, unite } from '../work/joined';
import { begins, factsOf, onTheClock, type WorkStep } from '../work/facts';
import type { Link } from './problem';

/** Waits may grow by so much beyond what the heats were placed for, s. */
const SLACK = 3;
/** A punty or a bit that was made ready keeps so long, s. Common practice, no source. */
const KEEPS = 20;
/** Nothing that is hot waits on these, or what waits is kept warm. */
const PATIENT = new Set<string>(['park', 'box']);

/**
 * The order as tasks and waits; the same for every crew. `clock` are starts the heats were placed for: glass that waited then
 * may wait as long again.
 */
export function linksOf(
  steps: readonly WorkStep[],
  parts: readonly HeatPart[],
  clock: readonly number[],
): Link[] {
  const gap = (from: number, to: number): number =>
    Math.max(0, clock[to] - clock[from] - Math.max(0, steps[from]?.seconds ?? 0));
  const links: Link[] = [];
  const last = new Map<number, number>();
  const groups = eachApart(parts.length);
  // What a helper makes ready for a piece, until the step it is for.
  let ready: number[] = [];
  const begun = new Set<number>();
  let cut: number | undefined;
  steps.forEach((s, i) => {
    const facts = factsOf(s);
    const mine = groups[s.part] ?? s.part;
    if (!onTheClock(s)) return;
    if (facts.off === 'beside') {
      ready = [...ready, i];
      return;
    }
    const isFor = (k: number): boolean => groups[steps[k]?.part ?? -1] === mine;
    for (const k of ready.filter(isFor))
      links.push({ from: k, to: i, least: 0, most: KEEPS + gap(k, i) });
    ready = ready.filter((k) => !isFor(k));
    const before = last.get(mine);
    if (before !== undefined) {
      const from = steps[before];
      const patient = !begun.has(mine) || PATIENT.has(factsOf(from).does);
      links.push({
        from: before,
        to: i,
        least: 0,
        ...(!patient && { most: gap(before, i) + SLACK }),
      });
    }
    if (begins(s)) begun.add(mine);
    // A length waits in the garage from when it was cut.
    if (facts.does === 'pick' && cut !== undefined) links.push({ from: cut, to: i, least: 0 });
    if (s.kind === 'cutLengths') cut = i;
    const theirs = groups[joinOf(s)?.to ?? -1];
    if (theirs !== undefined && s.to !== undefined) {
      const other = last.get(theirs);
      if (other !== undefined && theirs !== mine) {
        links.push({ from: other, to: i, least: 0, most: gap(other, i) + SLACK });
      }
      unite(groups, s.part, s.to);
      last.set(theirs, i);
      begun.add(theirs);
      return;
    }
    last.set(mine, i);
  });
  return links;
}
