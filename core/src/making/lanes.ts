// Whose turn a step is: the lead's lane, in which one step follows another, and beside it the lanes of who helps.
import type { Person } from '@zanfirico/contract/order';
import { share } from '../crew/share';
import { areOne, eachApart, joinOf, unite } from '../work/joined';
import { factsOf, onTheClock, type WorkStep } from '../work/facts';

/** Steps that share less time than this do not run side by side, s. */
const TOUCH = 0.5;

/** Who leads each step, by the step's place; undefined where nobody is named. */
export type Leads = readonly (string | undefined)[];

/**
 * The lane of each step: 0 is the lead's, in which one follows another; a screen nobody else taps on goes through it alone. It has what
 * the lead does, or without a crew's plan what is done to the main part; and of the rest whatever does not run beside that. Who helps
 * has a lane each.
 */
export function lanesOf(
  steps: readonly WorkStep[],
  starts: readonly number[],
  main: number,
  leads: Leads = [],
): number[] {
  const onMain = onMainPart(steps, main);
  const named = leads.some((l) => l !== undefined);
  const most = new Map<string, number>();
  steps.forEach((_, i) => {
    const who = leads[i];
    if (who !== undefined) most.set(who, (most.get(who) ?? 0) + (onMain[i] === true ? 1000 : 1));
  });
  const people = [...most].sort((a, b) => b[1] - a[1]).map(([who]) => who);
  const span = (i: number): readonly [number, number] => [
    starts[i] ?? 0,
    (starts[i] ?? 0) + Math.max(0, steps[i]?.seconds ?? 0),
  ];
  const lanes: number[] = steps.map((_, i) =>
    (named ? leads[i] === people[0] : onMain[i] === true) ? 0 : -1,
  );
  const led = steps.flatMap((s, i) => (lanes[i] === 0 && onTheClock(s) ? [span(i)] : []));
  const order = steps.map((_, i) => i).sort((a, b) => (starts[a] ?? 0) - (starts[b] ?? 0) || a - b);
  for (const i of order) {
    if (lanes[i] === 0) continue;
    const [from, to] = span(i);
    const beside = led.some(([a, b]) => Math.min(b, to) - Math.max(a, from) > TOUCH);
    lanes[i] = beside ? Math.max(1, people.indexOf(leads[i] ?? '')) : 0;
    if (!beside) led.push([from, to]);
  }
  return lanes;
}

/** Which steps are done to the main part, or to what hangs on it by then; a helper's own hands are not. */
function onMainPart(steps: readonly WorkStep[], main: number): boolean[] {
  const groups = eachApart(1 + steps.reduce((most, s) => Math.max(most, s.part, s.to ?? -1), main));
  return steps.map((s) => {
    const join = joinOf(s);
    const ofIt =
      factsOf(s).off !== 'beside' &&
      (areOne(groups, s.part, main) || (join !== undefined && areOne(groups, join.to, main)));
    if (join) unite(groups, join.part, join.to);
    return ofIt;
  });
}

/** Everybody's lane and hands. */
export interface WhoDoes {
  readonly lanes: readonly number[];
  /** By id, who leads it first. */
  readonly hands: readonly (readonly string[])[];
}

/** Who does what of those who are here: as the crew was planned, else the lead and one who helps, by the clock. */
export function whoDoes(
  steps: readonly WorkStep[],
  starts: readonly number[],
  main: number,
  people: readonly Person[],
  planned?: readonly (readonly string[])[],
): WhoDoes {
  const leads = ({ skills }: Person): boolean =>
    skills.includes('gaff') || skills.includes('torch');
  const lead = people.find(leads) ?? people[0];
  const helper = people.find((p) => p !== lead);
  if (!helper)
    return { lanes: steps.map(() => 0), hands: steps.map(() => (lead ? [lead.id] : [])) };
  if (planned)
    return {
      lanes: lanesOf(
        steps,
        starts,
        main,
        planned.map((h) => h[0]),
      ),
      hands: planned,
    };
  const lanes = lanesOf(steps, starts, main);
  const { hands } = share(steps, people, 'one leads');
  return {
    lanes,
    hands: steps.map((_, i) => {
      const first = lanes[i] === 0 ? lead : helper;
      const others = (hands[i] ?? []).slice(1).flatMap((h) => h.person ?? []);
      return [...new Set([...(first ? [first.id] : []), ...others])];
    }),
  };
}
